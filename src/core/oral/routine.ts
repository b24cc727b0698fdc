import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type NoOralSet, type OralSet, oralSet } from "./oral-set.ts";
import type { OralRules } from "./pool.ts";
import type { OralSkill } from "./skills.ts";

/** One part of a daily routine. */
export interface RoutinePart {
  readonly skill: OralSkill;
  readonly count: number;
}

export interface RoutineRequest extends OralRules {
  /** In the order in which they are done. */
  readonly parts: readonly RoutinePart[];
  /** Keys of the items of the last days. */
  readonly used?: readonly string[];
}

/** What a routine is filled with: a set a part, or why there is none. */
export type FilledPart = OralSet | { readonly ok: false; readonly skill: OralSkill; readonly reason: NoOralSet };

/** Fills every part of a routine; nothing that was used, and nothing twice. */
export function fillRoutine(request: RoutineRequest, list: Lexicon = shippedLexicon()): FilledPart[] {
  const { parts, ...rules } = request;
  const used = [...(request.used ?? [])];
  return parts.map((part, k): FilledPart => {
    const set = oralSet({ ...rules, ...part, used, seed: request.seed + k * 7919 }, list);
    if (!set.ok) return { ok: false, skill: part.skill, reason: set.reason };
    used.push(...set.items.map(({ key }) => key));
    return set;
  });
}
