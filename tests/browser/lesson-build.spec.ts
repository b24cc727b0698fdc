import { board, openedBuilt, teachChain } from "./lesson-steps.ts";
import { alive, expect, test } from "./server.ts";
import { dragQuickly } from "./touch.ts";

/** Building words in a lesson: by keyboard and by touch, with tiles. */

test("build mode by keyboard: heard, built, checked, put right; each attempt is in the record", async ({
  page,
  server,
}) => {
  await teachChain(page, server, "at.cat.cap");
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "Build it with tiles" }).click();
  await page.keyboard.press("ArrowRight");
  // The word to be built stands nowhere until the teacher asks for it.
  await expect(board(page)).toHaveAttribute("data-board", "a t");
  await expect(page.getByText("Now make it say cat")).toHaveCount(0);
  await page.getByRole("button", { name: "What to say" }).click();
  await expect(page.getByText("Now make it say cat")).toBeVisible();
  await page.getByRole("button", { name: "Cover" }).click();
  const line = page.getByRole("group", { name: /^The line/ });
  await line.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText("Not yet.")).toBeVisible();
  for (let k = 0; k < 2; k++) await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("c");
  await expect(board(page)).toHaveAttribute("data-board", "c a t");
  await page.keyboard.press("Enter");
  await expect(board(page)).toHaveAttribute("data-right", "true");
  await expect(page.locator('[data-mark="self-corrected stored"]')).toHaveCount(1);
  await page.getByRole("button", { name: /^Next/ }).click();
  await expect(board(page)).toHaveAttribute("data-board", "c a t");
  expect((await openedBuilt(page, server)).join("\n")).toContain("built a·t, then c·a·t");
});

test("build mode by touch: pressed and dragged; the learners' view follows without a word to copy", async ({
  browser,
  server,
}) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 1024, height: 768 } });
  const page = await context.newPage();
  await teachChain(page, server, "cat.cap.map");
  const opened = context.waitForEvent("page");
  await page.getByRole("button", { name: "Learners' view" }).tap();
  const view = await opened;
  await alive(view);
  await page.bringToFront();
  await page.getByRole("button", { name: "More to do with this activity" }).tap();
  await page.getByRole("menuitem", { name: "Build it with tiles" }).tap();
  await page.getByRole("button", { name: /^Next/ }).tap();
  await expect(board(page)).toHaveAttribute("data-board", "c a t");
  await page.getByRole("button", { name: "Take t off" }).tap();
  await page.getByRole("button", { name: "Put p on the line" }).tap();
  await expect(board(page)).toHaveAttribute("data-board", "c a p");
  await expect(view.locator("[data-display=board]")).toContainText("cap");
  expect(await view.locator("main").innerText()).not.toContain("Now make it");
  await page.getByRole("button", { name: "Check" }).tap();
  await expect(board(page)).toHaveAttribute("data-right", "true");
  await expect(page.locator('[data-mark="right stored"]')).toHaveCount(1);
  for (const tile of await page.locator("[data-tile]").all())
    expect((await tile.boundingBox())?.height).toBeGreaterThanOrEqual(60);
  // Dragged: the first tile off to the tray, another in before the vowel.
  await page.getByRole("button", { name: /^Next/ }).tap();
  await expect(board(page)).toHaveAttribute("data-board", "c a p");
  const drag = async (from: string, to: string) => {
    const [a, b] = [
      await page.getByRole("button", { name: from }).boundingBox(),
      await page.getByLabel(to, { exact: true }).boundingBox(),
    ];
    if (!a || !b) throw new Error("nothing to drag");
    const middle = (box: typeof a) => ({ x: box.x + box.width / 2, y: box.y + box.height / 2 });
    await dragQuickly(page, middle(a), middle(b));
  };
  await drag("Take c off", "Tray");
  await expect(board(page)).toHaveAttribute("data-board", "a p");
  await drag("Put m on the line", "The next tile goes to place 1");
  await expect(board(page)).toHaveAttribute("data-board", "m a p");
  await page.getByRole("button", { name: "Check" }).tap();
  await expect(board(page)).toHaveAttribute("data-right", "true");
  await context.close();
});
