/**
 * Starts the built server on this machine alone and says where it is: `node dist/server/entry.mjs`, or `npm start`.
 *   ZIP_STEP_DATA   folder for the records (default data/zip-step)
 *   ZIP_STEP_PORT   port (default 4321)
 *   ZIP_STEP_HOSTS  further names under which it may be asked for
 *   ZIP_STEP_WARM   0 to leave out what makes the first lesson quick to draft
 *   ZIP_STEP_DEMO   1 to plant the demo's reading room in an empty folder
 */
import { dirname, resolve } from "node:path";
import { fileURLToPath, pathToFileURL } from "node:url";
import { noteWork } from "../collect-at-rest.ts";
import { LISTENS_ON } from "./hosts.ts";
import { type Handler, makeServer } from "./serve.ts";

// Records are their owner's alone, whatever is written.
process.umask(0o077);
const here = dirname(fileURLToPath(import.meta.url));
process.env["ZIP_STEP_ROOT"] ??= resolve(here, "../..");
process.env["NODE_ENV"] ??= "production";

const asked = process.env["HOST"];
if (asked !== undefined && !["", "localhost", LISTENS_ON, "::1"].includes(asked))
  console.error(
    `Zip Step listens on this machine only (${LISTENS_ON}), not on ${asked}: before others may reach it there has to be sign-in, and there is none yet.`,
  );

const port = Number(process.env["ZIP_STEP_PORT"] ?? process.env["PORT"] ?? 4321);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(
    `ZIP_STEP_PORT must be a number from 1 to 65535, not "${process.env["ZIP_STEP_PORT"] ?? process.env["PORT"]}".`,
  );
  process.exit(1);
}

const { handler } = (await import(pathToFileURL(resolve(here, "app.mjs")).href)) as { handler: Handler };
const server = makeServer({ handler, files: resolve(here, "../client") });
const isListening = await new Promise<boolean>((answer) => {
  server.once("error", () => answer(false));
  server.listen(port, LISTENS_ON, () => answer(true));
});
if (!isListening) {
  console.error(`Port ${port} is busy: another program (or another Zip Step) uses it.`);
  console.error(
    `Stop that one, or pick another port: ZIP_STEP_PORT=${port === 4322 ? 4323 : 4322} npm ${process.env["ZIP_STEP_DEMO"] === "1" ? "run demo" : "start"}`,
  );
  process.exit(1);
}

const address = `http://${LISTENS_ON}:${port}`;
const health = await fetch(`${address}/api/health`);
if (!health.ok) {
  const { error } = (await health.json()) as { error: { message: string; hint: string } };
  console.error(`${error.message}\n${error.hint}`);
  process.exit(1);
}
noteWork();
server.on("request", noteWork);
process.stdout.write(`Zip Step is at ${address}\n`);

/** How many links away from Today a screen may be to be made ready. */
const LINKS_AWAY = 2;

/**
 * Makes ready what the first questions would wait for: the word list, then the code of every screen, found by the links
 * that lead to it; asked for twice, it has been made fast. It may fail: then the first ones take longer, and nothing else.
 */
async function warmUp(): Promise<void> {
  await fetch(`${address}/api/warm-up`, { method: "POST" });
  const screens = new Map([["/", "/"]]);
  for (let away = 0, last = ["/"]; away <= LINKS_AWAY && last.length > 0; away++) {
    const pages = [];
    for (const path of last) pages.push(await (await fetch(address + path)).text());
    const links = pages.flatMap((page) =>
      [...page.matchAll(/href="(\/[^"#]*)"/g)].map(([, href = ""]) => href.replaceAll("&amp;", "&")),
    );
    last = links.filter((href) => {
      const screen = screenOf(href);
      if (screen === undefined || screens.has(screen)) return false;
      screens.set(screen, href);
      return true;
    });
  }
  for (const href of screens.values()) await (await fetch(address + href)).text();
}

/** What kind of screen a link leads to: one group's is as good as another's. Undefined for files and endpoints. */
function screenOf(href: string): string | undefined {
  const { pathname } = new URL(href, address);
  const [, first = "", second] = pathname.split("/");
  if (first.includes(".") || first === "api" || first.startsWith("_")) return undefined;
  return second === undefined ? `/${first}` : `/${first}/:id`;
}

// While the first page is being looked at.
if (process.env["ZIP_STEP_WARM"] !== "0") warmUp().catch(() => undefined);
