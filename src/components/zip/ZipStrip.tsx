import type { Move, Segmentation } from "../../core/light.ts";
import { layoutZip, type ZipColumns } from "./layout.ts";

export interface ZipChange {
  readonly kind: Move;
  /** Unit of this word that came, or, for taken away, the unit before which one has gone. */
  readonly unit: number;
}

interface Props {
  readonly word: Segmentation;
  readonly columns?: ZipColumns | undefined;
  /** Height of the letters in pixels. */
  readonly size: number;
  readonly change?: ZipChange | undefined;
  /** How many teeth are closed from the left; undefined: all, without a slider. */
  readonly closed?: number | undefined;
  readonly faint?: boolean;
  readonly onPressUnit?: ((unit: number) => void) | undefined;
  readonly pressed?: number | undefined;
}

const TAPE_GAP = 0.62;
const OPEN_DROP = 0.75;

/** A word over its zip: one tooth a unit, the thread of a split digraph under the letter between. */
export function ZipStrip({ word, columns, size, change, closed, faint, onPressUnit, pressed }: Props) {
  const { cells, width } = layoutZip(word, columns);
  const px = (ems: number) => Math.round(ems * size * 10) / 10;
  const thin = Math.max(2, size / 22);
  const top = px(1.42);
  const depth = px(0.34);
  const bottom = top + px(TAPE_GAP);
  const from = px(cells[0]?.x ?? 0);
  const to = px(width);
  const height = bottom + px(closed === undefined ? 0.25 : OPEN_DROP + 0.35);
  const ink = faint ? "#8b8a88" : "var(--color-ink)";
  const accent = faint ? ink : "var(--color-change)";
  const isChanged = (unit: number) => change !== undefined && change.kind !== "take-away" && change.unit === unit;
  const shutUntil = closed === undefined || closed >= cells.length ? to : px(cells[closed]?.x ?? 0);
  const boundary = (unit: number) => px(cells[unit]?.x ?? width);

  return (
    <svg
      width={to + thin * 2}
      height={height}
      viewBox={`${-thin} 0 ${to + thin * 2} ${height}`}
      role="img"
      aria-label={word.units.map((unit) => unit.grapheme).join(" · ")}
      style={{ overflow: "visible", fontFamily: "var(--font-learner)", maxWidth: "none" }}
    >
      <line x1={from} x2={to} y1={top} y2={top} stroke={ink} strokeWidth={thin * 1.2} strokeLinecap="round" />
      <LowerTape from={from} to={to} y={bottom} shutUntil={shutUntil} drop={px(OPEN_DROP)} stroke={thin} faint={faint} />
      {cells.slice(1).map((cell) => {
        const x = px(cell.x);
        if (x > shutUntil) return null;
        const w = px(0.13);
        return (
          <path
            key={cell.unit}
            d={`M${x - w} ${bottom} v${-px(0.2)} q0 ${-px(0.12)} ${w} ${-px(0.12)} t${w} ${px(0.12)} v${px(0.2)} z`}
            fill="var(--color-tape)"
            opacity={faint ? 0.5 : 1}
          />
        );
      })}
      {cells.map((cell) => {
        const changed = isChanged(cell.unit);
        const centre = px(cell.x + cell.width / 2);
        const half = px(cell.width / 2 - 0.22);
        const slope = px(0.09);
        const color = changed ? accent : ink;
        const tail = cell.tail && px(cell.tail.x + cell.tail.width / 2);
        return (
          <g key={cell.unit}>
            {tail !== undefined && (
              <path
                d={`M${centre} ${top + depth} C ${centre + px(0.4)} ${bottom + px(0.42)}, ${tail - px(0.1)} ${bottom + px(0.32)}, ${tail} ${top}`}
                fill="none"
                stroke={color}
                strokeWidth={thin}
              />
            )}
            {tail !== undefined && <circle cx={tail} cy={top} r={thin * 1.9} fill={color} />}
            <path
              d={`M${centre - half} ${top} h${half * 2} l${-slope} ${depth - px(0.06)} q${-px(0.02)} ${px(0.06)} ${-px(0.09)} ${px(0.06)} h${-(half * 2 - slope * 2 - px(0.18))} q${-px(0.07)} 0 ${-px(0.09)} ${-px(0.06)} z`}
              fill={color}
            />
            {changed && (
              <path
                d={`M${centre - half - thin} ${top - px(0.26)} v${px(0.18)} h${(half + thin) * 2} v${-px(0.18)}`}
                fill="none"
                stroke={accent}
                strokeWidth={thin * 1.2}
              />
            )}
            {changed && change?.kind === "add" && <GapMark x={centre} y={bottom} size={px(0.16)} />}
            <Letters text={cell.letters} x={centre} size={size} color={color} bold={changed} />
            {tail !== undefined && <Letters text="e" x={tail} size={size} color={color} bold={changed} />}
            {onPressUnit && (
              <rect
                role="button"
                tabIndex={0}
                aria-label={`${cell.letters}${cell.tail ? "-e" : ""}: said as something else`}
                aria-pressed={pressed === cell.unit}
                data-unit={cell.unit}
                x={px(cell.x)}
                y={0}
                width={px(cell.width)}
                height={bottom + px(0.2)}
                rx={px(0.1)}
                fill={pressed === cell.unit ? "var(--color-again)" : "transparent"}
                fillOpacity={0.12}
                style={{ cursor: "pointer" }}
                onClick={(event) => {
                  event.stopPropagation();
                  onPressUnit(cell.unit);
                }}
                onKeyDown={(event) => {
                  if (event.key !== "Enter" && event.key !== " ") return;
                  event.preventDefault();
                  event.stopPropagation();
                  onPressUnit(cell.unit);
                }}
              />
            )}
          </g>
        );
      })}
      {change?.kind === "take-away" && (
        <rect
          x={boundary(change.unit) - px(0.16)}
          y={top}
          width={px(0.32)}
          height={depth}
          rx={px(0.05)}
          fill="var(--color-sheet)"
          stroke={accent}
          strokeWidth={thin}
        />
      )}
      {closed !== undefined && <Slider x={shutUntil} y={top} size={size} stroke={thin} />}
    </svg>
  );
}

