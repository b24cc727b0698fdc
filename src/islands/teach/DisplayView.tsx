import Check from "lucide-react/icons/check";
import Ear from "lucide-react/icons/ear";
import X from "lucide-react/icons/x";
import { memo, type ReactNode } from "react";
import { gappedWord } from "../../core/light.ts";
import type { ElementSize } from "../shared/use-element-size.ts";
import { BigWord, ShutZip } from "./BigWord.tsx";
import { CountersLine } from "./CountersLine.tsx";
import { DictatedStep } from "./DictatedStep.tsx";
import type { BoardDisplay, Display } from "./lesson/displays.ts";
import { ReadingText } from "./ReadingText.tsx";

interface Props {
  readonly display: Display;
  /** What a word is fitted to. */
  readonly area?: ElementSize | undefined;
  /** A word of the text that is read aloud was pressed, by where it begins in the text. */
  readonly onPressWord?: ((at: number) => void) | undefined;
}

/** What learners see at one moment: the same on the teacher's screen and on the wall. */
export const DisplayView = memo(function DisplayView({ display, area, onPressWord }: Props) {
  if (display.kind === "word") return <BigWord display={display} area={area} />;
  return (
    <div
      data-display={display.kind}
      className="grid size-full place-items-center content-center gap-[min(4vh,5cqh)] overflow-hidden px-8 font-learner [container-type:size]"
    >
      {display.kind === "reading" ? (
        <ReadingText display={display} area={area} onPressWord={onPressWord} />
      ) : (
        <Shown display={display} />
      )}
    </div>
  );
});

/** What a share of the window's height is at most of the room that marking leaves. */
const OF_ROOM = 1.5;

/**
 * Letters as large as the window and the room for them allow, by how many there are.
 *
 * @param most share of the window's height, in hundredths
 */
const sizeFor = (text: string, most: number) => {
  const across = Math.floor(130 / Math.max(2, text.length));
  return `min(${most}vh, ${most * OF_ROOM}cqh, ${across}vw, ${across}cqw)`;
};

/** As long as the two longest of some words are beside each other. */
const sideBySide = (words: readonly string[]): string => {
  const longest = words.reduce((a, b) => (b.length > a.length ? b : a), "");
  return `${longest}  ${longest}`;
};

type DisplayOf<K extends Display["kind"]> = Extract<Display, { readonly kind: K }>;

/** What has a component of its own, and is fitted to its room. */
type Fitted = "word" | "reading";

/** How every other kind of display looks. */
const LOOKS: { readonly [K in Exclude<Display["kind"], Fitted>]: (display: DisplayOf<K>) => ReactNode } = {
  letters: (display) => <p style={{ fontSize: sizeFor(display.text, 42), lineHeight: 1.3 }}>{display.text}</p>,
  listen: () => <Ear className="size-[min(18vh,60cqh)] text-tape" strokeWidth={1.2} aria-label="Listen" />,
  several: (display) => (
    <ul className="flex flex-wrap justify-center gap-[5vw]">
      {display.texts.map((text) => (
        <li key={text} style={{ fontSize: sizeFor(display.texts.join(""), 26) }}>
          {text}
        </li>
      ))}
    </ul>
  ),
  choices: (display) => (
    <ul className="grid grid-cols-2 gap-x-[6vw] gap-y-[3vh]">
      {display.words.map((word) => (
        <li
          key={word}
          data-found={word === display.found}
          className={`rounded-2xl border-4 px-[3vw] text-center ${word === display.found ? "border-good" : "border-transparent"}`}
          style={{ fontSize: sizeFor(sideBySide(display.words), 17), lineHeight: 1.4 }}
        >
          {word}
        </li>
      ))}
    </ul>
  ),
  gap: (display) => (
    <>
      <p style={{ fontSize: sizeFor(display.reading.word, 30), lineHeight: 1.3 }}>
        {display.filled ? display.reading.word : gappedWord(display.reading, display.unit)}
      </p>
      <ul className="flex gap-[4vw] text-[min(9vh,14cqh)]">
        {display.choices.map((grapheme) => (
          <li
            key={grapheme}
            className={`rounded-xl border-4 px-6 leading-snug ${display.filled && grapheme === display.reading.units[display.unit]?.grapheme ? "border-good" : "border-rule"}`}
          >
            {grapheme.replace("-", "–")}
          </li>
        ))}
      </ul>
    </>
  ),
  judged: (display) => {
    const right = display.shown === display.word;
    return (
      <>
        {display.picture && <img src={display.picture} alt="" className="size-[min(20vh,22cqh)]" />}
        <p style={{ fontSize: sizeFor(display.shown, 34), lineHeight: 1.3 }}>{display.shown}</p>
        {display.told &&
          (right ? <Yes /> : <p className="text-[min(12vh,14cqh)] text-good leading-tight">{display.word}</p>)}
        {!display.told && <p className="text-[min(9vh,12cqh)] text-tape">?</p>}
      </>
    );
  },
  real: (display) => (
    <>
      <p style={{ fontSize: sizeFor(display.word, 34), lineHeight: 1.3 }}>{display.word}</p>
      {display.real ? <Yes /> : <No />}
    </>
  ),
  bins: (display) => (
    <>
      <p style={{ fontSize: sizeFor(display.word, 26), lineHeight: 1.3 }}>
        {display.at === undefined || display.at === -1 ? display.word : " "}
      </p>
      <ul className="flex w-full justify-center gap-[3vw]">
        {display.bins.map((bin, k) => (
          <li
            key={bin}
            className={`min-w-[22vw] rounded-2xl border-4 px-6 pb-4 text-center ${display.at === k ? "border-good" : "border-rule"}`}
          >
            <span className="block border-b-2 border-rule text-[min(6vh,9cqh)] text-quiet">{bin}</span>
            <span className="block text-[min(9vh,14cqh)] leading-snug">{display.at === k ? display.word : " "}</span>
          </li>
        ))}
      </ul>
    </>
  ),
  dictated: (display) => <DictatedStep display={display} />,
  "sentence-gap": (display) => (
    <>
      <p className="max-w-[96cqw] text-center text-[min(11vh,17cqh,9cqw)] leading-snug">
        {display.found === undefined ? display.gapped : filled(display.gapped, display.found)}
      </p>
      <ul className="flex flex-wrap justify-center gap-[3vw]">
        {display.choices.map((word) => (
          <li
            key={word}
            className={`rounded-xl border-4 px-[2cqw] text-[min(10vh,15cqh,8cqw)] leading-snug ${word === display.found ? "border-good" : "border-rule"}`}
          >
            {word}
          </li>
        ))}
      </ul>
    </>
  ),
  "made-of": (display) => (
    <p style={{ fontSize: sizeFor(display.word, 34), lineHeight: 1.3 }}>
      <Marked text={display.word} spans={[[display.from, display.to]]} />
    </p>
  ),
  statement: (display) => (
    <>
      <p className="max-w-[92cqw] text-center text-[min(11vh,20cqh,9cqw)] leading-snug">{display.sentence}</p>
      {display.isTrue === undefined ? (
        <p className="text-[min(9vh,12cqh)] text-tape">?</p>
      ) : display.isTrue ? (
        <Yes />
      ) : (
        <No />
      )}
    </>
  ),
  text: (display) => (
    <p className="max-w-[80vw] overflow-y-auto max-h-[100cqh] text-[min(6.5vh,12cqh)] leading-relaxed">
      <Marked text={display.text} spans={display.spans} />
    </p>
  ),
  list: (display) => {
    return <WordTable display={display} />;
  },
  counters: (display) => <CountersLine display={display} />,
  board: (display) => {
    return <PassiveBoard board={display.board} />;
  },
};

