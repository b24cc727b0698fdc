import { MOUTH_CUES } from "../../data/sounds/mouth-cues.ts";
import { describeChain } from "../chains/describe.ts";
import type { ChangePosition } from "../chains/moves.ts";
import type { Bin } from "../families/sort-bins.ts";
import type { SpellingFact } from "../families/spelling-choices.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { OralItem } from "../oral/item.ts";
import { targetSpans } from "../scope/text.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { gappedWord } from "../spelling/gapped.ts";
import { gpcById } from "../spelling/gpc.ts";
import type { ActivityContent } from "./activity.ts";

/** One thing the helper says or does; put into words by the interface. */
export type Prompt =
  | { readonly code: "first-word"; readonly word: string; readonly build: boolean }
  | {
      readonly code: "change";
      readonly old: readonly string[];
      readonly now: readonly string[];
      readonly position: ChangePosition;
      readonly answer: string;
      readonly build: boolean;
    }
  | {
      readonly code: "add";
      readonly now: readonly string[];
      readonly position: ChangePosition;
      readonly answer: string;
      readonly build: boolean;
    }
  | {
      readonly code: "take-away";
      readonly old: readonly string[];
      readonly position: ChangePosition;
      readonly answer: string;
      readonly build: boolean;
    }
  | { readonly code: "card"; readonly gpc: string; readonly grapheme: string; readonly sound: readonly string[] }
  | { readonly code: "spell"; readonly sound: readonly string[]; readonly graphemes: readonly string[] }
  | {
      readonly code: "new-sound";
      readonly gpc: string;
      readonly grapheme: string;
      readonly sound: readonly string[];
      readonly cue: string;
      readonly keyWord: string;
      /** Where the spelling stands. */
      readonly facts: readonly SpellingFact[];
    }
  | { readonly code: "read"; readonly word: string }
  | { readonly code: "dictate"; readonly word: string }
  | { readonly code: "dictate-sentence"; readonly sentence: string }
  | { readonly code: "find"; readonly word: string; readonly among: readonly string[] }
  | {
      readonly code: "gap";
      readonly word: string;
      readonly unit: number;
      readonly gapped: string;
      readonly choices: readonly string[];
    }
  | { readonly code: "judge"; readonly word: string; readonly shown: string }
  | { readonly code: "real"; readonly word: string; readonly real: boolean }
  | { readonly code: "whole"; readonly word: string }
  | { readonly code: "oral"; readonly item: OralItem }
  /** `belongs`: the bin's index; undefined for a word that belongs in none. */
  | {
      readonly code: "sort";
      readonly word: string;
      readonly bins: readonly Bin[];
      readonly belongs: number | undefined;
    }
  /** `spans`: where the targets stand, from a character up to before another. */
  | {
      readonly code: "read-text";
      readonly text: string;
      readonly targets: readonly string[];
      readonly spans: readonly (readonly [number, number])[];
    }
  | { readonly code: "text"; readonly text: string };

/** What is said in an activity, step by step. */
export function promptsOf(
  content: ActivityContent,
  accent: AccentSettings,
  list: Lexicon = shippedLexicon(),
): Prompt[] {
  const lexicon = lexiconIn(list, accent);
  switch (content.kind) {
    case "read-chain":
    case "build-chain":
      return chainPrompts(content.words, content.kind === "build-chain", lexicon);
    case "family-walk":
      return chainPrompts(content.words, false, lexicon);
    case "sound-cards":
      return content.gpcs.flatMap((id): Prompt[] => {
        const gpc = gpcById(id);
        return gpc ? [{ code: "card", gpc: id, grapheme: gpc.grapheme, sound: gpc.phonemes }] : [];
      });
    case "hear-and-spell":
      return content.sounds.map(({ sound, gpcs }) => ({
        code: "spell",
        sound,
        graphemes: gpcs.map((id) => gpcById(id)?.grapheme ?? ""),
      }));
    case "new-sound": {
      const gpc = gpcById(content.gpc);
      if (!gpc) return [];
      const cue = gpc.phonemes.map((id) => MOUTH_CUES.get(id) ?? "").join("; then ");
      return [
        {
          code: "new-sound",
          gpc: content.gpc,
          grapheme: gpc.grapheme,
          sound: gpc.phonemes,
          cue,
          keyWord: content.keyWord,
          facts: content.facts,
        },
        ...content.words.map((word): Prompt => ({ code: "read", word })),
      ];
    }
    case "blending":
    case "word-list":
      return content.words.map((word) => ({ code: "read", word }));
    case "dictation":
      return [
        ...content.words.map((word): Prompt => ({ code: "dictate", word })),
        ...content.sentences.map((sentence): Prompt => ({ code: "dictate-sentence", sentence })),
      ];
    case "find-it":
      return content.items.map(({ word, foils }) => ({ code: "find", word, among: [word, ...foils].sort() }));
    case "fill-the-gap":
      return content.items.map(({ word, unit, choices }) => ({
        code: "gap",
        word,
        unit,
        gapped: gappedAt(word, unit, lexicon),
        choices,
      }));
    case "right-or-not":
      return content.items.map(({ word, shown }) => ({ code: "judge", word, shown }));
    case "real-or-nonsense":
      return content.items.map(({ word, real }) => ({ code: "real", word, real }));
    case "irregular-words":
      return content.words.map((word) => ({ code: "whole", word }));
    case "ears-only":
      return content.parts.flatMap(({ items }) => items.map((item): Prompt => ({ code: "oral", item })));
    case "sort": {
      const bins = content.bins.map(({ bin }) => bin);
      return content.table.map((word) => {
        const at = content.bins.findIndex(({ words }) => words.includes(word));
        return { code: "sort", word, bins, belongs: at === -1 ? undefined : at };
      });
    }
    case "text":
      return [
        {
          code: "read-text",
          text: content.text,
          targets: content.targets,
          spans: targetSpans(content.text, content.targets, lexicon),
        },
      ];
    case "free":
      return [{ code: "text", text: content.text }];
  }
}

function chainPrompts(words: readonly string[], build: boolean, lexicon: Lexicon): Prompt[] {
  const [first] = words;
  if (first === undefined) return [];
  const { steps } = describeChain(words, { focus: [], contrasts: [], accent: lexicon.accent }, lexicon);
  return [
    { code: "first-word", word: first, build },
    ...steps.flatMap((step, k): Prompt[] => {
      const answer = words[k + 1] as string;
      if (!step.single) return [{ code: "first-word", word: answer, build }];
      const { kind, position, oldUnit, newUnit } = step;
      const [old, now] = [oldUnit?.phonemes ?? [], newUnit?.phonemes ?? []];
      if (kind === "add") return [{ code: "add", now, position, answer, build }];
      if (kind === "take-away") return [{ code: "take-away", old, position, answer, build }];
      return [{ code: "change", old, now, position, answer, build }];
    }),
  ];
}

/** The word with a line where one grapheme is left out; the word itself where it is not listed. */
function gappedAt(word: string, unit: number, lexicon: Lexicon): string {
  const reading = lexicon.get(word)?.readings[0];
  return reading ? gappedWord(reading, unit) : word;
}
