import type { Page } from "@playwright/test";
import { alive, expect, test } from "./server.ts";

/** The main job by keys alone, with what a screen reader is told on the way: names, states, verdicts. */

const MOST_TABS = 140;

/** Goes on with Tab until what has this name has the focus: what cannot be reached so cannot be used by keys. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let k = 0; k < MOST_TABS; k++) {
    await page.keyboard.press("Tab");
    const named = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement | null;
      const labels = (at as HTMLInputElement | null)?.labels;
      return at?.getAttribute("aria-label") ?? labels?.[0]?.textContent ?? at?.innerText ?? "";
    });
    if (name.test(named.replace(/\s+/g, " ").trim())) return;
  }
  throw new Error(`${name} is not reached by Tab.`);
}

test("a chain is read, changed, taught and found in the evidence by keys, and told as it goes", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=ship.shop.chop`);
  await alive(page);
  const main = page.getByRole("main");
  // Words are heard as words, then grapheme by grapheme; what changed, and where, is said with them.
  await expect(main.getByRole("list", { name: "Chain" })).toMatchAriaSnapshot(`
    - list "Chain":
      - listitem:
        - button "Move ship"
        - button /1 ship. sh, i, p first word/
      - listitem:
        - button /2 shop. sh, o, p i becomes o · middle/
      - listitem:
        - button /3 chop. ch, o, p sh becomes ch · beginning/ [pressed]
  `);
  await tabTo(page, /^Or type a word/);
  await page.keyboard.type("ran");
  const verdict = page.getByRole("complementary", { name: "Words for the gap" }).getByRole("status");
  await expect(verdict).toContainText("○");
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("chip");
  await expect(verdict).toContainText("✓ Fits: o becomes i · middle");
  await page.keyboard.press("Enter");
  await expect(main.getByRole("listitem").last()).toMatchAriaSnapshot(`
    - listitem:
      - button "Move chip"
      - button /4 chip. ch, i, p o becomes i · middle/
  `);
  await page.keyboard.press("Shift+Tab");
  await tabTo(page, /^Teach$/);
  await page.keyboard.press("Enter");
  await page.waitForURL(/\/teach\//);
  await alive(page);

  await expect(page.getByRole("img", { name: "ship: sh, i, p" })).toBeVisible();
  await page.keyboard.press("1");
  await expect(page.getByRole("button", { name: "Sandpiper" })).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("Enter");
  const told = page.getByRole("status").filter({ hasText: "'s turn." });
  await expect(told).toHaveText("Sandpiper: Right. Heron's turn.");
  await expect(page.getByRole("button", { name: "Sandpiper, marked right, stored" })).toBeVisible();
  // The letter that was read as another is named by keys too.
  await tabTo(page, /^i: said as something else$/);
  await page.keyboard.press("Enter");
  const sounds = page.getByRole("region", { name: "What was said instead" });
  await expect(sounds.getByRole("button", { name: /^short e as in bed/ })).toBeVisible();
  await tabTo(page, /^short e as in bed/);
  await page.keyboard.press("Enter");
  await expect(told).toHaveText("Heron: Wrong. Heron's turn.");
  await expect(page.getByRole("button", { name: "Heron, marked wrong, stored" })).toBeVisible();

  await page.goto(`${server.address}/evidence`);
  await alive(page);
  await expect(page.getByRole("heading", { level: 1 })).toContainText("what was read as what");
  const finding = page.getByRole("region", { name: "What the records say" }).getByRole("listitem").first();
  await expect(finding.getByRole("button").first()).toHaveAccessibleName(/^\w+: \S+ read as .* as in \w+: \d+ of \d+/);
  await expect(finding.getByRole("link").first()).toHaveAccessibleName(/^Chain for it: /);
});
