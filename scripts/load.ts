/**
 * `npm run load`: devices that mark once a second on a built Zip Step with the demo in it, and screens asked for beside
 * them, and a backup is made. Prints how long all took. Build first.
 *   npm run load -- <seconds> <devices> <answers>   (default 300 30 0)
 * With answers the thirty learners of a group have given so many before, and its Evidence is among the screens.
 */
import { randomUUID } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openDatabase } from "../src/server/db/database.ts";
import { countWhatIsNot } from "../src/server/evidence/recount.ts";
import { startServer } from "../tests/server/built-server.ts";
import { plantAnswers } from "./lib/plant-answers.ts";
import { FRUGAL } from "./lib/serve-in-child.mjs";

const [seconds = 300, devices = 30, answers = 0] = process.argv.slice(2).map(Number);
const folder = mkdtempSync(join(tmpdir(), "zip-step-load-"));
if (answers > 0) {
  const { db, write, close } = await openDatabase(folder);
  await plantAnswers(db, answers);
  await countWhatIsNot(db, write);
  await close();
}
// Planting takes memory that a process gives back only when it is started anew.
const planting = await startServer(folder, { demo: answers === 0 });
const planted = new Promise((resolve) => planting.child.once("exit", resolve));
planting.child.kill("SIGTERM");
await planted;
// As `npm start` starts it.
Object.assign(process.env, FRUGAL);
const { child, address } = await startServer(folder, { warm: true });
const json = { "content-type": "application/json" };
const post = async (path: string, body: object) => {
  const answer = await fetch(`${address}${path}`, { method: "POST", headers: json, body: JSON.stringify(body) });
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}: ${await answer.text()}`);
  return answer.json();
};
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const REST_MS = 35_000;
const megabytes = () =>
  Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, "utf8"))?.[1]) / 1024);

await post("/api/warm-up", {});
const learners = Array.from({ length: devices }, (_, k) => `Tern ${k + 1}`);
const [planted30] = answers > 0 ? await (await fetch(`${address}/api/groups`)).json() : [];
const group =
  planted30 ?? (await post("/api/groups", { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners }));
const words = ["ship", "chip", "chop", "shop", "hop", "hot", "hit", "him", "dim", "din", "fin", "fan", "man", "mat"];
const chain = await post("/api/chains", { groupId: group.id, words, aim: { focus: [], contrasts: [] } });
const session = await post("/api/sessions", { chainId: chain.id });
// What starting leaves behind is cleared away once nobody has asked for anything for a while.
await pause(REST_MS);
const atRest = megabytes();

const EVIDENCE =
  answers > 0 ? ["", `&learner=${group.learners[0].id}`].map((of) => `/evidence?group=${group.id}${of}`) : [];
const SCREENS = ["/", "/bench", "/families", "/plan", "/evidence", "/groups", `/teach/${session.id}`, ...EVIDENCE];
const took: Record<string, number[]> = { marks: [], screens: [], drafts: [], backups: [] };
/** How long things took, by the ten seconds in which they were asked for: one bad moment is told from a bad hour. */
const byMoment: Record<string, number[]>[] = [];
const MOMENT_MS = 10_000;
/** Of each ten seconds, the share of the processors' time that another machine on the same host took, 0 to 1. */
const stolen: number[] = [];
/** Figures of a machine that others work on say little of ours: such moments are told apart. */
const MOST_STOLEN = 0.05;
/** Ticks of the processors since the start: all of them, and those that went to others. */
const ticks = () => {
  const counts = /^cpu +(.*)$/m.exec(readFileSync("/proc/stat", "utf8"))?.[1]?.split(" ").map(Number) ?? [];
  return { all: counts.slice(0, 8).reduce((sum, one) => sum + one, 0), toOthers: counts[7] ?? 0 };
};
let failed = 0;
async function timed(kind: string, run: () => Promise<Response>): Promise<void> {
  const begun = performance.now();
  const response = await run().catch(() => undefined);
  await response?.arrayBuffer();
  if (!response?.ok) failed++;
  const ms = performance.now() - begun;
  took[kind]?.push(ms);
  const moment = Math.floor((begun - startedAt) / MOMENT_MS);
  byMoment[moment] ??= {};
  byMoment[moment][kind] ??= [];
  byMoment[moment][kind].push(ms);
}

const until = Date.now() + seconds * 1000;
const startedAt = performance.now();
const device = async (k: number) => {
  await pause((k * 1000) / devices);
  for (let n = 0; Date.now() < until; n++) {
    const next = pause(1000);
    const learnerId = group.learners[k].id;
    const answer = { outcome: k % 5 === 0 ? "wrong" : "right", substitutions: [] };
    const at = new Date().toISOString();
    const mark = {
      id: randomUUID(),
      sessionId: session.id,
      learnerId,
      wordIndex: n % words.length,
      word: words[n % words.length],
      mode: "read",
      answer,
      at,
    };
    await timed("marks", () =>
      fetch(`${address}/api/responses`, { method: "POST", headers: json, body: JSON.stringify(mark) }),
    );
    await next;
  }
};
const looker = async () => {
  for (let k = 0; Date.now() < until; k++) {
    const next = pause(700);
    await timed("screens", () => fetch(`${address}${SCREENS[k % SCREENS.length]}`));
    await next;
  }
};
const planner = async () => {
  for (let seed = 0; Date.now() < until; seed++) {
    const next = pause(5_000);
    const body = JSON.stringify({ focus: ["sh=ʃ"], contrasts: [], minutes: 30, seed });
    await timed("drafts", () =>
      fetch(`${address}/api/groups/${group.id}/plan`, { method: "POST", headers: json, body }),
    );
    await next;
  }
};
/** In the second third of the time, as the day's backup is: nobody chooses when. */
const backup = async () => {
  await pause((seconds * 1000) / 3);
  await timed("backups", () => fetch(`${address}/api/backups`, { method: "POST", headers: json }));
};
let before = ticks();
const watchOthers = setInterval(() => {
  const now = ticks();
  stolen.push((now.toOthers - before.toOthers) / Math.max(1, now.all - before.all));
  before = now;
}, MOMENT_MS);
let mostMegabytes = 0;
const watch = setInterval(() => {
  mostMegabytes = Math.max(mostMegabytes, megabytes());
}, 250);
await Promise.all([...Array.from({ length: devices }, (_, k) => device(k)), looker(), planner(), backup()]);
clearInterval(watch);
clearInterval(watchOthers);

const at = (all: readonly number[], share: number) =>
  Math.round([...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(all.length * share))] as number);
const figuresOf = (took: Readonly<Record<string, readonly number[]>>) =>
  Object.entries(took)
    .filter(([, all]) => all.length > 0)
    .map(([kind, all]) => ({ kind, count: all.length, median: at(all, 0.5), p95: at(all, 0.95), worst: at(all, 1) }));
const figures = figuresOf(took);
console.log(
  `marks at the 95th percentile (stolen), ten seconds each: ${byMoment
    .map(({ marks = [] }, k) => `${at(marks, 0.95)} (${Math.round((stolen[k] ?? 0) * 100)}%)`)
    .join(" ")}`,
);
// A moment also pays for the one before it: what has piled up is answered late.
const undisturbed = byMoment.filter((_, k) =>
  [stolen[k - 1] ?? 0, stolen[k] ?? 1].every((share) => share <= MOST_STOLEN),
);
console.log(
  `${undisturbed.length} of ${byMoment.length} moments with at most ${MOST_STOLEN * 100}% stolen, and the one before them:`,
);
console.table(
  figuresOf(
    Object.fromEntries(Object.keys(took).map((kind) => [kind, undisturbed.flatMap((moment) => moment[kind] ?? [])])),
  ),
);
console.table(figures);
console.log({ failed, megabytesAtRest: atRest, mostMegabytes, megabytesAfter: megabytes() });
const ended = new Promise((resolve) => child.once("exit", resolve));
child.kill("SIGTERM");
await ended;
rmSync(folder, { recursive: true, force: true });
