import { refusalOf } from "../chains/allowed-words.ts";
import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { judgeNonsense } from "../nonsense/judge-nonsense.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { isTaughtGpc } from "../scope/taught-set.ts";
import { checkText, keptOutBecause } from "../texts/check-text.ts";
import type { ContentOfKind } from "./activity-kinds.ts";
import { withoutContext } from "./dictation-context.ts";
import type { ContentFault } from "./lesson-fault.ts";

const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z'’-]+/)
    .filter(Boolean);

/** What may be put before a group. */
export interface LessonRules {
  readonly taught: TaughtSet;
  readonly never?: readonly string[];
  readonly allowLists?: readonly KeptOutList[];
}

/** What can be asked of the things in an activity: each answers with what is wrong, empty when nothing is. */
export interface ContentCheck {
  /** Words that are read, built or written: decodable, suitable, not kept out. */
  readonly read: (words: readonly string[]) => ContentFault[];
  /** Words that are only heard: suitable, not kept out. */
  readonly heard: (words: readonly string[]) => ContentFault[];
  /** Words met as wholes: learnt as such, and not kept out. */
  readonly learntWhole: (words: readonly string[]) => ContentFault[];
  /** Nonsense words: decodable, and none that is, or reminds one of, a word that is kept out. */
  readonly nonsense: (words: readonly string[]) => ContentFault[];
  /** GPC ids of cards: taught. */
  readonly cards: (gpcs: readonly string[]) => ContentFault[];
  /** Sentences that the teacher says: none of their words kept out. */
  readonly said: (texts: readonly string[]) => ContentFault[];
  /** Dictated words: those that sound like another stand in a sentence. */
  readonly toldApart: (content: ContentOfKind<"dictation">) => ContentFault[];
  /** Sentences and texts: every word decodable, learnt whole or a readable name, and none kept out. */
  readonly texts: (texts: readonly string[]) => ContentFault[];
}

/**
 * The questions, asked for one group.
 *
 * @param allowsNonsense the teacher has made it: a nonsense word that passes its screens may stand among words to read
 */
export function contentCheck(rules: LessonRules, lexicon: Lexicon, allowsNonsense: boolean): ContentCheck {
  const nonsense = (words: readonly string[]) => words.flatMap((word) => nonsenseFaults(word, rules, lexicon));
  const keptOutOf = (word: string) => {
    const refusal = refusalOf(word, rules, lexicon, "ears-only");
    return refusal?.code === "never-list" || refusal?.code === "unsuitable" ? refusal : undefined;
  };
  return {
    nonsense,
    read: (words) =>
      [...new Set(words)].flatMap((word): ContentFault[] => {
        const refusal = refusalOf(word, rules, lexicon);
        if (refusal?.code === "not-in-list" && allowsNonsense) return nonsense([word]);
        return refusal ? [{ code: "refused", refusal }] : [];
      }),
    heard: (words) =>
      [...new Set(words)].flatMap((word): ContentFault[] => {
        const refusal = refusalOf(word, rules, lexicon, "ears-only");
        if (refusal?.code === "not-in-list" && allowsNonsense) return [];
        return refusal ? [{ code: "refused", refusal }] : [];
      }),
    learntWhole: (words) =>
      words.flatMap((word): ContentFault[] => {
        if (!rules.taught.words.has(word)) return [{ code: "not-learnt-whole", word }];
        const refusal = keptOutOf(word);
        return refusal ? [{ code: "refused", refusal }] : [];
      }),
    cards: (gpcs) =>
      gpcs.filter((gpc) => !isTaughtGpc(gpc, rules.taught)).map((gpc): ContentFault => ({ code: "not-taught", gpc })),
    said: (texts) =>
      [...new Set(texts.flatMap(wordsIn))].flatMap((word): ContentFault[] => {
        const refusal = keptOutOf(word);
        return refusal ? [{ code: "refused", refusal }] : [];
      }),
    toldApart: (content) =>
      withoutContext(content, lexicon).map((one): ContentFault => ({ code: "no-context", ...one })),
    texts: (texts) => texts.flatMap((text) => textFaults(text, rules, lexicon)),
  };
}

function nonsenseFaults(word: string, rules: LessonRules, lexicon: Lexicon): ContentFault[] {
  const judged = judgeNonsense(word, rules.taught, lexicon);
  if (judged.ok) return [];
  return judged.code === "not-decodable"
    ? [{ code: "refused", refusal: { code: "not-decodable", word, missing: judged.missing } }]
    : [{ code: "not-nonsense", word }];
}

function textFaults(text: string, rules: LessonRules, lexicon: Lexicon): ContentFault[] {
  const { tokens } = checkText(text, rules.taught, [], lexicon, rules);
  const seen = new Set<string>();
  return tokens.flatMap(({ text: token, spelling, kind, fits, judged }): ContentFault[] => {
    if (fits || seen.has(spelling)) return [];
    seen.add(spelling);
    const refusal = kind === "kept-out" ? keptOutBecause(spelling, rules, lexicon) : undefined;
    return [{ code: "refused", refusal: refusal ?? { code: "not-decodable", word: token, missing: judged.missing } }];
  });
}
