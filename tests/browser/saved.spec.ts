import { alive, expect, test } from "./server.ts";

test("everything saved is in one list: found by a word, opened, deleted, and had back", async ({ page, server }) => {
  const groups = await (await page.request.get(`${server.address}/api/groups`)).json();
  const group = groups.find(({ name }: { name: string }) => name === "Plovers");
  const body = { groupId: group.id, title: "Zigzag", words: ["zip", "zap", "zag"], aim: { focus: [], contrasts: [] } };
  const chain = await (await page.request.post(`${server.address}/api/chains`, { data: body })).json();

  await page.goto(server.address);
  await alive(page);
  await page.getByRole("link", { name: "All that was saved" }).click();
  await page.waitForURL(/\/saved/);
  await alive(page);
  const list = page.getByRole("list", { name: "Saved" }).getByRole("listitem");
  expect(await list.count()).toBeGreaterThan(3);
  await page.getByRole("searchbox").fill("zag plovers");
  await expect(list).toHaveCount(1);
  await expect(list.getByRole("link", { name: "Zigzag" })).toHaveAttribute("href", new RegExp(chain.id));

  const isThere = async () => (await page.request.get(`${server.address}/api/chains/${chain.id}`)).status();
  await page.getByRole("button", { name: "Delete Zigzag" }).click();
  await expect(list).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(list).toHaveCount(1);
  expect(await isThere()).toBe(200);

  // What is not taken back goes with the page.
  await page.getByRole("button", { name: "Delete Zigzag" }).click();
  await page.goto(server.address);
  await expect.poll(isThere).toBe(404);
});
