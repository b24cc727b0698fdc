import type { Page } from "@playwright/test";
import { alive, expect, follow, type Server, shownDisplay, test } from "./server.ts";

/** The main road: plan a chain, teach it, mark it, see what was substituted, over a real database. */

const words = (page: Page) =>
  page
    .locator("ol[aria-label=Chain] [data-word]")
    .evaluateAll((rows) => rows.map((row) => row.getAttribute("data-word")));

async function planForPlovers(page: Page, server: Server): Promise<string[]> {
  await page.goto(`${server.address}/bench?start=empty`);
  await alive(page);
  // On a tablet it is a drawer.
  const drawer = page.getByRole("button", { name: "Aim", exact: true });
  if (await drawer.isVisible()) await drawer.click();
  await page.getByRole("button", { name: "Tell apart" }).click();
  await page.getByPlaceholder("Type letters…").fill("i as");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Second" }).click();
  await page.getByPlaceholder("Type letters…").fill("e as");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(page.locator("ol[aria-label=Chain] [data-word]")).toHaveCount(8);
  return (await words(page)) as string[];
}

/** Presses the unit of the word shown that is read wrongly, then what was said. */
async function markSaid(page: Page, grapheme: string, said: string) {
  const unit = page.getByRole("button", { name: `${grapheme}: said as something else`, exact: true });
  await unit.click();
  await page.getByRole("region", { name: "What was said instead" }).getByRole("button", { name: said }).click();
}

const chip = (page: Page, learner: string) => page.locator(`[data-learner="${learner}"]`);

test("plan, teach by keyboard and touch, mark three learners, find the marks in the evidence", async ({
  page,
  server,
}) => {
  const chain = await planForPlovers(page, server);
  await expect(page.getByText(/\d+ in 100 in \d+ chances/)).toBeVisible();
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("button", { name: "Saved" })).toBeVisible();
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);

  const stage = page.locator("[data-place]");
  // Tap through the sounds, blend, back to open, hide and show the change.
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "0");
  await page.keyboard.press(" ");
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "1");
  await page.keyboard.press("b");
  await expect(shownDisplay(page)).toHaveAttribute("data-blended", "true");
  await page.keyboard.press("ArrowRight");
  await expect(stage).toHaveAttribute("data-place", "1");
  await page.getByRole("button", { name: "Hide change" }).click();
  await page.getByRole("button", { name: "Show change" }).click();
  await page.keyboard.press("ArrowLeft");
  await expect(stage).toHaveAttribute("data-place", "0");

  // The first learner reads every e as i, the second is right, the third is taken back.
  let eRead = 0;
  for (const [index, word] of chain.entries()) {
    await expect(stage).toHaveAttribute("data-place", String(index));
    await page.keyboard.press("1");
    if (/^[^aiou]*e[^aeiou]*$/.test(word)) {
      await markSaid(page, "e", "short i as in pin");
      await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "wrong stored");
      eRead++;
    } else {
      await page.keyboard.press("Enter");
      await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
    }
    await page.keyboard.press("2");
    await page.getByRole("button", { name: /^Right/ }).click();
    await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "right stored");
    await page.keyboard.press("3");
    await page.keyboard.press("t");
    await expect(chip(page, "Eider")).toHaveAttribute("data-mark", "after-tapping stored");
    await page.keyboard.press("u");
    await expect(chip(page, "Eider")).toHaveAttribute("data-mark", "none");
    if (index < chain.length - 1) await page.keyboard.press("ArrowRight");
  }
  expect(eRead).toBeGreaterThanOrEqual(2);

  // A reload keeps the place and every mark.
  await page.reload();
  await alive(page);
  await expect(stage).toHaveAttribute("data-place", "7");
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "right stored");
  await expect(chip(page, "Eider")).toHaveAttribute("data-mark", "none");

  await page.getByRole("button", { name: "Finish" }).click();
  await page.waitForURL(/\/evidence/);
  await follow(page, page.getByRole("link", { name: "Sandpiper" }));
  await page.waitForURL(/learner=/);
  await alive(page);
  const row = page.locator('[data-gpc="e=e"]');
  const before = Number(/×(\d+)/.exec(await row.getByRole("button", { name: "short i as in pin" }).innerText())?.[1]);
  await row.getByRole("button", { name: "short i as in pin" }).click();
  const opened = page.getByRole("dialog");
  await expect(opened.locator("[data-response]")).toHaveCount(before);
  // Today's readings are the newest: they stand first, with the words just taught.
  const newest = opened.locator("[data-response]").first();
  await expect(newest).toContainText("Sandpiper");
  await expect(newest).toContainText("e as short i as in pin");
  const shown = await opened.locator("[data-response]").allInnerTexts();
  const ofToday = shown.slice(0, eRead).map((text) => text.split("\n")[1]);
  expect(ofToday.every((word) => chain.includes(word ?? ""))).toBe(true);
});

