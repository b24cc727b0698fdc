import type { Page } from "@playwright/test";
import { alive, expect, follow, test } from "./server.ts";

const chainOf = (page: Page) =>
  page
    .locator(`ol[aria-label="Chain"] [data-word]`)
    .evaluateAll((rows) => rows.map((row) => row.getAttribute("data-word") ?? ""));

async function type(page: Page, word: string) {
  await page.getByLabel("Or type a word").fill(word);
}

async function putIn(page: Page, word: string) {
  await type(page, word);
  await expect(page.getByRole("status").filter({ hasText: "Fits" })).toBeVisible();
  await page.keyboard.press("Enter");
}

/**
 * Presses a word in the list for the gap; words beyond the first few of a position are behind "more". The list of the gap
 * before may still stand there at first.
 */
async function choose(page: Page, word: string) {
  const panel = page.getByRole("complementary", { name: "Words for the gap" });
  const wanted = panel.getByRole("button", { name: new RegExp(`^${word}\\b`) });
  const more = panel.getByRole("button", { name: /^\d+ more$/ });
  await expect(async () => {
    while (!(await wanted.isVisible()) && (await more.count()) > 0) await more.first().click({ timeout: 1000 });
    await wanted.click({ timeout: 1000 });
  }).toPass();
}

test.beforeEach(async ({ page, server }) => {
  await page.goto(`${server.address}/bench?start=empty`);
  await expect(page.getByText("One grapheme changes at each step.")).toBeVisible();
  await alive(page);
});

test("build by hand: type, suggest, replace, remove, undo, redo, save and open again", async ({ page }) => {
  await putIn(page, "mash");
  await putIn(page, "mesh");
  await putIn(page, "met");
  await expect(page.getByText("sh becomes t · end")).toBeVisible();
  // A suggestion from the list, by position.
  await choose(page, "pet");
  await expect.poll(() => chainOf(page)).toEqual(["mash", "mesh", "met", "pet"]);
  // In place of a word: only what fits both sides.
  await page.locator('[data-word="pet"] button[aria-pressed]').click();
  await page.getByRole("radio", { name: "In place of pet" }).click();
  await choose(page, "men");
  await expect.poll(() => chainOf(page)).toEqual(["mash", "mesh", "met", "men"]);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => chainOf(page)).toEqual(["mash", "mesh", "met", "pet"]);
  await page.getByRole("button", { name: "Redo" }).click();
  await expect.poll(() => chainOf(page)).toEqual(["mash", "mesh", "met", "men"]);
  // Taking a word out of the middle breaks a step: it is said, and teaching waits.
  // Pressed twice before its row has gone, it takes out that word and no other.
  await page.getByRole("button", { name: "Take mesh out" }).evaluate((button: HTMLElement) => {
    button.click();
    button.click();
  });
  await expect.poll(() => chainOf(page)).toEqual(["mash", "met", "men"]);
  await expect(page.getByText(/One step breaks the chain/)).toBeVisible();
  await expect(page.getByText(/Look again: 2 graphemes differ/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Teach" })).toBeDisabled();
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: "Teach" })).toBeEnabled();
  await page.getByLabel("Title of the chain").fill("Monday chain");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("button", { name: "Saved" })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("Title of the chain")).toHaveValue("Monday chain");
  await expect.poll(() => chainOf(page)).toEqual(["mash", "mesh", "met", "men"]);
});

test("what is pressed for a chain stays where it was drawn while the screen makes itself ready", async ({
  page,
  server,
}) => {
  await page.addInitScript(() => {
    const seen: Record<string, number[]> = {};
    Object.assign(window, { seen });
    const look = () => {
      // To make a chain, and to put a word in; on a tablet the first is in a drawer. Not all of them come at once.
      for (const button of document.querySelectorAll("form button[type=submit]")) {
        const top = Math.round(button.getBoundingClientRect().top);
        seen[button.textContent] = [...new Set([...(seen[button.textContent] ?? []), top])];
      }
      requestAnimationFrame(look);
    };
    look();
  });
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(`${server.address}/bench?start=empty`);
    await alive(page);
    await expect(page.getByText("0 letters")).toBeVisible();
    const seen = await page.evaluate(() => (window as unknown as { seen: Record<string, number[]> }).seen);
    expect(Object.keys(seen), `at ${width}`).toContain("Put in");
    for (const [button, tops] of Object.entries(seen)) expect(tops, `${button} at ${width}`).toHaveLength(1);
  }
});

