import { BookOpen, Ear, Eye, Hand, Hash, ListChecks, MessageCircle, Pencil } from "lucide-react";
import { DICTATION_WORDS } from "../../components/words/dictation-words.ts";
import type { DictationStep } from "../../core/light.ts";
import type { Display } from "./lesson/displays.ts";

const SIGNS: Readonly<Record<DictationStep, typeof Ear>> = {
  hear: Ear,
  say: MessageCircle,
  count: Hash,
  tap: Hand,
  write: Pencil,
  "read-back": BookOpen,
  check: ListChecks,
  compare: Eye,
};

/** From here on there is a place for each sound or word. */
const WITH_PLACES: readonly DictationStep[] = ["tap", "write", "read-back", "check"];

/** A step of a dictation, as learners see it: what to do now, and a place for each sound or word. */
export function DictatedStep({ display }: { readonly display: Extract<Display, { readonly kind: "dictated" }> }) {
  const { of, step, places, checklist, text } = display;
  if (step === "compare") return <p className="max-w-[80vw] text-center text-[min(9vh,7vw)] leading-snug">{text}</p>;
  const Sign = SIGNS[step];
  return (
    <>
      <div className="flex items-center gap-[3vw]">
        <Sign className="size-[min(16vh,18vw)] shrink-0 text-tape" strokeWidth={1.2} aria-hidden />
        <p className="text-[min(9vh,8vw)] leading-tight">{DICTATION_WORDS[step].learners}</p>
      </div>
      {checklist.length > 0 && (
        <ul className="grid gap-[1vh]">
          {checklist.map((line, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two points may have the same words, and none moves
            <li key={k} className="flex items-center gap-[2vw] text-[min(5.5vh,6vw)] leading-snug">
              <span className="size-[min(4.5vh,5vw)] shrink-0 rounded-lg border-4 border-tape" aria-hidden />
              {line}
            </li>
          ))}
        </ul>
      )}
      {checklist.length === 0 &&
        WITH_PLACES.includes(step) &&
        (of === "word" ? <Boxes count={places} /> : <Lines count={places} />)}
    </>
  );
}

/** A box a sound. */
export function Boxes({ count }: { readonly count: number }) {
  return (
    <ul className="flex max-w-full gap-[1.5vw]" aria-label={`${count} sounds`}>
      {Array.from({ length: count }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: boxes are all alike
        <li key={k} className="size-[min(13vh,12vw)] rounded-xl border-4 border-tape" />
      ))}
    </ul>
  );
}

/** A line a word. */
function Lines({ count }: { readonly count: number }) {
  return (
    <ul className="flex max-w-[80vw] flex-wrap justify-center gap-[2vw]" aria-label={`${count} words`}>
      {Array.from({ length: count }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines are all alike
        <li key={k} className="h-[8vh] w-[min(11vw,16vh)] border-b-4 border-tape" />
      ))}
    </ul>
  );
}
