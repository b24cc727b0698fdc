import type { Page } from "@playwright/test";
import { alive, expect, test } from "./server.ts";
import { dragQuickly } from "./touch.ts";

const chain = (page: Page) => page.locator('ol[aria-label="Chain"] [data-word]');
const chainOf = (page: Page) =>
  chain(page).evaluateAll((rows) => rows.map((row) => row.getAttribute("data-word") ?? ""));
const make = async (page: Page, words = 8) => {
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(chain(page)).toHaveCount(words);
};
const more = (page: Page) => page.getByText("More", { exact: true }).click();

test.beforeEach(async ({ page, server }) => {
  await page.goto(server.address);
  await page.evaluate(() => sessionStorage.clear());
  await page.goto(`${server.address}/bench?start=empty`);
  await alive(page);
});

test("lock words and fill around them; ban one and another takes its place; three others, compared and taken", async ({
  page,
}) => {
  await make(page);
  const first = await chainOf(page);
  await page.getByRole("button", { name: `Lock ${first[0]}`, exact: true }).click();
  await page.getByRole("button", { name: `Lock ${first[7]}`, exact: true }).click();
  await page.getByRole("button", { name: "Fill around the locked words" }).click();
  await expect.poll(async () => (await chainOf(page)).join(" ")).not.toBe(first.join(" "));
  const second = await chainOf(page);
  expect([second[0], second[7], second.length]).toEqual([first[0], first[7], 8]);
  const banned = second[3] as string;
  await page.getByRole("button", { name: `Never ${banned}`, exact: true }).click();
  await expect.poll(() => chainOf(page)).not.toContain(banned);
  await expect(chain(page)).toHaveCount(8);
  await page.getByRole("button", { name: `Unlock ${first[0]}`, exact: true }).click();
  await page.getByRole("button", { name: `Unlock ${first[7]}`, exact: true }).click();
  const others = page.getByRole("region", { name: "Other chains" });
  const offeredBefore = await others.innerText();
  await page.getByRole("button", { name: "Three others" }).click();
  await expect.poll(() => others.innerText()).not.toBe(offeredBefore);
  await expect(others.getByRole("button", { name: /^Take/ })).toHaveCount(3);
  // They stand beside the chain, nothing between.
  const [chainBox, othersBox] = [
    await page.getByRole("list", { name: "Chain" }).boundingBox(),
    await others.boundingBox(),
  ];
  expect(othersBox?.y).toBe(chainBox?.y);
  const secondOther = others.getByRole("article").nth(1);
  const offered = await secondOther
    .locator("[data-word]")
    .evaluateAll((rows) => rows.map((r) => r.getAttribute("data-word")));
  expect(offered).toHaveLength(8);
  await secondOther.getByRole("button", { name: /^Take/ }).click();
  await expect.poll(() => chainOf(page)).toEqual(offered);
});

test("no chain: the reason, changes that would give one, and the last good chain stays until one is pressed", async ({
  page,
  server,
}) => {
  await make(page);
  const before = await chainOf(page);
  await page.getByLabel("Changes").selectOption("only the vowel");
  await page.getByRole("button", { name: "Make a chain" }).click();
  const notice = page.getByRole("alert");
  await expect(notice).toContainText(/longest chain found has \d words/);
  expect(await chainOf(page)).toEqual(before);
  const shorter = notice.getByRole("button", { name: /words instead/ });
  const length = Number((await shorter.innerText()).match(/\d+/)?.[0]);
  await shorter.click();
  await expect(chain(page)).toHaveCount(length);
  await expect(page.locator('ol[aria-label="Chain"]').getByText("· middle")).toHaveCount(length - 1);
  await expect(page.getByLabel("Words", { exact: true })).toHaveValue(String(length));
  // A word that is not taught: teaching it is offered, and ticks it for the group.
  await page.getByLabel("Changes").selectOption("anywhere");
  await page.getByLabel("Words", { exact: true }).fill("6");
  await page.getByLabel("Last word").fill("rang");
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(notice).toContainText("cannot end with rang. Not taught yet: ng");
  await notice.getByRole("button", { name: "Teach ng as in ring first" }).click();
  await expect.poll(async () => (await chainOf(page)).at(-1)).toBe("rang");
  await expect(page.getByText("Ticked as taught for Plovers")).toBeVisible();
  const [plovers] = await (await page.request.get(`${server.address}/api/groups`)).json();
  const none = { gpcs: [], patterns: [], words: [] };
  expect(plovers.ticks.add.gpcs).toEqual(["ng=ŋ"]);
  await page.request.put(`${server.address}/api/groups/${plovers.id}/ticks`, { data: { add: none, remove: none } });
});