test("what is pressed for a chain stays where it is drawn before the whole page has come", async ({ page, server }) => {
  const address = `${server.address}/bench?start=empty`;
  const whole = await (await page.request.get(address)).text();
  await page.route("**/*.js", (route) => route.abort());
  let sent = whole;
  await page.route(address, (route) => route.fulfill({ contentType: "text/html", body: sent }));
  const places = async () => {
    await page.goto(address);
    return page
      .locator("form button[type=submit]")
      .evaluateAll((buttons) => buttons.map((button) => Math.round(button.getBoundingClientRect().top)));
  };
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
  ] as const) {
    await page.setViewportSize({ width, height });
    sent = whole;
    const placesAtLast = await places();
    expect(placesAtLast).toHaveLength(2);
    sent = whole.slice(0, whole.lastIndexOf("<footer"));
    expect(await places(), `at ${width}`).toEqual(placesAtLast);
  }
});

test("a chain in the making outlives another screen; a saved one is opened from the list", async ({ page }) => {
  await putIn(page, "pit");
  await putIn(page, "pin");
  await follow(page, page.getByRole("link", { name: "Evidence" }));
  await follow(page, page.getByRole("link", { name: "Chain bench" }));
  await expect.poll(() => chainOf(page)).toEqual(["pit", "pin"]);
  await page.getByLabel("Title of the chain").fill("Short one");
  // Two quick presses are one chain.
  await page.getByRole("button", { name: "Save", exact: true }).dblclick();
  await expect(page.getByRole("button", { name: "Saved", exact: true })).toBeVisible();
  // What the chain is made with is kept with it, not its words alone.
  await page.getByRole("button", { name: "Lock pin", exact: true }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: "Saved", exact: true })).toBeVisible();
  await page.getByLabel("Saved chains").selectOption("New chain");
  await expect(page.getByText("One grapheme changes at each step.")).toBeVisible();
  await alive(page);
  await expect(page.getByLabel("Saved chains").getByRole("option", { name: "Short one" })).toHaveCount(1);
  await page.getByLabel("Saved chains").selectOption("Short one");
  await page.waitForURL(/chain=/);
  await expect.poll(() => chainOf(page)).toEqual(["pit", "pin"]);
  await expect(page.getByRole("button", { name: "Unlock pin", exact: true })).toBeVisible();
  await expect(page.getByRole("button", { name: "Saved", exact: true })).toBeVisible();
});

test("reorder by keyboard alone and by mouse", async ({ page }) => {
  for (const word of ["pit", "pin", "pen"]) await putIn(page, word);
  await page.getByRole("button", { name: "Move pen" }).focus();
  // What is announced to a screen reader tells when each key has been taken.
  const announced = page.getByRole("status").filter({ hasText: "Draggable item pen" });
  await page.keyboard.press(" ");
  await expect(announced).toContainText("over droppable area pen");
  await page.keyboard.press("ArrowUp");
  await expect(announced).toContainText("over droppable area pin");
  await page.keyboard.press(" ");
  await expect.poll(() => chainOf(page)).toEqual(["pit", "pen", "pin"]);
  const from = await page.getByRole("button", { name: "Move pin" }).boundingBox();
  const to = await page.getByRole("button", { name: "Move pen" }).boundingBox();
  if (!from || !to) throw new Error("no handles");
  await page.mouse.move(from.x + 10, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, from.y - 10, { steps: 4 });
  await page.mouse.move(to.x + 10, to.y + 10, { steps: 8 });
  await page.mouse.up();
  await expect.poll(() => chainOf(page)).toEqual(["pit", "pin", "pen"]);
});

