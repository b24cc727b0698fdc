import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { distinctReadings } from "../lexicon/readings.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import {
  bodyLetters,
  bodySounds,
  type OnsetRime,
  onsetRimeOf,
  rimeLetters,
  rimeSounds,
} from "../spelling/onset-rime.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import type { FamilyKind } from "./family.ts";

/** One way to say a word of one syllable, as a member of a rime and of a body. */
export interface FamilyMember {
  readonly entry: LexiconWord;
  readonly reading: Segmentation;
  readonly parts: OnsetRime;
  /** The reading by which the word is judged; false for the second way to say it (the bow of a ship). */
  readonly leading: boolean;
  readonly rime: Shared;
  readonly body: Shared;
}

interface Shared {
  readonly letters: string;
  readonly sounds: string;
  /** Correspondences of the part that varies: the onset of a rime's member, the coda of a body's. */
  readonly other: string;
}

/** Correspondences in a row, as one string: the key of an onset or a coda. */
export const partKey = (units: readonly Pick<Unit, "grapheme" | "phonemes">[]): string =>
  units.map(({ grapheme, phonemes }) => gpcId(grapheme, phonemes)).join(" ");

/** The words of one syllable of a list by what they share. Members are in list order: commonest first. */
export interface FamilyIndex {
  readonly members: readonly FamilyMember[];
  readonly byLetters: Readonly<Record<FamilyKind, ReadonlyMap<string, readonly FamilyMember[]>>>;
  readonly bySounds: Readonly<Record<FamilyKind, ReadonlyMap<string, readonly FamilyMember[]>>>;
}

const BUILT = new WeakMap<Lexicon, FamilyIndex>();

/** The index of a list in its accent, built at the first call. */
export function familyIndex(lexicon: Lexicon): FamilyIndex {
  let index = BUILT.get(lexicon);
  if (!index) {
    index = build(lexicon);
    BUILT.set(lexicon, index);
  }
  return index;
}

function build(lexicon: Lexicon): FamilyIndex {
  const members = lexicon.words
    .filter(({ syllables }) => syllables === 1)
    .flatMap((entry) => membersOf(entry, lexicon));
  const by = (kind: FamilyKind, what: "letters" | "sounds") => groupBy(members, (member) => member[kind][what]);
  return {
    members,
    byLetters: { rime: by("rime", "letters"), body: by("body", "letters") },
    bySounds: { rime: by("rime", "sounds"), body: by("body", "sounds") },
  };
}

function membersOf(entry: LexiconWord, { accent }: Lexicon): FamilyMember[] {
  return distinctReadings(entry).flatMap((reading, k): FamilyMember[] => {
    const parts = onsetRimeOf(reading);
    if (!parts) return [];
    return [
      {
        entry,
        reading,
        parts,
        leading: k === 0,
        rime: {
          letters: rimeLetters(reading, parts),
          sounds: rimeSounds(parts, accent),
          other: partKey(parts.onset),
        },
        body: { letters: bodyLetters(parts), sounds: bodySounds(parts, accent), other: partKey(parts.coda) },
      },
    ];
  });
}

/** Items by a key, in order. */
export function groupBy<T>(list: readonly T[], keyOf: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of list) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}
