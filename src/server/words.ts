import { z } from "zod";
import { type SchoolSettings, taughtOf, type WordCard, wordCard } from "../core/index.ts";
import type { Queryable } from "./db/database.ts";
import { AppError } from "./errors.ts";
import { idField } from "./fields.ts";
import { scopeOfGroup } from "./scope.ts";

export const wordQuery = z.object({ group: idField });

/** A word's card for one group, with the name of the step at which it comes within reach. */
export interface GroupWordCard extends WordCard {
  readonly firstStepName: string | undefined;
  readonly accent: SchoolSettings["accent"];
}

/** @throws AppError "not-found" when there is no such group, or the word is not in the list */
export async function groupWordCard(db: Queryable, word: string, groupId: string): Promise<GroupWordCard> {
  const scope = await scopeOfGroup(db, groupId);
  const { sequence, school } = scope;
  const card = wordCard(word, taughtOf(scope), sequence, school.taps);
  if (!card) throw new AppError("not-found", "That is not a word of the list.");
  const name = card.firstStep === undefined ? undefined : sequence.steps[card.firstStep - 1]?.name;
  return { ...card, firstStepName: name, accent: school.accent };
}
