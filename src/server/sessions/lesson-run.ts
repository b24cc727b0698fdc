import {
  type AccentSettings,
  type ActivityKind,
  cardReading,
  entryOf,
  isCard,
  isSentenceName,
  isWordTarget,
  type Lexicon,
  lexiconIn,
  type OralTarget,
  oralTargetOf,
  type ReadChain,
  type RunItem,
  readChain,
  runItems,
  type Segmentation,
  type StepCheck,
  sentenceOfName,
  shippedLexicon,
} from "../../core/index.ts";
import { AppError } from "../http/errors.ts";
import type { RunActivity } from "../plans/lesson-types.ts";
import type { Session } from "./sessions.ts";

/** Activities laid out one after another, and the words that are answered to in them. */
export function layOut(
  activities: readonly Omit<RunActivity, "targets">[],
  accent: AccentSettings,
): { readonly activities: readonly RunActivity[]; readonly words: readonly string[] } {
  const words: string[] = [];
  return {
    activities: activities.map((activity) => ({
      ...activity,
      targets: runItems(activity.content, accent).map(({ target }) =>
        target === undefined ? null : words.push(target.name) - 1,
      ),
    })),
    words,
  };
}

/** An item with the reading of what is answered to, and the step that leads to it from the item before. */
export interface RunWord extends RunItem {
  readonly index: number | null;
  readonly reading: Segmentation | undefined;
  readonly step: StepCheck | undefined;
  /** What is asked for by ear. */
  readonly oral?: OralTarget;
}

/** The items of an activity as its words are read in it: what stands beside a word decides between two readings. */
export function wordsOfActivity(activity: RunActivity, accent: AccentSettings): RunWord[] {
  // A lesson that was begun before its kind had these items goes on with those it had.
  const items = runItems(activity.content, accent).slice(0, activity.targets.length);
  const names = items.map(({ target }) => target?.name);
  const words = names.filter((name): name is string => name !== undefined && isWordTarget(name));
  const { readings, steps } = readWords(words, activity.content.kind, lexiconIn(shippedLexicon(), accent));
  let at = -1;
  return items.map((item, k): RunWord => {
    const name = names[k];
    const index = activity.targets[k] ?? null;
    if (name === undefined) return { ...item, index: null, reading: undefined, step: undefined };
    if (item.prompt.code === "oral") {
      const oral = oralTargetOf(item.prompt.item);
      return { ...item, index, reading: oral.reading, step: undefined, oral };
    }
    if (isSentenceName(name))
      return { ...item, index, reading: sentenceReading(sentenceOfName(name)), step: undefined };
    if (isCard(name)) return { ...item, index, reading: cardReading(name), step: undefined };
    at++;
    return { ...item, index, reading: readings[at], step: steps[at - 1] };
  });
}

/** The words of a text are not steps of a chain: each is read as it is by itself. */
const readWords = (words: readonly string[], kind: ActivityKind, lexicon: Lexicon): ReadChain =>
  kind === "text"
    ? { readings: words.map((word) => entryOf(word, lexicon)?.readings[0]), steps: [] }
    : readChain(words, lexicon);

/** A sentence has no units of its own: its words are judged one by one. */
const sentenceReading = (sentence: string): Segmentation => ({ word: sentence, units: [], cost: 0 });

/** Where something is answered to in a session. */
export interface RunTarget {
  readonly reading: Segmentation;
  /** What is asked for by ear. */
  readonly oral?: OralTarget | undefined;
  readonly activity: RunActivity;
  readonly item: RunItem;
}

/**
 * What a session's word is, and in which activity it stands; undefined for an index that cannot be marked.
 *
 * @param wordIndex index into the session's words, from 0
 */
export function targetAt(session: Session, wordIndex: number, accent: AccentSettings): RunTarget | undefined {
  for (const activity of session.run.activities) {
    if (!activity.targets.includes(wordIndex)) continue;
    const found = wordsOfActivity(activity, accent).find(({ index }) => index === wordIndex);
    return found?.reading && { reading: found.reading, oral: found.oral, activity, item: found };
  }
  return undefined;
}

/**
 * The same where there has to be one.
 *
 * @param wordIndex index into the session's words, from 0
 * @throws AppError "invalid"
 */
export function markableTarget(session: Session, wordIndex: number, accent: AccentSettings): RunTarget {
  const found = targetAt(session, wordIndex, accent);
  if (found) return found;
  throw new AppError("invalid", `The lesson has no word ${wordIndex + 1} that can be marked.`, [
    { field: "wordIndex", message: `must be from 0 to ${session.words.length - 1}` },
  ]);
}
