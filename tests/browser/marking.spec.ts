import type { Page } from "@playwright/test";
import { faultsByAxe } from "./axe.ts";
import { post } from "./made.ts";
import { faultsOnScreen, SIZES } from "./measure.ts";
import { alive, expect, type Server, shownDisplay, test } from "./server.ts";

/** Marking without a word on the screen: by ear, with counters, and from paper. */

const WORDS = ["ship", "chip", "chop", "shop", "hop", "hot", "hit", "bit", "bin", "pin"];

const stored = async (page: Page, server: Server, sessionId: string) =>
  (await (await page.request.get(`${server.address}/api/sessions/${sessionId}`)).json()).responses as {
    word: string;
    mode: string;
    answer: { outcome: string; typed?: string };
  }[];

async function newGroup(page: Page, server: Server, name: string, learners: readonly string[]) {
  return post(page, server, "/api/groups", { name, sequenceId: "phased", step: 40, learners });
}

async function withoutFaults(page: Page) {
  expect(await faultsByAxe(page)).toEqual([]);
}

test("six learners and ten words from paper, three of them wrong, in fewer than 60 keys; a block that is pasted is taken whole or not at all", async ({
  page,
  server,
}) => {
  const group = await newGroup(page, server, "Wagtails", ["Ani", "Bo", "Cy", "Di", "Ed", "Flo"]);
  await page.goto(`${server.address}/print/words?group=${group.id}&words=${WORDS.join("+")}&sheet=record`);
  await page.getByRole("button", { name: "Mark from paper" }).click();
  await page.waitForURL(/\/teach\/.*\/paper/);
  await alive(page);
  const session = /teach\/([^/]+)\//.exec(page.url())?.[1] as string;
  let keys = 0;
  const press = async (...names: string[]) => {
    for (const name of names) {
      await page.keyboard.press(name);
      keys += name.includes("+") ? 2 : 1;
    }
  };
  const cell = (name: string) => page.getByRole("textbox", { name, exact: true });
  await cell("Ani, ship").focus();
  // Ani reads chip as ship, Cy chop as shop and pin as pen; the rest is right.
  await press(" ", "s", "h", "i", "p");
  await expect(page.getByRole("status").filter({ hasText: "Ani, chip" })).toContainText("ch as /sh/");
  await press("ArrowRight", "Shift+ ", "Shift+ ");
  await press(" ", " ", "s", "h", "o", "p", "ArrowRight", "Shift+ ");
  await expect(cell("Di, ship")).toBeFocused();
  await press("Shift+ ", "Shift+ ", "Shift+ ");
  expect(keys).toBeLessThan(60);
  await expect(page.getByText("60 of 60 marked")).toBeVisible();
  await cell("Cy, pin").focus();
  await press("p", "e", "n", "Enter");
  await expect(cell("Di, pin")).toBeFocused();
  expect(keys).toBeLessThan(60);
  const answers = async () => {
    const all = await stored(page, server, session);
    return [
      all.length,
      all.filter(({ answer }) => answer.outcome === "wrong").map(({ word, answer }) => `${word} ${answer.typed}`),
    ];
  };
  await expect.poll(answers).toEqual([60, ["chip ship", "chop shop", "pin pen"]]);

  const paste = (text: string) =>
    cell("Flo, bin").evaluate((element, copied) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData("text/plain", copied);
      element.dispatchEvent(new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }));
    }, text);
  await paste("ban\t42");
  await expect(page.getByRole("alert")).toContainText("B1 (Flo, pin): “42” type letters");
  await expect(cell("Flo, bin")).toHaveValue("✓");
  await paste("ban\t-");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await expect(cell("Flo, bin")).toHaveValue("ban");
  // What cannot be read stays where it was typed, and is not stored.
  await cell("Flo, ship").fill("sh1p");
  await page.keyboard.press("ArrowUp");
  await expect(cell("Flo, ship")).toHaveAttribute("aria-invalid", "true");
  await expect(cell("Flo, ship")).toHaveValue("sh1p");
  await cell("Flo, ship").focus();
  await page.keyboard.press("Escape");
  await expect(cell("Flo, ship")).toHaveValue("✓");
  await withoutFaults(page);
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    expect(await faultsOnScreen(page), `${width}`).toEqual([]);
  }
  await page.getByRole("button", { name: "Done" }).click();
  await page.waitForURL(/\/evidence/);
  await expect(page.getByText("60 readings in 1 lesson")).toBeVisible();
});

