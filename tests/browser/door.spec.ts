import { readdirSync } from "node:fs";
import { createServer, type Server as HttpServer } from "node:http";
import type { AddressInfo } from "node:net";
import { chromium, type Page } from "@playwright/test";
import { chromiumPath } from "../../scripts/lib/chromium.mjs";
import { inFull } from "../in-full.ts";
import { expect, type Server, test } from "./server.ts";

/** A page on the internet, and what it can do to us. */
let foreign: HttpServer;
let foreignPort: number;

test.beforeAll(async () => {
  foreign = createServer((_, response) => {
    response.setHeader("content-type", "text/html");
    response.end("<!doctype html><title>elsewhere</title><body></body>");
  });
  await new Promise<void>((ready) => foreign.listen(0, "127.0.0.1", ready));
  foreignPort = (foreign.address() as AddressInfo).port;
});
test.afterAll(() => foreign.close());

const groupsOf = async ({ address }: Server) => (await (await fetch(`${address}/api/groups`)).json()) as unknown[];

test("a name on the internet that leads to this machine reads nothing and makes nothing", async ({ server }) => {
  const executablePath = chromiumPath();
  const browser = await chromium.launch({
    ...(executablePath && { executablePath }),
    args: ["--no-sandbox", "--host-resolver-rules=MAP evil.test 127.0.0.1"],
  });
  try {
    const page = await browser.newPage();
    const before = await groupsOf(server);
    const answer = await page.goto(`http://evil.test:${server.port}/`);
    expect(answer?.status()).toBe(421);
    // The page that asks came from elsewhere, before the name was turned to us.
    const theirs = `http://evil.test:${server.port}/theirs`;
    await page.route(theirs, (route) => route.fulfill({ contentType: "text/html", body: "<title>theirs</title>" }));
    await page.goto(theirs);
    const asked = await page.evaluate(() => {
      const made = {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ name: "Theirs", sequenceId: "phased", step: 1, learners: [] }),
      };
      // Some browsers let such a page ask this machine nothing at all.
      const status = (init?: RequestInit) =>
        fetch("/api/groups", init).then(
          (answer) => answer.status,
          () => 421,
        );
      return Promise.all([status(), status(made)]);
    });
    expect(asked).toEqual([421, 421]);
    expect(await groupsOf(server)).toEqual(before);
  } finally {
    await browser.close();
  }
});

test("another site's page can link here, and do nothing else", async ({ page, server }) => {
  const before = await groupsOf(server);
  await page.goto(`http://localhost:${foreignPort}/`);
  const address = server.address;
  const tried = await page.evaluate(async (address) => {
    const loads = (element: HTMLElement & { src?: string }) =>
      new Promise<string>((done) => {
        element.onload = () => done("loaded");
        element.onerror = () => done("refused");
        document.body.append(element);
      });
    const image = Object.assign(new Image(), { src: `${address}/icon.svg` });
    const script = Object.assign(document.createElement("script"), { src: `${address}/api/groups` });
    const asked = (method: string, type: string) =>
      fetch(`${address}/api/groups`, {
        method,
        mode: "no-cors",
        headers: { "content-type": type },
        ...(method === "POST" && { body: "{}" }),
      })
        .then((answer) => answer.type)
        .catch(() => "refused");
    return [
      await loads(image),
      await loads(script),
      await asked("GET", "text/plain"),
      await asked("POST", "text/plain"),
    ];
  }, address);
  expect(tried.slice(0, 2)).toEqual(["refused", "refused"]);
  expect(tried.slice(2).every((type) => type === "opaque" || type === "refused")).toBe(true);

  // A form sends its reader here; what it sends is not taken.
  await page.setContent(
    `<form method="post" action="${address}/api/groups" enctype="text/plain"><input name='{"name":"Theirs","x":"' value='"}'><button>Win</button></form>`,
  );
  await Promise.all([page.waitForEvent("framenavigated"), page.getByRole("button").click()]);
  expect(await groupsOf(server)).toEqual(before);

  // In a frame stands nothing of ours.
  await page.goto(`http://localhost:${foreignPort}/`);
  await page.setContent(`<iframe src="${address}/"></iframe>`);
  await expect.poll(() => framedText(page)).not.toContain("Plovers");
});

