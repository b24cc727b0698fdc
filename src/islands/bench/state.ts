import { type ChainRequest, type ChainShape, type Contrast, DEFAULT_SHAPE } from "../../core/light.ts";
import type { ChainId } from "../../schemas/ids.ts";
import { type History, recorded, redone, type Travelled, undone } from "../shared/history.ts";

/** Which gap the suggestions are for: beside or in place of the word at an index. */
export interface Gap {
  readonly kind: "after" | "instead" | "before";
  readonly index: number;
}

export interface BenchState {
  readonly words: readonly string[];
  readonly gap: Gap;
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  readonly shape: ChainShape;
  readonly title: string;
  readonly chainId: ChainId | undefined;
  /** The chain as it stands in the database, to know whether anything is unsaved. */
  readonly saved: string;
  readonly history: History<readonly string[]>;
}

export type BenchAction =
  | { readonly type: "words"; readonly words: readonly string[]; readonly gap?: Gap }
  | { readonly type: "undo" }
  | { readonly type: "redo" }
  | { readonly type: "gap"; readonly gap: Gap }
  /** Another word is in hand: the gap goes with it. */
  | { readonly type: "select"; readonly word: string }
  | { readonly type: "take-out"; readonly word: string }
  /** A word to where another one stands. */
  | { readonly type: "move"; readonly word: string; readonly to: string }
  /** Words into the gap: once, however often they are pressed before the list for the next gap is there. */
  | { readonly type: "put"; readonly words: readonly string[] }
  | { readonly type: "aim"; readonly focus?: readonly string[]; readonly contrasts?: readonly Contrast[] }
  | { readonly type: "shape"; readonly shape: Partial<ChainShape> }
  | { readonly type: "lock"; readonly word: string }
  | { readonly type: "restore"; readonly draft: Draft }
  /** The chain that the bench opens with, made when it was open already. */
  | {
      readonly type: "opened";
      readonly words: readonly string[];
      readonly focus: readonly string[];
      readonly contrasts: readonly Contrast[];
    }
  | { readonly type: "title"; readonly title: string }
  | { readonly type: "saved"; readonly chainId: ChainId; readonly title: string; readonly saved: string };

/** What is kept of an unsaved chain while the teacher looks at another screen. */
export type Draft = Pick<BenchState, "words" | "focus" | "contrasts" | "shape" | "title" | "chainId" | "saved">;

/** The part of the bench's state that is saved. */
export function draftOf({ words, focus, contrasts, shape, title, chainId, saved }: BenchState): Draft {
  return { words, focus, contrasts, shape, title, chainId, saved };
}

