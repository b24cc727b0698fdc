import { faultsByAxe } from "./axe.ts";
import { faultsOnScreen, SIZES } from "./measure.ts";
import { alive, expect, test } from "./server.ts";

const editor = ".cm-content";

test("a text is judged as it is typed, mended by a press, saved, planned and printed", async ({ page, server }) => {
  const data = { name: "Willets", sequenceId: "phased", step: 48, learners: ["Dunlin"] };
  const group = await (await page.request.post(`${server.address}/api/groups`, { data })).json();
  // The sentences are there before the editor is.
  let comes = () => {};
  const editorComes = new Promise<void>((resolve) => {
    comes = resolve;
  });
  await page.route(/TextEditor/, async (route) => {
    await editorComes;
    await route.continue();
  });
  await page.goto(`${server.address}/texts?group=${group.id}`);
  await alive(page);
  // It opens with sentences made for this group, each within its reach.
  const sentences = page.getByRole("list", { name: "Sentences" }).getByRole("button");
  await expect(sentences).toHaveCount(20);
  const first = (await sentences.first().locator("span").first().textContent()) as string;
  await sentences.first().click();
  await expect(page.locator(editor)).toHaveCount(0);
  comes();
  await expect(page.locator(editor)).toContainText(first);
  const status = page.getByRole("status").filter({ hasText: "fit (" });
  await expect(status).toContainText("(100 in 100)");

  await page.locator(editor).click();
  await page.keyboard.press("Control+End");
  await page.keyboard.type(" The naughty kitten sat.");
  // What is not saved outlives a look at another screen.
  await page.goto(`${server.address}/evidence?group=${group.id}`);
  await page.goto(`${server.address}/texts?group=${group.id}`);
  await alive(page);
  await expect(page.locator(editor)).toContainText(`${first} The naughty kitten sat.`);
  await expect(page.locator(".text-not-yet")).toHaveText("naughty");
  await page.getByRole("tab", { name: /^Words/ }).click();
  const misfits = page.getByRole("list", { name: "Words that do not fit" });
  await expect(misfits.getByRole("listitem")).toHaveCount(1);
  await expect(misfits).toContainText(/comes at step \d+/);
  const other = misfits.getByRole("button", { name: /in the place of naughty/ }).first();
  const word = (await other.textContent()) as string;
  await other.click();
  await expect(page.locator(editor)).toContainText(`The ${word} kitten sat.`);
  await expect(status).toContainText("(100 in 100)");
  await page.locator(editor).click();
  await page.keyboard.press("Control+z");
  await expect(page.locator(editor)).toContainText("The naughty kitten sat.");

  // One press makes it an irregular word of the group.
  await page.getByRole("button", { name: "Teach it as an irregular word" }).click();
  await expect(page.locator(".text-irregular").filter({ hasText: "naughty" })).toBeVisible();
  await expect(status).toContainText("(100 in 100)");

  await page.getByRole("tab", { name: "Look for" }).click();
  await page.getByRole("radio", { name: "rime" }).click();
  await page.getByRole("textbox", { name: "Letters of the rime" }).fill("-at");
  await page.getByRole("button", { name: "Look", exact: true }).click();
  await expect(page.getByRole("region", { name: "-at" })).toContainText(/[1-9]\d* times?/);
  expect(await faultsByAxe(page, { least: "serious" })).toEqual([]);

  await page.getByRole("textbox", { name: "Title of the text" }).fill("The naughty kitten");
  await page.getByRole("radio", { name: "to write" }).click();
  await page.getByRole("button", { name: "To the plan" }).click();
  await expect(page.getByText("In the next lesson: The naughty kitten")).toBeVisible();
  await page.reload();
  await alive(page);
  await expect(page.locator(editor)).toContainText("The naughty kitten sat.");
  await page.getByRole("button", { name: "Take out" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("menuitem", { name: "JSON" }).click();
  expect((await download).suggestedFilename()).toBe("the-naughty-kitten.json");
  await page.getByRole("button", { name: "Print" }).click();
  await page.waitForURL(/\/print\//);
  await expect(page.getByRole("main").getByRole("listitem")).toHaveCount(2);
});

test("a file is opened, and refused in words where it is none; what is kept out is marked and not saved", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/texts`);
  await alive(page);
  await expect(page.locator(editor)).toBeVisible();
  const input = page.locator("input[type=file]");
  const file = (name: string, mimeType: string, text: string) => ({ name, mimeType, buffer: Buffer.from(text) });
  await input.setInputFiles(file("a.pdf", "application/pdf", "%PDF"));
  await expect(page.getByText("Open a plain text file")).toBeVisible();
  await input.setInputFiles(file("long.txt", "text/plain", "a cat ".repeat(200_000)));
  await expect(page.getByText("The file is too long")).toBeVisible();
  await input.setInputFiles(
    file("a.txt", "text/plain", "<img src=x onerror=alert(1)> A rab-\nbit sat.\r\nA bitch sat."),
  );
  // Nothing of it runs; it stands there as it is written.
  await expect(page.locator(editor)).toContainText("<img src=x onerror=alert(1)>");
  await expect(page.locator(".text-kept-out")).toHaveText("bitch");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText(/kept out of this school/).first()).toBeVisible();
});

test("a little text: its phrases are marked, it is asked about, and read aloud word by word and line by line", async ({
  page,
  server,
}) => {
  const data = { name: "Whinchats", sequenceId: "phased", step: 48, learners: ["Dunlin", "Ruff"] };
  const group = await (await page.request.post(`${server.address}/api/groups`, { data })).json();
  await page.goto(`${server.address}/texts?group=${group.id}`);
  await alive(page);
  await page.locator(editor).click();
  await page.keyboard.type("Sam sat on a mat.\nThe cat ran to the bus.");
  await page.getByRole("tab", { name: "Reading" }).click();
  await page.getByRole("button", { name: "Mark the phrases" }).click();
  await expect(page.locator(editor)).toContainText("Sam sat / on a mat.");
  await page.getByRole("button", { name: "A question" }).click();
  await page.getByRole("textbox", { name: "Question 1" }).fill("Where did Sam sit?");
  await page.getByRole("button", { name: "Make some" }).click();
  await expect(page.getByRole("textbox", { name: /^Sentence \d$/ })).toHaveCount(2);
  await page.getByRole("textbox", { name: "Sentence 1" }).fill("Sam sat on a quilt of zephyrs.");
  await expect(page.getByText("The group cannot read yet: zephyrs")).toBeVisible();
  await page.getByRole("textbox", { name: "Sentence 1" }).fill("Sam sat on a bus.");
  // What is asked outlives a look at another screen, as the text does.
  await page.goto(`${server.address}/evidence?group=${group.id}`);
  await page.goto(`${server.address}/texts?group=${group.id}`);
  await alive(page);
  await page.getByRole("tab", { name: "Reading" }).click();
  await expect(page.getByRole("textbox", { name: "Question 1" })).toHaveValue("Where did Sam sit?");
  expect(await faultsByAxe(page, { least: "serious" })).toEqual([]);
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText(/^Saved: /)).toBeVisible();
  const setId = new URL(page.url()).searchParams.get("set");

  await page.goto(`${server.address}/print/${setId}`);
  await expect(page.getByRole("main")).toContainText("Where did Sam sit?");
  await expect(page.getByRole("main").getByText("not true", { exact: true })).toHaveCount(2);

  const body = { groupId: group.id, setId };
  const session = await (await page.request.post(`${server.address}/api/sessions`, { data: body })).json();
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
  await page.keyboard.press("ArrowRight");
  const word = (name: string) => page.getByRole("button", { name, exact: true });
  await expect(word("Sam")).toHaveAttribute("aria-current", "true");
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    await expect.poll(() => faultsOnScreen(page), { message: `${width}x${height}` }).toEqual([]);
  }
  // Pressed once it is in hand, pressed again it is opened: its letters are pressed as those of every word.
  await word("mat").click();
  await word("mat").click();
  await expect(page.locator("[data-word=mat]")).toBeVisible();
  await page.locator('[data-unit="2"]').click();
  await page.getByRole("region", { name: "What was said instead" }).getByRole("button").first().click();
  await page.keyboard.press("ArrowDown");
  await page.getByLabel("Read", { exact: true }).selectOption("line by line");
  await page.keyboard.press("Enter");
  await expect(word("The")).toHaveAttribute("aria-current", "true");
  // One press was right for all of the line that had not gone wrong.
  const heard = async () => {
    const query = new URLSearchParams({ groupId: group.id, gpc: "t=t" });
    const answer = await page.request.get(`${server.address}/api/evidence/responses?${query}`);
    const { responses } = (await answer.json()) as { responses: { word: string; outcome: string }[] };
    return responses.map(({ word, outcome }) => `${word} ${outcome}`).sort();
  };
  await expect.poll(heard).toEqual(["mat wrong", "sat right"]);
});