test("by ear: a sound is pressed, an answer typed, counters say where it changes; learners see no letters", async ({
  page,
  context,
  server,
}) => {
  const group = await newGroup(page, server, "Whitethroats", ["Gil", "Hal"]);
  const spoken = (text: string, sounds: string) => ({ text, sounds: sounds.split(" "), isWord: true });
  const items = [
    {
      ...{ skill: "change-middle", kind: "change", key: "cat cut", place: "middle", at: 1, old: "æ", sound: "ʌ" },
      first: spoken("cat", "k æ t"),
      answer: spoken("cut", "k ʌ t"),
    },
    {
      ...{ skill: "change-middle", kind: "change", key: "pin pan", place: "middle", at: 1, old: "ɪ", sound: "æ" },
      first: spoken("pin", "p ɪ n"),
      answer: spoken("pan", "p æ n"),
    },
  ];
  const content = { kind: "ears-only", parts: [{ skill: "change-middle", items }] };
  const set = await post(page, server, "/api/sets", { groupId: group.id, title: "By ear", content });
  const session = await post(page, server, "/api/sessions", { setId: set.id });
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
  const opened = context.waitForEvent("page");
  await page.getByRole("button", { name: "Learners' view" }).click();
  const learners = await opened;
  await expect(shownDisplay(learners)).toHaveAttribute("data-display", "listen");

  await page.keyboard.press("k");
  await expect(shownDisplay(learners)).toHaveAttribute("data-display", "counters");
  await page.getByRole("button", { name: "Counter 1", exact: true }).click();
  await page.getByRole("button", { name: "Check" }).click();
  await expect(page.getByText("It is another sound")).toBeVisible();
  // By keys: the counter that has the focus is lifted by Space.
  await page.getByRole("button", { name: "Counter 2", exact: true }).focus();
  await page.keyboard.press(" ");
  await page.getByRole("button", { name: "Check" }).click();
  await expect(page.locator("[data-counters]")).toHaveAttribute("data-verdict", "right");
  await expect(learners.locator("[data-lifted]")).toHaveAttribute("data-counter", "1");
  expect(await shownDisplay(learners).innerText()).toBe("");
  await withoutFaults(page);

  await page.keyboard.press("k");
  await page.getByRole("group", { name: "Which sound was said as something else?" }).getByRole("button").nth(1).click();
  await page.getByRole("button", { name: "short a as in cat" }).click();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("h");
  await page.getByRole("textbox", { name: /What did .* say\?/ }).fill("pen");
  await expect(page.getByRole("status").filter({ hasText: "short a" })).toContainText("short a as short e");
  await page.keyboard.press("Enter");
  await expect
    .poll(async () =>
      (await stored(page, server, session.id)).map(({ word, mode, answer }) => `${word} ${mode} ${answer.outcome}`),
    )
    .toEqual(["cat oral wrong", "pin oral wrong"]);
  // A mark by ear is corrected and taken back like every other.
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "All marks of this lesson…" }).click();
  await page.getByRole("button", { name: /Take back: pin/ }).click();
  await expect.poll(async () => (await stored(page, server, session.id)).length).toBe(1);
  await page.getByRole("button", { name: /Mark again: pin/ }).click();
  await expect.poll(async () => (await stored(page, server, session.id)).length).toBe(2);
  await page.goto(`${server.address}/evidence?group=${group.id}&way=heard`);
  await expect(page.locator("[data-skill=change-middle]")).toContainText("0 of 2 right");
  await expect(page.getByRole("row", { name: /short u as in cup/ })).toContainText("short a as in cat");
  await withoutFaults(page);
});

