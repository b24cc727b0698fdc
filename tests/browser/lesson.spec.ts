import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { alive, expect, follow, type Server, test } from "./server.ts";

/** A whole lesson in front of children: from the plan, by keyboard and touch, with tiles, after a crash. */

const stage = (page: Page) => page.locator("[data-place]");
const board = (page: Page) => page.locator("[data-board]");
const chip = (page: Page, learner: string) => page.locator(`[data-learner="${learner}"]`);

async function draftedPlan(page: Page, server: Server, minutes: string): Promise<void> {
  // Whatever other tests put into the lesson goes first.
  const groups = (await (await page.request.get(`${server.address}/api/groups`)).json()) as {
    id: string;
    name: string;
  }[];
  const plovers = groups.find(({ name }) => name === "Plovers");
  await page.request.put(`${server.address}/api/groups/${plovers?.id}/plan`, { data: { minutes: 20, activities: [] } });
  await page.goto(`${server.address}/plan`);
  await alive(page);
  await page.getByLabel("Time there is").selectOption(minutes);
  // A lesson may be there already: the new one has come when the server has answered.
  const drafted = page.waitForResponse(
    (response) => response.url().endsWith("/plan") && response.request().method() === "POST",
  );
  await page.getByRole("button", { name: /^Draft/ }).click();
  const chain = page.locator("[data-kind=read-chain]");
  const confirm = page.getByRole("alertdialog").getByRole("button", { name: "Draft anew" });
  // The first lesson after a start is drafted while the server makes itself ready.
  await expect(chain.or(confirm).first()).toBeVisible({ timeout: 45_000 });
  if (await confirm.isVisible()) await confirm.click();
  await drafted;
  await expect(page.getByRole("button", { name: "Draft anew" })).toBeVisible();
  await expect(chain).toBeVisible();
}

/** Opens a chain of these words in Teach. */
async function teachChain(page: Page, server: Server, words: string): Promise<void> {
  await page.goto(`${server.address}/bench?words=${words}`);
  await alive(page);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
}

/** What was built, as the records screen tells it. */
async function openedBuilt(page: Page, server: Server): Promise<string[]> {
  await page.goto(`${server.address}/evidence?way=built`);
  await alive(page);
  await page.getByText("also what was always right").click();
  await page
    .getByRole("button", { name: /of \d+ chances/ })
    .first()
    .click();
  return page.getByRole("dialog").locator("[data-response]").allInnerTexts();
}

test("a whole lesson by keyboard: every activity, every moment, marks, the place after a crash, the end", async ({
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
  const placeNow = () =>
    stage(page).evaluate((element) =>
      ["activity", "place", "stage"].map((name) => element.getAttribute(`data-${name}`)).join(" "),
    );
  for (let press = 0; press < 400; press++) {
    const now = await stage(page).evaluate((element) => ({
      activity: element.getAttribute("data-activity"),
      does: element.getAttribute("data-content-kind"),
      place: element.getAttribute("data-place"),
    }));
    const from = await placeNow();
    if (seen.length <= Number(now.activity)) {
      seen.push(now.does ?? "");
      // One mark in each activity where something is marked.
      if (await page.getByRole("button", { name: /^Right/ }).isVisible()) {
        await page.keyboard.press("1");
        await page.keyboard.press("Enter");
        await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
        marked++;
      }
    }
    if (now.does === "read-chain" && now.place === "3" && !crashed) {
      crashed = true;
      // The place is kept before the machine goes down; it is found again after.
      await expect.poll(async () => (await placeOf(page)).item).toBe(3);
      await server.stop("SIGKILL");
      await server.start();
      await page.reload();
      await alive(page);
      expect(await stage(page).getAttribute("data-place")).toBe("3");
      expect(await stage(page).getAttribute("data-content-kind")).toBe("read-chain");
    }
    await page.keyboard.press(now.does === "build-chain" ? "ArrowRight" : " ");
    // The word is seen at once, what tells of it a frame later; at the end of the lesson nothing moves.
    const moved = await expect
      .poll(placeNow, { timeout: 5000, intervals: [10, 20, 40, 80] })
      .not.toBe(from)
      .then(
        () => true,
        () => false,
      );
    if (!moved) break;
  }
  expect(seen).toEqual(planned);
  expect(marked).toBeGreaterThan(3);
  expect(crashed).toBe(true);
  await page.getByRole("button", { name: "Finish" }).click();
  await page.waitForURL(/\/evidence/);
});

async function placeOf(page: Page): Promise<{ activity: number; item: number; orders: Record<string, number[]> }> {
  const id = new URL(page.url()).pathname.split("/")[2];
  return (await (await page.request.get(`${new URL(page.url()).origin}/api/sessions/${id}`)).json()).session.place;
}

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
    await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
    await page.mouse.down();
    await page.mouse.move(a.x + a.width / 2 + 12, a.y + a.height / 2 + 12, { steps: 3 });
    await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 8 });
    await page.mouse.up();
  };
  await drag("Take c off", "Tray");
  await expect(board(page)).toHaveAttribute("data-board", "a p");
  await drag("Put m on the line", "The next tile goes to place 1");
  await expect(board(page)).toHaveAttribute("data-board", "m a p");
  await page.getByRole("button", { name: "Check" }).tap();
  await expect(board(page)).toHaveAttribute("data-right", "true");
  await context.close();
});

