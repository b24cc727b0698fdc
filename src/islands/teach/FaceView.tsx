import { Check, Ear, X } from "lucide-react";
import { memo } from "react";
import { gappedWord } from "../../core/light.ts";
import { BigWord, ShutZip } from "./BigWord.tsx";
import type { BoardFace, Face } from "./faces.ts";
import type { Room } from "./use-room.ts";

interface Props {
  readonly face: Face;
  /** What a word is fitted to. */
  readonly room?: Room | undefined;
}

/** What learners see at one moment: the same on the teacher's screen and on the wall. */
export const FaceView = memo(function FaceView({ face, room }: Props) {
  if (face.kind === "word") return <BigWord face={face} room={room} />;
  return (
    <div
      data-face={face.kind}
      className="grid size-full place-items-center content-center gap-[4vh] overflow-hidden px-8 font-learner"
    >
      <Shown face={face} />
    </div>
  );
});

/** Letters as large as the window allows, by how many there are. */
const sizeFor = (text: string, most: number) => `min(${most}vh, ${Math.floor(130 / Math.max(2, text.length))}vw)`;

function Shown({ face }: { face: Exclude<Face, { kind: "word" }> }) {
  switch (face.kind) {
    case "letters":
      return <p style={{ fontSize: sizeFor(face.text, 42), lineHeight: 1.3 }}>{face.text}</p>;
    case "listen":
      return (
        <>
          <Ear className="size-[18vh] text-tape" strokeWidth={1.2} aria-label="Listen" />
          {face.boxes > 0 && <Boxes count={face.boxes} />}
        </>
      );
    case "several":
      return (
        <ul className="flex flex-wrap justify-center gap-[5vw]">
          {face.texts.map((text) => (
            <li key={text} style={{ fontSize: sizeFor(face.texts.join(""), 26) }}>
              {text}
            </li>
          ))}
        </ul>
      );
    case "choices":
      return (
        <ul className="grid grid-cols-2 gap-x-[6vw] gap-y-[3vh]">
          {face.words.map((word) => (
            <li
              key={word}
              data-found={word === face.found}
              className={`rounded-2xl border-4 px-[3vw] text-center ${word === face.found ? "border-good" : "border-transparent"}`}
              style={{ fontSize: sizeFor(word, 17), lineHeight: 1.4 }}
            >
              {word}
            </li>
          ))}
        </ul>
      );
    case "gap":
      return (
        <>
          <p style={{ fontSize: sizeFor(face.reading.word, 30), lineHeight: 1.3 }}>
            {face.filled ? face.reading.word : gappedWord(face.reading, face.unit)}
          </p>
          <ul className="flex gap-[4vw] text-[9vh]">
            {face.choices.map((grapheme) => (
              <li
                key={grapheme}
                className={`rounded-xl border-4 px-6 leading-snug ${face.filled && grapheme === face.reading.units[face.unit]?.grapheme ? "border-good" : "border-rule"}`}
              >
                {grapheme.replace("-", "–")}
              </li>
            ))}
          </ul>
        </>
      );
    case "judged": {
      const right = face.shown === face.word;
      return (
        <>
          {face.picture && <img src={face.picture} alt="" className="size-[20vh]" />}
          <p style={{ fontSize: sizeFor(face.shown, 34), lineHeight: 1.3 }}>{face.shown}</p>
          {face.told && (right ? <Yes /> : <p className="text-[12vh] text-good leading-tight">{face.word}</p>)}
          {!face.told && <p className="text-[9vh] text-tape">?</p>}
        </>
      );
    }
    case "real":
      return (
        <>
          <p style={{ fontSize: sizeFor(face.word, 34), lineHeight: 1.3 }}>{face.word}</p>
          {face.real ? <Yes /> : <No />}
        </>
      );
    case "bins":
      return (
        <>
          <p style={{ fontSize: sizeFor(face.word, 26), lineHeight: 1.3 }}>
            {face.at === undefined || face.at === -1 ? face.word : " "}
          </p>
          <ul className="flex w-full justify-center gap-[3vw]">
            {face.bins.map((bin, k) => (
              <li
                key={bin}
                className={`min-w-[22vw] rounded-2xl border-4 px-6 pb-4 text-center ${face.at === k ? "border-good" : "border-rule"}`}
              >
                <span className="block border-b-2 border-rule text-[6vh] text-quiet">{bin}</span>
                <span className="block text-[9vh] leading-snug">{face.at === k ? face.word : " "}</span>
              </li>
            ))}
          </ul>
        </>
      );
    case "sentence":
      return face.shown ? (
        <p className="max-w-[80vw] text-center text-[9vh] leading-snug">{face.text}</p>
      ) : (
        <p className="flex max-w-[80vw] flex-wrap justify-center gap-[2vw]">
          {face.text.split(/\s+/).map((_, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a sentence may have a word twice, and never changes
            <span key={k} className="inline-block w-[11vw] border-b-4 border-tape text-[9vh] leading-snug">
              <span className="sr-only">word {k + 1}</span>&nbsp;
            </span>
          ))}
        </p>
      );
    case "text":
      return (
        <p className="max-w-[80vw] overflow-y-auto text-[6.5vh] leading-relaxed">
          <Marked text={face.text} spans={face.spans} />
        </p>
      );
    case "list":
      return <WordTable face={face} />;
    case "board":
      return <PassiveBoard board={face.board} />;
  }
}

const Yes = () => <Check className="size-[14vh] text-good" strokeWidth={2} aria-label="Yes" />;
const No = () => <X className="size-[14vh] text-again" strokeWidth={2} aria-label="No" />;

function Boxes({ count }: { count: number }) {
  return (
    <ul className="flex gap-[1.5vw]" aria-label={`${count} sounds`}>
      {Array.from({ length: count }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: boxes are all alike
        <li key={k} className="size-[13vh] rounded-xl border-4 border-tape" />
      ))}
    </ul>
  );
}

/** A text with its targets heavier and underlined. */
function Marked({ text, spans }: { text: string; spans: readonly (readonly [number, number])[] }) {
  let at = 0;
  const parts: React.ReactNode[] = [];
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
function WordTable({ face }: { face: Extract<Face, { kind: "list" }> }) {
  const { words, at, down } = face;
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
function PassiveBoard({ board }: { board: BoardFace }) {
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
