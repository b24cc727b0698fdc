import { spawn } from "node:child_process";
import { randomUUID } from "node:crypto";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import { seededRandom } from "../../src/core/index.ts";
import { openDatabase } from "../../src/server/db/database.ts";
import { freePort } from "../free-port.ts";
import { type RunningServer, startServer } from "./built-server.ts";
import { fillFolder } from "./fresh-folder.ts";
import { makeOldFolder } from "./old-folder.ts";

/** A built server in a process of its own, killed as by a crash: what it had answered for must be there. */

async function kill({ child }: Pick<RunningServer, "child">): Promise<void> {
  const ended = new Promise((resolve) => child.once("exit", resolve));
  child.kill("SIGKILL");
  await ended;
}

async function post(address: string, path: string, body: object): Promise<{ id: string }> {
  const answer = await fetch(`${address}${path}`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
  if (answer.status !== 201) throw new Error(`${path} answered ${answer.status}: ${await answer.text()}`);
  return answer.json();
}

const get = async (address: string, path: string): Promise<unknown> => (await fetch(`${address}${path}`)).json();

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

const WORDS = ["ship", "chip", "chop", "shop"];
const AIM = { focus: [], contrasts: [] };

/** A group and its lesson of four words. @param count how many learners */
async function beginLesson(address: string, count: number) {
  const learners = Array.from({ length: count }, (_, k) => `Tern ${k + 1}`);
  const made = { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners };
  const group = (await post(address, "/api/groups", made)) as { id: string; learners: { id: string }[] };
  const chain = await post(address, "/api/chains", { groupId: group.id, words: WORDS, aim: AIM });
  return { group, session: await post(address, "/api/sessions", { chainId: chain.id }) };
}

export interface CrashReport {
  readonly rounds: number;
  readonly marks: number;
  readonly acknowledged: number;
  readonly plansEdited: number;
  /** Acknowledged marks and plan edits that were not there after a crash. */
  readonly lost: number;
  /** Marks that were there twice in the end, or not at all. */
  readonly doubledOrMissing: number;
}

/**
 * Marks and plan edits in a burst, a kill at a seeded moment, a look at what is there; then what was not answered for
 * is sent again, as the outbox does.
 *
 * @param rounds how many kills
 */
export async function crashRounds(folder: string, rounds: number, seed: number): Promise<CrashReport> {
  const random = seededRandom(seed);
  fillFolder(folder);
  let running = await startServer(folder);
  const { group, session } = await beginLesson(running.address, 3);

  const sent = new Set<string>();
  const acknowledged = new Set<string>();
  const planned = new Set<string>();
  let unanswered: object[] = [];
  let lost = 0;
  for (let round = 0; round < rounds; round++) {
    const { address } = running;
    let isOver = false;
    let isTakingOut = false;
    const missed: object[] = [];
    const markOnce = async (again?: object) => {
      const mark = (again ?? {
        id: randomUUID(),
        sessionId: session.id,
        learnerId: group.learners[Math.floor(random() * group.learners.length)]?.id,
        wordIndex: Math.floor(random() * WORDS.length),
        mode: "read",
        answer: { outcome: "right", substitutions: [] },
        at: new Date().toISOString(),
      }) as { id: string };
      sent.add(mark.id);
      try {
        await post(address, "/api/responses", mark);
        acknowledged.add(mark.id);
      } catch {
        missed.push(mark);
      }
    };
    const device = async () => {
      while (!isOver) await markOnce();
    };
    const planner = async () => {
      while (!isOver) {
        try {
          const made = await post(address, "/api/chains", { groupId: group.id, words: ["pat", "pit"], aim: AIM });
          await post(address, `/api/plans/${group.id}/activities`, { chainId: made.id });
          planned.add(made.id);
          isTakingOut = true;
          await fetch(`${address}/api/groups/${group.id}/plan`, {
            method: "PUT",
            headers: { "content-type": "application/json" },
            body: JSON.stringify({ minutes: 20, activities: [] }),
          }).then((answer) => answer.ok && planned.clear());
          isTakingOut = false;
        } catch {
          // The crash has come in between.
        }
      }
    };
    // The first answer after a start takes long: the word list is opened for it.
    await markOnce();
    const work = Promise.all([
      (async () => {
        for (const mark of unanswered) await markOnce(mark);
      })(),
      device(),
      device(),
      device(),
      planner(),
    ]);
    await pause(100 + random() * 600);
    const planBefore = new Set(planned);
    isOver = true;
    await kill(running);
    await work;
    unanswered = missed;

    running = await startServer(folder);
    // Every id is another row: with fewer rows than answers something is lost. Which ones, the end tells.
    const there = (await get(running.address, "/api/learners")) as { answers: number }[];
    lost += Math.max(0, acknowledged.size - there.reduce((sum, { answers }) => sum + answers, 0));
    const plan = JSON.stringify(await get(running.address, `/api/groups/${group.id}/plan`));
    // Put in and answered for, and nothing that takes it out was on its way.
    if (!isTakingOut && planBefore.size === planned.size)
      lost += [...planBefore].filter((id) => !plan.includes(id)).length;
  }
  for (const mark of unanswered) {
    await post(running.address, "/api/responses", mark);
    acknowledged.add((mark as { id: string }).id);
  }
  await kill(running);
  const opened = await openDatabase(folder);
  const { rows } = await opened.db.execute(sql`select id, count(*)::int as n from responses group by id`);
  const times = new Map(rows.map(({ id, n }) => [id as string, n as number]));
  await opened.close();
  return {
    rounds,
    marks: sent.size,
    acknowledged: acknowledged.size,
    plansEdited: planned.size,
    lost,
    doubledOrMissing: [...sent].filter((id) => times.get(id) !== 1).length,
  };
}

export interface MigrationReport {
  readonly rounds: number;
  /** Rounds after which a row was missing, or the folder did not open. */
  readonly broken: number;
}

/** The first start of a new version on an old folder, killed at a seeded moment; then started again. @param rounds how many */
export async function killedMigrations(root: string, rounds: number, seed: number): Promise<MigrationReport> {
  const random = seededRandom(seed);
  let broken = 0;
  for (let round = 0; round < rounds; round++) {
    const folder = join(root, `migrating-${round}`);
    const before = await makeOldFolder(folder, 1 + Math.floor(random() * 8));
    const child = spawn("node", ["scripts/serve.mjs"], {
      env: { ...process.env, ZIP_STEP_DATA: folder, ZIP_STEP_PORT: String(await freePort()), ZIP_STEP_WARM: "0" },
      stdio: "ignore",
    });
    await pause(500 + random() * 3000);
    await kill({ child });
    try {
      const opened = await openDatabase(folder);
      for (const [table, count] of Object.entries(before)) {
        const { rows } = await opened.db.execute(sql.raw(`select count(*)::int as n from "${table}"`));
        if (rows[0]?.["n"] !== count) throw new Error(`${table}: ${rows[0]?.["n"]} of ${count}`);
      }
      await opened.close();
    } catch (error) {
      console.error(error);
      broken++;
    }
  }
  return { rounds, broken };
}

export interface BurstReport {
  readonly marks: number;
  readonly refused: number;
  /** Marks that are not there once. */
  readonly lostOrDoubled: number;
  /** Milliseconds from sending to the answer. */
  readonly median: number;
  readonly p95: number;
}

/** Marks from several devices as fast as they are answered. @param marks how many in all @param devices how many at once */
export async function markBurst(folder: string, marks: number, devices: number): Promise<BurstReport> {
  fillFolder(folder);
  const running = await startServer(folder);
  const { group, session } = await beginLesson(running.address, devices);
  const sent: string[] = [];
  const took: number[] = [];
  let refused = 0;
  await Promise.all(
    group.learners.map(async ({ id: learnerId }) => {
      while (sent.length < marks) {
        const id = randomUUID();
        const wordIndex = sent.push(id) % WORDS.length;
        const begun = performance.now();
        const answer = { outcome: "right", substitutions: [] };
        const at = new Date().toISOString();
        const mark = { id, sessionId: session.id, learnerId, wordIndex, mode: "read", answer, at };
        await post(running.address, "/api/responses", mark).catch(() => refused++);
        took.push(performance.now() - begun);
      }
    }),
  );
  await kill(running);
  const opened = await openDatabase(folder);
  const { rows } = await opened.db.execute(sql`select id, count(*)::int as n from responses group by id`);
  const times = new Map(rows.map(({ id, n }) => [id as string, n as number]));
  await opened.close();
  took.sort((a, b) => a - b);
  const at = (share: number) => Math.round(took[Math.floor(took.length * share)] as number);
  const lostOrDoubled = sent.filter((id) => times.get(id) !== 1).length - refused;
  return { marks: sent.length, refused, lostOrDoubled, median: at(0.5), p95: at(0.95) };
}
