import type { Move, Segmentation } from "../../core/light.ts";
import { LETTER_ROOM, layoutZip, STRIP, type ZipColumns, type ZipProportions, zipHeight } from "./layout.ts";

export interface ZipChange {
  readonly kind: Move;
  /** Unit of this word that came, or, for taken away, the unit before which one has gone. */
  readonly unit: number;
}

interface Props {
  readonly word: Segmentation;
  readonly columns?: ZipColumns | undefined;
  readonly proportions?: ZipProportions;
  /** Height of the letters in pixels. */
  readonly size: number;
  readonly change?: ZipChange | undefined;
  /** How many teeth are closed from the left; undefined: all, without a slider. */
  readonly closed?: number | undefined;
  /** Only these units are shown, from the first up to before the second; the others keep their room. */
  readonly shown?: readonly [number, number] | undefined;
  /** What is closed hangs together: a band runs under it. */
  readonly flowing?: boolean;
  /** Graphemes of several letters are pointed out by a bracket. */
  readonly groups?: boolean;
  readonly faint?: boolean;
  readonly onPressUnit?: ((unit: number) => void) | undefined;
  readonly pressed?: number | undefined;
}

/** A word over its zip: one tooth a unit, the thread of a split digraph under the letter between. */
export function ZipStrip({
  word,
  columns,
  proportions = STRIP,
  size,
  change,
  closed,
  shown,
  flowing,
  groups,
  faint,
  onPressUnit,
  pressed,
}: Props) {
  const { cells, width } = layoutZip(word, proportions, columns);
  const px = (ems: number) => Math.round(ems * size * 10) / 10;
  const thin = Math.max(1.5, size * proportions.line);
  const top = px(LETTER_ROOM);
  const depth = px(proportions.toothDepth);
  const bottom = top + px(proportions.tapeGap);
  const from = px(cells[0]?.x ?? 0);
  const to = px(width);
  const height = px(zipHeight(proportions, closed !== undefined));
  const hang = px(proportions.openDrop);
  const bump = px(proportions.tapeGap * 0.32);
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
      // A picture has no buttons in it.
      role={onPressUnit ? "group" : "img"}
      aria-label={word.units.map((unit) => unit.grapheme).join(" · ")}
      style={{ overflow: "visible", fontFamily: "var(--font-learner)", maxWidth: "none" }}
    >
      <line x1={from} x2={to} y1={top} y2={top} stroke={ink} strokeWidth={thin * 1.2} strokeLinecap="round" />
      <LowerTape from={from} to={to} y={bottom} shutUntil={shutUntil} drop={hang} stroke={thin} faint={faint} />
      {cells.slice(1).map((cell) => {
        const x = px(cell.x);
        if (x > shutUntil) return null;
        const w = bump * 0.66;
        return (
          <path
            key={cell.unit}
            d={`M${x - w} ${bottom} v${-bump} q0 ${-bump * 0.6} ${w} ${-bump * 0.6} t${w} ${bump * 0.6} v${bump} z`}
            fill="var(--color-tape)"
            opacity={faint ? 0.5 : 1}
          />
        );
      })}
      {flowing && shutUntil > from && (
        <rect
          x={px((cells[0]?.x ?? 0) + 0.1)}
          y={top}
          width={Math.max(0, shutUntil - px((cells[0]?.x ?? 0) + 0.1))}
          height={depth * 0.6}
          fill={ink}
        />
      )}
      {cells.map((cell) => {
        if (shown && (cell.unit < shown[0] || cell.unit >= shown[1])) return null;
        const isGroup = groups && (cell.letters.length > 1 || cell.tail !== undefined);
        const changed = isChanged(cell.unit);
        const centre = px(cell.x + cell.width / 2);
        const half = px(cell.width / 2 - (cell.width > 1.2 ? 0.22 : 0.1));
        const slope = depth * 0.27;
        const color = changed ? accent : ink;
        const tail = cell.tail && px(cell.tail.x + cell.tail.width / 2);
        return (
          <g key={cell.unit}>
            {tail !== undefined && (
              <path
                d={`M${centre} ${top + depth} C ${centre + px(0.35)} ${bottom + hang * 0.6}, ${tail - px(0.1)} ${bottom + hang * 0.45}, ${tail} ${top}`}
                fill="none"
                stroke={color}
                strokeWidth={thin}
              />
            )}
            {tail !== undefined && <circle cx={tail} cy={top} r={thin * 1.9} fill={color} />}
            <path
              d={`M${centre - half} ${top} h${half * 2} l${-slope} ${depth - slope * 0.6} q${-slope * 0.2} ${slope * 0.6} ${-slope} ${slope * 0.6} h${-(half * 2 - slope * 4)} q${-slope * 0.8} 0 ${-slope} ${-slope * 0.6} z`}
              fill={color}
            />
            {changed && (
              <path
                d={`M${centre - half - thin} ${top - depth * 0.75} v${depth * 0.5} h${(half + thin) * 2} v${-depth * 0.5}`}
                fill="none"
                stroke={accent}
                strokeWidth={thin * 1.2}
              />
            )}
            {changed && change?.kind === "add" && <GapMark x={centre} y={bottom} size={depth * 0.45} />}
            {isGroup && (
              <path
                d={`M${centre - half} ${size * 1.08} v${depth * 0.2} h${half * 2} v${-depth * 0.2}`}
                fill="none"
                stroke={ink}
                strokeWidth={thin * 1.4}
              />
            )}
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
          x={boundary(change.unit) - depth * 0.45}
          y={top}
          width={depth * 0.9}
          height={depth}
          rx={px(0.05)}
          fill="var(--color-sheet)"
          stroke={accent}
          strokeWidth={thin}
        />
      )}
      {closed !== undefined && <Slider x={shutUntil} y={top} height={bottom - top} stroke={thin} />}
    </svg>
  );
}

function Letters({
  text,
  x,
  size,
  color,
  bold,
}: {
  text: string;
  x: number;
  size: number;
  color: string;
  bold: boolean;
}) {
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

function LowerTape(props: {
  from: number;
  to: number;
  y: number;
  shutUntil: number;
  drop: number;
  stroke: number;
  faint: boolean | undefined;
}) {
  const { from, to, y, shutUntil, drop } = props;
  const open = shutUntil < to;
  const bend = Math.min(to, shutUntil + drop * 1.6);
  const d = open
    ? `M${from} ${y} H${shutUntil} C ${shutUntil + (bend - shutUntil) / 2} ${y}, ${shutUntil + (bend - shutUntil) / 2} ${y + drop}, ${bend} ${y + drop} H${to}`
    : `M${from} ${y} H${to}`;
  return (
    <path
      d={d}
      fill="none"
      stroke="var(--color-tape)"
      strokeWidth={props.stroke}
      strokeLinecap="round"
      opacity={props.faint ? 0.5 : 1}
    />
  );
}

function Slider({ x, y, height, stroke }: { x: number; y: number; height: number; stroke: number }) {
  const w = height * 0.26;
  return (
    <g>
      <path
        d={`M${x - w} ${y - height * 0.2} q${w} ${-height * 0.14} ${w * 2} 0 l${-w * 0.35} ${height * 0.95} q${-w * 0.65} ${height * 0.1} ${-w * 1.3} 0 z`}
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        strokeWidth={stroke * 1.1}
        strokeLinejoin="round"
      />
      <line
        x1={x}
        x2={x}
        y1={y + height * 0.65}
        y2={y + height * 1.2}
        stroke="var(--color-ink)"
        strokeWidth={stroke * 2.2}
        strokeLinecap="round"
      />
    </g>
  );
}
