import type { Locator, Page } from "@playwright/test";
import { faultsByAxe } from "./axe.ts";
import { lookOver } from "./look-over.ts";
import { post, THIRTY_NAMES } from "./made.ts";
import { faultsOnScreen, SIZES } from "./measure.ts";
import { alive, expect, type Server, test } from "./server.ts";

/** Every screen in the hand: a laptop, a tablet lying and standing, a phone. */

// By far the longest file, and among the last: its tests are shared out.
test.describe.configure({ mode: "parallel" });

interface Made {
  readonly group: string;
  readonly session: string;
}

/** With the longest word that a lesson of the two orders can hold. */
const WORDS = ["stretched", "stretch"];

/** A group of thirty with long names, a lesson with a long word, and a plan. */
async function makeFull(page: Page, server: Server): Promise<Made> {
  const group = await post(page, server, "/api/groups", {
    // Tests that name no group get the first by name: none of ours comes before the demo's.
    name: "Whoever comes on the Thursdays",
    sequenceId: "phased",
    step: 86,
    learners: THIRTY_NAMES,
  });
  const chain = await post(page, server, "/api/chains", {
    groupId: group.id,
    words: WORDS,
    aim: { focus: [], contrasts: [] },
  });
  await post(page, server, `/api/plans/${group.id}/activities`, { chainId: chain.id });
  const session = await post(page, server, "/api/sessions", { chainId: chain.id });
  return { group: group.id, session: session.id };
}

test("no screen is wider than the glass, cut, or too small to press, with thirty learners and long names", async ({
  page,
  server,
}) => {
  const { group } = await makeFull(page, server);
  for (const path of [
    "/",
    `/plan?group=${group}`,
    `/evidence?group=${group}`,
    "/groups",
    "/settings",
    "/glossary",
    "/people",
    "/grouping",
    `/packs?group=${group}`,
  ])
    await lookOver(page, server.address + path);
});

test("an activity's settings can be read on every size, and the week has no sideways scrolling", async ({
  page,
  server,
}) => {
  const { group } = await makeFull(page, server);
  await lookOver(page, `${server.address}/plan?group=${group}`, async (width) => {
    const turns = page.getByRole("combobox", { name: /^Turns/ });
    if (!(await turns.isVisible()))
      await page
        .getByRole("button", { name: /: how it is done$/ })
        .first()
        .click();
    // "my turn, together, your turn" and the arrow beside it.
    await expect.poll(async () => (await turns.boundingBox())?.width, `at ${width}`).toBeGreaterThan(200);
  });
  const week = page.getByRole("table", { name: "The week" });
  await lookOver(page, `${server.address}/week?group=${group}`, async () => {
    const hidden = () => week.locator("..").evaluate((frame) => frame.scrollWidth - frame.clientWidth);
    await expect.poll(hidden).toBe(0);
    await expect(
      week
        .getByText(/ as in /)
        .filter({ visible: true })
        .first(),
    ).toBeVisible();
  });
});

test("neither the benches, nor settings and sheets", async ({ page, server }) => {
  const { group } = await makeFull(page, server);
  await lookOver(page, `${server.address}/bench?group=${group}&words=${WORDS.join(".")}`, async () => {
    await page.locator("ol[aria-label=Chain] [data-word]").nth(1).waitFor();
  });
  await lookOver(page, `${server.address}/families?group=${group}`);
  await lookOver(page, `${server.address}/ears-only?group=${group}`);
  for (const path of [
    "/backups",
    `/groups/${group}`,
    "/sequences/new",
    "/sequences/phased",
    `/texts?group=${group}`,
    `/plan-sheet?group=${group}`,
    `/print/words?group=${group}&words=ship+chip+cake&sheet=tiles`,
  ])
    await lookOver(page, server.address + path);
  await lookOver(page, `${server.address}/saved`);
  // The dialog that leads anywhere, with a long name found.
  await lookOver(page, `${server.address}/saved`, async () => {
    await page.keyboard.press("Control+k");
    await page.getByRole("combobox", { name: "Go to" }).fill("whoever");
    await expect(page.getByRole("option").first()).toBeVisible();
  });
});

