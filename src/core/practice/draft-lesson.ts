import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Activity, ActivityContent } from "./activity.ts";
import { type LessonRequest, LONGEST_LESSON, SHORTEST_LESSON } from "./lesson-request.ts";
import {
  earsOnly,
  familyWalkOf,
  fillTheGap,
  findIt,
  hearAndSpell,
  irregularWords,
  type Making,
  newSound,
  realOrNonsense,
  rightOrNot,
  soundCards,
} from "./make-content.ts";
import { minutesOfContent } from "./pace.ts";
import { todaysWords } from "./todays-words.ts";

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

/** One stretch of the draft, and how much it matters: 1 stays longest. */
interface Part {
  readonly order: number;
  readonly matters: number;
  readonly content: ActivityContent | undefined;
  readonly heldBack?: boolean;
}

/**
 * Drafts a whole lesson in the order lessons are commonly given (ears, cards, the new sound, blending, reading,
 * building, writing, what was held back): all from the same words, everything within what has been taught. What
 * matters most is put in first, as long as there are minutes; up to two more stand by, if there is time.
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
  const parts = partsOf(making).filter(
    (part): part is Part & { content: ActivityContent } => part.content !== undefined,
  );
  const lengthOf = ({ content }: { content: ActivityContent }) =>
    minutesOfContent(content, request.settings.turns, request.pace);
  const chosen = new Set<Part>();
  let total = 0;
  for (const part of [...parts].sort((a, b) => a.matters - b.matters)) {
    if (total + lengthOf(part) > minutes) continue;
    chosen.add(part);
    total += lengthOf(part);
  }
  const spare = parts.filter((part) => !chosen.has(part) && !part.heldBack && !isMain(part)).slice(0, MOST_IF_TIME);
  const inOrder = parts.filter((part) => chosen.has(part)).sort((a, b) => a.order - b.order);
  const heldBack = inOrder.some((part) => part.heldBack) ? making.today.heldBack : [];
  const asActivity = (part: (typeof parts)[number], k: number, ifTime: boolean): Activity => ({
    id: `${ifTime ? "if-time" : "part"}-${k + 1}`,
    content: part.content,
    minutes: lengthOf(part),
    ifTime,
    heldBack: part.heldBack ?? false,
    settings: request.settings,
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

const MOST_IF_TIME = 2;
const MAIN = new Set<ActivityContent["kind"]>(["read-chain", "build-chain", "blending", "new-sound", "dictation"]);
const isMain = ({ content }: Part): boolean => content !== undefined && MAIN.has(content.kind);

/** A lesson of so many minutes has each thing in its usual number; longer ones have more, shorter ones less. */
const USUAL_MINUTES = 25;

function partsOf(making: Making): Part[] {
  const { today, request } = making;
  const size = Math.min(1.8, request.minutes / USUAL_MINUTES);
  const many = (usual: number) => Math.max(2, Math.round(usual * size));
  const list = (kind: "blending" | "read-chain" | "build-chain" | "word-list", words: readonly string[]) =>
    words.length > 0 ? ({ kind, words } as ActivityContent) : undefined;
  const { chain, words, heldBack } = today;
  const spread = words.filter((_, k) => k % 2 === 1);
  return [
    { order: 1, matters: 5, content: earsOnly(making, ["first-sound", "blend-sounds"], many(4)) },
    { order: 2, matters: 3, content: soundCards(making, many(10)) },
    { order: 3, matters: 2, content: newSound(making) },
    { order: 4, matters: 6, content: list("blending", words.slice(0, many(5))) },
    { order: 5, matters: 1, content: list(chain.length > 0 ? "read-chain" : "word-list", words) },
    { order: 6, matters: 7, content: chain.length > 0 ? list("build-chain", chain.slice(0, many(6))) : undefined },
    { order: 7, matters: 10, content: fillTheGap(making, many(5)) },
    { order: 8, matters: 11, content: rightOrNot(making, many(6)) },
    { order: 9, matters: 9, content: irregularWords(making, many(5)) },
    { order: 10, matters: 8, content: dictation(spread.slice(0, many(4))) },
    { order: 11, matters: 12, content: findIt(making, many(6)) },
    { order: 12, matters: 13, content: hearAndSpell(making, many(5)) },
    { order: 13, matters: 14, content: familyWalkOf(making, many(8)) },
    { order: 14, matters: 15, content: realOrNonsense(making, many(8)) },
    { order: 15, matters: 4, content: list("word-list", heldBack), heldBack: true },
  ];
}

const dictation = (words: readonly string[]): ActivityContent | undefined =>
  words.length > 0 ? { kind: "dictation", words, sentences: [] } : undefined;
