/**
 * The second half of `npm run bench`: the built application in Debian's Chromium over a data folder of its own, as
 * medians. Needs a build. Never part of the tests.
 */
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Page } from "@playwright/test";
import config from "../playwright.config.ts";
import type { ScriptImports } from "../src/server/http/named-scripts.ts";
import { freePort } from "../tests/browser/server.ts";

const PORT = await freePort();
const ADDRESS = `http://127.0.0.1:${PORT}`;
const folder = mkdtempSync(join(tmpdir(), "zip-step-bench-"));
const server = spawn("node", ["scripts/serve.mjs"], {
  env: { ...process.env, ZIP_STEP_DATA: folder, ZIP_STEP_PORT: String(PORT), ZIP_STEP_DEMO: "1" },
  stdio: ["ignore", "pipe", "inherit"],
});
await new Promise<void>((resolve, reject) => {
  server.stdout.on("data", (data: Buffer) => data.includes("Zip Step is at") && resolve());
  server.once("exit", () => reject(new Error("the server did not start: run npm run build first")));
});

const rows: { what: string; measured: string; aim: string }[] = [];
const sorted = (values: readonly number[]) => [...values].sort((a, b) => a - b);
const median = (values: readonly number[]) => sorted(values)[Math.floor(values.length / 2)] ?? Number.NaN;
const worst = (values: readonly number[]) => sorted(values).at(-1) ?? Number.NaN;
const ms = (value: number) => `${value.toFixed(value < 20 ? 1 : 0)} ms`;
const spread = (values: readonly number[]) => `${ms(median(values))}, worst of ${values.length} ${ms(worst(values))}`;
const hydrated = (page: Page) =>
  page.waitForFunction(() => document.readyState !== "loading" && document.querySelector("astro-island[ssr]") === null);

const kB = (bytes: number) => `${(bytes / 1024).toFixed(1)} kB`;

const imports = JSON.parse(readFileSync("dist/server/script-imports.json", "utf8")) as ScriptImports;

/**
 * Adds up the scripts that a page has to fetch before all of it listens: those of its parts and what stands in the page
 * itself; what a part fetches of its own accord once it listens (an editor, menus) is not among them.
 *
 * @returns asks for the sum, in bytes, compressed as they are sent
 */
function scriptsOf(page: Page): () => Promise<number> {
  const sizes = new Map<string, Promise<number>>();
  page.on("requestfinished", (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.endsWith(".js"))
      sizes.set(
        pathname,
        request.sizes().then(({ responseBodySize }) => responseBodySize),
      );
  });
  return async () => {
    const named = await page.evaluate(() =>
      [...document.querySelectorAll("astro-island, script[src]")].flatMap((part) =>
        ["component-url", "renderer-url", "src"].map((name) => part.getAttribute(name) ?? ""),
      ),
    );
    const needed = new Set(named.flatMap((script) => [script, ...(imports[script] ?? [])]));
    const sent = await Promise.all([...sizes].map(([script, size]) => (needed.has(script) ? size : 0)));
    return sent.reduce((sum, size) => sum + size, 0);
  };
}

/** A teacher's own pace: the rest of a screen has followed one press before the next. */
const BETWEEN_PRESSES_MS = 400;

/** From each key press to after the frame that shows it, in ms, by key, with the CPU slowed down four times. */
async function pressToFrame(page: Page, keys: readonly string[], rounds: number): Promise<Record<string, number[]>> {
  const slow = await page.context().newCDPSession(page);
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await page.evaluate(() => {
    const waits: Record<string, number[]> = {};
    Object.assign(window, { waits });
    addEventListener(
      "keydown",
      ({ key, timeStamp }) => {
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => {
            waits[key] ??= [];
            waits[key].push(performance.now() - timeStamp);
          };
          port2.postMessage(0);
        });
      },
      true,
    );
  });
  for (let round = 0; round < rounds; round++)
    for (const key of keys) {
      await page.keyboard.press(key);
      await page.waitForTimeout(BETWEEN_PRESSES_MS);
    }
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  return page.evaluate(() => (window as unknown as { waits: Record<string, number[]> }).waits);
}

/** From the press that leads to the bench, in ms: when its first chain listens; shows a press on a word; all listens. */
interface FirstChainTimes {
  readonly listens: number;
  readonly answers: number;
  readonly all: number;
}

