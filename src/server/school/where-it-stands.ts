import {
  ACCENTS,
  type Accent,
  lexiconIn,
  phonemesOf,
  type StepRange,
  shippedLexicon,
  type TellingWord,
} from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { askWords } from "../words/pool.ts";
import { getSchool } from "./school.ts";
import { getSequence } from "./sequences.ts";

const WORDS_ASKED = 6;

/** Words that tell where between two steps of an order a group stands. @throws AppError "not-found" */
export async function wordsThatTell(db: Queryable, sequenceId: string, range: StepRange): Promise<TellingWord[]> {
  const sequence = await getSequence(db, sequenceId);
  const { accent } = await getSchool(db);
  return askWords("tellingWords", sequence, range, WORDS_ASKED, accent);
}

/** Words in which the accents differ for the ear. */
const DIFFERING = ["bath", "car", "new"];

/** What a word sounds like in an accent. */
export interface AccentSample {
  readonly word: string;
  readonly phonemes: readonly string[];
}

/** Words as each accent says them, so that the choice between accents can be seen. */
export function accentSamples(): Readonly<Record<Accent, readonly AccentSample[]>> {
  const samplesIn = (accent: Accent): AccentSample[] => {
    const lexicon = lexiconIn(shippedLexicon(), { accent, mergers: ["wh-w"] });
    return DIFFERING.flatMap((word) => {
      const entry = lexicon.get(word);
      return entry ? [{ word, phonemes: phonemesOf(entry.readings[0]) }] : [];
    });
  };
  return Object.fromEntries(ACCENTS.map((accent) => [accent, samplesIn(accent)])) as Record<Accent, AccentSample[]>;
}
