import type { Page } from "@playwright/test";
import { chip, draftedPlan, placeOf, stage, teachChain } from "./lesson-steps.ts";
import { alive, expect, test } from "./server.ts";

/** A whole lesson in front of children: from the plan, by keyboard and touch, after a crash. */

/** Where the lesson stands: which activity, of what kind, which item, which stage of it. */
interface Place {
  readonly activity: string | undefined;
  readonly kind: string | undefined;
  readonly place: string | undefined;
  readonly stage: string | undefined;
}

/** Waits, in the page, until the lesson stands elsewhere. @returns where; undefined when it did not in time, in milliseconds */
const placeAfter = (page: Page, from: Place | undefined, timeout: number): Promise<Place | undefined> =>
  page.evaluate(
    ({ from, timeout }) =>
      new Promise<Place | undefined>((resolve) => {
        const end = performance.now() + timeout;
        const look = () => {
          const shown = document.querySelector<HTMLElement>("[data-place]");
          const { activity, contentKind: kind, place, stage } = shown?.dataset ?? {};
          if (shown && (activity !== from?.activity || place !== from?.place || stage !== from?.stage)) {
            resolve({ activity, kind, place, stage });
          } else if (performance.now() > end) resolve(undefined);
          else requestAnimationFrame(look);
        };
        look();
      }),
    { from, timeout },
  );

test("a whole lesson by keyboard: every activity, every moment, marks, the place and marks after a crash, the end", async ({
  page,
  server,
}) => {
  test.slow();
  await draftedPlan(page, server, "30");
  const planned = await page
    .getByRole("list")
    .locator("[data-kind]")
    .evaluateAll((rows) => rows.map((row) => row.getAttribute("data-kind")));
  await page.getByRole("button", { name: "Teach the lesson" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  const seen: string[] = [];
  let marked = 0;
  let crashed = false;
  let now = (await placeAfter(page, undefined, 60_000)) as Place;
  for (let press = 0; press < 400; press++) {
    if (seen.length <= Number(now.activity)) {
      seen.push(now.kind ?? "");
      // One mark in each activity where something is marked.
      if (await page.getByRole("button", { name: /^Right/ }).isVisible()) {
        await page.keyboard.press("1");
        await page.keyboard.press("Enter");
        await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
        marked++;
      }
    }
    if (now.kind === "read-chain" && now.place === "3" && !crashed) {
      crashed = true;
      await page.keyboard.press("2");
      await page.keyboard.press("Enter");
      await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "right stored");
      // The place is kept before the machine goes down; it is found again after, and the mark.
      await expect.poll(async () => (await placeOf(page)).item).toBe(3);
      await server.stop("SIGKILL");
      await server.start();
      await page.reload();
      await alive(page);
      now = (await placeAfter(page, undefined, 60_000)) as Place;
      expect(now).toMatchObject({ kind: "read-chain", place: "3" });
      await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "right stored");
    }
    await page.keyboard.press(now.kind === "build-chain" ? "ArrowRight" : " ");
    // The word is seen at once, what tells of it a frame later; at the end of the lesson nothing moves.
    const isLast = Number(now.activity) === planned.length - 1;
    const next = await placeAfter(page, now, isLast ? 2_000 : 60_000);
    if (!next) break;
    now = next;
  }
  expect(seen).toEqual(planned);
  expect(marked).toBeGreaterThan(3);
  expect(crashed).toBe(true);
  await page.getByRole("button", { name: "Finish" }).click();
  await page.waitForURL(/\/evidence/);
});