/** Runs in the page, before anything of it. Presses the fourth word in the frame after it came. */
const watchFirstChain = `(() => {
  const times = (window.firstChain = {});
  let pressed;
  const ROW = "ol[aria-label=Chain] [data-word]";
  const watch = new MutationObserver(() => {
    const now = performance.now();
    const word = document.querySelectorAll(ROW)[3];
    if (word && !pressed) {
      pressed = word.dataset.word;
      const press = () => document.querySelector('[data-word="' + pressed + '"] button[aria-pressed]').click();
      requestAnimationFrame(() => setTimeout(press));
    }
    if (document.querySelector("astro-island:not([ssr]) " + ROW)) times.listens ??= now;
    if (pressed && document.querySelector('[data-word="' + pressed + '"][data-current-word]')) times.answers ??= now;
    if (document.readyState !== "loading" && !document.querySelector("astro-island[ssr]")) times.all ??= now;
  });
  const attributeFilter = ["ssr", "data-current-word"];
  watch.observe(document, { subtree: true, childList: true, attributes: true, attributeFilter });
})()`;

const browser = await chromium.launch(config.use?.launchOptions ?? {});
try {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const groups = (await (await page.request.get(`${ADDRESS}/api/groups`)).json()) as { id: string; name: string }[];
  const group = groups.find(({ name }) => name === "Plovers");
  if (!group) throw new Error("the demo has no Plovers");

  // A drafted lesson, by the endpoint: seeds differ, so nothing is remembered.
  const drafting: number[] = [];
  for (let seed = 0; seed < 12; seed++) {
    const from = performance.now();
    await page.request.post(`${ADDRESS}/api/groups/${group.id}/plan`, {
      data: { focus: ["sh=ʃ"], contrasts: [], minutes: 30, seed },
    });
    drafting.push(performance.now() - from);
  }
  rows.push({ what: "first lesson drafted after a start", measured: ms(drafting[0] as number), aim: "–" });
  rows.push({ what: "lesson of 30 minutes drafted", measured: spread(drafting.slice(2)), aim: "300 ms" });

  const started = await page.request.post(`${ADDRESS}/api/sessions`, { data: { groupId: group.id, lesson: true } });
  const { id } = (await started.json()) as { id: string };
  const teach = `${ADDRESS}/teach/${id}`;

  // The first load: every script the page has to have, with nothing in the cache.
  const scripts = scriptsOf(page);
  await page.goto(teach, { waitUntil: "networkidle" });
  rows.push({ what: "script of Teach, as it is sent", measured: kB(await scripts()), aim: "120 kB" });
  const loads: number[] = [];
  for (let k = 0; k < 7; k++) {
    const fresh = await browser.newContext();
    const one = await fresh.newPage();
    const from = performance.now();
    await one.goto(teach, { waitUntil: "commit" });
    await hydrated(one);
    loads.push(performance.now() - from);
    await fresh.close();
  }
  rows.push({ what: "Teach usable, empty cache", measured: spread(loads), aim: "1 s" });

  // The word list in the bench's worker: from the worker's start, its script and the list's download included.
  const listOpen: number[] = [];
  for (let k = 0; k < 5; k++) {
    const fresh = await browser.newContext();
    const bench = await fresh.newPage();
    const worker = bench.waitForEvent("worker");
    await bench.goto(`${ADDRESS}/bench?start=empty`);
    const marks = async () =>
      (await worker).evaluate(() => performance.getEntriesByName("word list open").map(({ startTime }) => startTime));
    while ((await marks()).length === 0) await bench.waitForTimeout(50);
    listOpen.push(...(await marks()));
    await fresh.close();
  }
  rows.push({ what: "word list open in the worker, from its start", measured: spread(listOpen), aim: "150 ms" });

  // Every screen, with an empty cache: its scripts, and how far things move while it comes (layout shift, without unit).
  const SCREENS = ["/", "/bench", "/families", "/ears-only", "/texts", "/plan", "/evidence", "/groups", "/settings"];
  for (const path of [...SCREENS, "/people", "/grouping", "/saved", "/packs", "/week", new URL(teach).pathname]) {
    const fresh = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const one = await fresh.newPage();
    const sent = scriptsOf(one);
    await one.addInitScript(() => {
      Object.assign(window, { shift: 0 });
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries() as unknown as { value: number; hadRecentInput: boolean }[])
          if (!entry.hadRecentInput) (window as unknown as { shift: number }).shift += entry.value;
      }).observe({ type: "layout-shift", buffered: true });
    });
    await one.goto(`${ADDRESS}${path}`, { waitUntil: "load" });
    await hydrated(one);
    const script = kB(await sent());
    await one.waitForTimeout(2500);
    const shift = await one.evaluate(() => (window as unknown as { shift: number }).shift);
    const isTeach = path.startsWith("/teach");
    rows.push({
      what: `${isTeach ? "Teach" : path}: script at first load, as it is sent; layout shift`,
      measured: `${script}; ${shift.toFixed(3)}`,
      aim: `${isTeach ? 120 : 200} kB; 0.05`,
    });
    await fresh.close();
  }

  // The bench with its first chain, its files in the cache, at four times CPU slowdown. The page watches itself: a tool that
  // asks it meanwhile takes a fifth of the time measured. What lies on every screen (go to, word cards, waiting marks) comes
  // when the browser has nothing else to do.
  const benchContext = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await benchContext.addInitScript(watchFirstChain);
  const firstChains: FirstChainTimes[] = [];
  for (let k = 0; k < 9; k++) {
    const bench = await benchContext.newPage();
    const slow = await benchContext.newCDPSession(bench);
    await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
    await bench.goto(`${ADDRESS}/bench?group=${group.id}`, { waitUntil: "commit" });
    let times: Partial<FirstChainTimes>;
    do {
      await bench.waitForTimeout(4000);
      times = await bench.evaluate(() => (window as unknown as { firstChain: Partial<FirstChainTimes> }).firstChain);
    } while (!times.listens || !times.answers || !times.all);
    // The first two fill the cache.
    if (k > 1) firstChains.push(times as FirstChainTimes);
    await bench.close();
  }
  await benchContext.close();
  const firstChainRows = {
    listens: "bench listens, with its first chain, warm, CPU 4x slower",
    answers: "a press on a word, made as soon as it is drawn, is answered",
    all: "all that lies on every screen listens as well",
  };
  for (const [time, what] of Object.entries(firstChainRows))
    rows.push({
      what,
      measured: spread(firstChains.map((times) => times[time as keyof FirstChainTimes])),
      aim: "1.5 s",
    });

  // A key press to the frame that shows it, at four times CPU slowdown; beside it what the browser itself takes on this
  // machine, for a page that has one letter and changes it.
  const bare = await context.newPage();
  await bare.setContent("<p id=p>a</p>");
  await bare.evaluate(() => {
    const letter = document.getElementById("p");
    addEventListener("keydown", () => {
      if (letter) letter.textContent = letter.textContent === "a" ? "b" : "a";
    });
  });
  const floor = (await pressToFrame(bare, [" "], 40))[" "] ?? [];
  await bare.close();
  rows.push({ what: "key press to frame, CPU 4x slower: a bare page", measured: spread(floor), aim: "the floor" });
  await page.goto(teach);
  await hydrated(page);
  await page.getByRole("button", { name: /^Activity:/ }).click();
  await page.getByRole("menuitem", { name: /Read a chain/ }).click();
  await page.bringToFront();
  // On and back, so that it stays in the chain.
  const waits = await pressToFrame(page, [" ", " ", "ArrowRight", "2", "Enter", "m", "c", " ", "ArrowLeft"], 12);
  const WHAT = { " ": "next moment", ArrowRight: "next word", Enter: "mark", "2": "turn", m: "turn sign", c: "change" };
  for (const [key, what] of Object.entries(WHAT))
    rows.push({
      what: `the same in Teach: ${what}`,
      measured: spread(waits[key] ?? []),
      aim: "50 ms, worst 100 ms",
    });

  // The learners' view, from the press in one window to the change in the other.
  const opening = context.waitForEvent("page");
  await page.getByRole("button", { name: "Learners' view" }).click();
  const view = await opening;
  await hydrated(view);
  const clock = "performance.timeOrigin + performance.now()";
  await view.evaluate(`
    window.changes = [];
    new MutationObserver(() => window.changes.push(${clock})).observe(document.querySelector("main"), { subtree: true, childList: true, attributes: true });
  `);
  await page.bringToFront();
  await page.evaluate(`window.presses = []; addEventListener("keydown", () => window.presses.push(${clock}), true)`);
  for (let k = 0; k < 20; k++) {
    await page.keyboard.press(k % 10 < 9 ? " " : "ArrowLeft");
    await page.waitForTimeout(150);
  }
  const presses = (await page.evaluate("window.presses")) as number[];
  const changes = (await view.evaluate("window.changes")) as number[];
  const following = presses
    .flatMap((press) => changes.find((change) => change > press) ?? [])
    .map((change, k) => change - (presses[k] as number));
  rows.push({ what: "learners' view follows", measured: spread(following), aim: "50 ms" });
} finally {
  await browser.close();
  server.kill();
  rmSync(folder, { recursive: true, force: true });
}
console.table(rows);
