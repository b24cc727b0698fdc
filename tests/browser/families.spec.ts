import type { Page } from "@playwright/test";
import { faultsByAxe } from "./axe.ts";
import { draftedPlan, emptyPlan } from "./lesson-steps.ts";
import { alive, expect, follow, moveUpByKeys, shownDisplay, test } from "./server.ts";

const setOf = (page: Page) =>
  page.getByRole("list", { name: "Words of the set" }).locator("li span:first-child").allTextContents();
const richButton = (page: Page, name: string) => page.locator("aside li button", { hasText: new RegExp(`^${name}`) });
const cell = (page: Page, word: string) => page.locator(`[data-word="${word}"][data-state]`);

test("a family by keyboard: typed, shown with what is apart, made into a set, saved, opened again", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/families`);
  await alive(page);
  await page.getByLabel("A rime").fill("-at");
  await page.keyboard.press("Enter");
  await expect(cell(page, "cat")).toHaveAttribute("data-state", "real");
  await expect(cell(page, "flat")).toHaveAttribute("data-state", "not-yet");
  await expect(cell(page, "swat")).toHaveAttribute("data-state", "false-friend");
  await expect(cell(page, "zat")).toHaveAttribute("data-state", "nonsense");
  await expect(cell(page, "fat")).toHaveCount(0);
  await expect.poll(() => setOf(page)).toHaveLength(8);
  // A word goes out of the set and another in, from the grid and from the list, by keys alone.
  const [word = ""] = await setOf(page);
  await cell(page, word).focus();
  await expect(page.getByRole("status")).toContainText(word);
  await page.keyboard.press("Enter");
  await expect.poll(() => setOf(page)).not.toContain(word);
  await cell(page, "zat").focus();
  await page.keyboard.press("Space");
  await expect.poll(() => setOf(page)).toContain("zat");
  // A word that is not taught yet is explained, and stays out.
  await cell(page, "flat").click();
  await expect(page.getByRole("status")).toContainText("not taught yet: two consonants together at the start");
  expect(await setOf(page)).not.toContain("flat");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => setOf(page)).not.toContain("zat");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => setOf(page)).toContain(word);
  await page.getByLabel("Title of the set").fill("The -at words");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Saved: The -at words")).toBeVisible();
  const words = await setOf(page);
  await page.reload();
  await alive(page);
  await expect.poll(() => setOf(page)).toEqual(words);
  await expect(page.getByLabel("Title of the set")).toHaveValue("The -at words");
});

test("what the records call for, a set of two families, as a chain on the bench", async ({ page, server }) => {
  await page.goto(`${server.address}/families`);
  await alive(page);
  await page.getByRole("button", { name: /^-et beside -it/ }).click();
  await expect.poll(() => setOf(page)).toHaveLength(8);
  expect((await setOf(page)).filter((word) => word.endsWith("et"))).toHaveLength(4);
  await page.getByRole("radio", { name: "Walk" }).click();
  await expect(page.getByRole("list", { name: "Walk" }).locator("li").first()).toContainText(/^[ei]t/);
  await page.getByLabel("Walked").selectOption("body-first");
  await expect(page.getByRole("list", { name: "Walk" }).locator("li").nth(2)).toContainText(/^[a-z]+[ei] \+ t[a-z]+t$/);
  await page.getByRole("button", { name: "As a chain" }).click();
  await page.waitForURL(/bench/);
  await alive(page);
  const rows = page.locator('ol[aria-label="Chain"] [data-word]');
  await expect(rows).not.toHaveCount(0);
  await expect(page.getByText(/breaks? the chain/)).toHaveCount(0);
  await expect(page.getByRole("button", { name: "Teach" })).toBeEnabled();
});

test("refusals: no such rime, only false friends, nothing to type; the nearest that works is one press away", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/families`);
  await alive(page);
  const type = async (text: string) => {
    await page.getByLabel("A rime").fill(text);
    await page.getByRole("button", { name: "Add" }).click();
  };
  await type("atx");
  await expect(page.getByRole("alert")).toContainText("No word in the list has the rime -atx");
  await type("old");
  await expect(page.getByRole("alert")).toContainText("Only false friends");
  await type("");
  await expect(page.getByRole("alert")).toContainText("Type the letters");
  await type("atx");
  await page.getByRole("alert").getByRole("button", { name: "-at" }).click();
  await expect(cell(page, "cat")).toBeVisible();
  await expect(page.getByRole("alert")).toHaveCount(0);
  // A number of words that is none is said, and the set that was there stays.
  await expect.poll(() => setOf(page)).toHaveLength(8);
  await page.getByRole("spinbutton", { name: "Words" }).fill("0");
  await expect(page.getByRole("alert")).toContainText("A set has 4 to 24 words");
  expect(await setOf(page)).toHaveLength(8);
});