/** What is compared to tell saved from unsaved: everything that is kept of a chain. */
export function fingerprint({
  words,
  title,
  focus,
  contrasts,
  shape,
}: Pick<BenchState, "words" | "title" | "focus" | "contrasts" | "shape">): string {
  // A field set to what it was before is no change, whatever its order.
  const fields = Object.entries(shape)
    .filter(([, value]) => value !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return JSON.stringify([words, title, focus, contrasts, fields]);
}

/** What a change to a request means for the shape it came from; an aim or a taught set is no shape. */
export function shapeAfter(change: Partial<ChainRequest>, { locked }: ChainShape): Partial<ChainShape> {
  const { fixed, taught: _taught, focus: _focus, contrasts: _contrasts, never: _never, ...rest } = change;
  return { ...rest, locked: fixed ? locked.filter((word) => fixed.includes(word)) : locked } as Partial<ChainShape>;
}

const inRange = (gap: Gap, words: readonly string[]): Gap => ({
  ...gap,
  index: Math.max(0, Math.min(gap.index, words.length - 1)),
});

/** Only words that are still in the chain stay locked. */
const stillLocked = (shape: ChainShape, words: readonly string[]): ChainShape => {
  const locked = shape.locked.filter((word) => words.includes(word));
  return locked.length === shape.locked.length ? shape : { ...shape, locked };
};

const travelled = (state: BenchState, to: Travelled<readonly string[]> | undefined): BenchState =>
  to ? { ...state, words: to.present, history: to.history, gap: inRange(state.gap, to.present) } : state;

/** The chain with other words; those before can be had back. */
const withWords = (
  state: BenchState,
  { words, gap }: Partial<Pick<BenchState, "gap">> & Pick<BenchState, "words">,
) => ({
  ...state,
  words,
  shape: stillLocked(state.shape, words),
  gap: inRange(gap ?? state.gap, words),
  history: recorded(state.history, state.words),
});

/** The state of the bench after an action. */
export function benchReducer(state: BenchState, action: BenchAction): BenchState {
  switch (action.type) {
    case "words":
      return withWords(state, action);
    case "undo":
      return travelled(state, undone(state.history, state.words));
    case "redo":
      return travelled(state, redone(state.history, state.words));
    case "gap":
      return { ...state, gap: inRange(action.gap, state.words) };
    case "select": {
      const index = state.words.indexOf(action.word);
      if (index < 0) return state;
      // Before a word there is a gap only where it is asked for.
      const kind = state.gap.kind === "before" ? "after" : state.gap.kind;
      return { ...state, gap: inRange({ kind, index }, state.words) };
    }
    case "take-out": {
      const index = state.words.indexOf(action.word);
      return index < 0 ? state : withWords(state, { words: state.words.toSpliced(index, 1) });
    }
    case "move": {
      const [from, to] = [state.words.indexOf(action.word), state.words.indexOf(action.to)];
      if (from < 0 || to < 0 || from === to) return state;
      return withWords(state, { words: state.words.toSpliced(from, 1).toSpliced(to, 0, action.word) });
    }
    case "put":
      if (action.words.some((word) => state.words.includes(word))) return state;
      return withWords(state, putIn(state, ...action.words));
    case "aim":
      return { ...state, focus: action.focus ?? state.focus, contrasts: action.contrasts ?? state.contrasts };
    case "shape":
      return { ...state, shape: { ...state.shape, ...action.shape } };
    case "lock": {
      const { locked } = state.shape;
      const next = locked.includes(action.word)
        ? locked.filter((word) => word !== action.word)
        : [...locked, action.word];
      return { ...state, shape: { ...state.shape, locked: next } };
    }
    case "restore":
      return {
        ...state,
        ...action.draft,
        shape: action.draft.shape ?? DEFAULT_SHAPE,
        gap: afterLast(action.draft.words),
      };
    case "opened": {
      // Nothing to undo: there was no chain before.
      const { words, focus, contrasts } = action;
      return { ...state, words, focus, contrasts, gap: afterLast(words) };
    }
    case "title":
      return { ...state, title: action.title };
    case "saved":
      return { ...state, chainId: action.chainId, title: action.title, saved: action.saved };
  }
}

/** The gap behind a chain. */
export const afterLast = (words: readonly string[]): Gap => ({ kind: "after", index: Math.max(0, words.length - 1) });

/** The words on either side of a gap. */
export function sidesOf({ words, gap }: Pick<BenchState, "words" | "gap">): { before?: string; after?: string } {
  const { kind, index } = gap;
  const before = kind === "after" ? words[index] : words[index - 1];
  const after = kind === "before" ? words[index] : words[index + 1];
  return { ...(before !== undefined && { before }), ...(after !== undefined && { after }) };
}

/** The chain with words put into a gap, and the gap to look at next. */
export function putIn(
  { words, gap }: Pick<BenchState, "words" | "gap">,
  ...put: readonly string[]
): { words: string[]; gap: Gap } {
  const next = [...words];
  if (gap.kind === "instead") {
    next.splice(gap.index, 1, ...put);
    return { words: next, gap };
  }
  const at = words.length === 0 ? 0 : gap.kind === "after" ? gap.index + 1 : gap.index;
  next.splice(at, 0, ...put);
  return { words: next, gap: { kind: "after", index: at + put.length - 1 } };
}
