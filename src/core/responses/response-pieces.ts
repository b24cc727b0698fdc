import type { Lexicon } from "../lexicon/lexicon.ts";
import { segmentations } from "../lexicon/segment.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { decodings } from "../spelling/decode/decode.ts";
import { firstSoundsOf } from "../spelling/gpc.ts";
import { saidPhonemes } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { lettersOfTiles } from "./tiles.ts";

/** A piece of a response: a sound that was said, or letters that were built or written and what they say there. */
export interface Piece {
  /** Letters of the piece; undefined for what was only said. */
  readonly grapheme: string | undefined;
  readonly phonemes: readonly string[];
}

/** One way to take a response. */
export interface ResponsePieces {
  readonly pieces: readonly Piece[];
  /** By a word of the list, by rule, sound by sound, or letter by letter because no rule reads it. */
  readonly by: "list" | "rule" | "sounds" | "letters";
}

const MOST_READINGS = 4;
/** A reading by rule that costs so much more than the likeliest is not what a child meant. */
const AS_LIKELY = 0.5;
/** Tiles are looked for among more readings: theirs need not be the likeliest. */
const MOST_FOR_TILES = 40;
/** What stands between sounds that are said one by one: "f … i … sh", "f-i-sh". */
const BETWEEN_SOUNDS = /[\s.…,|/·-]+/;
const LONGEST_GRAPHEME = 4;

/** What a grapheme says most often: s is /s/, though it is /ʒ/ in treasure. @returns no sounds for no grapheme */
export const mainSounds = (grapheme: string): readonly string[] => firstSoundsOf(grapheme)?.split("+") ?? [];

/** What the letters of a digraph say one by one; none for a grapheme of one letter or a split one. */
export const soundsOfLetters = ({ grapheme }: Pick<Unit, "grapheme">): string[] =>
  grapheme.length > 1 && !grapheme.includes("-") ? [...grapheme].flatMap(mainSounds) : [];

const onlySaid = (phonemes: readonly string[]): Piece[] =>
  phonemes.map((id) => ({ grapheme: undefined, phonemes: [id] }));

const spoken = (reading: Segmentation, lexicon: Lexicon): Piece[] => onlySaid(saidPhonemes(reading, lexicon.accent));

/** `["f", "i", "sh"]`: what was said bit by bit. */
export const partsSaid = (text: string): string[] => text.trim().toLowerCase().split(BETWEEN_SOUNDS).filter(Boolean);

/** What a teacher typed of what was said: a word, a respelling, or sounds one by one. Every way to take it. */
export function piecesSaid(text: string, lexicon: Lexicon): ResponsePieces[] {
  const parts = partsSaid(text);
  const isGrapheme = (part: string) => part.length <= LONGEST_GRAPHEME && mainSounds(part).length > 0;
  if (parts.length > 1 && parts.every(isGrapheme))
    return [{ by: "sounds", pieces: onlySaid(parts.flatMap(mainSounds)) }];
  const word = parts.join("");
  const listed = segmentations(word, lexicon).map(
    (reading): ResponsePieces => ({ by: "list", pieces: spoken(reading, lexicon) }),
  );
  if (listed.length > 0) return listed;
  const ruled = likeliest(word).map((reading): ResponsePieces => ({ by: "rule", pieces: spoken(reading, lexicon) }));
  if (ruled.length > 0) return ruled;
  const whole = mainSounds(word);
  const sounds = whole.length > 0 ? whole : [...word].flatMap(mainSounds);
  return sounds.length > 0 ? [{ by: "letters", pieces: onlySaid(sounds) }] : [];
}

const spelled = ({ units }: Segmentation): Piece[] => units.map(({ grapheme, phonemes }) => ({ grapheme, phonemes }));

/** What rules make of a spelling: the likeliest reading, and those that are nearly as likely. */
function likeliest(spelling: string): Segmentation[] {
  const all = decodings(spelling, { most: MOST_READINGS });
  return all.filter(({ cost }) => cost - (all[0]?.cost ?? 0) <= AS_LIKELY);
}

/** Letters that were written, as graphemes: as the list reads the word, as rules do, and letter by letter. */
export function piecesWritten(text: string, lexicon: Lexicon): ResponsePieces[] {
  const listed = segmentations(text, lexicon).map(
    (reading): ResponsePieces => ({ by: "list", pieces: spelled(reading) }),
  );
  const ways =
    listed.length > 0
      ? listed
      : likeliest(text).map((reading): ResponsePieces => ({ by: "rule", pieces: spelled(reading) }));
  return [
    ...ways,
    { by: "letters", pieces: [...text].map((letter) => ({ grapheme: letter, phonemes: mainSounds(letter) })) },
  ];
}

/** Tiles that were laid down, each with the sounds that it has in that place of a word. */
export function piecesBuilt(tiles: readonly string[], lexicon: Lexicon): ResponsePieces[] {
  const text = lettersOfTiles(tiles);
  // A letter by itself is no word: it says what it says most often.
  if (text.length === 1) return [{ by: "letters", pieces: [{ grapheme: text, phonemes: mainSounds(text) }] }];
  const asLaid = ({ units }: Segmentation) =>
    units.length === tiles.length && units.every(({ grapheme }, k) => grapheme === tiles[k]);
  const readings = [...segmentations(text, lexicon), ...decodings(text, { most: MOST_FOR_TILES })].filter(asLaid);
  const [first] = readings;
  if (first) return [{ by: "rule", pieces: spelled(first) }];
  return [{ by: "letters", pieces: tiles.map((tile) => ({ grapheme: tile, phonemes: soundsOfTile(tile) })) }];
}

/** A tile of several letters that are no grapheme (an, st) says what its letters say. */
function soundsOfTile(tile: string): readonly string[] {
  const main = mainSounds(tile);
  return main.length > 0 ? main : [...tile.replace("-", "")].flatMap(mainSounds);
}

/** Does a piece hold a vowel sound? */
export const isVowelPiece = ({ phonemes }: Pick<Piece, "phonemes">): boolean => phonemes.some(isVowel);
