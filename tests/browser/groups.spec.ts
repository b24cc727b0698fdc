import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { alive, expect, follow, moveUpByKeys, shownDisplay, test } from "./server.ts";

test.beforeEach(async ({ page, server }) => {
  await page.goto(`${server.address}/groups`);
  await alive(page);
});

test("hand-ticks: what is ticked decides what the bench lets in, and outlives a reload", async ({ page }) => {
  await follow(
    page,
    page.getByRole("listitem").filter({ hasText: "Plovers" }).getByRole("link", { name: "What is taught" }),
  );
  const ng = page.getByRole("button", { name: /^ng as in ring/ });
  await expect(ng).toHaveAttribute("data-state", "not-yet");
  await ng.click();
  await page.reload();
  await alive(page);
  await expect(ng).toHaveAttribute("data-state", "added");
  await follow(page, page.getByRole("link", { name: "Chain bench" }));
  await page.getByLabel("Or type a word").fill("ring");
  await expect(page.getByRole("status").filter({ hasText: "Fits" })).toBeVisible();
  await page.goBack();
  await alive(page);
  await page.getByRole("button", { name: "Back to the step alone" }).click();
  await expect(ng).toHaveAttribute("data-state", "not-yet");
});

test("a sequence of the school's own: copied, faults marked at once, reordered, saved, taken out as CSV and read back", async ({
  page,
  server,
}) => {
  await follow(page, page.getByRole("link", { name: "Copy Short vowels first" }));
  await page.getByLabel("Name of the order").fill("Farrow Quay order");
  const spellings = page.getByLabel("Spellings, step 3", { exact: true });
  await spellings.fill("o, g, f, ow, ck@top");
  await expect(page.getByText("2 things to mend before it can be saved")).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "ow says several sounds" }).first()).toBeVisible();
  await expect(page.getByRole("button", { name: "Save", exact: true })).toBeDisabled();
  await spellings.fill("o, g, f, ow (snow), ck@end");
  await expect(
    page.getByText("ck is taught already at step 3").or(page.getByText("ow (snow) is taught already")),
  ).not.toHaveCount(0);
  await moveUpByKeys(page, "Move step 2");
  await expect(page.getByLabel("Step, step 1", { exact: true })).toHaveValue("i n d");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.waitForURL(/sequences\/[0-9a-f]{8}-/);
  await alive(page);
  const downloading = page.waitForEvent("download");
  await page.getByRole("link", { name: "CSV" }).click();
  const file = join(server.folder, "order.csv");
  await (await downloading).saveAs(file);
  await page.goto(`${server.address}/sequences/new`);
  await alive(page);
  await page.getByLabel("CSV file").setInputFiles(file);
  await expect(page.getByLabel("Spellings, step 3", { exact: true })).toHaveValue("o, g, f, ow (snow), ck@end");
  // A spoilt file: every fault by its line, nothing lost.
  const spoilt = join(server.folder, "spoilt.csv");
  writeFileSync(spoilt, 'step,spellings\none,"s, a"\n\nthree,"zzq, ow (cat)"\n');
  await page.getByLabel("CSV file").setInputFiles(spoilt);
  await expect(page.getByText("Line 4, spellings: zzq spells no sound in English.")).toBeVisible();
  await expect(page.getByText("Line 4, spellings: cat is not spelt with ow.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Spellings, step 3", { exact: true })).toHaveValue("o, g, f, ow (snow), ck@end");
});

test("the school's choices change what a card says", async ({ page, server }) => {
  // The files that come after have the school as it was.
  const school = async () => (await page.request.get(`${server.address}/api/school`)).json();
  const before = await school();
  const cardOf = async (word: string) => {
    await page.goto(`${server.address}/bench?start=empty`);
    await alive(page);
    await page.evaluate((w) => dispatchEvent(new CustomEvent("zip-step:word-card", { detail: { word: w } })), word);
    return page.getByRole("dialog");
  };
  await page.goto(`${server.address}/settings`);
  await alive(page);
  await page.getByRole("radio", { name: "IPA" }).click();
  await expect(page.getByText("/oʊ/ as in boat")).toBeVisible();
  await page.getByRole("radio", { name: "Southern British" }).click();
  await expect(page.getByText("/əʊ/ as in boat")).toBeVisible();
  await expect.poll(school).toMatchObject({ soundStyle: "ipa", accent: { accent: "southern-british" } });
  await expect(await cardOf("bath")).toContainText("/bɑːθ/");
  await page.goto(`${server.address}/settings`);
  await alive(page);
  await page.getByRole("radio", { name: "General American" }).click();
  // The marks are drawn as they are chosen, here and on the card.
  const cake = page.getByRole("group", { name: "How words are tapped and marked" }).getByText("e", { exact: true });
  await expect(cake).toHaveClass(/text-\[#8b8a88\]/);
  await page.getByLabel("letters that say nothing, faint").uncheck();
  await expect(cake).not.toHaveClass(/text-\[#8b8a88\]/);
  // A list that is refused stays where it was typed, also when another choice is taken then.
  await page.getByLabel("Your own list").fill("bath, m4sh");
  await page.getByLabel("Your own list").blur();
  await expect(page.getByRole("main").getByRole("alert")).toBeVisible();
  await page.getByLabel("a stroke under each tap").uncheck();
  await expect(page.getByText("Kept", { exact: true }).first()).toBeVisible();
  await expect(page.getByLabel("Your own list")).toHaveValue("bath, m4sh");
  await page.getByLabel("Your own list").fill("bath, mash");
  await page.getByLabel("Your own list").blur();
  await expect(page.getByText("Kept", { exact: true }).first()).toBeVisible();
  await page.getByRole("radio", { name: "Plain letters" }).click();
  await expect(page.getByText("/oa/ as in boat")).toBeVisible();
  await expect.poll(school).toMatchObject({ soundStyle: "letters", never: ["bath", "mash"] });
  await expect(await cardOf("bath")).toContainText("/b-a-th/");
  await page.keyboard.press("Escape");
  await page.getByLabel("Or type a word").fill("mash");
  await expect(page.getByText(/your own list of words to keep out/)).toBeVisible();
  expect((await page.request.put(`${server.address}/api/school`, { data: before })).ok()).toBe(true);
});

test("any word's card: press and hold in Teach without tapping it, ? with the keys, and words that are not in the list", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?start=empty`);
  await alive(page);
  for (const word of ["pit", "pin"]) {
    await page.getByLabel("Or type a word").fill(word);
    await expect(page.getByRole("status").filter({ hasText: "Fits" })).toBeVisible();
    await page.keyboard.press("Enter");
  }
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/teach/);
  await alive(page);
  const box = await page.locator("[data-current-word]").boundingBox();
  if (!box) throw new Error("no word");
  await page.mouse.move(box.x + 30, box.y + box.height / 2);
  await page.mouse.down();
  await expect(page.getByRole("dialog")).toContainText("3 letters");
  await page.mouse.up();
  // Neither the press nor the keys reach the lesson behind.
  await page.keyboard.press(" ");
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "0");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toContainText("Within what is taught");
  await page.keyboard.press("Escape");
  const ask = (word: string) =>
    page.evaluate((w) => dispatchEvent(new CustomEvent("zip-step:word-card", { detail: { word: w } })), word);
  await ask("one");
  await expect(page.getByRole("dialog")).toContainText("learnt as a whole");
  await page.keyboard.press("Escape");
  await ask("chab");
  await expect(page.getByRole("dialog")).toContainText("By rule it would be read");
  await page.keyboard.press("Escape");
  await ask("naïve");
  await expect(page.getByRole("alert")).toContainText("take out ï");
});
