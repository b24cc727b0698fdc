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

interface Room {
  readonly width: number;
  readonly height: number;
}

/** The room that there is for a word, measured when it changes and not with every word. */
function useRoom(): [React.RefObject<HTMLDivElement | null>, Room | undefined] {
  const element = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState<Room>();
  useLayoutEffect(() => {
    if (!element.current) return;
    const { clientWidth, clientHeight } = element.current;
    setRoom({ width: clientWidth, height: clientHeight });
    const watch = new ResizeObserver(([entry]) => {
      const box = entry?.contentRect;
      if (box) setRoom((old) => (old?.width === box.width && old.height === box.height ? old : box));
    });
    watch.observe(element.current);
    return () => watch.disconnect();
  }, []);
  return [element, room];
}

const SIZE_BEFORE_MEASURED = 150;

/** The largest size at which a word fits its room. */
function sizeIn(room: Room | undefined, reading: Segmentation): number {
  if (!room) return SIZE_BEFORE_MEASURED;
  const byWidth = (room.width * 0.88) / layoutZip(reading, BIG).width;
  const byHeight = (room.height - WORD_BEFORE_ROOM - 20) / zipHeight(BIG, true);
  return Math.floor(Math.max(60, Math.min(byWidth, byHeight, LARGEST)));
}

/** The word as large as fits over its zip; pressing a letter marks it. */
export function BigWord({ face, showChange, pressed, onPressUnit }: Props) {
  const { reading, stage, before, change } = face;
  const [element, room] = useRoom();
  const size = sizeIn(room, reading);
  const isWhole = stage.from === 0 && stage.to === reading.units.length;
  const shownUnits = reading.units.map((_, k) => k).slice(stage.from, stage.to);
  return (
    <div
      ref={element}
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
