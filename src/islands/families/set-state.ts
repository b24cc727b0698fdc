import type { Family, FamilyKind, SetOrder, SetWord, WalkWay } from "../../core/light.ts";
import { familyId } from "../../core/light.ts";
import type { SetId } from "../../schemas/ids.ts";
import type { WordSet } from "../../server/sets/word-sets.ts";
import { type History, NO_HISTORY, recorded, redone, type Travelled, undone } from "../shared/history.ts";

/** What the teacher asks of a set besides its families. */
export interface SetOptions {
  readonly count: number;
  readonly nonsenseShare: number;
  readonly order: SetOrder;
  readonly pictures: "any" | "first" | "only";
  readonly endings: "out" | "marked";
}

export const DEFAULT_OPTIONS: SetOptions = {
  count: 8,
  nonsenseShare: 0,
  order: "commonest",
  pictures: "any",
  endings: "out",
};

export interface ChosenWord {
  readonly word: string;
  readonly nonsense: boolean;
}

export interface FamiliesState {
  readonly kind: FamilyKind;
  readonly families: readonly Family[];
  readonly options: SetOptions;
  readonly words: readonly ChosenWord[];
  /** How the words are put together in front of learners. */
  readonly way: WalkWay;
  /** Words were put in or taken out by hand: the set is no longer made anew by itself. */
  readonly byHand: boolean;
  readonly history: History<readonly ChosenWord[]>;
  readonly setId: SetId | undefined;
  readonly title: string;
  /** Fingerprint of what is stored. */
  readonly saved: string;
}

export type FamiliesAction =
  | { readonly type: "kind"; readonly kind: FamilyKind }
  | { readonly type: "add-family"; readonly family: Family }
  | { readonly type: "families"; readonly families: readonly Family[] }
  | { readonly type: "options"; readonly options: Partial<SetOptions> }
  | { readonly type: "made"; readonly words: readonly SetWord[] }
  | { readonly type: "toggle"; readonly word: ChosenWord }
  | { readonly type: "make-anew" }
  | { readonly type: "way"; readonly way: WalkWay }
  | { readonly type: "undo" | "redo" }
  | { readonly type: "title"; readonly title: string }
  | { readonly type: "saved"; readonly setId: SetId; readonly title: string };

/** The state of the families screen when it opens. */
export function startingFamilies(set: WordSet | undefined): FamiliesState {
  const base: FamiliesState = {
    kind: "rime",
    families: [],
    options: DEFAULT_OPTIONS,
    words: [],
    way: "rime-first",
    byHand: false,
    history: NO_HISTORY,
    setId: undefined,
    title: "",
    saved: "",
  };
  if (set?.content.kind !== "family") return base;
  const { families, words, request } = set.content;
  const state: FamiliesState = {
    ...base,
    kind: families[0]?.kind ?? "rime",
    families,
    options: request,
    words,
    way: set.content.way ?? "rime-first",
    byHand: true,
    setId: set.id,
    title: set.title,
  };
  return { ...state, saved: fingerprint(state) };
}

/** What saving would keep, as one text. */
export const fingerprint = ({ families, words, way, options, title }: FamiliesState): string =>
  JSON.stringify([families, words, way, options, title]);

/** The state of the families screen after an action. */
export function familiesReducer(state: FamiliesState, action: FamiliesAction): FamiliesState {
  switch (action.type) {
    case "kind":
      return action.kind === state.kind
        ? state
        : { ...withPast(state), kind: action.kind, way: wayOf(action.kind), families: [], words: [], byHand: false };
    case "add-family": {
      const has = state.families.some((family) => familyId(family) === familyId(action.family));
      const families = state.kind === action.family.kind ? state.families : [];
      if (has) return state;
      const { kind } = action.family;
      return {
        ...state,
        kind,
        way: kind === state.kind ? state.way : wayOf(kind),
        families: [...families, action.family],
      };
    }
    case "families": {
      const kind = action.families[0]?.kind ?? state.kind;
      return { ...state, kind, way: kind === state.kind ? state.way : wayOf(kind), families: action.families };
    }
    case "options":
      return { ...state, options: { ...state.options, ...action.options } };
    case "made": {
      const words = action.words.map(({ word, nonsense }) => ({ word, nonsense }));
      return { ...withPast(state), words, byHand: false };
    }
    case "toggle": {
      const { word } = action.word;
      const words = state.words.some((chosen) => chosen.word === word)
        ? state.words.filter((chosen) => chosen.word !== word)
        : [...state.words, action.word];
      return { ...withPast(state), words, byHand: true };
    }
    case "make-anew":
      return { ...state, byHand: false };
    case "way":
      return { ...state, way: action.way };
    case "undo":
      return travelled(state, undone(state.history, state.words));
    case "redo":
      return travelled(state, redone(state.history, state.words));
    case "title":
      return { ...state, title: action.title };
    case "saved": {
      const saved = { ...state, setId: action.setId, title: action.title };
      return { ...saved, saved: fingerprint(saved) };
    }
  }
}

/** The part that stays is blended first, unless the teacher says otherwise. */
const wayOf = (kind: FamilyKind): WalkWay => (kind === "rime" ? "rime-first" : "body-first");

function withPast(state: FamiliesState): FamiliesState {
  return state.words.length === 0 ? state : { ...state, history: recorded(state.history, state.words) };
}

/** Words that were there before are the teacher's: the set is not made anew over them. */
const travelled = (state: FamiliesState, to: Travelled<readonly ChosenWord[]> | undefined): FamiliesState =>
  to ? { ...state, words: to.present, history: to.history, byHand: true } : state;
