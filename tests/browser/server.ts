import { type ChildProcess, spawn } from "node:child_process";
import { cpSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { test as base, expect, type Locator, type Page } from "@playwright/test";
import { freePort } from "../free-port.ts";

/** A built Zip Step in a process of its own, on a data folder of its own, that can be stopped and started. */
export class Server {
  readonly folder = mkdtempSync(join(tmpdir(), "zip-step-browser-"));
  readonly port: number;
  readonly #demo: boolean;
  #process: ChildProcess | undefined;

  /** @param demo false for an installation in which nothing has been made */
  constructor(port: number, { demo = true }: { readonly demo?: boolean } = {}) {
    this.port = port;
    this.#demo = demo;
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const child = spawnServer({ folder: this.folder, port: this.port, demo: this.#demo });
    this.#process = child;
    const { code, output } = await new Promise<{ code: number | null; output: string }>((resolve) => {
      let output = "";
      const read = (data: Buffer) => {
        output += data;
        if (output.includes("Zip Step is at")) resolve({ code: 0, output });
      };
      child.stdout?.on("data", read);
      child.stderr?.on("data", read);
      child.once("exit", (code) => resolve({ code, output }));
    });
    if (code !== 0) throw new Error(`The server did not start: ${output}`);
  }

  /** Ends the process: politely, or as a crash would. */
  async stop(signal: "SIGTERM" | "SIGKILL" = "SIGTERM"): Promise<void> {
    const child = this.#process;
    if (!child || child.exitCode !== null) return;
    const ended = new Promise((resolve) => child.once("exit", resolve));
    child.kill(signal);
    await ended;
  }

  remove(): void {
    rmSync(this.folder, { recursive: true, force: true });
  }
}

export function spawnServer(on: { folder: string; port: number; demo?: boolean }): ChildProcess {
  return spawn("node", ["scripts/serve.mjs"], {
    env: {
      ...process.env,
      ZIP_STEP_DATA: on.folder,
      ZIP_STEP_PORT: String(on.port),
      ZIP_STEP_DEMO: on.demo === false ? "0" : "1",
      // Two processors have enough to do.
      ZIP_STEP_WARM: "0",
    },
    stdio: ["ignore", "pipe", "pipe"],
  });
}

/** Runs a server until it ends by itself and gives what it said. */
export async function runToEnd(on: { folder: string; port: number }): Promise<{ code: number | null; output: string }> {
  const child = spawnServer(on);
  let output = "";
  child.stdout?.on("data", (data) => (output += data));
  child.stderr?.on("data", (data) => (output += data));
  const code = await new Promise<number | null>((resolve) => child.once("exit", resolve));
  return { code, output };
}

/** Environment variable with the path of a data folder in which the demo is planted (`plant-once.ts`). */
export const PLANTED_FOLDER = "ZIP_STEP_TEST_PLANTED";

/** Tests get a server with the demo planted, one for each worker. */
export const test = base.extend<object, { server: Server }>({
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

export { expect, freePort };