test("jump, shuffle, leave out, add a word that is checked, say again what went wrong; the clock and the turn sign", async ({
  page,
  server,
}) => {
  await draftedPlan(page, server, "30");
  await page.getByRole("button", { name: "Teach the lesson" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  await page.getByRole("button", { name: /^Activity:/ }).click();
  await page.getByRole("menuitem", { name: /^Read a chain/ }).click();
  await expect(stage(page)).toHaveAttribute("data-content-kind", "read-chain");
  await expect(page.getByRole("radio", { name: "My turn" })).toBeChecked();
  await page.keyboard.press("m");
  await page.keyboard.press("m");
  await expect(page.getByRole("radio", { name: "Your turn" })).toBeChecked();
  // A press is taken before what its arrow keys need has come, and after it.
  const sign = (name: string) => page.getByRole("radio", { name });
  await sign("Together").click();
  await expect(sign("Together")).toBeChecked();
  await sign("Together").blur();
  await expect(sign("My turn")).toHaveAttribute("tabindex", "-1");
  await sign("Your turn").click();
  await expect(sign("Your turn")).toBeChecked();
  await expect(page.locator("[data-thinking]")).toBeVisible();
  await expect
    .poll(async () => Number(await page.locator("[data-clock]").getAttribute("data-clock")))
    .toBeGreaterThan(0);

  // A word on the spot: refused with its reason, then let in as the next word.
  const more = page.getByRole("button", { name: "More to do with this activity" });
  await more.click();
  await page.getByRole("menuitem", { name: "Add a word…" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Word").fill("rain");
  await page.keyboard.press("Enter");
  await expect(dialog.getByRole("alert")).toContainText("rain is not within reach yet");
  await dialog.getByLabel("Word").fill("thud");
  await page.keyboard.press("Enter");
  await expect(dialog).toBeHidden();
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("[data-current-word]")).toHaveAttribute("data-word", "thud");

  // What goes wrong comes again at the end.
  await page.keyboard.press("w");
  await expect(page.getByText("Again:")).toBeVisible();
  const before = await page.getByText(/^\d+ of \d+$/).innerText();
  await more.click();
  await page.getByRole("menuitem", { name: "Again: thud" }).click();
  const count = (text: string) => Number(text.split(" of ")[1]);
  await expect.poll(async () => count(await page.getByText(/^\d+ of \d+$/).innerText())).toBe(count(before) + 1);
  await more.click();
  await page.getByRole("menuitem", { name: "Leave this one out" }).click();
  await expect.poll(async () => count(await page.getByText(/^\d+ of \d+$/).innerText())).toBe(count(before));
  await more.click();
  await page.getByRole("menuitem", { name: "Shuffle what is to come" }).click();
  const here = await stage(page).getAttribute("data-place");
  await expect.poll(async () => Object.keys((await placeOf(page)).orders).length).toBeGreaterThan(0);
  await page.reload();
  await alive(page);
  await expect(stage(page)).toHaveAttribute("data-place", here ?? "");
  // All the words at once, to read across: the one whose turn it is is marked, and the keys go from word to word.
  await more.click();
  await page.getByRole("menuitem", { name: "All the words, to read across" }).click();
  await expect(page.locator("[data-display=list] li").first()).toBeVisible();
  await expect(page.locator("[data-display=list] [aria-current=true]")).toHaveCount(1);
  await page.keyboard.press("ArrowLeft");
  await more.click();
  await page.getByRole("menuitem", { name: "One word at a time" }).click();
  await expect(page.locator("[data-current-word]")).toBeVisible();
  // An activity that is left out is passed over, and can be had again.
  await more.click();
  await page.getByRole("menuitem", { name: "Leave this activity out" }).click();
  await expect(stage(page)).not.toHaveAttribute("data-content-kind", "read-chain");
  await page.getByRole("button", { name: /^Activity:/ }).click();
  await page.getByRole("menuitem", { name: /Read a chain/ }).click();
  await expect(stage(page)).toHaveAttribute("data-content-kind", "read-chain");
});

/** Keys pressed quicker than anything can be drawn: all in one turn of the page. */
const flurry = (page: Page, keys: readonly string[]) =>
  page.evaluate((all) => {
    for (const key of all) document.body.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
  }, keys);

test("however quickly keys follow one another, one display is shown, and a mark is for the word that is seen", async ({
  page,
  server,
}) => {
  await teachChain(page, server, "lap.cap.cat.cut.cup");
  // On to the second word and marked there, before the rest of the screen has followed.
  await flurry(page, ["ArrowRight", "1", "Enter", "ArrowRight", "2", "w"]);
  await expect(stage(page)).toHaveAttribute("data-place", "2");
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "wrong stored");
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "none");
  await page.keyboard.press("ArrowLeft");
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "none");
  // Taking back goes where the last mark was.
  await flurry(page, ["ArrowLeft", "u"]);
  await expect(stage(page)).toHaveAttribute("data-place", "2");
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "none");

  const KEYS = [" ", " ", "ArrowRight", "ArrowLeft", "b", "ArrowDown", "c"];
  let seed = 7;
  const any = () => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return KEYS[(seed >> 16) % KEYS.length] as string;
  };
  for (let round = 0; round < 12; round++) {
    await flurry(page, Array.from({ length: 1 + (round % 9) }, any));
    // In the end what is seen, alone, is the word that the page tells of.
    await expect
      .poll(() =>
        page.evaluate(() => {
          const seen = [...document.querySelectorAll("[data-display]")];
          const word = document.querySelector<HTMLElement>("[data-current-word]")?.dataset["word"] ?? "?";
          return seen.length === 1 && seen[0]?.textContent?.endsWith(word);
        }),
      )
      .toBe(true);
  }
});

