import { spawn } from "node:child_process";
import { cpSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { networkInterfaces } from "node:os";
import { join } from "node:path";
import { groupNamed } from "./made.ts";
import { alive, expect, freePort, PLANTED_FOLDER, runToEnd, test } from "./server.ts";

/** A data folder: making a new one takes longer than what is looked at here. */
function copyOfDemo(folder: string): string {
  cpSync(process.env[PLANTED_FOLDER] as string, folder, { recursive: true });
  return folder;
}

test("a second process on the same folder is refused with a clear line", async ({ server }) => {
  const { code, output } = await runToEnd({ folder: server.folder, port: await freePort() });
  expect(code).toBe(1);
  expect(output).toContain("is in use by another Zip Step (process");
  expect(output).toContain("ZIP_STEP_DATA=");
});

test("a busy port says so and how to pick another", async ({ server }) => {
  const { code, output } = await runToEnd({ folder: `${server.folder}-other`, port: server.port });
  expect(code).toBe(1);
  expect(output).toContain(`Port ${server.port} is busy`);
  expect(output).toContain("ZIP_STEP_PORT=");
});

test("it listens on this machine alone, however it is started, and says why", async ({ server }) => {
  const port = await freePort();
  const folder = copyOfDemo(`${server.folder}-open`);
  const child = spawn("node", ["dist/server/entry.mjs"], {
    env: {
      ...process.env,
      HOST: "0.0.0.0",
      PORT: String(port),
      ZIP_STEP_DATA: folder,
      ZIP_STEP_WARM: "0",
    },
    stdio: ["ignore", "pipe", "pipe"],
  });
  let said = "";
  for (const stream of [child.stdout, child.stderr]) stream.on("data", (data) => (said += data));
  await expect.poll(() => said, { timeout: 60_000 }).toContain("Zip Step is at");
  expect(said).toContain("before others may reach it there has to be sign-in");
  expect((await fetch(`http://127.0.0.1:${port}/api/health`)).status).toBe(200);
  const others = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  for (const { address, family, internal } of others)
    if (!internal && family === "IPv4")
      await expect(fetch(`http://${address}:${port}/api/health`), address).rejects.toThrow();
  child.kill("SIGKILL");
  rmSync(folder, { recursive: true, force: true });
});

for (const signal of ["SIGINT", "SIGKILL"] as const)
  test(`started as by npm start it gives the records back when that is ended by ${signal}`, async ({ server }) => {
    const folder = copyOfDemo(`${server.folder}-${signal}`);
    const port = await freePort();
    const begin = "import('./scripts/lib/serve-in-child.mjs').then(({ serveInChild }) => serveInChild())";
    const child = spawn("node", ["-e", begin], {
      env: { ...process.env, ZIP_STEP_DATA: folder, ZIP_STEP_PORT: String(port), ZIP_STEP_WARM: "0" },
      stdio: ["ignore", "pipe", "inherit"],
    });
    let said = "";
    child.stdout.on("data", (data) => (said += data));
    await expect.poll(() => said, { timeout: 60_000 }).toContain("Zip Step is at");
    child.kill(signal);
    await expect(async () => {
      await expect(fetch(`http://127.0.0.1:${port}/api/health`)).rejects.toThrow();
      expect(readdirSync(folder).filter((name) => name.startsWith("in-use-by"))).toEqual([]);
    }).toPass({ timeout: 30_000 });
    rmSync(folder, { recursive: true, force: true });
  });

test("addresses that name nothing answer 404 in words", async ({ page, server }) => {
  const nowhere = "00000000-0000-4000-8000-000000000000";
  for (const path of [
    `/teach/${nowhere}`,
    "/teach/rubbish",
    `/evidence?group=${nowhere}`,
    "/nothing",
    "/bench?group=rubbish",
  ]) {
    const answer = await page.goto(server.address + path);
    expect(answer?.status(), path).toBe(404);
    await expect(page.getByText("Nothing here"), path).toBeVisible();
    await expect(page.locator("[aria-current=page]"), path).toHaveCount(0);
  }
});

test("nothing is fetched from outside, and no script holds the word list: workers fetch it", async ({
  page,
  server,
}) => {
  const asked: string[] = [];
  page.on("request", (request) => asked.push(request.url()));
  for (const path of ["/", "/bench", "/evidence"]) await page.goto(server.address + path, { waitUntil: "networkidle" });
  expect(asked.filter((url) => !url.startsWith(server.address) && !url.startsWith("data:"))).toEqual([]);
  const folder = "dist/client/_astro";
  const holding = readdirSync(folder).filter(
    (file) => file.endsWith(".js") && readFileSync(join(folder, file), "utf8").includes("th.r.ough"),
  );
  expect(holding).toEqual([]);
  expect(asked.filter((url) => /\/lexicon[^/]*\.json$/.test(url)).length).toBeGreaterThan(0);
});

test("a word list that does not come is said, and asked for again with the next question", async ({
  browser,
  server,
}) => {
  // What fails here is meant to: not in the context in which nothing may.
  const context = await browser.newContext();
  const page = await context.newPage();
  await context.route(/\/lexicon[^/]*\.json$/, (route) => route.abort());
  const { id } = await groupNamed(page, server, "Plovers");
  await page.goto(`${server.address}/bench?group=${id}&start=empty`);
  await alive(page);
  await page.getByRole("button", { name: "Make a chain" }).click();
  // Other questions of the page fail as well, perhaps sooner: this one must have failed before it is asked again.
  await expect(page.getByRole("button", { name: "Stop", exact: true })).toBeHidden();
  await expect(page.getByText("Looking failed.")).toBeVisible();
  await context.unroute(/\/lexicon[^/]*\.json$/);
  await page.getByRole("button", { name: "Make a chain" }).click();
  await expect(page.locator("ol[aria-label=Chain] [data-word]").nth(3)).toBeVisible();
  await context.close();
});

test("addresses that screens once had lead to where they are now, with what was asked", async ({ page, server }) => {
  for (const [old, now] of [
    ["/see?way=built", "/evidence?way=built"],
    ["/ears", "/ears-only"],
  ]) {
    await page.goto(server.address + old);
    expect(page.url()).toBe(server.address + now);
  }
});
