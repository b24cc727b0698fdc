import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { gpcById } from "../spelling/gpc.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import type { Family, FamilyKind } from "./family.ts";
import { LEAST_IN_A_SET } from "./limits.ts";
import { familyIndex } from "./members.ts";
import { type RichFamily, richFamilies } from "./rich-families.ts";
import type { FamilyRules } from "./rules.ts";

/** Something learners of the group say wrongly, counted. */
export interface RecordedSubstitution {
  /** GPC id of what they should have said. */
  readonly gpc: string;
  /** Phonemes said instead. */
  readonly said: readonly string[];
  readonly times: number;
  readonly chances: number;
}

/** A family that works on a substitution, and the one to set beside it. */
export interface RecommendedFamily<S extends RecordedSubstitution = RecordedSubstitution> {
  readonly substitution: S;
  readonly family: Family;
  readonly words: number;
  /** The same family with the sound that is said instead: -et beside -it. */
  readonly beside?: Family;
}

/**
 * Families that the records call for. A vowel or an ending that substitutions calls for rimes with it, a beginning for
 * bodies that begin with it; one with a partner that has the sound said instead comes first, then the richer.
 *
 * @param substitutions most telling first
 * @returns at most one family a substitution, in the substitutions' order
 */
export function recommendedFamilies<S extends RecordedSubstitution>(
  substitutions: readonly S[],
  rules: FamilyRules,
  list: Lexicon = shippedLexicon(),
): RecommendedFamily<S>[] {
  const lexicon = lexiconIn(list, rules.taught.accent);
  const rich = new Map<FamilyKind, readonly RichFamily[]>();
  const richOf = (kind: FamilyKind) => {
    const known = rich.get(kind) ?? richFamilies(kind, rules, lexicon).filter(isRich);
    rich.set(kind, known);
    return known;
  };
  const taken = new Set<Family>();
  return substitutions.flatMap((substitution): RecommendedFamily<S>[] => {
    const gpc = gpcById(substitution.gpc);
    if (!gpc) return [];
    const kinds: FamilyKind[] = gpc.phonemes.some(isVowel) ? ["rime"] : ["body", "rime"];
    const found = kinds
      .flatMap((kind) => richOf(kind))
      .filter(({ family }) => !taken.has(family) && holds(family, substitution.gpc, lexicon))
      .map((one) => ({ one, beside: besideOf(one.family, substitution, richOf(one.family.kind), lexicon) }))
      .sort(
        (a, b) =>
          Number(b.beside !== undefined) - Number(a.beside !== undefined) || b.one.words.length - a.one.words.length,
      )[0];
    if (!found) return [];
    taken.add(found.one.family);
    const { one, beside } = found;
    return [{ substitution, family: one.family, words: one.words.length, ...(beside && { beside }) }];
  });
}

const isRich = ({ words }: RichFamily): boolean => words.length >= LEAST_IN_A_SET;

/** Is the correspondence in the part that a family shares? */
function holds({ kind, letters, sounds }: Family, gpc: string, lexicon: Lexicon): boolean {
  const key = keyOfGpc(gpc, lexicon.accent);
  const model = (familyIndex(lexicon).byLetters[kind].get(letters) ?? []).find((m) => m[kind].sounds === sounds);
  if (!model) return false;
  const { onset, nucleus, coda } = model.parts;
  return [nucleus, ...(kind === "rime" ? coda : onset)].some((unit) => unitKey(unit, lexicon.accent) === key);
}

/** The rich family that differs by just the sound said instead. */
function besideOf(
  { kind, sounds }: Family,
  substitution: RecordedSubstitution,
  rich: readonly RichFamily[],
  { accent }: Lexicon,
): Family | undefined {
  const right = soundClassOf(gpcById(substitution.gpc)?.phonemes ?? [], accent);
  const wrong = soundClassOf(substitution.said, accent);
  const parts = sounds.split(" ");
  const at = parts.indexOf(right);
  if (at === -1 || wrong === "") return undefined;
  const wanted = parts.map((sound, k) => (k === at ? wrong : sound)).join(" ");
  return rich.find(({ family }) => family.kind === kind && family.sounds === wanted)?.family;
}
