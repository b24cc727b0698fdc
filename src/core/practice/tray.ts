import type { AccentSettings } from "../sounds/accents.ts";
import { closestSounds } from "../sounds/closeness.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { type Gpc, gpcById } from "../spelling/gpc.ts";
import { saidAs } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { ONE_TAP_A_SOUND, type TapSettings, tapsOf } from "../spelling/taps.ts";

/** A tile of a tray: one grapheme, or what the school keeps together (`an`). */
export interface Tile {
  readonly label: string;
  readonly graphemes: readonly string[];
}

export interface TrayRequest {
  readonly target: Segmentation;
  /** The word that lies on the board already: its tiles are among those of the tray. */
  readonly before?: Segmentation | undefined;
  /** What may lie in the tray, GPC ids. */
  readonly taughtGpcs: readonly string[];
  /** Sounds that the records show in the place of a unit, by unit index, likeliest first. */
  readonly likelySubstitutions?: readonly (readonly string[])[];
  /** Tiles that are not needed, 0 to 8. */
  readonly foils: number;
  readonly accent: AccentSettings;
  readonly taps?: TapSettings;
}

export const DEFAULT_FOILS = 3;

/** The tiles of a word in order, as the school has them. */
export function tilesOf(word: Segmentation, taps: TapSettings = ONE_TAP_A_SOUND): Tile[] {
  return tapsOf(word, taps).map((tap) => {
    const graphemes = tap.map((k) => word.units[k]?.grapheme ?? "");
    return { label: graphemes.join(""), graphemes };
  });
}

/**
 * The tray for building one word: its tiles, those of the word before it, and foils. Foils are taught graphemes for
 * the sounds most easily taken for those of the word: what the records show first, then the closest in the mouth, for
 * each unit in turn, the changed one first. A grapheme that could spell a sound of the word is no foil: by ear it
 * would be right.
 *
 * @returns tiles in the order of the alphabet, which gives nothing away
 */
export function buildTray(request: TrayRequest): Tile[] {
  const { target, before, taps } = request;
  const tiles = new Map<string, { tile: Tile; count: number }>();
  const need = (word: Segmentation) => {
    const counts = new Map<string, { tile: Tile; count: number }>();
    for (const tile of tilesOf(word, taps))
      counts.set(tile.label, { tile, count: (counts.get(tile.label)?.count ?? 0) + 1 });
    for (const [label, one] of counts) if ((tiles.get(label)?.count ?? 0) < one.count) tiles.set(label, one);
  };
  need(target);
  if (before) need(before);
  const foils = foilsFor(request, new Set(tiles.keys())).slice(0, Math.max(0, request.foils));
  for (const label of foils) tiles.set(label, { tile: { label, graphemes: [label] }, count: 1 });
  return [...tiles.values()]
    .flatMap(({ tile, count }) => Array.from({ length: count }, () => tile))
    .sort((a, b) => (a.label < b.label ? -1 : a.label > b.label ? 1 : 0));
}

function foilsFor(request: TrayRequest, taken: ReadonlySet<string>): string[] {
  const { target, before, likelySubstitutions } = request;
  const taught = request.taughtGpcs.map((id) => gpcById(id)).filter((gpc): gpc is Gpc => gpc !== undefined);
  const spelling = (sound: string, unit: Unit): string[] =>
    taught
      .filter(({ phonemes, grapheme }) => phonemes.length === 1 && phonemes[0] === sound && fits(grapheme, unit))
      .sort((a, b) => a.commonness - b.commonness)
      .map(({ grapheme }) => grapheme);
  const changed = target.units.map((unit, k) => before?.units[k]?.grapheme !== unit.grapheme);
  const order = target.units.map((_, k) => k).sort((a, b) => Number(changed[b]) - Number(changed[a]) || a - b);
  // One foil for each unit in turn, the likeliest of each first.
  const queues = order.map((k) => {
    const unit = target.units[k] as Unit;
    const own = unit.phonemes[0] ?? "";
    const near = closestSounds(own).filter((id) => isVowel(id) === isVowel(own));
    return [...(likelySubstitutions?.[k] ?? []), ...near].flatMap((sound) => spelling(sound, unit));
  });
  const found: string[] = [];
  for (let round = 0; round < Math.max(0, ...queues.map((queue) => queue.length)); round++)
    for (const queue of queues) {
      const label = queue[round];
      if (label === undefined || taken.has(label) || found.includes(label) || couldSpell(label, request)) continue;
      found.push(label);
    }
  return found;
}

/** A split digraph is no foil for a grapheme that stands together, nor the other way round. */
const fits = (grapheme: string, unit: Unit): boolean => grapheme.includes("-") === unit.grapheme.includes("-");

/** Has it been taught for a sound that the word has? */
function couldSpell(label: string, { target, taughtGpcs, accent }: TrayRequest): boolean {
  const sounds = new Set(
    target.units.map((unit) => soundClassOf(saidAs(unit.grapheme, unit.phonemes, accent), accent)),
  );
  return taughtGpcs.some((id) => {
    const gpc = gpcById(id);
    return gpc?.grapheme === label && sounds.has(soundClassOf(saidAs(gpc.grapheme, gpc.phonemes, accent), accent));
  });
}
