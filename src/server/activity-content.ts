import type { ActivityContent } from "../core/light.ts";
import { getChain } from "./chains.ts";
import type { Queryable } from "./db/database.ts";
import { notFound } from "./errors.ts";
import type { PlanActivity } from "./lesson-types.ts";
import type { SetContent } from "./word-set-fields.ts";
import { getSet } from "./word-sets.ts";

/** What an activity of a plan is done with: its own content, or the chain or set it names. @throws AppError "not-found" */
export async function contentOf(db: Queryable, { content, kind, ref }: PlanActivity): Promise<ActivityContent> {
  if (content) return content;
  if (ref === undefined) throw notFound("chain or set of this activity");
  if (kind === "chain") return { kind: "read-chain", words: (await getChain(db, ref)).words };
  return contentOfSet((await getSet(db, ref)).content);
}

/** A saved set as something that is gone through. */
export function contentOfSet(content: SetContent): ActivityContent {
  switch (content.kind) {
    case "family": {
      const words = content.words.map(({ word }) => word);
      return content.way ? { kind: "family-walk", words, way: content.way } : { kind: "word-list", words };
    }
    case "sort":
      return { kind: "sort", bins: content.bins, table: content.table };
    case "pairs":
      return { kind: "word-list", words: content.pairs.flatMap(({ a, b }) => [a, b]) };
    case "ears-only":
      return content;
  }
}