test("the grid for marks from paper fits thirty learners on every size", async ({ page, server }) => {
  const { session } = await makeFull(page, server);
  await lookOver(page, `${server.address}/teach/${session}/paper`);
});

test("Teach fits a lesson of thirty on every size, and the word keeps its room", async ({ page, server }) => {
  const { session } = await makeFull(page, server);
  await lookOver(page, `${server.address}/teach/${session}`, async () => {
    const shown = page.locator("[data-display]").first();
    await shown.waitFor();
    expect((await shown.boundingBox())?.height ?? 0).toBeGreaterThan(120);
  });
});

test("on a phone Teach is a pad for marks: many names at once, the marks under the thumb, the rest in its menu", async ({
  page,
  server,
}) => {
  const { session } = await makeFull(page, server);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.address}/teach/${session}`);
  await alive(page);
  expect((await page.locator("header").boundingBox())?.height).toBeLessThan(120);
  const names = page.getByRole("group", { name: "Whose turn" });
  const seen = await names.evaluate((box) => {
    const { top, bottom } = box.getBoundingClientRect();
    return [...box.querySelectorAll("button")].filter((one) => {
      const at = one.getBoundingClientRect();
      return at.top >= top - 1 && at.bottom <= bottom + 1;
    }).length;
  });
  expect(seen).toBeGreaterThanOrEqual(12);
  const footer = (await page.locator("footer").boundingBox())?.height ?? 0;
  const word = (await page.locator("[data-display]").first().boundingBox())?.height ?? 0;
  expect(footer).toBeGreaterThan(word);
  // While a substitution is named the word and every mark stay on the glass.
  await page.locator('[data-unit="1"]').click();
  await expect(page.getByRole("region", { name: "What was said instead" })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Undo/ })).toBeInViewport({ ratio: 1 });
  expect((await page.locator("[data-display]").first().boundingBox())?.height).toBeGreaterThan(80);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "Together" }).click();
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await expect(page.getByRole("menuitem", { name: "Together" })).toHaveCount(0);
  await expect(page.getByRole("menuitem", { name: "Learners' view" })).toBeVisible();
  await page.getByRole("menuitem", { name: "Tapping and blending…" }).click();
  await page.getByRole("dialog").getByLabel("Help").selectOption("at sight");
  await page.keyboard.press("Escape");
  await expect(page.locator("[data-blended]").first()).toHaveAttribute("data-blended", "true");
});

/** How many parts of a display stand out of it. */
const cutIn = (shown: Locator) =>
  shown.evaluate((box) => {
    const { top, bottom, left, right } = box.getBoundingClientRect();
    return [...box.querySelectorAll("p, li, svg")].filter((one) => {
      const at = one.getBoundingClientRect();
      return at.top < top - 1 || at.bottom > bottom + 1 || at.left < left - 1 || at.right > right + 1;
    }).length;
  });

/** Turns the page in the hand, and waits until the letters are made to fit. */
async function turnTo(page: Page, [width, height]: (typeof SIZES)[number]): Promise<void> {
  await page.setViewportSize({ width, height });
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
}

test("a dictation fits beside thirty learners to mark: the longest checklist, a long word, a long sentence", async ({
  page,
  server,
}) => {
  const { group } = await makeFull(page, server);
  const before = await (await page.request.get(`${server.address}/api/school`)).json();
  const checklist = before.checklist.map((line: object) => ({
    ...line,
    words: "as long as words of one's own can be",
  }));
  await page.request.put(`${server.address}/api/school`, { data: { ...before, checklist } });
  const kind = { focus: ["sh=ʃ"], contrasts: [], kind: "dictation", seed: 1 };
  await page.request.put(`${server.address}/api/groups/${group}/plan`, { data: { minutes: 20, activities: [] } });
  const plan = await post(page, server, `/api/plans/${group}/activities`, kind);
  const edited = await page.request.patch(`${server.address}/api/plans/${group}/activities/${plan.activities[0].id}`, {
    data: { words: ["stretched"], sentences: ["The children stretched and scratched on the beach in the sun."] },
  });
  expect(edited.ok()).toBe(true);
  const session = await post(page, server, "/api/sessions", { groupId: group, lesson: true });
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
  const shown = page.locator("[data-display]").first();
  for (const size of SIZES) {
    await turnTo(page, size);
    for (const [item, steps] of [
      [1, 5],
      [2, 8],
    ] as const) {
      await expect(page.getByText(`${item} of 2`)).toBeVisible();
      for (let step = 0; step < steps; step++) {
        expect.soft(await cutIn(shown), `item ${item}, step ${step}, at ${size}`).toBe(0);
        await page.keyboard.press("Space");
      }
      await page.keyboard.press(item === 1 ? "ArrowRight" : "ArrowLeft");
    }
  }
  expect((await page.request.put(`${server.address}/api/school`, { data: before })).ok()).toBe(true);
});

test("find it, which word fits, and a part of a word, fit beside thirty learners, before and after it is shown", async ({
  page,
  server,
}) => {
  const { group } = await makeFull(page, server);
  await page.request.put(`${server.address}/api/groups/${group}/plan`, { data: { minutes: 20, activities: [] } });
  for (const kind of ["find-it", "which-word", "word-parts"])
    await post(page, server, `/api/plans/${group}/activities`, { focus: [], contrasts: [], kind, seed: 1 });
  const session = await post(page, server, "/api/sessions", { groupId: group, lesson: true });
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
  const shown = page.locator("[data-display]").first();
  const kinds = ["Find it", "Which word fits?", "Parts of words"];
  for (const size of SIZES) {
    await turnTo(page, size);
    for (const kind of kinds) {
      await expect(page.getByRole("button", { name: kind })).toBeVisible();
      // Behind its last item comes the next activity.
      const count = Number(/1 of (\d+)/.exec(await page.getByText(/^1 of \d+$/).innerText())?.[1]);
      for (let item = 0; item < Math.min(3, count); item++) {
        for (const moment of ["before", "after"]) {
          expect.soft(await cutIn(shown), `${kind} ${item + 1}, ${moment}, at ${size}`).toBe(0);
          await page.keyboard.press("Space");
        }
        if (item + 1 < Math.min(3, count)) await page.keyboard.press("ArrowRight");
      }
      if (kind !== kinds.at(-1)) await page.keyboard.press("PageDown");
    }
    for (const _ of kinds.slice(1)) await page.keyboard.press("PageUp");
  }
});

test("on a tablet the aim is a drawer: opened, used, shut with Escape; the actions stand on the row in hand", async ({
  page,
  server,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.goto(`${server.address}/bench?words=ship.shop.chop`);
  await alive(page);
  const aim = page.getByRole("complementary", { name: "Aim and shape" });
  await expect(aim).toBeHidden();
  await page.getByRole("button", { name: "Aim", exact: true }).click();
  await expect(aim).toBeVisible();
  expect(await faultsOnScreen(page)).toEqual([]);
  // What is chosen from stands above it, and goes by itself.
  const meet = page.getByRole("button", { name: "Meet", exact: true });
  const letters = page.getByPlaceholder("Type letters…");
  await meet.click();
  await letters.press("Escape");
  await expect(letters).toBeHidden();
  await expect(aim).toBeVisible();
  await meet.click();
  await letters.fill("sh");
  await page.getByRole("option", { name: /^sh as in/ }).click();
  await expect(page.getByRole("button", { name: "Take sh out of the aim" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(aim).toBeHidden();
  await page.locator("[data-word=shop] button[aria-pressed]").click();
  await expect(page.getByRole("button", { name: "Take shop out" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Take ship out" })).toBeHidden();
});

test("no letter of a long word in hand is cut, nor the mark of a sound that is gone", async ({ page, server }) => {
  const row = page.locator("li[data-word=strengths]");
  for (const [k, [width, height]] of SIZES.entries()) {
    await page.setViewportSize({ width, height });
    if (k === 0) {
      await page.goto(`${server.address}/bench?words=straight.straights.strengths.strength.stretched`);
      await alive(page);
      await row.locator("button[aria-pressed]").click();
    }
    await expect(row.getByRole("button", { name: "Mend" })).toBeVisible();
    await expect(row.getByRole("button", { name: "Take strengths out" })).toBeVisible();
    const cut = await page.locator("ol[aria-label=Chain] [role=img]").evaluateAll((strips) =>
      strips.map((strip) => {
        const shown = (strip.parentElement as HTMLElement).getBoundingClientRect().right;
        const parts = [strip, ...strip.querySelectorAll("rect, path")];
        return Math.max(...parts.map((part) => part.getBoundingClientRect().right)) - shown;
      }),
    );
    expect(cut).toHaveLength(5);
    expect(Math.max(...cut), `${width} wide`).toBeLessThanOrEqual(0.5);
    expect(await faultsOnScreen(page)).toEqual([]);
  }
});

test("on a phone every screen is a press away", async ({ page, server }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(server.address);
  await alive(page);
  for (const [name, address] of [
    ["Plan", /\/plan/],
    ["Evidence", /\/evidence/],
    ["Chain bench", /\/bench/],
  ] as const) {
    await page.locator("header summary").click();
    await page.getByRole("navigation", { name: "Screens" }).getByRole("link", { name }).click();
    await page.waitForURL(address);
    await alive(page);
  }
});

test("what is pressed in a learner's packs stands within their card on every size", async ({ page, server }) => {
  const { group } = await makeFull(page, server);
  await page.goto(`${server.address}/packs?group=${group}`);
  await alive(page);
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    const beyond = await page.getByRole("button", { name: "Go through" }).evaluateAll((buttons) => {
      const rightOf = (element: Element | null | undefined) => element?.getBoundingClientRect().right ?? Number.NaN;
      return buttons.map((button) => rightOf(button) - rightOf(button.parentElement?.parentElement));
    });
    expect(beyond.length).toBeGreaterThan(0);
    expect(Math.max(...beyond), `${width} wide`).toBeLessThan(0);
  }
});

test("at twice the size, as in a window of half the width, nothing is cut", async ({ page, server }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  for (const path of ["/", "/bench?words=ship.shop.chop", "/plan", "/evidence", "/settings"]) {
    await page.goto(server.address + path);
    await alive(page);
    await expect.poll(() => faultsOnScreen(page), { message: path, timeout: 8_000 }).toEqual([]);
  }
});

test("with the system's own colours what is chosen still shows, and the zip is drawn in them", async ({
  page,
  server,
}) => {
  await page.emulateMedia({ forcedColors: "active" });
  await page.goto(`${server.address}/bench?words=ship.shop.chop`);
  await alive(page);
  const background = (name: string) =>
    page.getByRole("radio", { name }).evaluate((element) => getComputedStyle(element).backgroundColor);
  await expect(page.getByRole("radio", { name: "After chop" })).toBeChecked();
  expect(await background("After chop")).not.toBe(await background("In place of chop"));
  const ink = await page.evaluate(() => getComputedStyle(document.documentElement).getPropertyValue("--color-ink"));
  expect(ink).toBe("CanvasText");
});

test("letters stand out from what is behind them", async ({ page, server }) => {
  for (const path of ["/", "/bench?words=ship.shop.chop", "/evidence", "/settings"]) {
    await page.goto(server.address + path);
    await alive(page);
    expect.soft(await faultsByAxe(page, { rules: ["color-contrast"] }), path).toEqual([]);
  }
});
