import { difficultyOf } from "./difficulty.ts";
import type { FamilyKind } from "./family.ts";
import type { FamilyMember } from "./members.ts";

/** Commonest first, or by how hard the part that varies is: single sounds before clusters, held before stopped. */
export const SET_ORDERS = ["commonest", "easiest"] as const;
export type SetOrder = (typeof SET_ORDERS)[number];

/** How hard a member's beginning (in a rime) or ending (in a body) is. @returns a rank, as of `difficultyOf` */
export const memberDifficulty = ({ parts }: Pick<FamilyMember, "parts">, kind: FamilyKind): number =>
  difficultyOf(kind === "rime" ? parts.onset : parts.coda);