test("a lesson that does not fit the group any more says what and is not begun, until it is mended", async ({
  page,
  server,
}) => {
  const api = async (method: "post" | "patch", path: string, data: object) =>
    (await page.request[method](`${server.address}/api/${path}`, { data })).json();
  const at = (step: number) => ({ sequenceId: "short-vowels-first", step });
  // A group of its own: nothing that other tests record changes what is drafted.
  const group = await api("post", "groups", { name: "Wrens", learners: ["Rail"], ...at(13) });
  const putTo = (step: number) => api("patch", `groups/${group.id}`, at(step));
  const drafted = await api("post", `groups/${group.id}/plan`, {
    focus: ["sh=ʃ"],
    contrasts: [],
    minutes: 15,
    seed: 3,
  });
  const { id } = drafted.activities.find(({ kind }: { kind: string }) => kind === "blending");
  await api("patch", `plans/${group.id}/activities/${id}`, { words: ["at", "than", "hat"] });
  await page.goto(`${server.address}/plan?group=${group.id}`);
  await alive(page);
  const teach = page.getByRole("button", { name: "Teach the lesson" });
  await expect(teach).toBeEnabled();
  const blending = page.locator("[data-kind=blending]");
  await expect(blending).toContainText(/at\s+than\s+hat/);
  await putTo(6);
  await page.reload();
  await alive(page);
  const unfit = page.getByText(/not fit what the group has been taught/);
  await expect(unfit).toBeVisible();
  await expect(teach).toBeDisabled();
  const cards = page.locator("[data-kind=sound-cards]");
  await expect(cards).toContainText(/ as in .*: not taught yet/);
  await expect(cards.getByRole("button", { name: "Teach" })).toBeDisabled();
  // Words are taken out with one press; what cannot be mended word by word goes as a whole.
  await expect(blending).toContainText("than: not taught yet: th");
  await blending.getByRole("button", { name: "Take out: than" }).click();
  await expect(blending).not.toContainText("than");
  await expect(blending.getByRole("button", { name: "Teach" })).toBeEnabled();
  const off = page.locator("[data-kind]").filter({ hasText: /not taught yet|not among/ });
  for (let left = await off.count(); left > 0; left--) {
    await off
      .first()
      .getByRole("button", { name: /^Take .* out$/ })
      .click();
    await expect(off).toHaveCount(left - 1);
  }
  await expect(unfit).toHaveCount(0);
  await expect(teach).toBeEnabled();
  await teach.click();
  await page.waitForURL(/\/teach\//);
});

test("the shelf, a template of one's own, what was taken out; the week and the packs", async ({ page, server }) => {
  await draftedPlan(page, server, "20");
  const rows = page.getByRole("list", { name: "Activities" }).locator("li");
  const count = await rows.count();
  await page.getByRole("button", { name: "An activity" }).click();
  await page.getByRole("menuitem", { name: "A text of your own…" }).click();
  await page.getByLabel("The text").fill("A rat in the rain.");
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByText(/rain is not within reach yet/)).toBeVisible();
  await page.getByLabel("The text").fill("A rat has a hat.");
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(rows).toHaveCount(count + 1);
  await expect(rows.last()).toContainText("A rat has a hat.");
  await rows.first().getByRole("button", { name: /^Take/ }).click();
  await expect(rows).toHaveCount(count);
  await page.locator("[data-sonner-toast]").getByRole("button", { name: "Undo" }).click();
  await expect(rows).toHaveCount(count + 1);
  await page.getByRole("button", { name: "Keep as a template…" }).click();
  await page.getByLabel("Name of the template").fill("Harbour mornings");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByRole("combobox", { name: /^By/ })).toContainText("Harbour mornings");
  await page.getByRole("button", { name: "Take this template out" }).click();
  await expect(page.getByRole("combobox", { name: /^By/ })).not.toContainText("Harbour mornings");

  await follow(page, page.getByRole("link", { name: "A week" }));
  await page.waitForURL(/week/);
  await expect(page.locator("[data-date]")).toHaveCount(5);
  await page.getByLabel("Fr", { exact: true }).uncheck();
  await page.getByRole("button", { name: "Work it out again" }).click();
  await expect(page.locator("[data-date]")).toHaveCount(4);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Calendar file (.ics)" }).click();
  expect((await download).suggestedFilename()).toMatch(/^plovers-.*\.ics$/);

  await page.goto(`${server.address}/packs`);
  await alive(page);
  const knot = page.getByRole("region", { name: "Knot" });
  await expect(knot).toContainText("known");
  await page.getByRole("button", { name: "Go through the sound cards of Knot" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  // Alone, a right card brings the next.
  await page.keyboard.press("Enter");
  await expect(stage(page)).toHaveAttribute("data-place", "1");
  await expect(page.locator("[data-learner]")).toHaveCount(1);
});

test("a chain goes from the bench to the plan, and the lesson's screens are fit for everybody", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=lap.cap.cat`);
  await alive(page);
  await page.getByRole("button", { name: "To the plan" }).click();
  await page.getByRole("button", { name: "Open the plan" }).click();
  await page.waitForURL(/plan/);
  await alive(page);
  await expect(page.getByRole("link", { name: "lap to cat" })).toBeVisible();
  const noFault = async (what: string) => {
    const { violations } = await new AxeBuilder({ page }).analyze();
    const serious = violations.filter(({ impact }) => impact === "serious" || impact === "critical");
    expect(serious.map(({ id, nodes }) => `${what}: ${id} ${nodes[0]?.html}`)).toEqual([]);
  };
  await noFault("plan");
  for (const path of ["/week", "/packs"]) {
    await page.goto(server.address + path);
    await alive(page);
    await noFault(path);
  }
  await teachChain(page, server, "at.cat.cap");
  await noFault("teach");
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "Build it with tiles" }).click();
  await page.keyboard.press("ArrowRight");
  await expect(board(page)).toBeVisible();
  await noFault("build");
});