test("two words banned in haste both go, whatever was found for the first", async ({ page }) => {
  await make(page);
  const words = await chainOf(page);
  const banned = [words[2], words[5]] as string[];
  for (const word of banned) await page.getByRole("button", { name: `Never ${word}`, exact: true }).click();
  await expect.poll(async () => (await chainOf(page)).filter((word) => banned.includes(word))).toEqual([]);
  await expect(page.getByRole("button", { name: "Make a chain" })).toBeVisible();
  expect((await chainOf(page)).filter((word) => banned.includes(word))).toEqual([]);
});

test("a pasted chain is checked word by word; bad steps are mended with one press", async ({ page }) => {
  await page.getByRole("button", { name: "Check a chain from anywhere" }).click();
  const box = page.getByLabel("Words of the chain");
  await box.fill("word ".repeat(2000));
  await expect(page.getByText(/2000 words: that is more than a chain/)).toBeVisible();
  await box.fill("1. Ship → shop; chop, dog  don't ship cake");
  await expect(page.getByText("5 words.")).toBeVisible();
  await expect(page.getByText(/Left out.*don't/)).toBeVisible();
  await page.getByRole("button", { name: "Check it" }).click();
  await expect.poll(() => chainOf(page)).toEqual(["ship", "shop", "chop", "dog", "cake"]);
  await expect(chain(page).getByText("Not taught yet: a-e")).toBeVisible();
  await expect(page.getByText(/1 word does not fit this group\. 2 steps break the chain/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Teach" })).toBeDisabled();
  await page.getByRole("button", { name: "Take cake out" }).click();
  await page.locator('[data-word="dog"]').getByRole("button", { name: "Mend" }).click();
  await expect(page.getByRole("button", { name: "Teach" })).toBeEnabled();
  const mended = await chainOf(page);
  expect([mended[0], mended.at(-1)]).toEqual(["ship", "dog"]);
  expect(mended.length).toBeGreaterThan(4);
});

test("two broken steps mended in haste are both mended", async ({ page }) => {
  await page.getByRole("button", { name: "Check a chain from anywhere" }).click();
  await page.getByLabel("Words of the chain").fill("ship dog fin");
  await page.getByRole("button", { name: "Check it" }).click();
  const mendOf = (word: string) => page.locator(`[data-word="${word}"]`).getByRole("button", { name: "Mend" });
  // The second the moment the first has brought its words, while the rows of the chain before still stand.
  await mendOf("fin").evaluate((mend: HTMLElement) =>
    new MutationObserver((_, observer) => {
      if (!document.querySelector("[data-sonner-toast]")) return;
      observer.disconnect();
      mend.click();
    }).observe(document.body, { childList: true, subtree: true }),
  );
  await mendOf("dog").click();
  await expect(page.getByRole("button", { name: "Mend" })).toHaveCount(0);
  await expect(page.getByRole("button", { name: "Teach" })).toBeEnabled();
  const mended = await chainOf(page);
  expect(mended.filter((word) => ["ship", "dog", "fin"].includes(word))).toEqual(["ship", "dog", "fin"]);
  expect(new Set(mended).size).toBe(mended.length);
});

test("versions come back, a copy is another chain, and another group's chain is checked against its own taught set", async ({
  page,
  server,
}) => {
  for (const word of ["chip", "chop", "shop"]) {
    await page.getByLabel("Or type a word").fill(word);
    await expect(page.getByRole("status").filter({ hasText: "Fits" })).toBeVisible();
    await page.keyboard.press("Enter");
  }
  await page.getByLabel("Title of the chain").fill("First of all");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: "Saved" })).toBeVisible();
  await page.getByRole("button", { name: "Take shop out" }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: "Saved" })).toBeVisible();
  const menu = page.getByRole("button", { name: "More to do with this chain" });
  await menu.click();
  await page.getByRole("menuitem", { name: "Earlier versions…" }).click();
  await page
    .getByRole("dialog")
    .getByRole("listitem")
    .filter({ hasText: "chip chop shop" })
    .getByRole("button")
    .click();
  await expect.poll(() => chainOf(page)).toEqual(["chip", "chop", "shop"]);
  const chainId = new URL(page.url()).searchParams.get("chain");
  await menu.click();
  await page.getByRole("menuitem", { name: "Save as another chain" }).click();
  await expect(page.getByText("Saved: First of all, another")).toBeVisible();
  expect(new URL(page.url()).searchParams.get("chain")).not.toBe(chainId);
  // The other group is put back to where ch is not taught: the words that need it are marked and mended.
  const [, other] = await (await page.request.get(`${server.address}/api/groups`)).json();
  await page.request.patch(`${server.address}/api/groups/${other.id}`, { data: { sequenceId: "phased", step: 7 } });
  await menu.click();
  await page.getByRole("menuitem", { name: other.name }).click();
  await page.waitForURL(/copy=/);
  await alive(page);
  await expect(chain(page).getByText("Not taught yet: ch").first()).toBeVisible();
  await expect(page.getByText(/3 words do not fit this group/)).toBeVisible();
  await page.getByRole("button", { name: "Put others in their place" }).click();
  await expect(page.getByText(/do not fit this group/)).toHaveCount(0);
  await expect(chain(page)).toHaveCount(3);
  await page.request.patch(`${server.address}/api/groups/${other.id}`, { data: { sequenceId: "phased", step: 46 } });
});

