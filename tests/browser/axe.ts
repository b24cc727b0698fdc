import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

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

/**
 * What axe finds wrong with a page: the rule and the first element that breaks it, one line a rule. No page here has a
 * frame: axe looks in the page itself, which spares a second page for each look.
 */
export async function faultsByAxe(page: Page, { tags, rules, without, inside, least }: Look = {}): Promise<string[]> {
  // The results come first: `options` would replace what is said before it.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ["violations"] }).setLegacyMode();
  if (tags) axe.withTags([...tags]);
  if (rules) axe.withRules([...rules]);
  if (without) axe.disableRules([...without]);
  if (inside) axe.include(inside);
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => least === undefined || impact === "serious" || impact === "critical")
    .map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`);
}
