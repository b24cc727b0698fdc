import { useEffect, useState } from "react";
import { changeOfStep } from "../../components/zip/change-of-step.ts";
import { layoutZip } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import type { TeachWord } from "../../server/teach.ts";
import type { WordStage } from "./word-stage.ts";

interface Props {
  readonly word: TeachWord;
  readonly before: TeachWord | undefined;
  readonly stage: WordStage;
  readonly showChange: boolean;
  readonly pressed: number | undefined;
  readonly onTap: () => void;
  readonly onPressUnit: (unit: number) => void;
}

/** The largest size at which a word of this many ems fits the window, at most a quarter of its height. */
function useWordSize(ems: number): number {
  const [size, setSize] = useState(150);
  useEffect(() => {
    const fit = () => setSize(Math.floor(Math.min((innerWidth * 0.86) / ems, innerHeight * 0.27)));
    fit();
    addEventListener("resize", fit);
    return () => removeEventListener("resize", fit);
  }, [ems]);
  return size;
}

/** The word as large as fits over its zip; pressing beside the letters taps, pressing a letter marks it. */
export function BigWord({ word, before, stage, showChange, pressed, onTap, onPressUnit }: Props) {
  const size = useWordSize(layoutZip(word.reading).width);
  const change = showChange ? changeOfStep(word.step) : undefined;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the keys work anywhere on the page (Teach.tsx)
    // biome-ignore lint/a11y/noStaticElementInteractions: a large touch target beside the labelled buttons
    <div className="flex min-h-0 flex-1 flex-col items-center justify-center gap-2 overflow-hidden" onClick={onTap}>
      <div className="h-[92px] opacity-70" aria-hidden={before === undefined}>
        {before && showChange && <ZipStrip word={before.reading} size={40} faint />}
      </div>
      <div className="py-6">
        {stage.blended ? (
          <p aria-label={word.word} className="font-learner leading-none" style={{ fontSize: size * 1.15 }}>
            {word.word}
          </p>
        ) : (
          <ZipStrip word={word.reading} size={size} change={change} closed={stage.closed} onPressUnit={onPressUnit} pressed={pressed} />
        )}
        {stage.blended && <ShutZip />}
      </div>
    </div>
  );
}

/** Under a blended word the zip is shut from end to end. */
function ShutZip() {
  return (
    <svg className="mt-2 block w-full" height="34" preserveAspectRatio="none" viewBox="0 0 400 34" aria-hidden>
      <line x1="0" x2="400" y1="5" y2="5" stroke="var(--color-ink)" strokeWidth="6" strokeLinecap="round" />
      {Array.from({ length: 21 }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the teeth never change
        <rect key={k} x={2 + k * 19} width="12" y="7" height="14" rx="3" fill={k % 2 ? "var(--color-tape)" : "var(--color-ink)"} />
      ))}
      <line x1="0" x2="400" y1="24" y2="24" stroke="var(--color-tape)" strokeWidth="5" strokeLinecap="round" />
    </svg>
  );
}