test("levels, nonsense, positions and power from the panel", async ({ page }) => {
  await page.getByLabel("Nonsense").selectOption("only");
  await page.getByLabel("Words", { exact: true }).fill("5");
  await make(page, 5);
  await expect(page.getByText("nonsense word")).toHaveCount(5);
  await page.getByLabel("Nonsense").selectOption("none");
  await page.getByRole("button", { name: "Two levels" }).click();
  await expect(page.getByText(/easier twin/)).toBeVisible();
  await expect(page.getByText(/harder twin/)).toBeVisible();
  await more(page);
  await page.getByLabel("Same place").selectOption("once");
  await page.getByLabel("add", { exact: true }).uncheck();
  await page.getByLabel("take away", { exact: true }).uncheck();
  await page.getByLabel("Has to include").fill("ship");
  await page.getByLabel("Words", { exact: true }).fill("6");
  await make(page, 6);
  expect(await chainOf(page)).toContain("ship");
  await expect(page.getByText(/ added · | taken away · /)).toHaveCount(0);
  await page
    .getByLabel("A step may")
    .or(page.getByLabel("change", { exact: true }))
    .last()
    .uncheck();
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(page.getByRole("alert")).toContainText("No move is allowed");
});

test("the shortest way between two words, and how surely a mix-up would show", async ({ page }) => {
  await page.getByLabel("First word").fill("ship");
  await page.getByLabel("Last word").fill("wet");
  await page.getByRole("button", { name: "Shortest way to the last word" }).click();
  await expect.poll(async () => (await chainOf(page)).at(-1)).toBe("wet");
  expect((await chainOf(page))[0]).toBe("ship");
  await page.getByLabel("Last word").fill("zzz");
  await page.getByRole("button", { name: "Shortest way to the last word" }).click();
  await expect(page.getByText(/No taught words lead from ship to zzz/)).toBeVisible();
  for (const [button, letter] of [
    ["Tell apart", "i as"],
    ["Second", "e as"],
  ] as const) {
    await page.getByRole("button", { name: button }).click();
    await page.getByPlaceholder("Type letters…").fill(letter);
    await page.keyboard.press("Enter");
  }
  const power = page.locator("dd").filter({ hasText: "in 100" });
  const half = Number((await power.innerText()).match(/\d+/)?.[0]);
  await more(page);
  await page.getByLabel("Mixed up").selectOption("one time in four");
  await expect.poll(async () => Number((await power.innerText()).match(/\d+/)?.[0])).toBeLessThan(half);
  await expect(page.getByText("mixed up one time in four: named a pattern")).toBeVisible();
});

test("the chain bench by touch: a suggestion, the next gap, reorder", async ({ browser, server }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(`${server.address}/bench?start=empty`);
  await alive(page);
  await page.getByLabel("Or type a word").fill("pit");
  await expect(page.getByRole("status").filter({ hasText: "Fits" })).toBeVisible();
  await page.getByRole("button", { name: "Put in" }).tap();
  await expect(chain(page)).toHaveCount(1);
  const panel = page.getByRole("complementary", { name: "Words for the gap" });
  for (let n = 0; n < 2; n++) {
    const count = (await chainOf(page)).length;
    await panel.locator("section li button").first().tap();
    await expect(chain(page)).toHaveCount(count + 1);
    await expect(panel.getByRole("radio", { name: `After ${(await chainOf(page))[count]}` })).toBeVisible();
  }
  const words = await chainOf(page);
  const from = await page.getByRole("button", { name: `Move ${words[2]}` }).boundingBox();
  const to = await page.getByRole("button", { name: `Move ${words[1]}` }).boundingBox();
  if (!from || !to) throw new Error("no handles");
  await dragQuickly(page, { x: from.x + 12, y: from.y + 30 }, { x: from.x + 12, y: to.y + 20 });
  await expect.poll(() => chainOf(page)).toEqual([words[0], words[2], words[1]]);
  await context.close();
});
