import BookOpen from "lucide-react/icons/book-open";
import Ear from "lucide-react/icons/ear";
import Eye from "lucide-react/icons/eye";
import Hand from "lucide-react/icons/hand";
import Hash from "lucide-react/icons/hash";
import ListChecks from "lucide-react/icons/list-checks";
import MessageCircle from "lucide-react/icons/message-circle";
import Pencil from "lucide-react/icons/pencil";
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

/**
 * A step of a dictation, as learners see it: what to do now, and a place for each sound or word. All of it is sized by the
 * room there is: thirty learners to mark leave little.
 */
export function DictatedStep({ display }: { readonly display: Extract<Display, { readonly kind: "dictated" }> }) {
  const { of, step, places, checklist, text } = display;
  if (step === "compare")
    return <p className="max-w-[90cqw] text-center text-[min(15cqh,6cqw)] leading-snug">{text}</p>;
  const Sign = SIGNS[step];
  const isList = checklist.length > 0;
  return (
    <div className={`grid place-items-center ${isList ? "gap-[2cqh]" : "gap-[6cqh]"}`}>
      <div className="flex items-center gap-[3cqw]">
        <Sign
          className={`shrink-0 text-tape ${isList ? "size-[min(16cqh,12cqw)]" : "size-[min(30cqh,16cqw)]"}`}
          strokeWidth={1.2}
          aria-hidden
        />
        <p className={`leading-tight ${isList ? "text-[min(12cqh,7cqw)]" : "text-[min(18cqh,8cqw)]"}`}>
          {DICTATION_WORDS[step].learners}
        </p>
      </div>
      {isList && (
        <ul className="grid gap-[1cqh]">
          {checklist.map((line, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two points may have the same words, and none moves
            <li key={k} className="flex items-center gap-[2cqw] text-[min(10.5cqh,4cqw)] leading-tight">
              <span className="size-[min(8cqh,4cqw)] shrink-0 rounded-sm border-2 border-tape" aria-hidden />
              {line}
            </li>
          ))}
        </ul>
      )}
      {!isList && WITH_PLACES.includes(step) && (of === "word" ? <Boxes count={places} /> : <Lines count={places} />)}
    </div>
  );
}

/** A box a sound. */
function Boxes({ count }: { readonly count: number }) {
  return (
    <ul className="flex max-w-full gap-[1.5cqw]" aria-label={`${count} sounds`}>
      {Array.from({ length: count }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: boxes are all alike
        <li key={k} className="size-[min(28cqh,11cqw)] rounded-xl border-4 border-tape" />
      ))}
    </ul>
  );
}

/** A line a word. */
function Lines({ count }: { readonly count: number }) {
  return (
    <ul className="flex max-w-[90cqw] flex-wrap justify-center gap-x-[2cqw]" aria-label={`${count} words`}>
      {Array.from({ length: count }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines are all alike
        <li key={k} className="h-[14cqh] w-[min(12cqw,24cqh)] border-b-4 border-tape" />
      ))}
    </ul>
  );
}
