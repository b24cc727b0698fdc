import { BIG, layoutZip, zipHeight } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import { partLetters, type Segmentation } from "../../core/light.ts";
import type { ElementSize } from "../shared/use-element-size.ts";
import type { Display } from "./lesson/displays.ts";

interface Props {
  readonly display: Extract<Display, { kind: "word" }>;
  /** What the word is fitted to. */
  readonly area: ElementSize | undefined;
}

/** Pixels kept above the word for the word before it; none where the word itself would have too little. */
const WORD_BEFORE_HEIGHT = 100;
const LEAST_HEIGHT_FOR_BOTH = 320;
const LARGEST = 300;
/** On a phone the word takes nearly all there is, so that each grapheme is as wide as a thumb. */
const NARROW = 500;
/** A learner's word is never smaller. */
const SMALLEST = 28;
const SIZE_BEFORE_MEASURED = 150;

/** Room above the word for the word before it. @returns pixels, from 0 */
export const roomForWordBefore = (area: ElementSize | undefined): number =>
  area && area.height < LEAST_HEIGHT_FOR_BOTH ? 0 : WORD_BEFORE_HEIGHT;

/** The largest letter size, in pixels, at which a word fits an area. @returns whole pixels */
export function letterSizeIn(area: ElementSize | undefined, reading: Segmentation): number {
  if (!area) return SIZE_BEFORE_MEASURED;
  const byWidth = (area.width * (area.width < NARROW ? 0.94 : 0.88)) / layoutZip(reading, BIG).width;
  const byHeight = (area.height - roomForWordBefore(area) - 20) / zipHeight(BIG, true);
  return Math.floor(Math.max(SMALLEST, Math.min(byWidth, byHeight, LARGEST)));
}

/** The word as large as fits over its zip. */
export function BigWord({ display, area }: Props) {
  const { reading, stage, before, change } = display;
  const size = letterSizeIn(area, reading);
  const room = roomForWordBefore(area);
  const isWhole = stage.from === 0 && stage.to === reading.units.length;
  const shownUnits = reading.units.map((_, k) => k).slice(stage.from, stage.to);
  return (
    <div
      data-display="word"
      data-closed={stage.closed}
      data-blended={stage.blended}
      data-shown={`${stage.from}-${stage.to}`}
      className="flex size-full flex-col items-center"
    >
      <div style={{ height: room }} className="shrink-0">
        {before && room > 0 && <ZipStrip word={before} size={40} faint />}
      </div>
      <div className="grid min-h-0 flex-1 place-items-center">
        {stage.blended ? (
          <div>
            <p className="font-learner" style={{ fontSize: size * 1.12, lineHeight: 1.42 }}>
              {isWhole ? reading.word : partLetters(reading, shownUnits)}
            </p>
            <ShutZip />
          </div>
        ) : (
          <ZipStrip
            word={reading}
            proportions={BIG}
            size={size}
            change={change}
            closed={stage.closed}
            shown={isWhole ? undefined : [stage.from, stage.to]}
            flowing={stage.flowing}
            groups={stage.groups}
          />
        )}
      </div>
    </div>
  );
}

/** Every second tooth, from the first or from the second. */
const shutTeeth = (first: 0 | 1) =>
  Array.from(
    { length: 10 },
    (_, k) => `M${4 + (first + k * 2) * 20} 7 q0 -3 3 -3 h6 q3 0 3 3 v14 q0 3 -3 3 h-6 q-3 0 -3 -3 z`,
  ).join("");
const UPPER_TEETH = shutTeeth(0);
const LOWER_TEETH = shutTeeth(1);

/** Under a blended word the zip is shut from end to end: as wide as the word, and never what makes its box wider. */
export function ShutZip() {
  return (
    <svg className="mt-1 block h-7 w-0 min-w-full" preserveAspectRatio="none" viewBox="0 0 400 28" aria-hidden>
      <rect width="400" height="5" rx="2.5" fill="var(--color-ink)" />
      <path d={UPPER_TEETH} fill="var(--color-ink)" />
      <path d={LOWER_TEETH} fill="var(--color-tape)" />
      <rect width="400" height="4" y="24" rx="2" fill="var(--color-tape)" />
    </svg>
  );
}