test("a sort with its foils and key; the spellings of a sound become one; pairs from the records", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/families`);
  await alive(page);
  await richButton(page, "-at").click();
  await richButton(page, "-an").click();
  await page.getByRole("tab", { name: "Sort" }).click();
  for (const name of ["-at", "-an"]) await page.getByRole("main").getByRole("button", { name, exact: true }).click();
  const table = page.getByRole("list", { name: "On the table" }).locator("li");
  await expect(table).toHaveCount(10);
  await expect(page.getByRole("region", { name: "Bin -at" }).locator("li")).toHaveCount(4);
  await expect(page.getByRole("region", { name: "Belong nowhere" }).locator("li")).toHaveCount(2);
  await page.getByLabel("answer key").uncheck();
  await expect(page.getByRole("region", { name: "Bin -at" })).toHaveCount(0);
  await page.getByLabel("Words a bin").fill("1");
  await expect(page.getByRole("alert")).toContainText("A bin has 2 to 10 words");
  await page.getByLabel("Words a bin").fill("3");
  await expect(table).toHaveCount(8);
  const laid = await table.allTextContents();
  await page.getByRole("button", { name: "Save the sort" }).click();
  await expect(page.getByText("Saved: Sort: -at / -an")).toBeVisible();
  await page.reload();
  await alive(page);
  await page.getByLabel("Saved sets").selectOption({ label: "Sort: -at / -an" });
  await page.waitForURL(/set=/);
  await alive(page);
  await expect.poll(() => table.allTextContents()).toEqual(laid);
  await page.getByRole("tab", { name: "Spellings of a sound" }).click();
  await page.getByRole("button", { name: "The sound of: choose" }).click();
  await page.getByPlaceholder("Type letters…").fill("ck");
  await page.keyboard.press("Enter");
  await expect(page.locator('[data-gpc="ck=k"]')).toContainText("at the end; after one vowel letter");
  await page.getByRole("button", { name: "Sort them" }).click();
  await expect(page.getByRole("tab", { name: "Sort" })).toHaveAttribute("aria-selected", "true");
  await expect(table).not.toHaveCount(0);
  await page.getByRole("tab", { name: "Pairs" }).click();
  await page
    .getByRole("main")
    .getByRole("button", { name: /^Sandpiper: e/ })
    .click();
  await expect(page.locator("[data-pair]")).toHaveCount(8);
  await page.getByLabel("Where they differ").selectOption("final");
  await expect(page.getByRole("alert")).toContainText("There are pairs that differ at the middle");
});

test("to the plan and to paper: in the next lesson, in order, and on a sheet without what is kept out", async ({
  page,
  server,
}) => {
  await emptyPlan(page, server);
  await page.goto(`${server.address}/families`);
  await alive(page);
  await richButton(page, "-ack").click();
  await expect.poll(() => setOf(page)).toHaveLength(8);
  await page.getByLabel("Title of the set").fill("Back and pack");
  await page.getByRole("button", { name: "To the plan" }).click();
  await expect(page.getByText("In the next lesson: Back and pack")).toBeVisible();
  await page.goto(`${server.address}/ears-only`);
  await alive(page);
  await expect(page.locator("[data-item]")).toHaveCount(20);
  await page.getByLabel("Title of the set").fill("Warm-up");
  await page.getByRole("button", { name: "To the plan" }).click();
  await page.getByRole("button", { name: "Open the plan" }).click();
  await page.waitForURL(/plan/);
  await alive(page);
  const rows = page.getByRole("list", { name: "Activities" }).locator("li");
  await expect(rows).toHaveCount(2);
  await moveUpByKeys(page, "Move Warm-up");
  await expect(rows.first()).toContainText("Warm-up");
  await page.getByLabel("Minutes: Warm-up").fill("19");
  await expect(page.getByRole("status").filter({ hasText: "too long" })).toBeVisible();
  await expect(async () => {
    await page.reload();
    await alive(page);
    await expect(rows.first()).toContainText("Warm-up", { timeout: 1000 });
    await expect(page.getByLabel("Minutes: Warm-up")).toHaveValue("19", { timeout: 1000 });
  }).toPass();
  await page.getByRole("button", { name: "Take Warm-up out" }).click();
  await expect(rows).toHaveCount(1);
  const saved = page.waitForResponse(
    (response) => response.request().method() === "PUT" && response.request().postDataJSON().activities.length === 2,
  );
  await page.locator("[data-sonner-toast]").getByRole("button", { name: "Undo" }).click();
  // Where it was, on the server as on the screen: nothing moves under a finger once the answer is there.
  const { activities } = (await (await saved).json()) as { activities: readonly { title: string }[] };
  expect(activities.map(({ title }) => title)).toEqual(["Warm-up", "Back and pack"]);
  await expect(rows).toHaveText([/Warm-up/, /Back and pack/]);
  await follow(page, rows.filter({ hasText: "Back and pack" }).getByRole("link", { name: "Print" }));
  await page.waitForURL(/print/);
  await expect(page.getByRole("heading", { name: "Back and pack", exact: true })).toBeVisible();
  await expect(page.locator(".card")).toHaveCount(8);
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  await page.emulateMedia({ media: "screen" });
  await follow(page, page.getByRole("link", { name: "Letter" }));
  await expect(page.locator("main.letter")).toBeVisible();
});

test("the lesson is drafted, changed, made to fit, and printed for the helper", async ({ page, server }) => {
  await draftedPlan(page, server, "30");
  const chain = page.locator("[data-kind=read-chain]");
  await expect(page.getByRole("list", { name: "Activities" }).locator("li")).not.toHaveCount(0);
  // A word out of reach is refused with its reason, and what was there stays; one within reach is kept.
  await chain.getByRole("button", { name: "Read a chain: how it is done" }).click();
  const words = await chain.getByLabel("Words", { exact: true }).inputValue();
  await chain.getByLabel("Words", { exact: true }).fill(`${words} rain`);
  await chain.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText(/rain is not within reach yet/)).toBeVisible();
  await chain.getByLabel("Words", { exact: true }).fill("cat cap map");
  await chain.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(chain.locator("span.font-learner")).toHaveText(/cat\s+cap\s+map/);
  await chain.getByRole("combobox", { name: /^Help/ }).selectOption("at sight");
  await chain.getByLabel("Seconds to think before help").fill("3");
  // What was changed a moment ago may still be on its way when the page asks for the plan.
  await expect(async () => {
    await page.reload();
    await alive(page);
    await expect(chain).toContainText("at sight · 3 seconds to think", { timeout: 1000 });
  }).toPass();
  // Taught from the plan, as the activity says: at sight, the word stands whole.
  await chain.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  await expect(page.locator("[data-current-word]")).toHaveAttribute("data-word", "cat");
  await expect(shownDisplay(page)).toHaveAttribute("data-blended", "true");
  await page.goto(`${server.address}/plan`);
  await alive(page);
  // Less time: what to take out is one press.
  await page.getByLabel("Time there is").selectOption("10");
  await expect(page.getByRole("status").filter({ hasText: "too long" })).toBeVisible();
  await page.getByRole("button", { name: /^Take out / }).click();
  await expect(page.getByRole("status").filter({ hasText: "too long" })).toHaveCount(0);
  await page.getByRole("button", { name: "Print, files" }).click();
  await page.getByRole("menuitem", { name: "Sheet for the helper" }).click();
  await page.waitForURL(/plan-sheet/);
  await expect(page.getByText("Read this word.").first()).toBeVisible();
  await expect(page.getByText(/^Find .* at the end. Change it to .* What is the word\?$/).first()).toBeVisible();
  await expect(page.getByLabel("Materials")).toContainText("Word cards");
});

test("families, sorts, ears only, plan and paper can be used without sight of colour or mouse: no serious fault", async ({
  page,
  server,
}) => {
  const look = async () => {
    expect(await faultsByAxe(page, { tags: ["wcag2a", "wcag2aa"] })).toEqual([]);
  };
  await page.goto(`${server.address}/families`);
  await alive(page);
  await richButton(page, "-at").click();
  await expect(page.locator('[data-state="nonsense"]').first()).toBeVisible();
  await look();
  await page.getByRole("tab", { name: "Sort" }).click();
  await look();
  await page.goto(`${server.address}/ears-only`);
  await alive(page);
  await expect(page.locator("[data-item]")).toHaveCount(20);
  await look();
  await page.goto(`${server.address}/plan`);
  await alive(page);
  await look();
});
