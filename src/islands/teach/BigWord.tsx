import { useLayoutEffect, useRef, useState } from "react";
import { changeOfStep } from "../../components/zip/change-of-step.ts";
import { BIG, layoutZip, zipHeight } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import { partLetters, type WordStage } from "../../core/light.ts";
import type { TeachWord } from "../../server/teach.ts";

interface Props {
  readonly word: TeachWord;
  readonly before: TeachWord | undefined;
  readonly stage: WordStage;
  readonly showChange: boolean;
  readonly pressed: number | undefined;
  readonly onTap: () => void;
  /** Absent where there is nothing to press. */
  readonly onPressUnit?: (unit: number) => void;
}

/** Pixels kept above the word for the word before it, and letters no larger than this. */
const WORD_BEFORE_ROOM = 100;
const LARGEST = 300;

/** The largest size at which the word fits the room that is left for it. */
function useWordSize(word: TeachWord): [React.RefObject<HTMLDivElement | null>, number] {
  const room = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(150);
  const { width } = layoutZip(word.reading, BIG);
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

/** The word as large as fits over its zip; pressing beside the letters taps, pressing a letter marks it. */
export function BigWord({ word, before, stage, showChange, pressed, onTap, onPressUnit }: Props) {
  const [room, size] = useWordSize(word);
  const isWhole = stage.from === 0 && stage.to === word.reading.units.length;
  const shownUnits = word.reading.units.map((_, k) => k).slice(stage.from, stage.to);
  const change = showChange ? changeOfStep(word.step) : undefined;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the keys work anywhere on the page (Teach.tsx)
    // biome-ignore lint/a11y/noStaticElementInteractions: a large touch target beside the labelled buttons
    <div
      ref={room}
      data-word={word.word}
      data-current-word
      className="flex min-h-0 flex-1 flex-col items-center overflow-hidden"
      onClick={onTap}
    >
      <div style={{ height: WORD_BEFORE_ROOM }} className="shrink-0">
        {before && showChange && <ZipStrip word={before.reading} size={40} faint />}
      </div>
      <div className="grid min-h-0 flex-1 place-items-center">
        {stage.blended ? (
          <div>
            <p className="font-learner" style={{ fontSize: size * 1.12, lineHeight: 1.42 }}>
              {isWhole ? word.word : partLetters(word.reading, shownUnits)}
            </p>
            <ShutZip />
          </div>
        ) : (
          <ZipStrip
            word={word.reading}
            proportions={BIG}
            size={size}
            change={change}
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
function ShutZip() {
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