test("a chain with a word that is not taught is not begun, however quickly it is asked for", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=lap.clap.cap`, { waitUntil: "commit" });
  await page.getByRole("button", { name: "Teach" }).click({ force: true });
  await expect(page.locator("ol[aria-label=Chain]").getByText("Not taught yet: two consonants")).toBeVisible();
  await expect(page.getByRole("button", { name: "Teach" })).toBeDisabled();
  expect(page.url()).toContain("/bench");
});

test("all marks of a lesson are in one list: one is taken back and made again, one is gone back to and corrected", async ({
  page,
  server,
}) => {
  await teachChain(page, server, "ship.shop.chop");
  await page.keyboard.press("1");
  await page.keyboard.press("Enter");
  await page.keyboard.press("2");
  await page.keyboard.press("w");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "All marks of this lesson…" }).click();
  const list = page.getByRole("dialog", { name: "All marks of this lesson" });
  await expect(list.locator("[data-mark]")).toHaveCount(2);
  await expect(list.getByText("read: wrong")).toBeVisible();
  for (const word of await list.getByText("ship", { exact: true }).all())
    expect(await word.evaluate((element) => element.scrollWidth <= element.clientWidth), "no word is cut").toBe(true);

  await list.getByRole("button", { name: /^Take back: ship, Sandpiper/ }).click();
  await expect(list.locator('[data-mark="taken back"]')).toHaveCount(1);
  const stored = async () => {
    const id = new URL(page.url()).pathname.split("/")[2];
    const { responses } = await (await page.request.get(`${server.address}/api/sessions/${id}`)).json();
    return responses.map((one: { word: string; answer: { outcome: string } }) => `${one.word} ${one.answer.outcome}`);
  };
  await expect.poll(stored).toEqual(["ship wrong"]);
  await list.getByRole("button", { name: /^Mark again: ship, Sandpiper/ }).click();
  await expect.poll(async () => (await stored()).sort()).toEqual(["ship right", "ship wrong"]);

  // What was said is added from the list, without leaving the word that is shown.
  await list.getByRole("button", { name: /^What was said: ship, Heron/ }).click();
  await page.getByLabel("What did Heron say?").last().fill("chip");
  await page.keyboard.press("Enter");
  await expect(list.getByText("read: wrong, “chip”")).toBeVisible();
  await expect(stage(page)).toHaveAttribute("data-place", "2");

  await list.getByRole("button", { name: /^Correct: ship, Heron/ }).click();
  await expect(list).toHaveCount(0);
  await expect(stage(page)).toHaveAttribute("data-place", "0");
  await expect(chip(page, "Heron")).toHaveAttribute("data-mark", "wrong stored");
  await page.keyboard.press("Enter");
  await expect.poll(stored).toEqual(["ship right", "ship right"]);
});
