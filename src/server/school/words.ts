import {
  normaliseSpelling,
  type SchoolSettings,
  taughtOf,
  type UnlistedWord,
  type WordCard,
} from "../../core/index.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { scopeOfGroup } from "../groups/group-scope.ts";
import { AppError } from "../http/errors.ts";
import { askWords } from "../words/pool.ts";

/** A word's card for one group, with the name of the step at which it comes within reach. */
export interface GroupWordCard extends WordCard {
  readonly firstStepName: string | undefined;
  readonly school: Pick<SchoolSettings, "accent" | "taps" | "marks">;
}

export type AskedWord =
  | { readonly listed: true; readonly card: GroupWordCard }
  | { readonly listed: false; readonly unlisted: UnlistedWord; readonly school: GroupWordCard["school"] };

const LONGEST = 30;

/** @throws AppError "invalid" when it cannot be one word */
function spellingOf(typed: string): string {
  const word = normaliseSpelling(typed);
  const odd = [...new Set(word.replace(/[a-z]/g, ""))].join("");
  const fault =
    word === ""
      ? "has no letters"
      : word.length > LONGEST
        ? `has more than ${LONGEST} letters`
        : odd !== ""
          ? `is written with the letters a to z: take out ${[...odd].slice(0, 5).join(" ")}`
          : undefined;
  if (fault) throw new AppError("invalid", `A word ${fault}.`, [{ field: "word", message: fault }]);
  return word;
}

/** @throws AppError "not-found" when there is no such group, "invalid" when it is no word */
export async function askedWord(db: Queryable, typed: string, groupId: GroupId): Promise<AskedWord> {
  const scope = await scopeOfGroup(db, groupId);
  const word = spellingOf(typed);
  const { sequence, school } = scope;
  const taught = taughtOf(scope);
  const card = await askWords("wordCard", word, taught, sequence, school.taps);
  if (!card) return { listed: false, unlisted: await askWords("unlistedWord", word, taught), school };
  const firstStepName = card.firstStep === undefined ? undefined : sequence.steps[card.firstStep - 1]?.name;
  return { listed: true, card: { ...card, firstStepName, school } };
}
