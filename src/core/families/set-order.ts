import { difficultyOf } from "./difficulty.ts";
import type { FamilyKind } from "./family.ts";
import type { FamilyMember } from "./members.ts";

/** Commonest first, or by how hard the part that varies is: single sounds before clusters, held before stopped. */
export type SetOrder = "commonest" | "easiest";
export const SET_ORDERS: readonly SetOrder[] = ["commonest", "easiest"];

/** How hard a member's beginning (in a rime) or ending (in a body) is. */
export const memberDifficulty = ({ parts }: Pick<FamilyMember, "parts">, kind: FamilyKind): number =>
  difficultyOf(kind === "rime" ? parts.onset : parts.coda);
