import type { Page } from "@playwright/test";
import { alive, expect, follow, test } from "./server.ts";

const part = (page: Page, name: string) => page.getByRole("region", { name, exact: true });
const keysOf = (page: Page) =>
  page.locator("[data-item]").evaluateAll((rows) => rows.map((row) => row.getAttribute("data-item") ?? ""));

async function open(page: Page, address: string) {
  await page.goto(`${address}/ears-only`);
  await alive(page);
  await expect(page.locator("[data-item]")).toHaveCount(20);
}

test("a sheet from today's words: skills, counts, other items, another in place of one, answers hidden", async ({
  page,
  server,
}) => {
  await open(page, server.address);
  await page.getByLabel("Today's words", { exact: true }).fill("ship chip shop chop mash match");
  await expect(part(page, "First sound").locator("[data-item]").first()).toContainText(
    /ship|chip|shop|chop|mash|match/,
  );
  await page.getByLabel("Add a skill").selectOption("change-end");
  await expect(part(page, "Change the last sound").locator("[data-item]")).toHaveCount(5);
  await page.getByLabel("Items: Blend all sounds").fill("3");
  await expect(part(page, "Blend all sounds").locator("[data-item]")).toHaveCount(3);
  const before = await keysOf(page);
  await part(page, "First sound").getByRole("button", { name: "Another in place of item 2" }).click();
  await expect.poll(async () => (await keysOf(page)).filter((key) => !before.includes(key)).length).toBe(1);
  await page.getByLabel("answers").uncheck();
  await expect(part(page, "First sound")).not.toContainText("as in");
  await page.getByLabel("answers").check();
  await page.getByRole("button", { name: "First sound later", exact: true }).click();
  const headings = page.getByRole("main").getByRole("heading", { level: 2 });
  await expect(headings.nth(1)).toContainText("Blend all sounds");
  await expect(headings.nth(2)).toContainText("First sound");
  await page.getByRole("button", { name: "Take Rhyme: yes or no out" }).click();
  await expect(part(page, "Rhyme: yes or no")).toHaveCount(0);
  const all = await keysOf(page);
  await page.getByRole("button", { name: "All anew" }).click();
  await expect.poll(() => keysOf(page)).not.toEqual(all);
});

test("words that do not serve: said, with what does; nothing else is lost", async ({ page, server }) => {
  await open(page, server.address);
  await page.getByLabel("Today's words", { exact: true }).fill("cat hat dog pin man bed");
  await page.getByLabel("Items are made of").selectOption("today-only");
  await page.getByLabel("Add a skill").selectOption("take-from-cluster");
  const cluster = part(page, "Take one of two consonants away");
  await expect(cluster.getByRole("alert")).toContainText("Today's words give no item for this");
  await expect(part(page, "First sound").locator("[data-item]")).toHaveCount(5);
  await page.getByLabel("Items: First sound").fill("0");
  await expect(part(page, "First sound").getByRole("alert")).toContainText("Choose 1 to 20 items");
  await page.getByLabel("Items: First sound").fill("2");
  await expect(part(page, "First sound").locator("[data-item]")).toHaveCount(2);
  await cluster.getByRole("button", { name: "Let words heard often in" }).click();
  await expect(cluster.locator("[data-item]")).toHaveCount(5);
});

test("saved, opened again as it was, and printed with its answers", async ({ page, server }) => {
  await open(page, server.address);
  await page.getByLabel("Title of the set").fill("Friday ears");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Saved: Friday ears")).toBeVisible();
  const keys = await keysOf(page);
  await page.reload();
  await alive(page);
  await expect.poll(() => keysOf(page)).toEqual(keys);
  await page.getByRole("button", { name: "Print" }).click();
  await page.waitForURL(/print/);
  await expect(page.getByRole("heading", { name: "Friday ears" })).toBeVisible();
  await expect(page.locator("main li")).toHaveCount(20);
  await follow(page, page.getByRole("link", { name: "Back" }));
  await expect(page.getByLabel("Title of the set")).toHaveValue("Friday ears");
});

test("a daily routine: the same today, other items tomorrow, a swapped item stays", async ({ browser, server }) => {
  // The clock is the context's.
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.clock.setFixedTime(new Date("2026-11-25T08:00:00"));
  await open(page, server.address);
  await page.getByLabel("Name of the routine").fill("Morning ears");
  await page.getByRole("button", { name: "Keep as routine" }).click();
  await expect(page.getByText("Filled for Wednesday 25 November")).toBeVisible();
  await expect(page.locator("[data-item]")).toHaveCount(20);
  await expect(page.getByText("Saved: Morning ears")).toBeVisible();
  const filled = await keysOf(page);
  await page.getByRole("button", { name: "Another in place of item 1" }).first().click();
  await expect.poll(async () => (await keysOf(page)).filter((key) => !filled.includes(key)).length).toBe(1);
  const wednesday = await keysOf(page);
  const reopen = async () => {
    await open(page, server.address);
    await page.getByLabel("Daily routine").selectOption({ label: "Morning ears" });
    await expect(page.getByText(/^Filled for/)).toBeVisible();
  };
  await reopen();
  await expect.poll(() => keysOf(page)).toEqual(wednesday);
  await page.clock.setFixedTime(new Date("2026-11-26T08:00:00"));
  await reopen();
  await expect(page.getByText("Filled for Thursday 26 November")).toBeVisible();
  await expect.poll(async () => (await keysOf(page)).filter((key) => wednesday.includes(key))).toEqual([]);
  await page.getByRole("button", { name: "Delete this routine" }).click();
  await page.getByRole("alertdialog").getByRole("button", { name: "Delete" }).click();
  await expect(page.getByLabel("Name of the routine")).toBeVisible();
  await context.close();
});
