import { refusalOf } from "../chains/allowed-words.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Activity } from "./activity.ts";
import { wordsOfContent } from "./activity-content.ts";
import { ACTIVITY_KINDS, type ActivityContent, type ActivityKind } from "./activity-kinds.ts";
import { makeContent } from "./activity-work.ts";
import { type LessonRequest, LONGEST_LESSON, SHORTEST_LESSON } from "./lesson-request.ts";
import type { Making } from "./making.ts";
import { minutesOfContent } from "./pace.ts";
import { thinkingAfter } from "./settings.ts";
import { type LessonTemplate, TEMPLATES, USUAL_MINUTES } from "./template.ts";
import { type TodaysWords, todaysWords } from "./todays-words.ts";

/** A drafted lesson. */
export interface LessonDraft {
  readonly ok: true;
  readonly activities: readonly Activity[];
  /** Words that appear nowhere before the end. */
  readonly heldBack: readonly string[];
  /** Sum of the activities that are not "if there is time". */
  readonly minutes: number;
}

export type NoLesson =
  | { readonly code: "minutes-out-of-range"; readonly least: number; readonly most: number }
  | { readonly code: "nothing-taught" };

/** One stretch of the draft, and its priority: 1 stays longest. */
interface Part {
  readonly order: number;
  readonly priority: number;
  readonly content: ActivityContent | undefined;
  readonly heldBack?: boolean;
  readonly ifTime?: boolean;
  readonly isLookBack?: boolean;
}

/**
 * Drafts a whole lesson in the order lessons are commonly given (ears, cards, the new sound, blending, reading,
 * building, writing, what was held back), or that of a template: all from the same words, everything within what has been taught. What
 * has the highest priority is put in first, as long as there are minutes; up to two more stand by, if there is time.
 */
export function draftLesson(
  request: LessonRequest,
  list: Lexicon = shippedLexicon(),
): LessonDraft | { readonly ok: false; readonly reason: NoLesson } {
  const { minutes } = request;
  if (!Number.isFinite(minutes) || minutes < SHORTEST_LESSON || minutes > LONGEST_LESSON)
    return { ok: false, reason: { code: "minutes-out-of-range", least: SHORTEST_LESSON, most: LONGEST_LESSON } };
  if (request.taughtGpcs.length === 0) return { ok: false, reason: { code: "nothing-taught" } };
  const lexicon = lexiconIn(list, request.taught.accent);
  const making: Making = { request, today: todaysWords(request, lexicon), lexicon };
  const parts = [...partsOf(making, request.template ?? WHOLE_LESSON), ...lookBack(making)].filter(
    (part): part is Part & { content: ActivityContent } => part.content !== undefined,
  );
  const lengthOf = ({ content }: { content: ActivityContent }) =>
    minutesOfContent(content, request.settings.turns, request.pace);
  const chosen = new Set<Part>();
  let total = 0;
  for (const part of [...parts].sort((a, b) => a.priority - b.priority)) {
    if (part.ifTime || total + lengthOf(part) > minutes) continue;
    chosen.add(part);
    total += lengthOf(part);
  }
  const left = parts.filter((part) => !chosen.has(part) && !part.heldBack);
  const spare = [...left.filter(({ ifTime }) => ifTime), ...left.filter((part) => !part.ifTime && !isMain(part))].slice(
    0,
    MOST_IF_TIME,
  );
  const inOrder = parts.filter((part) => chosen.has(part)).sort((a, b) => a.order - b.order);
  const heldBack = inOrder.some((part) => part.heldBack) ? making.today.heldBack : [];
  const asActivity = (part: (typeof parts)[number], k: number, ifTime: boolean): Activity => ({
    id: `${ifTime ? "if-time" : "part"}-${k + 1}`,
    content: part.content,
    minutes: lengthOf(part),
    ifTime,
    heldBack: part.heldBack ?? false,
    ...(part.isLookBack && { isLookBack: true }),
    settings: { ...request.settings, thinking: thinkingAfter(request.settings, request.lessonsBefore ?? 0) },
  });
  return {
    ok: true,
    activities: [
      ...inOrder.map((part, k) => asActivity(part, k, false)),
      ...spare.map((part, k) => asActivity(part, k, true)),
    ],
    heldBack,
    minutes: total,
  };
}

/** Things in an activity that is put in by hand. */
const BY_HAND = 6;

/**
 * Fills one activity of a kind for a lesson that is there already: with the words of its chain or list, and without
 * those it keeps back.
 *
 * @param there what the lesson has; a chain of it gives the words
 * @returns undefined when the words do not serve
 */
export function fillKind(
  kind: ActivityKind,
  request: LessonRequest,
  there: readonly (ActivityContent & { readonly heldBack?: boolean })[],
  list: Lexicon = shippedLexicon(),
): ActivityContent | undefined {
  if (request.taughtGpcs.length === 0) return undefined;
  const lexicon = lexiconIn(list, request.taught.accent);
  const heldBack = there.filter((one) => one.heldBack).flatMap(wordsOfContent);
  const chain = there.find((one) => one.kind === "read-chain" && !one.heldBack);
  let found: Pick<TodaysWords, "chain" | "words"> | undefined;
  // Not every kind is made of them, and a chain takes the longest to find.
  const todays = () => {
    found ??=
      chain?.kind === "read-chain"
        ? { chain: chain.words, words: chain.words }
        : todaysWords({ ...request, never: [...(request.never ?? []), ...heldBack], heldBack: 0 }, lexicon);
    return found;
  };
  const today: TodaysWords = {
    heldBack,
    get chain() {
      return todays().chain;
    },
    get words() {
      return todays().words;
    },
  };
  return makeContent(kind, { request, today, lexicon }, BY_HAND);
}

/** Last week's words that are looked at again, after the cards. */
const LOOKED_BACK_AT = 6;
const [AFTER_CARDS, AFTER_HELD_BACK] = [1.5, 4.5];

/** Some of last week's words, as far as they may still be shown and are not today's; in a whole lesson only. */
function lookBack({ request, today, lexicon }: Making): Part[] {
  if (request.template) return [];
  const todays = new Set([...today.words, ...today.heldBack]);
  const words = (request.lastWeek ?? [])
    .filter((word) => !todays.has(word) && refusalOf(word, request, lexicon) === undefined)
    .slice(0, LOOKED_BACK_AT);
  if (words.length < 2) return [];
  return [{ order: AFTER_CARDS, priority: AFTER_HELD_BACK, content: { kind: "word-list", words }, isLookBack: true }];
}

const WHOLE_LESSON = TEMPLATES[0] as LessonTemplate;
const MOST_IF_TIME = 2;
const isMain = ({ content }: Part): boolean => content !== undefined && ACTIVITY_KINDS[content.kind].isMain;

function partsOf(making: Making, template: LessonTemplate): Part[] {
  const size = Math.min(1.8, making.request.minutes / USUAL_MINUTES);
  return template.parts.map(({ kind, items, priority, heldBack, ifTime }, order) => ({
    order,
    priority,
    content: makeContent(kind, making, Math.max(2, Math.round(items * size)), heldBack),
    ...(heldBack && { heldBack }),
    ...(ifTime && { ifTime }),
  }));
}
