import { groupNamed } from "./made.ts";
import { alive, expect, test } from "./server.ts";

const SHEETS = [
  "Teacher's card",
  "Strips to cut",
  "Tiles",
  "Sound boxes",
  "Reading sheet",
  "Tracing sheet",
  "Record sheet",
];

test("a chain goes from the bench to paper: every sheet, the exact tiles, a box a sound, a row a learner", async ({
  page,
  server,
}) => {
  const group = await groupNamed(page, server, "Plovers");
  await page.goto(`${server.address}/bench?group=${group.id}&words=ship.chip.chop.shop.hop`);
  await alive(page);
  await page.getByRole("button", { name: "More to do with this chain" }).click();
  await page.getByRole("menuitem", { name: /^Print/ }).click();
  await page.waitForURL(/\/print\/words/);
  const sheets = page.getByRole("navigation", { name: "Sheet" });
  await expect(sheets.getByRole("link")).toHaveText(SHEETS);

  const paper = page.getByRole("main");
  await expect(paper.getByRole("row")).toHaveCount(6);
  await expect(paper.getByRole("row").nth(1)).toContainText("Listen: ship");
  await expect(paper.getByRole("row").nth(2)).toContainText("at the beginning");

  await sheets.getByRole("link", { name: "Tiles" }).click();
  await expect(paper.locator(".tile")).toHaveText(["sh", "i", "p", "ch", "o", "h"]);
  await page.getByRole("link", { name: `For each of ${group.learners.length}` }).click();
  await expect(paper.locator(".tile")).toHaveCount(6 * group.learners.length);

  await sheets.getByRole("link", { name: "Sound boxes" }).click();
  await expect(paper.locator(".box")).toHaveCount(15);
  // It is the learner who writes: nothing of the words stands there.
  await expect(paper).not.toContainText("ship");

  await sheets.getByRole("link", { name: "Reading sheet" }).click();
  await expect(paper.getByRole("img", { name: "3 touches" })).toHaveCount(5);
  const places = () =>
    paper
      .locator("li")
      .evaluateAll((words) => words.slice(0, 2).map((word) => Math.round(word.getBoundingClientRect().y)));
  expect(new Set(await places()).size).toBe(1);
  await page.getByRole("link", { name: "Down" }).click();
  await expect.poll(async () => new Set(await places()).size).toBe(2);

  await sheets.getByRole("link", { name: "Record sheet" }).click();
  await expect(paper.getByRole("columnheader")).toHaveText(["Learner", "ship", "chip", "chop", "shop", "hop"]);
  await expect(paper.getByRole("row")).toHaveCount(1 + group.learners.length);
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("link", { name: "Back" })).toBeHidden();
});

test("the longest words stay between the margins on every sheet, on both papers", async ({ page, server }) => {
  const group = await groupNamed(page, server, "Turnstones");
  const words = "strength+thoughtfully+grasshopper+watermelons+cake";
  await page.setViewportSize({ width: 1280, height: 900 });
  for (const sheet of ["steps", "strips", "tiles", "sound-boxes", "reading", "tracing", "record"])
    for (const paper of ["a4", "letter"]) {
      await page.goto(`${server.address}/print/words?group=${group.id}&words=${words}&sheet=${sheet}&paper=${paper}`);
      const beyond = await page.getByRole("main").evaluate((main) => {
        const box = main.getBoundingClientRect();
        const style = getComputedStyle(main);
        const right = box.right - Number.parseFloat(style.paddingRight) + 1;
        const left = box.left + Number.parseFloat(style.paddingLeft) - 1;
        return [...main.querySelectorAll("span, svg, td, th, p")]
          .filter((one) => one.getBoundingClientRect().right > right || one.getBoundingClientRect().left < left)
          .map((one) => one.outerHTML.slice(0, 120));
      });
      expect(beyond, `${sheet} on ${paper}`).toEqual([]);
      // In a table no word stands on another.
      const cut = await page
        .locator("main th")
        .evaluateAll((heads) => heads.filter((th) => th.scrollWidth > th.clientWidth + 1).length);
      expect(cut, `${sheet} on ${paper}`).toBe(0);
    }
});

test("what cannot be printed is said: not taught yet, kept out, no words, no group", async ({ page, server }) => {
  const group = await groupNamed(page, server, "Plovers");
  const at = (query: string) => `${server.address}/print/words?${query}`;
  await page.goto(at(`group=${group.id}&words=ship+make+bitch&sheet=strips`));
  await expect(page.getByText("Not within reach of Plovers yet: make")).toBeVisible();
  await expect(page.getByText(/school keeps them out: bitch/)).toBeVisible();
  await expect(page.getByRole("main").getByRole("listitem")).toHaveCount(2);
  for (const query of [`group=${group.id}`, `group=${group.id}&words=123`, "group=x&words=cat", "words=cat"])
    expect((await page.request.get(at(query))).status()).toBe(404);
  // "Back" leads nowhere but to this application.
  await page.goto(at(`group=${group.id}&words=cat&back=${encodeURIComponent("//example.org/bench?")}`));
  await expect(page.getByRole("link", { name: "Back" })).toHaveAttribute("href", `/bench?group=${group.id}`);
});
