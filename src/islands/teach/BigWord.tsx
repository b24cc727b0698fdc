import { useLayoutEffect, useRef, useState } from "react";
import { BIG, layoutZip, zipHeight } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import { partLetters, type Segmentation } from "../../core/light.ts";
import type { Face } from "./faces.ts";

interface Props {
  readonly face: Extract<Face, { kind: "word" }>;
  readonly showChange: boolean;
  readonly pressed: number | undefined;
  /** Absent where there is nothing to press. */
  readonly onPressUnit?: ((unit: number) => void) | undefined;
}

/** Pixels kept above the word for the word before it, and letters no larger than this. */
const WORD_BEFORE_ROOM = 100;
const LARGEST = 300;

/** The largest size at which a word fits the room that is left for it. */
function useWordSize(reading: Segmentation): [React.RefObject<HTMLDivElement | null>, number] {
  const room = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(150);
  const { width } = layoutZip(reading, BIG);
  useLayoutEffect(() => {
    const element = room.current;
    if (!element) return;
    const resize = () => {
      const byWidth = (element.clientWidth * 0.88) / width;
      const byHeight = (element.clientHeight - WORD_BEFORE_ROOM - 20) / zipHeight(BIG, true);
      setSize(Math.floor(Math.max(60, Math.min(byWidth, byHeight, LARGEST))));
    };
    resize();
    const watch = new ResizeObserver(resize);
    watch.observe(element);
    return () => watch.disconnect();
  }, [width]);
  return [room, size];
}

/** The word as large as fits over its zip; pressing a letter marks it. */
export function BigWord({ face, showChange, pressed, onPressUnit }: Props) {
  const { reading, stage, before, change } = face;
  const [room, size] = useWordSize(reading);
  const isWhole = stage.from === 0 && stage.to === reading.units.length;
  const shownUnits = reading.units.map((_, k) => k).slice(stage.from, stage.to);
  return (
    <div
      ref={room}
      data-word={reading.word}
      data-current-word
      className="flex min-h-0 w-full flex-1 flex-col items-center"
    >
      <div style={{ height: WORD_BEFORE_ROOM }} className="shrink-0">
        {before && showChange && <ZipStrip word={before} size={40} faint />}
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
            change={showChange ? change : undefined}
            closed={stage.closed}
            shown={isWhole ? undefined : [stage.from, stage.to]}
            flowing={stage.flowing}
            groups={stage.groups}
            onPressUnit={onPressUnit}
            pressed={pressed}
          />
        )}
      </div>
    </div>
  );
}

const SHUT_TEETH = Array.from({ length: 20 }, (_, k) => k);

/** Under a blended word the zip is shut from end to end. */
export function ShutZip() {
  return (
    <svg className="mt-1 block h-7 w-full" preserveAspectRatio="none" viewBox="0 0 400 28" aria-hidden>
      <rect width="400" height="5" rx="2.5" fill="var(--color-ink)" />
      {SHUT_TEETH.map((k) => (
        <rect
          key={k}
          x={4 + k * 20}
          width="12"
          y="4"
          height="20"
          rx="3"
          fill={k % 2 ? "var(--color-tape)" : "var(--color-ink)"}
        />
      ))}
      <rect width="400" height="4" y="24" rx="2" fill="var(--color-tape)" />
    </svg>
  );
}
