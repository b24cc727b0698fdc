import dictionarySounds from "../../data/lexicon/dictionary-sounds.json";
import spelledSounds from "../../data/lexicon/spelled-sounds.json";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { PHONEMES } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { saidAs, soundsOf } from "../spelling/said.ts";
import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";
import { syllablesOf } from "../spelling/syllables.ts";
import { hasClearRime, rimeTable } from "./rimes.ts";

/** What a nonsense word is held against. */
export interface Screens {
  /** True for a spelling that is a word, or unsuitable, or has an unsuitable word in it. */
  refuses(spelling: string): boolean;
  /** True when it sounds like a word of the list, or like an unsuitable one. */
  soundsReal(reading: Segmentation): boolean;
  /** True when English has its ending and says it so in nearly every word (not bead, head). */
  endsClearly(reading: Segmentation): boolean;
  /** The commonest longer word that has it as a syllable, letters and sounds. */
  syllableOf(reading: Segmentation): string | undefined;
}

/** Sounds as one string; voiced and unvoiced th count as one, as they do to most ears. */
export function soundKey(reading: Segmentation, accent: AccentSettings = GENERAL_AMERICAN): string {
  return soundsOf(reading, accent).replace(/ð/g, "θ");
}

const soundKeyOf = (phonemes: readonly string[], accent: AccentSettings): string =>
  soundClassOf(phonemes, accent).replace(/ð/g, "θ");

const PHONEME_OF_PHONE = new Map(
  PHONEMES.filter(({ id }) => id !== "ə" && id !== "ər").map(({ id, cmu }) => [cmu.join(""), id]),
);
// Of the two that the dictionary writes AA the one of hot.
PHONEME_OF_PHONE.set("AA", "ɒ");

/** Our phoneme for a phone of dictionary-sounds.json. */
const phonemeOfPhone = (phone: string): string => PHONEME_OF_PHONE.get(phone) ?? phone;

/** Shorter unsuitable words are part of too many innocent spellings: they are held against whole words only. */
const LEAST_HIDDEN = 4;

const BUILT = new WeakMap<Lexicon, Screens>();

/** The screens of a word list, built at the first call. */
export function screensOf(lexicon: Lexicon): Screens {
  const built = BUILT.get(lexicon);
  if (built) return built;
  const steps = build(lexicon);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** Builds the screens of a word list a little at a time, for who has something else to do in between. */
export function* screensInSteps(lexicon: Lexicon): Generator<void, void> {
  if (!BUILT.has(lexicon)) yield* build(lexicon);
}

/** So many sounds are put in between two rests: some milliseconds. */
const LINES_A_STEP = 1000;

function* build(lexicon: Lexicon): Generator<void, Screens> {
  const never = lexicon.unsuitableWords.filter((word) => lexicon.unsuitable(word)?.level === "never");
  const hidden = never.filter((word) => word.length >= LEAST_HIDDEN);
  const sounds = new Set<string>();
  const syllables = new Map<string, string>();
  for (const entry of lexicon.words) {
    for (const reading of entry.readings) sounds.add(soundKey(reading, lexicon.accent));
    const [lead] = entry.readings;
    if (entry.syllables < 2 || entry.suitability !== "suitable") continue;
    for (const { text, units } of syllablesOf(lead)) {
      const key = `${text} ${soundClassOf(units.flatMap((k) => lead.units[k]?.phonemes ?? []))}`;
      if (!syllables.has(key)) syllables.set(key, entry.word);
    }
  }
  yield;
  const [wh = "w"] = saidAs("wh", ["w"], lexicon.accent);
  for (const [k, line] of (spelledSounds as string).split(" ").entries()) {
    sounds.add(soundKeyOf(line.replace("ʍ", wh).split("-"), lexicon.accent));
    if (k % LINES_A_STEP === 0) yield;
  }
  for (const [k, line] of (dictionarySounds as string).split(" ").entries()) {
    sounds.add(soundKeyOf(line.split("-").map(phonemeOfPhone), lexicon.accent));
    if (k % LINES_A_STEP === 0) yield;
  }
  const rimes = rimeTable(lexicon);
  const words = new Set([...lexicon.otherWords, ...lexicon.unsuitableWords]);
  const screens: Screens = {
    refuses: (spelling) =>
      words.has(spelling) ||
      lexicon.get(spelling) !== undefined ||
      lexicon.unsplittable(spelling) ||
      hidden.some((word) => spelling.includes(word)),
    soundsReal: (reading) => {
      const key = soundKey(reading, lexicon.accent);
      // With an s taken off it must not be a real word either: "piks" is picks.
      return sounds.has(key) || (/ [sz]$/.test(key) && sounds.has(key.slice(0, -2)));
    },
    endsClearly: (reading) => hasClearRime(reading, rimes),
    syllableOf: (reading) => syllables.get(`${reading.word} ${soundClassOf(phonemesOf(reading))}`),
  };
  BUILT.set(lexicon, screens);
  return screens;
}
