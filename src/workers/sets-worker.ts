import {
  type AccentSettings,
  type ContrastSetRequest,
  contrastSet,
  type Family,
  type FamilyGrid,
  type FamilyKind,
  type FamilyRules,
  type FamilySetRequest,
  type FamilyWalk,
  type FoundFamily,
  familyGrid,
  familySet,
  familyWalk,
  findFamily,
  type GridRequest,
  lexiconIn,
  makeSort,
  type NamedFamily,
  type OralItem,
  type OralSetRequest,
  oralSet,
  type RecommendedFamily,
  type RecordedSubstitution,
  type RichFamily,
  recommendedFamilies,
  richFamilies,
  type SortRequest,
  shippedLexicon,
  spellingChoices,
  swapOralItem,
  tokenisedWords,
  withKept,
} from "../core/index.ts";
import { exposeApi } from "./expose-api.ts";

/** All answers are promises, as they are on the other side. */
const api = {
  /** Says the word list in the school's accent, for sorts numbered: the first question is then quick. */
  async warm(accent: AccentSettings, what: "families" | "ears-only"): Promise<void> {
    const lexicon = lexiconIn(shippedLexicon(), accent);
    if (what === "families") tokenisedWords(lexicon);
  },
  async rich(kind: FamilyKind, rules: FamilyRules): Promise<readonly RichFamily[]> {
    return richFamilies(kind, withKept(rules));
  },
  async recommended<S extends RecordedSubstitution>(
    substitutions: readonly S[],
    rules: FamilyRules,
  ): Promise<RecommendedFamily<S>[]> {
    return recommendedFamilies(substitutions, withKept(rules));
  },
  async find(kind: FamilyKind, named: NamedFamily, rules: FamilyRules): Promise<FoundFamily> {
    return findFamily(kind, named, withKept(rules));
  },
  async grid(request: GridRequest): Promise<FamilyGrid> {
    return familyGrid(withKept(request));
  },
  async set(request: FamilySetRequest): Promise<ReturnType<typeof familySet>> {
    return familySet(withKept(request));
  },
  async walk(words: readonly string[], families: readonly Family[], rules: FamilyRules): Promise<FamilyWalk> {
    return familyWalk(words, families, withKept(rules));
  },
  async sort(request: SortRequest): Promise<ReturnType<typeof makeSort>> {
    return makeSort(withKept(request));
  },
  async pairs(request: ContrastSetRequest): Promise<ReturnType<typeof contrastSet>> {
    return contrastSet(withKept(request));
  },
  async spellings(sound: readonly string[], rules: FamilyRules): Promise<ReturnType<typeof spellingChoices>> {
    return spellingChoices(sound, withKept(rules));
  },
  async oral(request: OralSetRequest): Promise<ReturnType<typeof oralSet>> {
    return oralSet(request);
  },
  async swap(request: OralSetRequest, items: readonly OralItem[], index: number): Promise<OralItem | undefined> {
    return swapOralItem(request, items, index);
  },
};

export type SetsWorker = typeof api;

exposeApi(api);
