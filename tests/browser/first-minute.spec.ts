import { lookOver } from "./look-over.ts";
import { THIRTY_NAMES } from "./made.ts";
import { alive, expect, freePort, Server, test } from "./server.ts";

test.describe("a new installation", () => {
  // One for all three, begun in this order: each leaves it as it was, but for the last.
  test.describe.configure({ mode: "serial" });
  let installed: Server;
  test.beforeAll(async () => {
    installed = new Server(await freePort(), { demo: false });
    await installed.start();
  });
  test.afterAll(async () => {
    await installed.stop();
    installed.remove();
  });

  test("nothing is made yet: its screens fit on every size", async ({ page }) => {
    await lookOver(page, installed.address, async () => {
      const names = page.getByRole("textbox", { name: "Learners' nicknames, one a line" });
      await names.fill(THIRTY_NAMES.join("\n"));
      await expect(page.getByRole("list", { name: "Words that tell" }).getByRole("button")).toHaveCount(6);
    });
    for (const path of ["/bench", "/families", "/plan", "/evidence", "/people"])
      await lookOver(page, installed.address + path);
  });

  test("the demo is opened from the first screen, looked round in, and thrown away in Settings", async ({ page }) => {
    await page.goto(installed.address);
    await alive(page);
    await page.getByRole("button", { name: "Open the demo" }).click();
    await expect(page.getByRole("article", { name: "Plovers" })).toContainText("made up");
    // A group of one's own is begun beside it, as in an empty installation.
    await page.getByRole("link", { name: "Make my own first group" }).click();
    await expect(page.getByRole("heading", { name: "Welcome" })).toBeVisible();
    await expect(page.getByRole("button", { name: "Open the demo" })).toHaveCount(0);

    await page.goto(`${installed.address}/settings`);
    await alive(page);
    await page.getByRole("button", { name: "Throw the demo away" }).click();
    await page.getByRole("button", { name: "Throw it away" }).click();
    await expect(page.getByRole("button", { name: "Open the demo" })).toBeVisible();
    await page.goto(installed.address);
    await expect(page.getByRole("heading", { name: "Welcome" })).toBeVisible();
  });

  test("four choices lead to the first chain; what cannot be taken is said, and nothing is lost", async ({ page }) => {
    await page.goto(installed.address);
    await alive(page);
    // It says itself what it is for.
    await expect(page.getByRole("complementary", { name: "Short help" })).toHaveCount(0);
    const samples = page.getByRole("list", { name: "Words in this accent" });
    const american = await samples.textContent();
    await page.getByRole("radio", { name: "Southern British" }).click();
    await expect(samples).not.toHaveText(american as string);
    await page.getByRole("radio", { name: /Phased order/ }).check();

    // Where it stands: the first two words are read, then what lies between is looked at.
    const words = page.getByRole("list", { name: "Words that tell" }).getByRole("button");
    await expect(words).toHaveCount(6);
    const first = await words.allTextContents();
    await words.nth(0).click();
    await words.nth(1).click();
    const place = page.getByRole("combobox", { name: "Taught up to" });
    const coarse = Number(await place.inputValue());
    expect(coarse).toBeGreaterThan(10);
    await page.getByRole("button", { name: "Six more, to look closer" }).click();
    await expect(words.filter({ hasText: first[0] as string })).toHaveCount(0);
    await expect(words).not.toHaveCount(0);
    await words.nth(0).click();
    await expect(place).not.toHaveValue(String(coarse));
    expect(Number(await place.inputValue())).toBeGreaterThan(coarse);

    // Another order begins at its own first step.
    await page.getByRole("radio", { name: /Spellings of a sound together/ }).check();
    await expect(place).toHaveValue("1");
    await page.getByRole("radio", { name: /Phased order/ }).check();
    await words.nth(0).click();
    await expect(place).not.toHaveValue("1");

    await page.getByRole("textbox", { name: "Learners' nicknames, one a line" }).fill("Dunlin\nKnot");
    await page.getByRole("button", { name: "Make the first chain" }).click();
    await expect(page.getByText("a group needs a name")).toBeVisible();
    await expect(page.getByRole("list", { name: "As they are called on in a lesson" })).toHaveText("DunlinKnot");
    await page.getByRole("textbox", { name: "Name of the group" }).fill("Waders");
    await page.getByRole("button", { name: "Make the first chain" }).click();

    await page.waitForURL(/\/bench\?group=/);
    await alive(page);
    await expect(page.locator("ol[aria-label=Chain] [data-word]").nth(3)).toBeVisible();
    const school = await (await page.request.get(`${installed.address}/api/school`)).json();
    expect(school.accent.accent).toBe("southern-british");
    await page.goto(installed.address);
    await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
    await expect(page.getByText("Waders")).toBeVisible();
  });
});

test("the short help of a screen is shut for good there, and comes back by Settings", async ({ browser, server }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  const help = page.getByRole("complementary", { name: "Short help" });
  await page.goto(`${server.address}/plan`);
  await alive(page);
  await help.getByRole("button", { name: "Do not show this again" }).click();
  await expect(help).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await expect(help).toHaveCount(0);
  await page.goto(`${server.address}/evidence`);
  await expect(help).toBeVisible();
  await page.goto(`${server.address}/settings`);
  await alive(page);
  const choice = page.getByLabel(/A line at the top of each screen/);
  await expect(choice).not.toBeChecked();
  await choice.check();
  await page.goto(`${server.address}/plan`);
  await expect(help).toBeVisible();
  await context.close();
});

test("what is pressed before the page listens is done once it does", async ({ page, server }) => {
  let listen: () => void = () => undefined;
  const drawn = new Promise<void>((resolve) => {
    listen = resolve;
  });
  await page.route(/\.js$/, async (route) => {
    if (!route.request().url().endsWith("early-presses.js")) await drawn;
    await route.continue();
  });
  await page.goto(`${server.address}/families`, { waitUntil: "commit" });
  const tab = page.getByRole("tab", { name: "Pairs" });
  // Pressed again because nothing happens: meant once.
  for (let press = 0; press < 3; press++) await tab.click();
  await expect(tab).toHaveAttribute("aria-selected", "false");
  await tab.evaluate((element) => {
    Object.assign(window, { pressed: 0 });
    element.addEventListener("click", () =>
      Object.assign(window, { pressed: (window as unknown as { pressed: number }).pressed + 1 }),
    );
  });
  listen();
  await expect(tab).toHaveAttribute("aria-selected", "true");
  await expect.poll(() => page.evaluate(() => (window as unknown as { pressed: number }).pressed)).toBe(1);

  // A key is taken up once, and by one page alone.
  const held = new Promise<void>((resolve) => {
    listen = resolve;
  });
  await page.unroute(/\.js$/);
  await page.route(/\.js$/, async (route) => {
    if (!route.request().url().endsWith("early-presses.js")) await held;
    await route.continue();
  });
  await page.goto(`${server.address}/bench?start=empty`, { waitUntil: "commit" });
  await page.locator("astro-island[ssr]").first().waitFor({ state: "attached" });
  await page.keyboard.press("?");
  listen();
  await expect(page.getByRole("dialog")).toBeVisible();
});
