import { isNamed } from "../statistics/naming-rule.ts";
import type { SubstitutionRow } from "./substitution-table.ts";

/** True when a row's commonest substitution is a pattern. */
export function isPattern(row: Pick<SubstitutionRow, "substitutions" | "chances">): boolean {
  const [top] = row.substitutions;
  return top !== undefined && isNamed({ times: top.count, chances: row.chances });
}
