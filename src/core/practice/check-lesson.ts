import { refusalOf } from "../chains/allowed-words.ts";
import type { Move } from "../chains/moves.ts";
import { stepBy } from "../chains/step-by.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { judgeNonsense } from "../nonsense/judge-nonsense.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { checkText } from "../scope/text.ts";
import { decode } from "../spelling/decode/decode.ts";
import { keyOfGpc } from "../spelling/unit-key.ts";
import { type Activity, type ActivityContent, itemsOfContent, wordsOfContent } from "./activity.ts";
import type { LessonFault } from "./lesson-fault.ts";

export interface LessonRules {
  readonly taught: TaughtSet;
  readonly never?: readonly string[];
  readonly allowNotEverySchool?: boolean;
}

/** An activity as it is looked over. */
export interface CheckedActivity extends Pick<Activity, "id" | "content" | "heldBack"> {
  /**
   * A chain or a set that the teacher has made: nonsense words that pass their screens may stand in it, and a chain
   * goes by the moves that were asked for.
   */
  readonly teacherMade?: {
    readonly moves?: readonly Move[];
    /** The words of a chain that is made for the ears. */
    readonly byEar?: readonly string[];
  };
}

/**
 * Looks a whole lesson over: every word of every activity, by what it is there for; every card; every step of a chain.
 */
export function checkLesson(
  activities: readonly CheckedActivity[],
  rules: LessonRules,
  list: Lexicon = shippedLexicon(),
): LessonFault[] {
  const lexicon = lexiconIn(list, rules.taught.accent);
  const heldBack = new Set(activities.filter((one) => one.heldBack).flatMap(({ content }) => wordsOfContent(content)));
  return activities.flatMap(({ id, content, teacherMade, heldBack: isEnd }): LessonFault[] => {
    if (itemsOfContent(content) === 0) return [{ activity: id, code: "empty" }];
    const leaks = isEnd ? [] : [...new Set(wordsOfContent(content))].filter((word) => heldBack.has(word));
    return [
      ...[
        ...wordFaults(content, teacherMade !== undefined, rules, lexicon),
        ...stepFaults(content, teacherMade, lexicon),
      ].map((fault) => ({ ...fault, activity: id })),
      ...leaks.map((word): LessonFault => ({ activity: id, code: "held-back-shown", word })),
    ];
  });
}

type WordFault = LessonFault extends infer Fault ? (Fault extends unknown ? Omit<Fault, "activity"> : never) : never;

function wordFaults(content: ActivityContent, isOwn: boolean, rules: LessonRules, lexicon: Lexicon): WordFault[] {
  const shown = (words: readonly string[], by: "taught" | "ears-only"): WordFault[] =>
    [...new Set(words)].flatMap((word): WordFault[] => {
      const refusal = refusalOf(word, rules, lexicon, by);
      if (refusal?.code === "not-in-list" && isOwn) return by === "taught" ? nonsenseFaults(word, rules, lexicon) : [];
      return refusal ? [{ code: "refused", refusal }] : [];
    });
  const cards = (gpcs: readonly string[]): WordFault[] =>
    gpcs
      .filter((gpc) => !rules.taught.gpcs.has(keyOfGpc(gpc, lexicon.accent)))
      .map((gpc): WordFault => ({ code: "not-taught", gpc }));
  switch (content.kind) {
    case "ears-only":
      return shown(wordsOfContent(content), "ears-only");
    case "sound-cards":
      return cards(content.gpcs);
    case "hear-and-spell":
      return cards(content.sounds.flatMap(({ gpcs }) => gpcs));
    case "new-sound":
      return [...cards([content.gpc]), ...shown(content.words, "taught")];
    case "real-or-nonsense": {
      const made = content.items.filter(({ real }) => !real).map(({ word }) => word);
      const real = content.items.filter((item) => item.real).map(({ word }) => word);
      return [...shown(real, "taught"), ...made.flatMap((word) => nonsenseFaults(word, rules, lexicon))];
    }
    case "irregular-words":
      return content.words.flatMap((word): WordFault[] => {
        if (!rules.taught.words.has(word)) return [{ code: "not-learnt-whole", word }];
        const refusal = refusalOf(word, rules, lexicon, "ears-only");
        const keptOut = refusal?.code === "never-list" || refusal?.code === "unsuitable";
        return refusal && keptOut ? [{ code: "refused", refusal }] : [];
      });
    case "dictation":
      return [
        ...shown(content.words, "taught"),
        ...content.sentences.flatMap((text) => textFaults(text, rules, lexicon)),
      ];
    case "text":
      return textFaults(content.text, rules, lexicon);
    default:
      return shown(wordsOfContent(content), "taught");
  }
}

function nonsenseFaults(word: string, rules: LessonRules, lexicon: Lexicon): WordFault[] {
  const judged = judgeNonsense(word, rules.taught, lexicon);
  if (judged.ok) return [];
  return judged.code === "not-decodable"
    ? [{ code: "refused", refusal: { code: "not-decodable", word, missing: judged.missing } }]
    : [{ code: "not-nonsense", word }];
}

function stepFaults(
  content: ActivityContent,
  teacherMade: CheckedActivity["teacherMade"],
  lexicon: Lexicon,
): WordFault[] {
  const isChain = content.kind === "read-chain" || content.kind === "build-chain";
  const words = teacherMade?.byEar ?? (isChain ? content.words : []);
  const rule = { ...(teacherMade?.moves && { moves: teacherMade.moves }), accent: lexicon.accent };
  return words.slice(1).flatMap((to, k): WordFault[] => {
    const from = words[k] as string;
    const step = stepBy(teacherMade?.byEar ? "ears-only" : undefined, from, to, rule, lexicon);
    return step.single ? [] : [{ code: "no-step", from, to, reason: step.reason }];
  });
}

/** Words of a sentence or text: decodable or learnt whole, and none that is kept out. */
function textFaults(text: string, rules: LessonRules, lexicon: Lexicon): WordFault[] {
  const { tokens } = checkText(text, rules.taught, [], lexicon);
  const seen = new Set<string>();
  return tokens.flatMap(({ text: token, judged }): WordFault[] => {
    const word = normaliseSpelling(token);
    if (seen.has(word)) return [];
    seen.add(word);
    const refusal = refusalOf(word, rules, lexicon, "ears-only");
    if (refusal && (refusal.code === "never-list" || refusal.code === "unsuitable"))
      return [{ code: "refused", refusal }];
    return judged.decodable || isReadableName(token, rules.taught, lexicon)
      ? []
      : [{ code: "refused", refusal: { code: "not-decodable", word: token, missing: judged.missing } }];
  });
}

/**
 * A name is in no word list: with a capital letter it may stand where its letters, read by rule, are all taught. A word
 * of the list is no name, whatever letter it begins with.
 */
function isReadableName(token: string, taught: TaughtSet, lexicon: Lexicon): boolean {
  const word = normaliseSpelling(token);
  if (!/^\p{Lu}/u.test(token) || lexicon.get(word) || lexicon.unsplittable(word) || lexicon.unsuitable(word))
    return false;
  const reading = decode(word);
  // The list has the words of one and two syllables: a longer one that it does not know may be any word.
  const syllables = reading?.units.filter(({ slot }) => slot === "nucleus").length ?? 0;
  return reading !== undefined && syllables <= 2 && checkDecodable(reading, taught, lexicon).decodable;
}