function Letters({ text, x, size, color, bold }: { text: string; x: number; size: number; color: string; bold: boolean }) {
  return (
    <text x={x} y={size * 0.98} textAnchor="middle" fontSize={size} fontWeight={bold ? 700 : 400} fill={color}>
      {text}
    </text>
  );
}

/** Two short strokes below an added tooth: here something was let in. */
function GapMark({ x, y, size }: { x: number; y: number; size: number }) {
  return (
    <path
      d={`M${x - size} ${y + size} L${x} ${y} L${x + size} ${y + size}`}
      fill="none"
      stroke="var(--color-change)"
      strokeWidth={Math.max(2, size / 3)}
    />
  );
}

function LowerTape(props: { from: number; to: number; y: number; shutUntil: number; drop: number; stroke: number; faint: boolean | undefined }) {
  const { from, to, y, shutUntil, drop } = props;
  const open = shutUntil < to;
  const bend = Math.min(to, shutUntil + drop * 1.6);
  const d = open
    ? `M${from} ${y} H${shutUntil} C ${shutUntil + (bend - shutUntil) / 2} ${y}, ${shutUntil + (bend - shutUntil) / 2} ${y + drop}, ${bend} ${y + drop} H${to}`
    : `M${from} ${y} H${to}`;
  return <path d={d} fill="none" stroke="var(--color-tape)" strokeWidth={props.stroke} strokeLinecap="round" opacity={props.faint ? 0.5 : 1} />;
}

function Slider({ x, y, size, stroke }: { x: number; y: number; size: number; stroke: number }) {
  const w = size * 0.13;
  const h = size * 0.46;
  return (
    <g>
      <path
        d={`M${x - w} ${y - size * 0.08} q${w} ${-size * 0.06} ${w * 2} 0 l${-w * 0.35} ${h} q${-w * 0.65} ${size * 0.05} ${-w * 1.3} 0 z`}
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        strokeWidth={stroke * 1.1}
        strokeLinejoin="round"
      />
      <line x1={x} x2={x} y1={y + h - size * 0.06} y2={y + h + size * 0.12} stroke="var(--color-ink)" strokeWidth={stroke * 2.2} strokeLinecap="round" />
    </g>
  );
}
