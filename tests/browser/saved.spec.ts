import { groupNamed } from "./made.ts";
import { alive, expect, test } from "./server.ts";

test("everything saved is in one list: found by a word, opened, renamed, copied, put away, deleted, and had back", async ({
  page,
  server,
}) => {
  const group = await groupNamed(page, server, "Plovers");
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

  const more = async (title: string, entry: string) => {
    await page.getByRole("button", { name: `More for ${title}` }).click();
    await page.getByRole("menuitem", { name: entry, exact: true }).click();
  };
  await more("Zigzag", "Rename");
  await page.getByRole("textbox", { name: "Title" }).fill(" ");
  await page.getByRole("button", { name: "Rename" }).click();
  await expect(page.getByText("a title has at least one letter")).toBeVisible();
  await page.getByRole("textbox", { name: "Title" }).fill("Zag");
  await page.getByRole("button", { name: "Rename" }).click();
  await expect(list.getByRole("link", { name: "Zag", exact: true })).toBeVisible();
  await more("Zag", "Copy");
  await expect(list).toHaveCount(2);
  await expect(list.getByRole("link", { name: "Zag copy" })).not.toHaveAttribute("href", new RegExp(chain.id));

  // Put away it is out of sight here and where a chain is opened, and is taken up again.
  await more("Zag copy", "Put away");
  await expect(list).toHaveCount(1);
  const chains = async () =>
    (await (await page.request.get(`${server.address}/api/chains?groupId=${group.id}`)).json()).map(
      ({ title }: { title: string }) => title,
    );
  await expect.poll(chains).not.toContain("Zag copy");
  await page.reload();
  await alive(page);
  await page.getByRole("searchbox").fill("zag plovers");
  await page.getByRole("checkbox", { name: /Show what was put away/ }).check();
  await more("Zag copy", "Take up again");
  await expect.poll(chains).toContain("Zag copy");
  await more("Zag copy", "Delete");
  await expect(list).toHaveCount(1);

  const isThere = async () => (await page.request.get(`${server.address}/api/chains/${chain.id}`)).status();
  await more("Zag", "Delete");
  await expect(list).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(list).toHaveCount(1);
  expect(await isThere()).toBe(200);

  // What is not taken back goes with the page.
  await more("Zag", "Delete");
  await page.goto(server.address);
  await expect.poll(isThere).toBe(404);
});
