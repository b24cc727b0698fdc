import { cpSync } from "node:fs";
import { type BrowserContext, test as base, expect, type Locator, type Page } from "@playwright/test";
import config from "../../playwright.config.ts";
import { freePort } from "../free-port.ts";
import { runToEnd, Server } from "./server-process.ts";

/** Environment variable with the path of a data folder in which the demo is planted: by `scripts/test.mjs`, or `plant-once.ts`. */
export const PLANTED_FOLDER = "ZIP_STEP_TEST_PLANTED";

/**
 * Tests get a server with the demo planted, one for each worker, and a page in which nothing is remembered of the tests
 * before; the groups that a test makes are taken out after it. None passes in which a script of a page fails, or does what
 * the page's policy forbids.
 *
 * The pages of a worker are in one context, and in one process of Chromium (`--process-per-site`) that a page without a
 * script keeps: it is not started anew for each test, and has the scripts compiled. So the same 14 tests took 154 s of
 * processor in place of 165 (in turn, twice, 1 December 2026).
 */
export const test = base.extend<{ groupsTakenOut: undefined }, { server: Server; oneContext: BrowserContext }>({
  groupsTakenOut: [
    async ({ server }, use) => {
      const before = new Set((await groupsOf(server)).map(({ id }) => id));
      await use(undefined);
      for (const { id } of await groupsOf(server)) if (!before.has(id)) await takeOut(server, id);
    },
    { auto: true },
  ],
  oneContext: [
    async ({ browser, server }, use) => {
      const context = await browser.newContext({ viewport: config.use?.viewport });
      refuseWhatStays(context);
      const kept = await context.newPage();
      await kept.goto(`${server.address}/icon.svg`);
      await use(context);
      await context.close();
    },
    { scope: "worker" },
  ],
  context: async ({ oneContext }, use) => {
    const [kept] = oneContext.pages() as [Page];
    const origins = new Set<string>();
    const complaints: string[] = [];
    const note = (page: Page) => {
      page.on("framenavigated", (frame) => origins.add(new URL(frame.url()).origin));
      page.on("pageerror", (error) => complaints.push(`${page.url()}: ${error.message}`));
      page.on("console", (message) => {
        if (isBreach(message.text())) complaints.push(`${page.url()}: ${message.text()}`);
      });
    };
    oneContext.on("page", note);
    await use(oneContext);
    oneContext.off("page", note);
    for (const page of oneContext.pages()) if (page !== kept) await page.close();
    await oneContext.unrouteAll();
    await oneContext.clearCookies();
    const session = await oneContext.newCDPSession(kept);
    for (const origin of origins) await session.send("Storage.clearDataForOrigin", { origin, storageTypes: "all" });
    await session.detach();
    // Last: the tests after it find nothing of this one.
    expect(complaints, "no script fails, and every screen keeps to its policy").toEqual([]);
  },
  server: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright asks for a destructured first argument
    async ({}, use) => {
      const server = new Server(await freePort());
      cpSync(process.env[PLANTED_FOLDER] as string, server.folder, { recursive: true });
      await server.start();
      await use(server);
      await server.stop();
      server.remove();
    },
    { scope: "worker" },
  ],
});

async function takeOut({ address }: Server, groupId: string): Promise<void> {
  const headers = { "content-type": "application/json" };
  const { ok, status } = await fetch(`${address}/api/groups/${groupId}`, { method: "DELETE", headers });
  if (!ok) throw new Error(`a group stays: the server answered ${status}`);
}

const groupsOf = async ({ address }: Server): Promise<readonly { readonly id: string }[]> =>
  (await fetch(`${address}/api/groups`)).json();

/** A page of ours does what its policy forbids; not: another's page would frame one of ours. */
const isBreach = (said: string) => said.includes("Content Security Policy") && !said.startsWith("Framing ");

/** What a context would keep for all tests after one. */
function refuseWhatStays(context: BrowserContext): void {
  const refuse = () => {
    throw new Error("A context keeps this for every test after it: open one of the test's own (browser.newContext()).");
  };
  const { clock } = context;
  for (const name of ["install", "setFixedTime", "setSystemTime", "pauseAt"] as const) clock[name] = refuse;
  for (const name of ["addInitScript", "exposeFunction", "exposeBinding"] as const) context[name] = refuse;
}

/** Waits until the page's islands listen: before that a press does nothing. */
export async function alive(page: Page): Promise<void> {
  await page.waitForFunction(
    () => document.readyState !== "loading" && document.querySelector("astro-island[ssr]") === null,
  );
  // An island that has begun to listen to the keys has done so by the time the page has nothing to do.
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve, { timeout: 3000 })));
}

/** Follows a link and waits until the page that it leads to listens: the one that is left listens as well. */
export async function follow(page: Page, link: Locator): Promise<void> {
  await Promise.all([page.waitForEvent("framenavigated"), link.click()]);
  await alive(page);
}

/**
 * Moves a row up by keyboard alone. What is announced to a screen reader tells when each key has been taken.
 * @param handle name of the row's handle
 */
export async function moveUpByKeys(page: Page, handle: string): Promise<void> {
  const announced = page.getByRole("status").filter({ hasText: "Draggable item" });
  await page.getByRole("button", { name: handle, exact: true }).focus();
  await page.keyboard.press(" ");
  await expect(announced).toContainText("over droppable area");
  const before = await announced.innerText();
  await page.keyboard.press("ArrowUp");
  await expect(announced).not.toHaveText(before);
  await page.keyboard.press(" ");
}

/** What learners see in a lesson. */
export const shownDisplay = (page: Page) => page.locator("[data-display]");

export { expect, freePort, runToEnd, Server };
