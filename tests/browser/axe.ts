import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import type { Page } from "@playwright/test";
import type axe from "axe-core";
import type { RunOptions } from "axe-core";

/** Less than half of what `axe.source` is. */
const SCRIPT = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

interface Look {
  /** Tags or rules to look by; without either all are. */
  readonly tags?: readonly string[];
  readonly rules?: readonly string[];
  readonly without?: readonly string[];
  /** Only what is in the first element that this selects. */
  readonly inside?: string;
  /** Leaves out what axe itself calls minor or moderate. */
  readonly least?: "serious";
}

/** What axe finds wrong with a page: the rule and the first element that breaks it, one line a rule. */
export async function faultsByAxe(page: Page, { tags, rules, without, inside, least }: Look = {}): Promise<string[]> {
  // More than half a megabyte: brought to a page once, however often it is looked at.
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(SCRIPT);
  const options: RunOptions = {
    resultTypes: ["violations"],
    ...(tags && { runOnly: { type: "tag", values: [...tags] } }),
    ...(rules && { runOnly: { type: "rule", values: [...rules] } }),
    ...(without && { rules: Object.fromEntries(without.map((rule) => [rule, { enabled: false }])) }),
  };
  const violations = await page.evaluate(
    async ({ inside, options }) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(inside ?? document, options);
      return violations.map(({ id, impact, nodes }) => ({ id, impact, html: nodes[0]?.html }));
    },
    { inside, options },
  );
  return violations
    .filter(({ impact }) => least === undefined || impact === "serious" || impact === "critical")
    .map(({ id, html }) => `${id}: ${html}`);
}