test("a typed word is judged at once, with the reason", async ({ page }) => {
  await putIn(page, "pet");
  const verdicts: [typed: string, says: RegExp][] = [
    ["peg", /Fits: t becomes g · end/],
    ["pleg", /Not in the word list/],
    ["peak", /Not taught yet: ea/],
    ["shed", /2 graphemes differ/],
    ["best", /2 graphemes differ|Not taught yet: two consonants together at the end/],
    ["p3t", /Only the letters a to z/],
    ["🙂", /Only the letters a to z/],
    ["gun", /weapons and fighting/],
    ["a".repeat(5000), /Longer than any word/],
    ["one", /Learnt as a whole/],
  ];
  for (const [typed, says] of verdicts) {
    await type(page, typed);
    await expect(page.getByRole("status").filter({ hasText: says })).toBeVisible();
    const fits = says.source.startsWith("Fits");
    await expect(page.getByRole("button", { name: "Put in", exact: true })).toBeEnabled({ enabled: fits });
  }
  await expect.poll(() => chainOf(page)).toEqual(["pet"]);
});

test("a word's card: from the bench by button and by key, and from the evidence", async ({ page }) => {
  await putIn(page, "pit");
  await putIn(page, "pin");
  await page.getByRole("button", { name: "About pin" }).click();
  const card = page.getByRole("dialog");
  await expect(card.getByRole("heading", { name: "pin" })).toBeVisible();
  await expect(card).toContainText("3 letters · 3 graphemes · 3 sounds · 3 taps");
  await expect(card).toContainText("Within what is taught");
  await expect(card).toContainText("pins");
  await page.keyboard.press("Escape");
  await page.locator('[data-word="pit"] button[aria-pressed]').click();
  await page.keyboard.press("?");
  await expect(card.getByRole("heading", { name: "pit" })).toBeVisible();
  await page.keyboard.press("Escape");
  await follow(page, page.getByRole("link", { name: "Evidence" }));
  await page.locator("tbody button").first().click();
  await page
    .getByRole("dialog")
    .getByRole("button", { name: /^About / })
    .first()
    .click();
  await expect(page.getByRole("dialog").last()).toContainText("graphemes");
});

test("a request that cannot be met says why, and the chain at hand stays", async ({ page }) => {
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(page.locator(`ol[aria-label="Chain"] [data-word]`)).toHaveCount(8);
  const before = await chainOf(page);
  const ask = async (length: string, first: string) => {
    await page.getByLabel("Words", { exact: true }).fill(length);
    await page.getByLabel("First word").fill(first);
    await page.getByRole("button", { name: "Make a chain" }).click();
  };
  await ask("8", "zebra");
  await expect(page.getByRole("alert")).toContainText("cannot start with zebra");
  await ask("8", "cake");
  await expect(page.getByRole("alert")).toContainText("Not taught yet: a-e");
  await expect.poll(() => chainOf(page)).toEqual(before);
});

test("another group, another taught set: words stay within it", async ({ page, server }) => {
  await page.goto(server.address);
  await alive(page);
  const card = page.getByRole("article", { name: "Turnstones" });
  await expect(card.getByLabel("Taught up to")).toHaveValue("48");
  await card.getByLabel("Taught up to").selectOption("10");
  await expect
    .poll(async () => {
      const groups = (await (await page.request.get(`${server.address}/api/groups`)).json()) as {
        name: string;
        step: number;
      }[];
      return groups.find(({ name }) => name === "Turnstones")?.step;
    })
    .toBe(10);
  await follow(page, card.getByRole("link", { name: "Make a chain" }));
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(page.locator(`ol[aria-label="Chain"] [data-word]`)).toHaveCount(8);
  await type(page, "rain");
  await expect(page.getByRole("status").filter({ hasText: "Not taught yet: ai" })).toBeVisible();
});

test("what is said in passing leaves by itself and stands in nobody's way", async ({ page }) => {
  await page.getByLabel("Or type a word").fill("chip");
  await expect(page.getByRole("status").filter({ hasText: "Fits" })).toBeVisible();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  const said = page.locator("[data-sonner-toast]");
  await expect(said).toHaveCount(1);
  const box = await said.boundingBox();
  if (!box) throw new Error("nothing was said");
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  const throughIt = await page.evaluate(
    ([left, top]) => document.elementFromPoint(left, top)?.closest("[data-sonner-toaster]") == null,
    [x, y] as const,
  );
  expect(throughIt).toBe(true);
  // The pointer rests where it was said.
  await expect(said).toHaveCount(0);
});