test("while a lesson runs, a quiet line tells what has shown itself and offers a word that would make it sure", async ({
  page,
  server,
}) => {
  const group = await newGroup(page, server, "Wigeons", ["Ivy", "Jo"]);
  const chain = await post(page, server, "/api/chains", {
    groupId: group.id,
    words: ["pen", "ten", "tin"],
    aim: { focus: [], contrasts: [] },
  });
  const session = await post(page, server, "/api/sessions", { chainId: chain.id });
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
  const line = page.getByRole("note", { name: "So far" });
  for (const said of ["pin", "tin"]) {
    await page.keyboard.press("1");
    await page.keyboard.press("h");
    await page.getByRole("textbox", { name: "What did Ivy say?" }).fill(said);
    await page.keyboard.press("Enter");
    await expect(page.getByRole("textbox")).toHaveCount(0);
    if (said === "pin") await page.keyboard.press("ArrowRight");
  }
  await expect(line).toContainText("e read as short i as in pin: Ivy 2 of 2 today.");
  const offered = line.getByRole("button").first();
  const word = await offered.innerText();
  await offered.click();
  await expect(line.getByRole("button", { name: word, exact: false })).toHaveCount(0);
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("[data-current-word]")).toHaveAttribute("data-word", word);
  expect(await faultsOnScreen(page)).toEqual([]);
});

test("a lesson is rehearsed by made-up learners from the plan to the evidence, and erased with one press", async ({
  page,
  server,
}) => {
  const group = await newGroup(page, server, "Woodcocks", ["Kit", "Lu"]);
  await post(page, server, `/api/groups/${group.id}/plan`, { focus: ["sh=ʃ"], contrasts: [], minutes: 20, seed: 4 });
  await page.goto(`${server.address}/plan?group=${group.id}`);
  await alive(page);
  await page.getByRole("button", { name: "Rehearse" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  await expect(page.getByText("A rehearsal: these learners are made up.")).toBeVisible();
  const session = page.url().split("/").at(-1) as string;
  await page.getByRole("button", { name: "All answer" }).click();
  await page.keyboard.press("ArrowRight");
  await page.getByRole("button", { name: "Answer", exact: true }).click();
  await expect.poll(async () => (await stored(page, server, session)).length).toBe(4);
  expect(await faultsOnScreen(page)).toEqual([]);
  await page.getByRole("button", { name: "Finish" }).click();
  await page.waitForURL(/\/evidence/);
  await expect(page.getByRole("heading", { name: /Rehearsal: Woodcocks/ })).toBeVisible();
  await alive(page);
  await page.getByRole("button", { name: "Erase the rehearsal" }).click();
  await page.waitForURL(`${server.address}/`);
  await page.goto(`${server.address}/people`);
  await expect(page.getByText("Pebble")).toHaveCount(0);
  await page.goto(`${server.address}/evidence?group=${group.id}`);
  await expect(page.getByText(/^0 readings in 0 lessons/)).toBeVisible();
});

test("a probe of one learner: each word comes by itself after a mark, what it has found stands beside, and it can be finished", async ({
  page,
  server,
}) => {
  const group = await newGroup(page, server, "Yellowlegs", ["Ivy"]);
  await page.goto(`${server.address}/evidence?group=${group.id}&learner=${group.learners[0].id}`);
  await alive(page);
  await page.getByRole("button", { name: "Probe Ivy" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  const word = () => page.locator("[data-current-word]").getAttribute("data-word");
  const first = await word();
  await page.keyboard.press("Enter");
  await expect.poll(word).not.toBe(first);
  const found = page.getByRole("region", { name: "Probe" });
  await expect(found.getByRole("listitem").first()).toContainText(/ of 1|0 of 0/);
  expect(await faultsOnScreen(page)).toEqual([]);
  // A wrong word waits for the sound to be named.
  const second = await word();
  await page.keyboard.press("w");
  await expect.poll(async () => (await stored(page, server, page.url().split("/").at(-1) as string)).length).toBe(2);
  expect(await word()).toBe(second);
  await withoutFaults(page);
  // A short word on a phone: its zip is as wide as the word, which stands in the middle.
  await page.setViewportSize({ width: 390, height: 844 });
  const letters = page.locator("[data-current-word] p.font-learner").last();
  const zip = page.locator("[data-current-word] svg").last();
  await expect
    .poll(async () => {
      const [word, under] = [await letters.boundingBox(), await zip.boundingBox()];
      return word && under && Math.abs(word.width - under.width) < 1 && Math.abs(word.x + word.width / 2 - 195) < 2;
    })
    .toBe(true);
  await page.getByRole("button", { name: "Finish" }).first().click();
  await page.waitForURL(/\/evidence/);
});
