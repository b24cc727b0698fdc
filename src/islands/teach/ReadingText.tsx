import { type ReactNode, useEffect, useRef } from "react";
import type { ElementSize } from "../shared/use-element-size.ts";
import type { Display } from "./lesson/displays.ts";

interface Props {
  readonly display: Extract<Display, { readonly kind: "reading" }>;
  readonly area: ElementSize | undefined;
  /** Told where the word begins in the text. Absent where there is nothing to press: on the learners' window. */
  readonly onPressWord?: ((at: number) => void) | undefined;
}

/** A letter is about half as wide as it is high, and a line takes twice its letters' height. */
const [LETTER_WIDTH, LINE_HEIGHT] = [0.58, 1.9];
/** Pixels: a finger finds a word, and a word is no poster. */
const [SMALLEST, LARGEST] = [26, 76];
/** Share of the width that lines may take. */
const WIDTH = 0.9;
/** No word, however short, is narrower than this many letters: a finger finds it. */
const FEWEST_LETTERS = 3;

/** As large as the whole page can be written in the room for it; a longer page is scrolled. @returns pixels */
function letterSize(text: string, area: ElementSize | undefined): number {
  if (!area) return SMALLEST;
  const words = text.split("\n").map((line) => line.split(" ").map((word) => Math.max(word.length, FEWEST_LETTERS)));
  for (let size = LARGEST; size > SMALLEST; size -= 2) {
    const across = (area.width * WIDTH) / (LETTER_WIDTH * size);
    const lines = words.reduce((sum, line) => sum + linesFor(line, across), 0);
    if (lines * size * LINE_HEIGHT <= area.height) return size;
  }
  return SMALLEST;
}

/** How many lines words take, one after another. @param across how many letters go into a line */
function linesFor(lengths: readonly number[], across: number): number {
  let [lines, used] = [1, 0];
  for (const length of lengths) {
    if (used > 0 && used + 1 + length > across) {
      lines++;
      used = length;
    } else used += (used > 0 ? 1 : 0) + length;
  }
  return lines;
}

/** A page that is read aloud, with a pointer under what is read now. */
export function ReadingText({ display, area, onPressWord }: Props) {
  const { text, words, at, unit } = display;
  const here = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever the pointer moves
  useEffect(() => {
    // What it gives back differs from browser to browser.
    void here.current?.scrollIntoView({ block: "nearest" });
  }, [at[0], text]);
  const pieces: ReactNode[] = [];
  let from = 0;
  for (const [start, end] of words) {
    pieces.push(<Between key={`before ${start}`} text={text.slice(from, start)} />);
    const isHere = start === at[0];
    const isRead = start >= unit[0] && end <= unit[1];
    const look = `border-b-[0.1em] ${isHere ? "border-ink" : isRead ? "border-tape" : "border-transparent"}`;
    const word = text.slice(start, end);
    pieces.push(
      onPressWord ? (
        <button
          key={start}
          ref={isHere ? (here as React.Ref<HTMLButtonElement>) : undefined}
          type="button"
          data-at={start}
          aria-current={isHere}
          className={`min-h-11 min-w-11 leading-tight ${look}`}
          onClick={(event) => {
            event.stopPropagation();
            onPressWord(display.from + start);
          }}
        >
          {word}
        </button>
      ) : (
        <span key={start} ref={isHere ? here : undefined} aria-current={isHere} className={`leading-tight ${look}`}>
          {word}
        </span>
      ),
    );
    from = end;
  }
  return (
    <p
      className="max-h-[100cqh] max-w-[94cqw] overflow-y-auto whitespace-pre-line"
      style={{ fontSize: letterSize(text, area), lineHeight: LINE_HEIGHT }}
    >
      {pieces}
      <Between text={text.slice(from)} />
    </p>
  );
}

/** What stands between words: the strokes between phrases are lighter, and never begin a line. */
function Between({ text }: { readonly text: string }) {
  const [before, ...after] = text.replaceAll(" /", "\u00a0/").split("/");
  return (
    <>
      {before}
      {after.map((rest, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: strokes have no other name than their place
        <span key={k}>
          <span className="text-tape">/</span>
          {rest}
        </span>
      ))}
    </>
  );
}