const framedText = async (page: Page): Promise<string> =>
  (await page
    .frames()[1]
    ?.evaluate(() => document.body?.innerText ?? "")
    .catch(() => "")) ?? "";

test("every screen comes with its policy", async ({ server }) => {
  for (const path of [
    "/",
    "/bench",
    "/families",
    "/ears-only",
    "/plan",
    "/evidence",
    "/groups",
    "/people",
    "/grouping",
    "/backups",
    "/week",
  ]) {
    const answer = await fetch(`${server.address}${path}`);
    const policy = answer.headers.get("content-security-policy") ?? "";
    await answer.text();
    expect(policy, path).toContain("frame-ancestors 'none'");
    expect(/script-src[^;]*/.exec(policy)?.[0], path).not.toMatch(/unsafe|data:|http/);
  }
});

test("a screen names the scripts of its own part, and fetches each of them once", async ({ page, server }) => {
  const fetched: string[] = [];
  page.on("request", (request) => {
    if (request.url().endsWith(".js")) fetched.push(new URL(request.url()).pathname);
  });
  const answer = await page.goto(`${server.address}/bench`);
  const html = (await answer?.text()) ?? "";
  const named = [...html.matchAll(/<link rel="modulepreload" href="([^"]*)">/g)].map(([, href = ""]) => href);
  expect(html).toMatch(/<\/html>\s*$/);
  const own = await page.locator("astro-island[client=load]").first().getAttribute("component-url");
  expect(named).toContain(own);
  await page.locator("astro-island[client=load]:not([ssr])").first().waitFor({ state: "attached" });
  // The rest of the page comes once its own part listens.
  await expect(page.locator("astro-island[ssr]")).toHaveCount(0);
  // Named twice, or named and asked for in another way, it would be fetched twice.
  const ofOurs = fetched.filter((path) => named.includes(path));
  expect(ofOurs.sort()).toEqual([...named].sort());
});

test("an address that means nothing is answered in words, drawn as every screen, whatever stands in it", async ({
  server,
}) => {
  const screens = readdirSync("src/pages", { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith(".astro"))
    .map((file) => `/${file.replace(/(?:^|\/)index\.astro$/, "").replace(/\.astro$/, "")}`)
    .filter((path) => path !== "/404" && path !== "/500");
  expect(screens.length).toBeGreaterThan(20);
  const NOBODY = "00000000-0000-4000-8000-000000000000";
  const wrongs = ["x", NOBODY, "%00", "%ED%A0%80", "'", "[id]"];
  // Those that one screen is not asked with, the next one is.
  for (const [k, screen] of screens.entries())
    for (const wrong of wrongs.filter((_, n) => (n + k) % inFull(3, 1) === 0)) {
      const names = ["group", "learner", "set", "chain", "words", "way", "from", "for", "template", "sheet", "copies"];
      const path = `${screen.replace("[id]", wrong)}?${names.map((name) => `${name}=${wrong}`).join("&")}`;
      const answer = await fetch(`${server.address}${path}`, { redirect: "manual" });
      expect(answer.status, path).toBeLessThan(500);
      if (!answer.headers.get("content-type")?.startsWith("text/html")) continue;
      // Without its own styles it would stand there in bare letters.
      expect(answer.headers.get("content-security-policy"), path).toContain("style-src 'self'");
      await answer.text();
    }
});

test("a button that is pressed twice makes one group", async ({ page, server }) => {
  await page.goto(server.address);
  const twice = await page.evaluate(async () => {
    const make = () =>
      fetch("/api/groups", {
        method: "POST",
        headers: { "content-type": "application/json", "idempotency-key": "pressed-twice" },
        body: JSON.stringify({ name: "Sandlings", sequenceId: "phased", step: 1, learners: ["Ruff"] }),
      }).then((answer) => answer.json());
    return Promise.all([make(), make()]);
  });
  expect(twice[0].id).toBe(twice[1].id);
  const names = ((await groupsOf(server)) as { name: string }[]).filter(({ name }) => name === "Sandlings");
  expect(names).toHaveLength(1);
});