function Shown({ display }: { readonly display: Exclude<Display, { readonly kind: Fitted }> }) {
  return (LOOKS[display.kind] as (display: Display) => ReactNode)(display);
}

const Yes = () => <Check className="size-[min(14vh,18cqh)] text-good" strokeWidth={2} aria-label="Yes" />;
const No = () => <X className="size-[min(14vh,18cqh)] text-again" strokeWidth={2} aria-label="No" />;

/** The sentence with the word in its place, heavier. */
function filled(gapped: string, word: string): ReactNode {
  const [before, after] = gapped.split(/_+/);
  return (
    <>
      {before}
      <b className="text-good">{word}</b>
      {after}
    </>
  );
}

/** A text with its targets heavier and underlined. */
function Marked({ text, spans }: { text: string; spans: readonly (readonly [number, number])[] }) {
  let at = 0;
  const parts: ReactNode[] = [];
  for (const [from, to] of spans) {
    parts.push(text.slice(at, from));
    parts.push(
      <b key={from} className="text-change underline decoration-4 underline-offset-8">
        {text.slice(from, to)}
      </b>,
    );
    at = to;
  }
  return (
    <>
      {parts}
      {text.slice(at)}
    </>
  );
}

/** Words in columns; the one to be read is underlined, and nothing else is marked. */
function WordTable({ display }: { display: Extract<Display, { kind: "list" }> }) {
  const { words, at, down } = display;
  const columns = words.length > 12 ? 4 : words.length > 4 ? 3 : 2;
  const rows = Math.ceil(words.length / columns);
  const longest = Math.max(...words.map((word) => word.length), 3);
  return (
    <ol
      className={`grid gap-x-[5vw] gap-y-[2vh] ${down ? "grid-flow-col" : ""}`}
      style={down ? { gridTemplateRows: `repeat(${rows}, auto)` } : { gridTemplateColumns: `repeat(${columns}, auto)` }}
    >
      {words.map((word, k) => (
        <li
          // biome-ignore lint/suspicious/noArrayIndexKey: a word may stand in a list twice
          key={k}
          aria-current={k === at}
          className={`border-b-6 leading-tight ${k === at ? "border-ink" : "border-transparent"}`}
          style={{ fontSize: `min(${Math.floor(52 / rows)}vh, ${Math.floor(120 / (columns * longest))}vw)` }}
        >
          {word}
        </li>
      ))}
    </ol>
  );
}

/** The board as the others see it: nothing to press. */
function PassiveBoard({ board }: { board: BoardDisplay }) {
  const cells = Math.max(board.boxes, board.placed.length, 1);
  return (
    <>
      {board.picture && <img src={board.picture} alt="" className="size-[24vh]" />}
      <div>
        <ul className="flex min-h-[20vh] justify-center gap-[1vw]">
          {Array.from({ length: cells }, (_, k) => (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: a place, whatever lies on it
              key={k}
              className={`grid h-[20vh] min-w-[16vh] place-items-center rounded-xl px-3 text-[13vh] leading-none ${board.placed[k] ? "border-2 border-ink bg-paper" : board.boxes > 0 ? "border-4 border-rule border-dashed" : ""}`}
            >
              {board.placed[k]?.replace("-", "–")}
            </li>
          ))}
        </ul>
        {board.right && <ShutZip />}
      </div>
      <ul className="flex flex-wrap justify-center gap-[1vw] text-[7vh]">
        {board.tray.map((label, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two tiles may be alike
          <li key={`${label} ${k}`} className="rounded-xl border-2 border-rule bg-paper px-5 leading-snug">
            {label.replace("-", "–")}
          </li>
        ))}
      </ul>
    </>
  );
}
