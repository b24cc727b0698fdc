import { faultsByAxe } from "./axe.ts";
import { alive, expect, test } from "./server.ts";

test("from any screen by keys: to a screen, a group's lesson, something saved, the card of a word", async ({
  page,
  server,
}) => {
  const data = { name: "Whimbrels", sequenceId: "short-vowels-first", step: 14, learners: ["Knot"] };
  const group = await (await page.request.post(`${server.address}/api/groups`, { data })).json();
  const chain = { groupId: group.id, words: ["ship", "shop", "chop"], aim: { focus: [], contrasts: [] } };
  await page.request.post(`${server.address}/api/chains`, { data: chain });
  const dialog = page.getByRole("dialog", { name: "Go to" });
  const open = async () => {
    await alive(page);
    await page.keyboard.press("Control+k");
    await expect(dialog).toBeVisible();
  };
  await page.goto(`${server.address}/evidence?group=${group.id}`);
  await open();
  expect(await faultsByAxe(page, { inside: "[role=dialog]", least: "serious" })).toEqual([]);
  await page.keyboard.type("saved");
  await page.keyboard.press("Enter");
  await page.waitForURL(/\/saved/);

  await open();
  await page.keyboard.type("whimb");
  await expect(dialog.getByRole("option", { name: /Whimbrels · step 14/ })).toBeVisible();
  await page.keyboard.press("Enter");
  await page.waitForURL(new RegExp(`/plan\\?group=${group.id}`));

  await open();
  await page.keyboard.type("shop whimb");
  await expect(dialog.getByRole("option")).toHaveText([/ship to chop/]);
  await page.keyboard.press("Enter");
  await page.waitForURL(/\/bench\?group=.*chain=/);

  // By touch, and a word that is nowhere but in the list.
  await alive(page);
  const byTouch = async () => {
    await page.getByRole("button", { name: "Go to" }).click();
    await expect(dialog).toBeVisible();
  };
  await byTouch();
  await page.keyboard.type("blanket");
  await dialog.getByRole("option", { name: "The card of blanket" }).click();
  await expect(page.getByRole("dialog", { name: "blanket" })).toBeVisible();
  await page.keyboard.press("Escape");

  await byTouch();
  await page.keyboard.type("12??");
  await expect(dialog.getByText("Nothing is called that.")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(dialog).toBeHidden();
});

test("what stands on every screen is fetched once the screen's own part listens", async ({ page, server }) => {
  const asked: string[] = [];
  page.on("request", (request) => asked.push(new URL(request.url()).pathname));
  const isAsked = (name: string) => asked.some((path) => path.startsWith(`/_astro/${name}.`));
  let letThrough = () => {};
  const held = new Promise<void>((resolve) => {
    letThrough = resolve;
  });
  await page.route(/\/_astro\/People\.[^/]*\.js$/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(`${server.address}/people`, { waitUntil: "domcontentloaded" });
  await expect.poll(() => isAsked("People")).toBe(true);
  // The browser has nothing else to do, and still waits.
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));
  expect(isAsked("GoTo")).toBe(false);
  letThrough();
  await alive(page);
  expect(isAsked("GoTo")).toBe(true);
});

test("where a screen's own part cannot be fetched, what stands on every screen comes all the same", async ({
  page,
  server,
}) => {
  await page.route(/\/_astro\/People\.[^/]*\.js$/, (route) => route.abort());
  await page.goto(`${server.address}/people`);
  await page.locator("astro-island[component-url*='/GoTo.']:not([ssr])").waitFor({ state: "attached" });
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("dialog", { name: "Go to" })).toBeVisible();
});
