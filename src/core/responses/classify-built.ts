import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { GPCS, type Gpc } from "../spelling/gpc.ts";
import { saidAs } from "../spelling/said.ts";
import { graphemesOf, type Segmentation, type Unit } from "../spelling/segmentation.ts";
import { CLASSIFIER_VERSION, type ResponseVerdict, type UnitVerdict } from "./classify.ts";
import type { Outcome } from "./outcomes.ts";

/** Was the word built as it is spelt? */
export const isBuiltRight = (target: Segmentation, attempt: readonly string[]): boolean =>
  graphemesOf(target).join(" ") === attempt.join(" ");

/** How a word built in several attempts came out: right at once, put right later, or not. */
export function outcomeOfBuilding(target: Segmentation, attempts: readonly (readonly string[])[]): Outcome {
  const right = attempts.findIndex((attempt) => isBuiltRight(target, attempt));
  if (attempts.length === 0) return "no-attempt";
  return right === 0 ? "right" : right > 0 ? "self-corrected" : "wrong";
}

/**
 * What a learner built for each unit of the target. The first attempt tells what was heard; later ones are trying out.
 * Tiles are set against units so that as few as possible differ, a vowel rather against a vowel. Another spelling of
 * the same sound (k for ck, by what the tile says most often) counts as such and not as another sound; a tile too many belongs to no unit.
 *
 * @param attempts graphemes in order, the first attempt first
 *
 * @example classifyBuilt(segment("ship"), [["sh", "e", "p"]]).outcome // "wrong"
 */
export function classifyBuilt(
  target: Segmentation,
  attempts: readonly (readonly string[])[],
  accent: AccentSettings = GENERAL_AMERICAN,
): ResponseVerdict {
  const [first] = attempts;
  const placed = first ? tilesOfUnits(target.units, first) : [];
  return {
    classifier: CLASSIFIER_VERSION,
    outcome: outcomeOfBuilding(target, attempts),
    units: target.units.map((unit, k): UnitVerdict => {
      if (!first) return { result: "not-known", said: [] };
      const built = placed[k];
      if (built === undefined) return { result: "omission", said: [] };
      if (built === unit.grapheme) return { result: "right", said: [] };
      const said = mainSounds(built);
      if (said.some((gpc) => soundsLike(gpc, unit, accent))) return { result: "other-spelling", said: [], built };
      return { result: "substitution", said: said[0]?.phonemes ?? [], built };
    }),
  };
}

/** What a grapheme says most often: s is /s/, though it is /ʒ/ in treasure. */
function mainSounds(built: string): Gpc[] {
  const all = GPCS.filter(({ grapheme }) => grapheme === built);
  const commonest = Math.min(...all.map(({ commonness }) => commonness));
  return all.filter(({ commonness }) => commonness === commonest);
}

const soundsLike = (gpc: Gpc, unit: Unit, accent: AccentSettings): boolean =>
  soundClassOf(saidAs(gpc.grapheme, gpc.phonemes, accent), accent) ===
  soundClassOf(saidAs(unit.grapheme, unit.phonemes, accent), accent);

const OTHER_KIND = 1.5;

function costOf(unit: Unit, tile: string): number {
  if (unit.grapheme === tile) return 0;
  const vowelTile = GPCS.some(({ grapheme, phonemes }) => grapheme === tile && phonemes.some(isVowel));
  return vowelTile === unit.phonemes.some(isVowel) ? 1 : OTHER_KIND;
}

/** For each unit, the tile that stands for it, or undefined where none does: the cheapest edit script. */
function tilesOfUnits(units: readonly Unit[], tiles: readonly string[]): (string | undefined)[] {
  const cost: number[][] = [];
  for (let i = 0; i <= units.length; i++) {
    cost[i] = [];
    for (let j = 0; j <= tiles.length; j++) {
      const row = cost[i] as number[];
      if (i === 0 || j === 0) row[j] = i + j;
      else
        row[j] = Math.min(
          (cost[i - 1]?.[j - 1] as number) + costOf(units[i - 1] as Unit, tiles[j - 1] as string),
          (cost[i - 1]?.[j] as number) + 1,
          (row[j - 1] as number) + 1,
        );
    }
  }
  const placed: (string | undefined)[] = units.map(() => undefined);
  for (let i = units.length, j = tiles.length; i > 0 && j > 0; ) {
    const here = cost[i]?.[j] as number;
    if (here === (cost[i - 1]?.[j - 1] as number) + costOf(units[i - 1] as Unit, tiles[j - 1] as string)) {
      placed[i - 1] = tiles[j - 1];
      i--;
      j--;
    } else if (here === (cost[i - 1]?.[j] as number) + 1) i--;
    else j--;
  }
  return placed;
}