test("what was said is typed: judged while it is typed, kept with Enter; a word of the chain is one press", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=ship.shop.chop`);
  await alive(page);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  await page.keyboard.press("1");
  await page.keyboard.press("h");
  const line = page.getByRole("form", { name: "What did Sandpiper say?" });
  await line.getByRole("textbox").fill("ch i p");
  await expect(line.getByRole("status")).toContainText("sh as /ch/ as in chip, at the beginning");
  await page.keyboard.press("Enter");
  await expect(line).toBeHidden();
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "wrong stored");
  await page.keyboard.press("2");
  await page.getByRole("button", { name: /^Type it/ }).click();
  await page.getByRole("form", { name: "What did Heron say?" }).getByRole("button", { name: "chop" }).click();
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "wrong stored");
  await page.keyboard.press("3");
  await page.keyboard.press("h");
  await page
    .getByRole("form", { name: /What did/ })
    .getByRole("textbox")
    .fill("ship");
  await page.keyboard.press("Enter");
  await expect(chip(page, "Eider")).toHaveAttribute("data-mark", "right stored");
  // All together: who has answered alone keeps that.
  await page.keyboard.press("a");
  await expect(chip(page, "Knot")).toHaveAttribute("data-mark", "together stored");
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "wrong stored");
});

test("touch alone: units, sounds and learners are large enough to press", async ({ browser, server }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 1024, height: 768 } });
  const page = await context.newPage();
  await planForPlovers(page, server);
  await page.getByRole("button", { name: "Teach" }).tap();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  await chip(page, "Knot").tap();
  await page.locator('[data-unit="1"]').tap();
  const sounds = page.getByRole("region", { name: "What was said instead" }).getByRole("button");
  for (const box of await Promise.all((await sounds.all()).map((button) => button.boundingBox())))
    expect(box?.height).toBeGreaterThanOrEqual(44);
  await sounds.first().tap();
  await expect(chip(page, "Knot")).toHaveAttribute("data-mark", "wrong stored");
  await page.getByRole("button", { name: /^Tap/ }).tap();
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "1");
  await context.close();
});

test("every way of blending shows its own moments, by keys; at sight a word is opened only for who is stuck", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=ship.shop`);
  await alive(page);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  const stage = page.locator("[data-place]");
  /** What is shown, closed and run together, as the keys move on to the end of the word. */
  const moments = async (way: string) => {
    await page.getByLabel("Blending").selectOption(way);
    const seen: string[] = [];
    for (;;) {
      const [shown, closed, blended] = await shownDisplay(page).evaluate((element) => [
        element.getAttribute("data-shown"),
        element.getAttribute("data-closed"),
        element.getAttribute("data-blended"),
      ]);
      seen.push(`${shown} ${closed}${blended === "true" ? " together" : ""}`);
      if (shown === "0-3" && blended === "true") return seen;
      await page.keyboard.press(" ");
    }
  };
  expect(await moments("sound-by-sound")).toEqual(["0-3 0", "0-3 1", "0-3 2", "0-3 3", "0-3 3 together"]);
  expect(await moments("build-up")).toEqual(["0-1 1", "0-2 2 together", "0-3 3", "0-3 3 together"]);
  expect(await moments("beginning-and-rime")).toEqual(["0-3 0", "0-3 1", "0-3 3", "0-3 3 together"]);
  expect(await moments("body-and-ending")).toEqual(["0-3 0", "0-3 2", "0-3 3", "0-3 3 together"]);
  expect(await moments("voice-kept-going")).toHaveLength(5);
  expect(await moments("letter-groups-first")).toHaveLength(6);
  await page.getByLabel("Help").selectOption("tap-silently");
  await page.keyboard.press(" ");
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "3");
  await page.getByLabel("Help").selectOption("at-sight");
  await expect(shownDisplay(page)).toHaveAttribute("data-blended", "true");
  await page.keyboard.press("ArrowDown");
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "0");
  await page.keyboard.press("b");
  await page.keyboard.press(" ");
  await expect(stage).toHaveAttribute("data-place", "1");
  await expect(shownDisplay(page)).toHaveAttribute("data-blended", "true");
});

test("the learners' view follows in a second page, without names or controls, and survives a reload", async ({
  page,
  context,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=mash.mesh.met`);
  await alive(page);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  const opened = context.waitForEvent("page");
  await page.getByRole("button", { name: "Learners' view" }).click();
  const view = await opened;
  await alive(view);
  const shown = view.locator("main[data-view]");
  await expect(shown).toHaveAttribute("data-view", "0");
  await page.bringToFront();
  await page.keyboard.press(" ");
  await expect(shownDisplay(view)).toHaveAttribute("data-closed", "1");
  await page.keyboard.press("ArrowRight");
  await expect(shown).toHaveAttribute("data-view", "1");
  await expect(view.locator("[data-current-word]")).toHaveAttribute("data-word", "mesh");
  await expect(view.getByRole("button")).toHaveCount(0);
  expect(await view.content()).not.toContain("Sandpiper");
  await page.keyboard.press(" ");
  await page.keyboard.press(" ");
  await view.reload();
  await alive(view);
  await expect(shown).toHaveAttribute("data-view", "1");
  await expect(shownDisplay(view)).toHaveAttribute("data-closed", "2");
  await view.close();
});
