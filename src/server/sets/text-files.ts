import { checkText, type Statement, shippedLexicon, type TextReport, taughtOf } from "../../core/index.ts";
import type { SetId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { scopeOfGroup } from "../groups/group-scope.ts";
import { AppError } from "../http/errors.ts";
import { getSet } from "./word-sets.ts";

/** A saved text as it travels: what it says, and how each word of it stands with its group. */
export interface TextFile {
  readonly format: "zip-step-text";
  readonly version: 1;
  readonly title: string;
  readonly text: string;
  /** GPC ids that are looked for in it. */
  readonly targets: readonly string[];
  /** Asked once it has been read. */
  readonly questions: readonly string[];
  readonly statements: readonly Statement[];
  /** Share of its words that the group can read, 0 to 1. */
  readonly decodable: number;
  readonly words: readonly TextFileWord[];
}

/** One word of it, as it stands there. */
export interface TextFileWord {
  readonly word: string;
  readonly kind: TextReport["tokens"][number]["kind"];
  readonly fits: boolean;
  /** How many units of it are looked for. */
  readonly targets: number;
}

/** Gathers a text to take out. @throws AppError "not-found", "invalid" where the set is no text */
export async function textFile(db: Queryable, id: SetId): Promise<TextFile> {
  const { groupId, title, content } = await getSet(db, id);
  if (content.kind !== "text")
    throw new AppError("invalid", "This set is no text.", [{ field: "setId", message: "choose a saved text" }]);
  const scope = await scopeOfGroup(db, groupId);
  const { never, allowLists } = scope.school;
  const taught = taughtOf(scope);
  const { text, targets, questions = [], statements = [] } = content;
  const report = checkText(text, taught, targets, shippedLexicon(), { never, allowLists });
  return {
    ...{ format: "zip-step-text", version: 1, title, text, targets, questions, statements },
    decodable: report.decodable,
    words: report.tokens.map(({ text: word, kind, fits, targets: hits }) => ({ word, kind, fits, targets: hits })),
  };
}

/** The heads of the columns of a text as CSV, one word a row. */
export const TEXT_COLUMNS = ["word", "kind", "fits", "targets"] as const;
