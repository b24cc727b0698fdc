import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { alive, expect, test } from "./server.ts";

/** Learners and groups: renamed, moved, put away, erased and had back; backups made and put back. */

const choose = async (page: Page, of: string, entry: string) => {
  // Other tests have learners of the same name in groups of their own, which come later.
  await page
    .getByRole("button", { name: `Change ${of}`, exact: true })
    .first()
    .click();
  await page.getByRole("menuitem", { name: entry }).click();
};

test("a learner is renamed, moved and erased, and is had back within ten minutes", async ({ page, server }) => {
  await page.goto(`${server.address}/people`);
  await alive(page);
  const plovers = page.getByRole("region", { name: "Plovers" });
  const turnstones = page.getByRole("region", { name: "Turnstones" });
  await choose(page, "Knot", "Rename");
  await page.getByLabel("Nickname").fill("");
  await page.getByRole("button", { name: "Rename" }).click();
  await expect(page.getByText("a nickname has at least one letter")).toBeVisible();
  await page.getByLabel("Nickname").fill("Petrel");
  await page.keyboard.press("Enter");
  await expect(plovers.getByText("Petrel")).toBeVisible();
  await choose(page, "Petrel", "Turnstones");
  await expect(turnstones.getByText("Petrel")).toBeVisible();
  await choose(page, "Petrel", "Erase…");
  await expect(page.getByRole("alertdialog")).toContainText("every other row of Petrel go for good");
  await page.getByRole("alertdialog").getByRole("button", { name: "Erase" }).click();
  await expect(turnstones.getByText("Petrel")).toBeHidden();
  await page.getByRole("button", { name: "Bring back Petrel" }).click();
  await expect(turnstones.getByText("Petrel")).toBeVisible();
  // As it was, for the other tests.
  await choose(page, "Petrel", "Plovers");
  await expect(plovers.getByText("Petrel")).toBeVisible();
  await choose(page, "Petrel", "Rename");
  await page.getByLabel("Nickname").fill("Knot");
  await page.keyboard.press("Enter");
  await expect(plovers.getByText("Knot")).toBeVisible();
  const faults = await new AxeBuilder({ page }).analyze();
  expect(faults.violations.map(({ id }) => id)).toEqual([]);
});

test("a group says what goes with it before it is deleted, and is had back", async ({ page, server }) => {
  await page.goto(`${server.address}/people`);
  await alive(page);
  await choose(page, "Turnstones", "Delete…");
  await expect(page.getByRole("alertdialog")).toContainText(
    /With it go 3 learners with their \d+ answers, \d+ lessons/,
  );
  await page.getByRole("alertdialog").getByRole("button", { name: "Delete" }).click();
  await expect(page.getByRole("region", { name: "Turnstones" })).toBeHidden();
  await page.getByRole("button", { name: "Bring back Turnstones" }).click();
  await expect(page.getByRole("region", { name: "Turnstones" })).toBeVisible();
});

test("a backup is made, says what is inside, and is put back", async ({ page, server }) => {
  await page.goto(`${server.address}/backups`);
  await alive(page);
  await page.getByRole("button", { name: "Make a backup now" }).click();
  const backup = page.getByRole("listitem").filter({ hasText: "asked for" }).first();
  await expect(backup).toContainText(/\d+ groups, \d+ learners, \d+ lessons, \d+ marks/);
  const faults = await new AxeBuilder({ page }).analyze();
  expect(faults.violations.map(({ id }) => id)).toEqual([]);
  await backup.getByRole("button", { name: "Put back" }).click();
  await expect(page.getByRole("alertdialog")).toContainText(/\d+ groups, \d+ learners/);
  await page.getByRole("button", { name: "Put it back" }).click();
  await page.waitForURL(`${server.address}/`);
  await page.goto(`${server.address}/backups`);
  await expect(page.getByText("before another was put back")).toBeVisible();
});
