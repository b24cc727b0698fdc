/**
 * What Southern British says otherwise than the dictionary, word by word; what follows a rule stands in
 * core/spelling/southern-british.ts. From memory, read by eye against 520 words, November 2026.
 *
 *   word · grapheme · sound there
 */
const LINES = `
what a ɒ, what's a ɒ, was a ɒ, wasn't a ɒ, because au ɒ, of o ɒ, from o ɒ, been ee iː, route ou uː, routes ou uː
water a ɔː, waters a ɔː, watered a ɔː, watering a ɔː, watery a ɔː, waterfall a ɔː, watermelon a ɔː, walnut a ɔː, walnuts a ɔː
walrus a ɔː, tomato a ɑː, tomatoes a ɑː, vase a-e ɑː, vases a ɑː, ate a-e e, shone o-e ɒ, gone o ɒ, scone o-e ɒ, zebra e e
zebras e e, lever e iː, clerk er ɑːr, leisure ei e, yogurt o ɒ, dynasty y ɪ, privacy i ɪ, vitamin i ɪ, vitamins i ɪ, apricot a eɪ
wrath a ɒ, mobile i-e aɪ, fertile i-e aɪ, hostile i-e aɪ, fragile i-e aɪ, missile i-e aɪ, missiles i-e aɪ, reptile i-e aɪ
textile i-e aɪ, neither ei aɪ, either ei aɪ, herb her ɜːr, thorough ou ʌ, borough ou ʌ, plait ai æ, squirrel i ɪ, stirrup i ɪ
syrup y ɪ, been ee iː, again ai e, against ai e, progress o oʊ, process o oʊ, project o ɒ, produce o ə, garage a æ, ballet a æ
anybody a e, somebody o ɒ, body o ɒ, pasta a æ, taco a æ, mom o ɒ, half al ɑː, calf al ɑː, halves al ɑː, calves al ɑː, aunt au ɑː
aunts au ɑː, auntie au ɑː, laugh au ɑː, laughs au ɑː, laughed au ɑː, laughing au ɑː, laughter au ɑː, rather a ɑː, lather a ɑː
salmon al æ, almond al ɑː, almonds al ɑː, halfway al ɑː, charade a-e ɑː, charades a-e ɑː, version si ʃ, versions si ʃ
prevail e ɪ, prevails e ɪ, prevailed e ɪ, prevailing e ɪ, restrain e ɪ, restrains e ɪ, restrained e ɪ, restraining e ɪ
restraint e ɪ, restraints e ɪ
`;

/** Word → grapheme → phonemes. */
export const SOUTHERN_BRITISH_WORDS: ReadonlyMap<string, ReadonlyMap<string, readonly string[]>> = readLines();

function readLines() {
  const words = new Map<string, Map<string, string[]>>();
  for (const line of LINES.split(/,|\n/)) {
    const [word, grapheme, sounds] = line.trim().split(" ");
    if (!word || !grapheme || !sounds) continue;
    words.set(word, (words.get(word) ?? new Map()).set(grapheme, sounds.split("+")));
  }
  return words;
}

/** Words in which the a before one r is the a of cat; in others it is the vowel of air (parent, vary). From memory. */
export const SHORT_A_BEFORE_R: ReadonlySet<string> = new Set(
  `character characters characteristic characterize charity charities charitable paradise caramel caramels paragraph
  paragraphs parallel parallels paralyze paralyzed parachute parachutes paramedic paramedics caravan caravans carat carats
  baron barons baroness carol carols guarantee guaranteed guarantees apparent apparently comparative asparagus tariff
  chariot chariots marathon clarity clarify parody parasite parasites parish paranoid arid solidarity popularity similarity
  maritime barometer caricature charisma charismatic clarinet embarrass harass heritage inherit merit parable paradox
  paraffin parameter paraphrase parapet transparent parity paranoia paralegal asparagus barbarity familiarity polarity
  hilarity vulgarity regularity singularity`
    .split(/\s+/)
    .filter(Boolean),
);
