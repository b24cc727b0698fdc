import { Fragment } from "react";
import type { Move, Segmentation } from "../../core/light.ts";
import { measureZip, STRIP, type ZipColumns, type ZipMeasures, type ZipProportions } from "./layout.ts";

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
}: Props) {
  const open = closed !== undefined;
  const { cells, px, thin, top, bottom, to, width, height } = measureZip(word, { proportions, columns, size, open });
  const depth = px(proportions.toothDepth);
  const from = px(cells[0]?.x ?? 0);
  const hang = px(proportions.openDrop);
  const bump = px(proportions.tapeGap * 0.32);
  const ink = faint ? "#8b8a88" : "var(--color-ink)";
  const accent = faint ? ink : "var(--color-change)";
  const isChanged = (unit: number) => change !== undefined && change.kind !== "take-away" && change.unit === unit;
  const shutUntil = closed === undefined || closed >= cells.length ? to : px(cells[closed]?.x ?? 0);
  const boundary = (unit: number) => (cells[unit] ? px(cells[unit].x) : to);

  const teeth = cells
    .filter(({ unit }) => !shown || (unit >= shown[0] && unit < shown[1]))
    .map(
      ({ unit, letters, x, width, tail }): Tooth => ({
        unit,
        letters,
        isGroup: letters.length > 1 || tail !== undefined,
        centre: px(x + width / 2),
        half: px(width / 2 - (width > 1.2 ? 0.22 : 0.1)),
        tail: tail && px(tail.x + tail.width / 2),
      }),
    );
  const at = { top, bottom, depth, hang, thin, px };
  const changed = teeth.find(({ unit }) => isChanged(unit));
  const w = bump * 0.66;
  const bumps = cells
    .slice(1)
    .map((cell) => px(cell.x))
    .filter((x) => x <= shutUntil)
    .map((x) => `M${x - w} ${bottom} v${-bump} q0 ${-bump * 0.6} ${w} ${-bump * 0.6} t${w} ${bump * 0.6} v${bump} z`)
    .join("");

  return (
    <svg
      width={width}
      height={height}
      viewBox={`${-thin} 0 ${width} ${height}`}
      role="img"
      // Heard as a word first, then letter by letter as it is split.
      aria-label={`${word.word}: ${word.units.map(({ grapheme }) => grapheme.replace("-", " … ")).join(", ")}`}
      style={{ overflow: "visible", fontFamily: "var(--font-learner)", maxWidth: "none" }}
    >
      <line x1={from} x2={to} y1={top} y2={top} stroke={ink} strokeWidth={thin * 1.2} strokeLinecap="round" />
      <LowerTape from={from} to={to} y={bottom} shutUntil={shutUntil} drop={hang} stroke={thin} faint={faint} />
      <path d={bumps} fill="var(--color-tape)" opacity={faint ? 0.5 : 1} />
      {flowing && shutUntil > from && (
        <rect
          x={px((cells[0]?.x ?? 0) + 0.1)}
          y={top}
          width={Math.max(0, shutUntil - px((cells[0]?.x ?? 0) + 0.1))}
          height={depth * 0.6}
          fill={ink}
        />
      )}
      <Teeth teeth={teeth.filter((tooth) => tooth !== changed)} at={at} color={ink} />
      {changed && <Teeth teeth={[changed]} at={at} color={accent} />}
      {changed && (
        <path
          d={bracket({ ...changed, half: changed.half + thin }, top - depth * 0.75, depth * 0.5)}
          fill="none"
          stroke={accent}
          strokeWidth={thin * 1.2}
        />
      )}
      {changed && change?.kind === "add" && <GapMark x={changed.centre} y={bottom} size={depth * 0.45} />}
      {groups && (
        <path
          d={teeth.map((tooth) => (tooth.isGroup ? bracket(tooth, size * 1.08, depth * 0.2) : "")).join("")}
          fill="none"
          stroke={ink}
          strokeWidth={thin * 1.4}
        />
      )}
      {teeth.map((tooth) => (
        <Letters
          key={tooth.unit}
          tooth={tooth}
          size={size}
          color={tooth === changed ? accent : ink}
          bold={tooth === changed}
        />
      ))}
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

/** One unit on the strip, in pixels. */
interface Tooth {
  readonly unit: number;
  readonly letters: string;
  /** Written with several letters. */
  readonly isGroup: boolean;
  readonly centre: number;
  /** Half of the tooth's width. */
  readonly half: number;
  /** Where the e of a split digraph stands. */
  readonly tail: number | undefined;
}

const bracket = ({ centre, half }: Tooth, y: number, height: number) =>
  `M${centre - half} ${y} v${height} h${half * 2} v${-height}`;

interface TeethProps {
  readonly teeth: readonly Tooth[];
  readonly at: Pick<ZipMeasures, "top" | "bottom" | "thin" | "px"> & { readonly depth: number; readonly hang: number };
  readonly color: string;
}

/** Teeth of one colour, drawn at one go: a strip is drawn often, and every shape of its own costs time. */
function Teeth({ teeth, at: { top, bottom, depth, hang, thin, px }, color }: TeethProps) {
  if (teeth.length === 0) return null;
  const slope = depth * 0.27;
  const shapes = teeth.map(
    ({ centre, half }) =>
      `M${centre - half} ${top} h${half * 2} l${-slope} ${depth - slope * 0.6} q${-slope * 0.2} ${slope * 0.6} ${-slope} ${slope * 0.6} h${-(half * 2 - slope * 4)} q${-slope * 0.8} 0 ${-slope} ${-slope * 0.6} z`,
  );
  return (
    <>
      {teeth.map(({ unit, centre, tail }) =>
        tail === undefined ? null : (
          <Fragment key={unit}>
            <path
              d={`M${centre} ${top + depth} C ${centre + px(0.35)} ${bottom + hang * 0.6}, ${tail - px(0.1)} ${bottom + hang * 0.45}, ${tail} ${top}`}
              fill="none"
              stroke={color}
              strokeWidth={thin}
            />
            <circle cx={tail} cy={top} r={thin * 1.9} fill={color} />
          </Fragment>
        ),
      )}
      <path d={shapes.join("")} fill={color} />
    </>
  );
}

/** The letters of a unit; those of a split digraph stand apart. */
function Letters({ tooth, size, color, bold }: { tooth: Tooth; size: number; color: string; bold: boolean }) {
  const { centre, letters, tail } = tooth;
  const style = {
    y: size * 0.98,
    textAnchor: "middle",
    fontSize: size,
    fontWeight: bold ? 700 : 400,
    fill: color,
  } as const;
  return (
    <>
      <text x={centre} {...style}>
        {letters}
      </text>
      {tail !== undefined && (
        <text x={tail} {...style}>
          e
        </text>
      )}
    </>
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
