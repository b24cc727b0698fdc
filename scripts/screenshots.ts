/**
 * `npm run screenshots`: the pictures of docs/screenshots/, from a freshly planted demo. Build first
 * (`npm run demo` or `npm run build`).
 */
import { mkdirSync } from "node:fs";
import { chromium, type Page } from "@playwright/test";
import config from "../playwright.config.ts";
import { SCREEN_HELP } from "../src/components/words/screen-help.ts";
import { alive, freePort, Server } from "../tests/browser/server.ts";

const folder = "docs/screenshots";
mkdirSync(folder, { recursive: true });
const server = new Server(await freePort());
await server.start();
const browser = await chromium.launch(config.use?.launchOptions ?? {});
const LAPTOP = { width: 1280, height: 800 };
const TABLET = { width: 820, height: 1180 };
const PHONE = { width: 390, height: 844 };
const page = await browser.newPage({ viewport: LAPTOP });
// As they look to who has shut the short help.
await page
  .context()
  .addCookies([{ name: "help-shut", value: Object.keys(SCREEN_HELP).join("."), url: server.address }]);
const shoot = async (name: string) => {
  await page.waitForTimeout(500);
  await page.screenshot({ path: `${folder}/${name}.png` });
};
const pick = async (on: Page, button: string, typed: string) => {
  await on.getByRole("button", { name: button }).click();
  await on.getByPlaceholder("Type letters…").fill(typed);
  await on.keyboard.press("Enter");
};

