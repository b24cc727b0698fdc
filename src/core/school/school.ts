import { type CountingRule, DEFAULT_COUNTING } from "../evidence/counting-rule.ts";
import { DEFAULT_MASTERY, type MasteryRule } from "../evidence/mastery.ts";
import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import { type ChecklistLine, DEFAULT_CHECKLIST } from "../practice/dictation-steps.ts";
import { DEFAULT_PRACTICE, type PracticeSettings } from "../practice/settings.ts";
import { SENTENCE_RULES, type SentenceRule } from "../responses/sentence-verdict.ts";
import type { Pattern } from "../scope/patterns.ts";
import type { Sequence, TaughtGpc } from "../scope/sequence.ts";
import { type TaughtSet, type TickTokens, taughtAt, ticksOf } from "../scope/taught-set.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { DEFAULT_SOUND_STYLE, type SoundStyle } from "../sounds/sound-style.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import type { MarkKind } from "../spelling/marks.ts";
import { ONE_TAP_A_SOUND, type TapSettings } from "../spelling/taps.ts";

/** How this school hears and handles words: one set of choices for the whole workspace. */
export interface SchoolSettings {
  readonly accent: AccentSettings;
  /** How sounds are written on every screen and sheet. */
  readonly soundStyle: SoundStyle;
  readonly taps: TapSettings;
  /** Which marks are drawn on a word. */
  readonly marks: readonly MarkKind[];
  /** Lists of words that are kept out unless a school lets them in, and this one does. */
  readonly allowLists: readonly KeptOutList[];
  /** How activities are done unless a teacher says otherwise. */
  readonly practice: PracticeSettings;
  /** When a card or a word learnt whole counts as known. */
  readonly mastery: MasteryRule;
  /** What of the answers counts as evidence. */
  readonly counting: CountingRule;
  /** What a dictated sentence is looked at for besides its words. */
  readonly sentenceRules: readonly SentenceRule[];
  /** What learners look a dictated sentence over for, in this order. */
  readonly checklist: readonly ChecklistLine[];
  /** The teacher's own words to keep out; they win over everything. Lower case. */
  readonly never: readonly string[];
}

export const DEFAULT_SCHOOL: SchoolSettings = {
  accent: GENERAL_AMERICAN,
  soundStyle: DEFAULT_SOUND_STYLE,
  taps: ONE_TAP_A_SOUND,
  marks: ["taps", "lengths", "silent"],
  allowLists: [],
  practice: DEFAULT_PRACTICE,
  mastery: DEFAULT_MASTERY,
  counting: DEFAULT_COUNTING,
  sentenceRules: SENTENCE_RULES,
  checklist: DEFAULT_CHECKLIST,
  never: [],
};

/** Where a group stands in this school: everything that decides what may be put before it. */
export interface GroupScope {
  readonly sequence: Sequence;
  /** Counted from 1. */
  readonly step: number;
  readonly ticks: TickTokens;
  readonly school: SchoolSettings;
}

/** Ids of the correspondences a group has been taught, the newest first; those ticked by hand lead. */
export function taughtGpcs({ sequence, step, ticks }: Omit<GroupScope, "school">): string[] {
  const idOf = ({ grapheme, phonemes }: TaughtGpc) => gpcId(grapheme, phonemes);
  const { add, remove } = ticksOf(ticks);
  const removed = new Set((remove?.gpcs ?? []).map(idOf));
  const steps = sequence.steps.filter(({ number }) => number <= step).reverse();
  const all = [...(add?.gpcs ?? []), ...steps.flatMap(({ gpcs }) => gpcs)].map(idOf);
  return [...new Set(all)].filter((id) => !removed.has(id));
}

/** Ids of the patterns a group has been taught, the newest first. */
export function taughtPatterns({ sequence, step, ticks }: Omit<GroupScope, "school">): Pattern[] {
  return [...taughtAt(sequence, step, ticksOf(ticks)).patterns].reverse();
}

/** So many groups may be planned for in turn without working out anew what each can read. */
const MOST_KNOWN = 24;
const KNOWN = new Map<string, TaughtSet>();

/** The taught set of a group: the same object for the same set, so that what is worked out from one need be only once. */
export function taughtOf({
  sequence,
  step,
  ticks,
  school,
}: Omit<GroupScope, "school"> & { school: Pick<SchoolSettings, "accent"> }): TaughtSet {
  const taught = taughtAt(sequence, step, ticksOf(ticks), school.accent);
  const gpcs = [...taught.gpcs].map(([key, places]) => [key, places === "any" ? places : [...places]]);
  const away = [...(taught.takenAway ?? [])];
  const key = JSON.stringify([gpcs, away, [...taught.patterns], [...taught.words], taught.accent]);
  const known = KNOWN.get(key) ?? taught;
  // The one that was asked for longest ago goes first.
  KNOWN.delete(key);
  KNOWN.set(key, known);
  const [oldest] = KNOWN.keys();
  if (KNOWN.size > MOST_KNOWN && oldest !== undefined) KNOWN.delete(oldest);
  return known;
}
