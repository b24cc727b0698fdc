import { groupNamed, groupsNow } from "./made.ts";
import { alive, expect, test } from "./server.ts";

test("Evidence says in sentences what the records show; the matrix has the same figures, each opens its answers", async ({
  page,
  server,
}) => {
  const group = await groupNamed(page, server, "Plovers");
  const report = await (await page.request.get(`${server.address}/api/evidence?groupId=${group.id}`)).json();
  await page.goto(`${server.address}/evidence?group=${group.id}`);
  await alive(page);
  const sentences = page.getByRole("region", { name: "What the records say" }).getByRole("button");
  const [first] = report.findings;
  await expect(sentences.first()).toContainText(`${first.learner}: ${first.gpc.split("=")[0]}`);
  await expect(sentences.first()).toContainText(`${first.times} of ${first.chances}`);

  // What can be aimed at is a press from a chain for it.
  await expect(page.getByRole("link", { name: /^Chain for/ }).first()).toHaveAttribute(
    "href",
    /\/bench\?group=.*&for=/,
  );

  await page.getByRole("radio", { name: "matrix" }).click();
  const wrong = report.rows.filter(({ wrong }: { wrong: number }) => wrong > 0);
  // Sounds of every row that was ever wrong stand there once.
  const sounds = new Set(wrong.map(({ phonemes }: { phonemes: string[] }) => phonemes.join("+")));
  await expect(page.locator("tbody th[scope=row]")).toHaveCount(sounds.size);
  const cell = page.getByRole("button", { name: /read as .*: \d+ of \d+ chances$/ }).first();
  const shown = Number(await cell.textContent());
  await cell.click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toBeVisible();
  await expect(dialog.getByRole("listitem").or(dialog.locator("tbody tr"))).toHaveCount(shown);
  await page.keyboard.press("Escape");

  const csv = await page.request.get(`${server.address}/api/evidence/csv?groupId=${group.id}`);
  expect(csv.headers()["content-type"]).toContain("text/csv");
  const lines = (await csv.text()).trim().split(/\r\n/);
  expect(lines[0]).toContain("letters,sound,said,times,chances");
  // A line for what was right of each, and one for each substitution.
  const substitutions = report.rows.reduce(
    (sum: number, row: { substitutions: [] }) => sum + row.substitutions.length,
    0,
  );
  expect(lines).toHaveLength(1 + report.rows.length + substitutions);
});

test("a learner's evidence says where they stand along the order, and goes on one page to print", async ({
  page,
  server,
}) => {
  const group = await groupNamed(page, server, "Plovers");
  await page.goto(`${server.address}/evidence?group=${group.id}&learner=${group.learners[0].id}`);
  await alive(page);
  const order = page.getByRole("region", { name: "Along the order" });
  await expect(order).toContainText(/Hold this step|Ready to move on|Too little/);
  await expect(order).toContainText("9 of the last 10 right, on at least 2 days");
  // Everything that was taught stands in one of the four lists.
  const figures = await order.locator("dt span").allTextContents();
  expect(figures.reduce((sum, text) => sum + Number(text), 0)).toBeGreaterThan(10);
  await expect(order.locator("[data-state=working]")).toContainText(/e\s+\d+ of \d+/);

  await order.getByRole("link", { name: "One page to print" }).click();
  await page.waitForURL(/\/print\/learner/);
  const sheet = page.getByRole("main");
  await expect(sheet).toContainText(group.learners[0].nickname);
  await expect(sheet.locator("[data-part=findings]")).toContainText("e read as short i");
  await expect(sheet.locator("[data-part=words] li")).toHaveCount(10);
  await expect(sheet).toContainText("not a diagnosis");
  expect((await page.request.get(`${server.address}/print/learner?group=${group.id}&learner=x`)).status()).toBe(404);
});

test("change over time: a dot a lesson, one sound by itself, and the same as a table; a group, a colleague and the room on one page each", async ({
  page,
  server,
}) => {
  const group = await groupNamed(page, server, "Plovers");
  await page.goto(`${server.address}/evidence?group=${group.id}`);
  await alive(page);
  const change = page.getByRole("region", { name: "Change over time" });
  await expect(change.locator(".recharts-scatter-symbol").first()).toBeVisible();
  const lessons = await change.locator(".recharts-scatter-symbol").count();
  await change.getByText("The same as a table").click();
  await expect(change.getByRole("row")).toHaveCount(lessons + 1);
  // Every lesson's figures are those of its answers.
  const { points } = await (await page.request.get(`${server.address}/api/evidence/change?groupId=${group.id}`)).json();
  const { chances, wrong } = points[0];
  await expect(change.getByRole("row").nth(1)).toContainText(`${chances - wrong} of ${chances}`);
  await change.getByRole("combobox").selectOption({ value: "e=e" });
  await expect(change.getByRole("row").nth(1)).not.toContainText(`of ${chances} `);
  await expect(change.getByText(/One dot a lesson/)).not.toContainText("as hard as");

  await page.getByRole("link", { name: "For a colleague taking over" }).click();
  await page.waitForURL(/\/print\/group/);
  const sheet = page.getByRole("main");
  await expect(sheet.locator("[data-part=ways]")).toContainText("Time to think");
  await expect(sheet.locator("[data-part=lessons] li")).toHaveCount(5);
  for (const { nickname } of group.learners) await expect(sheet.locator(`[data-learner=${nickname}]`)).toBeVisible();
  await expect(sheet).toContainText("not a diagnosis");
  await page.goto(`${server.address}/print/group?group=${group.id}`);
  await expect(page.locator("[data-part=ways]")).toHaveCount(0);
  await expect(page.locator("[data-part=next]")).toContainText("e read as short i");
  expect((await page.request.get(`${server.address}/print/group?group=nobody`)).status()).toBe(404);
  await page.goto(`${server.address}/print/room`);
  for (const { name } of await groupsNow(page, server)) await expect(page.getByRole("heading", { name })).toBeVisible();
});