try {
  await page.goto(server.address);
  await alive(page);
  await shoot("today");
  await page.getByRole("article", { name: "Plovers" }).getByRole("link", { name: "Make a chain" }).click();
  await page.waitForURL(/bench/);
  await alive(page);
  // It opens with a chain for what the records call for.
  await page.locator("ol[aria-label=Chain] [data-word]").nth(7).waitFor();
  await page.locator("dd").filter({ hasText: "in 100" }).waitFor();
  await shoot("bench");
  await pick(page, "Tell apart", "i as");
  await pick(page, "Second", "e as");
  const last = page.locator("ol[aria-label=Chain] [data-word]").nth(7);
  const lastBefore = await last.getAttribute("data-word");
  await page.getByRole("button", { name: "Make a chain" }).click();
  // The chain before stands until there is another.
  await page.locator(`ol[aria-label=Chain] [data-word=${lastBefore}]`).waitFor({ state: "detached" });
  await last.locator("button[aria-pressed]").click();
  await page
    .getByRole("button", { name: /^About / })
    .last()
    .click();
  await page.getByRole("dialog").getByText("Counts").waitFor();
  await shoot("word-card");
  await page.keyboard.press("Escape");
  await page.setViewportSize(TABLET);
  await shoot("bench-tablet");
  await page.setViewportSize(LAPTOP);
  await page.getByLabel("Changes").selectOption("only the vowel");
  await page.getByRole("button", { name: "Make a chain" }).click();
  await page.getByRole("alert").waitFor();
  await page.goto(`${server.address}/families`);
  await alive(page);
  await page.getByRole("button", { name: /^-et beside -it/ }).click();
  await page.locator("[data-state=nonsense]").first().waitFor();
  await page.getByLabel("Title of the set").fill("Monday: e or i");
  await page.getByRole("button", { name: "To the plan" }).click();
  await page.getByText("In the next lesson").waitFor();
  await page.getByText("In the next lesson").waitFor({ state: "detached" });
  await shoot("families");
  await page.getByRole("tab", { name: "Sort" }).click();
  for (const name of ["-et", "-it"]) await page.getByRole("main").getByRole("button", { name, exact: true }).click();
  await page.getByRole("list", { name: "On the table" }).waitFor();
  await shoot("sort");
  await page.getByRole("tab", { name: "Spellings of a sound" }).click();
  await pick(page, "The sound of: choose", "ck");
  await page.locator('[data-gpc="ck=k"]').waitFor();
  await page.goto(`${server.address}/ears-only`);
  await alive(page);
  await page.locator("[data-item]").nth(19).waitFor();
  await page.getByLabel("Title of the set").fill("Monday, for the ears");
  await page.getByRole("button", { name: "To the plan" }).click();
  await page.getByText("In the next lesson").waitFor();
  await page.getByText("In the next lesson").waitFor({ state: "detached" });
  await shoot("ears-only");
  await page.goto(`${server.address}/plan`);
  await alive(page);
  await page.getByRole("list", { name: "Activities" }).waitFor();
  await page.getByLabel("Time there is").selectOption("30");
  await page.getByRole("button", { name: "Draft the lesson" }).click();
  await page.locator("[data-kind=read-chain]").waitFor();
  await shoot("plan");
  await page.getByRole("link", { name: "Print" }).first().click();
  await page.waitForURL(/print/);
  await shoot("paper");
  await page.goto(`${server.address}/packs`);
  await alive(page);
  await page.getByRole("region", { name: "Knot" }).waitFor();
  await shoot("packs");
  await page.goto(`${server.address}/settings`);
  await alive(page);
  await shoot("settings");
  await page.goto(`${server.address}/groups`);
  await alive(page);
  await page.getByRole("link", { name: "What is taught" }).first().click();
  await page.locator('[data-token="ng=ŋ"]').click();
  await page.locator('[data-token="ch=tʃ"]').click();
  await page.locator('[data-token="ch=tʃ"]').scrollIntoViewIfNeeded();
  await shoot("taught");
  await page.getByRole("button", { name: "Back to the step alone" }).click();
  await page.goto(`${server.address}/sequences/new?from=phased`);
  await alive(page);
  await page.getByLabel("Spellings, step 3", { exact: true }).fill("g, o, ow, ck@top");
  await page.getByText("2 things to mend").waitFor();
  await shoot("sequence");
  page.once("dialog", (dialog) => dialog.accept());
  await page.goto(`${server.address}/texts`);
  await alive(page);
  await page.locator(".cm-content").click();
  await page.keyboard.insertText(
    "The old fox sat in the shed with a hen. Seth and the naughty kitten got on the ship.\nThe chick is in the sack.",
  );
  await page.getByRole("tab", { name: /^Words/ }).click();
  await page.getByRole("list", { name: "Words that do not fit" }).waitFor();
  await shoot("texts");
  await page.goto(`${server.address}/evidence`);
  await alive(page);
  await page.locator("tbody button").first().waitFor();
  await shoot("evidence");
  await page.goto(server.address);
  await alive(page);
  await page.getByRole("article", { name: "Turnstones" }).getByRole("link", { name: "Make a chain" }).click();
  await page.waitForURL(/bench/);
  await alive(page);
  await page.getByRole("button", { name: "Start empty" }).click();
  for (const word of ["pin", "pine", "vine"]) {
    await page.getByLabel("Or type a word").fill(word);
    await page.getByRole("status").filter({ hasText: "Fits" }).waitFor();
    await page.keyboard.press("Enter");
  }
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/teach/);
  await alive(page);
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press(" ");
  await page.keyboard.press("Enter");
  await shoot("teach");
  await page.locator('[data-unit="1"]').click();
  await page.keyboard.press("Escape");
  await page.keyboard.press("h");
  await page.getByRole("form").getByRole("textbox").fill("m i k");
  await page.getByRole("form").getByRole("status").filter({ hasText: " as " }).waitFor();
  await shoot("teach-typed");
  await page.keyboard.press("Escape");
  await page.setViewportSize(PHONE);
  await shoot("teach-phone");
  await page.setViewportSize(LAPTOP);
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "Build it with tiles" }).click();
  await page.keyboard.press("ArrowRight");
  await page.getByRole("button", { name: "Take p off" }).click();
  await page.getByRole("button", { name: "A box for each sound" }).click();
  await shoot("build");
} finally {
  await browser.close();
  await server.stop();
  server.remove();
}
