import { isBuiltRight, outcomeOfBuilding, type RawAnswer, type Tile, tilesOf } from "../../../core/light.ts";
import type { TeachWord } from "../../../server/sessions/teach-page.ts";

/** A word being built: which tiles of the tray lie on the board, where the next one goes, and what was tried. */
export interface Board {
  readonly tray: readonly Tile[];
  /** Indices of the tray, in order. */
  readonly placed: readonly number[];
  /** The next tile goes before this position. */
  readonly caret: number;
  /** Graphemes of each attempt that was checked. */
  readonly attempts: readonly (readonly string[])[];
  /** The last attempt was right, and nothing has been moved since. */
  readonly right: boolean;
}

export type BoardAction =
  /** From the tray, or from another place of the board, to a position; the caret's where none is named. */
  | { readonly type: "put"; readonly tile: number; readonly at?: number }
  | { readonly type: "take"; readonly at: number }
  | { readonly type: "caret"; readonly at: number }
  | { readonly type: "letter"; readonly letter: string }
  | { readonly type: "clear" }
  | { readonly type: "check"; readonly target: TeachWord };

/** More tiles than any word here needs. */
const MOST_PLACED = 12;

/** A board for a word: in a chain the word before lies on it. */
export function newBoard(word: TeachWord, before: TeachWord | undefined, tiles = tilesOf): Board {
  const placed: number[] = [];
  for (const { label } of before ? tilesOnBoard(word.tray, before, tiles) : []) {
    const tile = word.tray.findIndex((one, k) => one.label === label && !placed.includes(k));
    if (tile !== -1) placed.push(tile);
  }
  return { tray: word.tray, placed, caret: placed.length, attempts: [], right: false };
}

/** The tiles of the word before, if the tray has them all: kept together where the tray keeps them together. */
function tilesOnBoard(tray: readonly Tile[], before: TeachWord, tiles: typeof tilesOf): readonly Tile[] {
  const labels = new Set(tray.map(({ label }) => label));
  const kept = tiles(before.reading, { clustersTogether: true, vowelNasalTogether: true });
  const single = tiles(before.reading);
  if (single.every(({ label }) => labels.has(label))) return single;
  return kept.every(({ label }) => labels.has(label)) ? kept : single.filter(({ label }) => labels.has(label));
}

/** What lies on the board, as graphemes. */
export const graphemesOn = ({ tray, placed }: Pick<Board, "tray" | "placed">): string[] =>
  placed.flatMap((k) => tray[k]?.graphemes ?? []);

/** The board of tiles after an action. */
export function boardReducer(board: Board, action: BoardAction): Board {
  const { placed, caret } = board;
  switch (action.type) {
    case "put": {
      const from = placed.indexOf(action.tile);
      if (board.tray[action.tile] === undefined || (from === -1 && placed.length >= MOST_PLACED)) return board;
      const to = action.at ?? caret;
      const rest = placed.filter((tile) => tile !== action.tile);
      // Taken from further left, everything has moved up by one.
      const at = Math.max(0, Math.min(rest.length, from !== -1 && from < to ? to - 1 : to));
      return { ...board, placed: [...rest.slice(0, at), action.tile, ...rest.slice(at)], caret: at + 1, right: false };
    }
    case "take":
      if (placed[action.at] === undefined) return board;
      return { ...board, placed: placed.filter((_, k) => k !== action.at), caret: action.at, right: false };
    case "caret":
      return { ...board, caret: Math.max(0, Math.min(placed.length, action.at)) };
    case "letter": {
      const tile = tileFor(board, action.letter);
      return tile === -1 ? board : boardReducer(board, { type: "put", tile });
    }
    case "clear":
      return { ...board, placed: [], caret: 0, right: false };
    case "check": {
      const attempt = graphemesOn(board);
      if (attempt.length === 0) return board;
      return {
        ...board,
        attempts: [...board.attempts, attempt],
        right: isBuiltRight(action.target.reading, attempt),
      };
    }
  }
}

/** The tile that a typed letter means: the letter's own, else the shortest that begins with it. */
function tileFor({ tray, placed }: Board, letter: string): number {
  const free = tray
    .map(({ label }, k) => ({ label, k }))
    .filter(({ label, k }) => label.startsWith(letter) && !placed.includes(k))
    .sort((a, b) => a.label.length - b.label.length);
  return free[0]?.k ?? -1;
}

/** What goes to the record when a board has been checked: every attempt, the first one telling. */
export function answerOf(board: Board, word: TeachWord): RawAnswer {
  return {
    outcome: outcomeOfBuilding(word.reading, board.attempts),
    substitutions: [],
    built: board.attempts,
  };
}

/** The first tile that is not where it should be, or undefined: shown only after two attempts. */
export function firstWrong(board: Board, word: TeachWord): number | undefined {
  const target = word.reading.units.map(({ grapheme }) => grapheme);
  let at = 0;
  for (const [k, tile] of board.placed.entries())
    for (const grapheme of board.tray[tile]?.graphemes ?? []) if (grapheme !== target[at++]) return k;
  return undefined;
}
