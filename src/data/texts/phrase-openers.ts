/**
 * Little words that a phrase begins with: most prepositions. Left out are those that hang on the word before them as often
 * as not (of, up, out, off, as). Common practice in marking a text for phrased reading, from memory; no source.
 */
const PREPOSITIONS = `in on at to from with by for into onto over under near past down along around across behind beside
  between inside outside through without before after until till since against among`;

/** Words that join two parts of a sentence. The same. */
const JOINING = "and but or so then when while because if that who which where";

const setOf = (words: string): ReadonlySet<string> => new Set(words.split(/\s+/).filter(Boolean));

export const JOINING_WORDS: ReadonlySet<string> = setOf(JOINING);
export const PHRASE_OPENERS: ReadonlySet<string> = setOf(`${PREPOSITIONS} ${JOINING}`);

/** Words after which "to" goes with them and not with what follows: has to, wants to. The same. */
export const GO_WITH_TO: ReadonlySet<string> = setOf(
  "has have had got want wants wanted need needs needed like likes liked try tries tried going able used love loves loved",
);
