import { alive, expect, test } from "./server.ts";

test("what counts as evidence, and what a sentence is looked over for: chosen in Settings, seen where it is used", async ({
  page,
  server,
}) => {
  // The files that come after have the school as it was.
  const before = await (await page.request.get(`${server.address}/api/school`)).json();
  await page.goto(`${server.address}/settings`);
  await alive(page);
  await page.getByLabel("Right only after tapping counts as right").uncheck();
  await page.getByLabel("capital letter", { exact: true }).uncheck();
  await page.getByLabel("Your own words for full stop").fill("a dot at the end");
  await expect
    .poll(async () => (await (await page.request.get(`${server.address}/api/school`)).json()).checklist)
    .toEqual([
      { point: "spaces", words: "" },
      { point: "stop", words: "a dot at the end" },
      { point: "handwriting", words: "" },
      { point: "spelling", words: "" },
    ]);
  await page.reload();
  await alive(page);
  await expect(page.getByLabel("Right only after tapping counts as right")).not.toBeChecked();
  await expect(page.getByLabel("Your own words for full stop")).toHaveValue("a dot at the end");
  await expect(page.getByLabel("Your own words for capital letter")).toBeHidden();

  await page.goto(`${server.address}/evidence`);
  await expect(page.locator("[data-part=counting]")).toContainText("What was right only after tapping is left out.");

  // A dictation of one sentence, step by step.
  const data = { name: "Woodchats", sequenceId: "short-vowels-first", step: 14, learners: ["Wren"] };
  const group = await (await page.request.post(`${server.address}/api/groups`, { data })).json();
  const kind = { focus: ["sh=ʃ"], contrasts: [], kind: "dictation", seed: 1 };
  const plan = await (
    await page.request.post(`${server.address}/api/plans/${group.id}/activities`, { data: kind })
  ).json();
  const edited = await page.request.patch(
    `${server.address}/api/plans/${group.id}/activities/${plan.activities[0].id}`,
    { data: { words: ["ship"], sentences: ["The ship is big."] } },
  );
  expect(edited.ok()).toBe(true);
  const lesson = { groupId: group.id, lesson: true };
  const session = await (await page.request.post(`${server.address}/api/sessions`, { data: lesson })).json();
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
  const shown = page.locator("[data-display]").first();
  for (const text of ["Listen", "Say it", "Tap it", "Write it", "Read it back"]) {
    await expect(shown).toContainText(text);
    await expect(shown).not.toContainText("ship");
    await page.keyboard.press("Space");
  }
  await expect(page.getByText("They compare.")).toBeVisible();
  await page.keyboard.press("ArrowRight");
  for (const text of ["Listen", "Say it", "How many words?", "Tap it", "Write it", "Read it back"]) {
    await expect(shown).toContainText(text);
    await page.keyboard.press("Space");
  }
  await expect(shown.getByRole("listitem")).toHaveText([
    "spaces",
    "a dot at the end",
    "neat letters",
    "every sound has its letters",
  ]);
  await page.keyboard.press("Space");
  await expect(shown).toHaveText("The ship is big.");
  expect((await page.request.put(`${server.address}/api/school`, { data: before })).ok()).toBe(true);
});

test("a word of the school's own: a sound picked for its letters, known everywhere, refused when it sounds rude", async ({
  page,
  server,
}) => {
  const before = await (await page.request.get(`${server.address}/api/school`)).json();
  await page.goto(`${server.address}/settings`);
  await alive(page);
  const word = page.getByLabel("A word", { exact: true });
  await word.fill("Zane");
  const part = page.getByRole("group", { name: "Words of your own" });
  await expect(part).toContainText("/z-ai-n/");
  // Said in two parts here: the e is no longer joined to the a.
  await part.getByLabel("Sound of letter 2").selectOption("a=æ");
  await expect(part.getByLabel("Sound of letter 4")).toBeVisible();
  await part.getByLabel("Sound of letter 4").selectOption("e=iː");
  await part.getByRole("button", { name: "Put it in" }).click();
  await expect(part.getByRole("listitem")).toContainText("Zane");
  await expect
    .poll(async () => (await (await page.request.get(`${server.address}/api/school`)).json()).accent.ownWords)
    .toEqual([{ word: "zane", reading: "z=z.a=æ.n=n.e=iː", isCapital: true }]);

  await word.fill("phuk");
  await part.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByRole("alert")).toContainText("phuk would sound like a word that is kept out");
  await expect(word).toHaveValue("phuk");
  await word.fill("");

  const [group] = await (await page.request.get(`${server.address}/api/groups`)).json();
  const { card } = await (await page.request.get(`${server.address}/api/words/zane?groupId=${group.id}`)).json();
  expect(card.readings[0].units.map(({ grapheme }: { grapheme: string }) => grapheme)).toEqual(["z", "a", "n", "e"]);
  await part.getByRole("button", { name: "Take Zane out" }).click();
  await expect(part.getByRole("listitem")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(part.getByRole("listitem")).toContainText("Zane");
  expect((await page.request.put(`${server.address}/api/school`, { data: before })).ok()).toBe(true);
});
