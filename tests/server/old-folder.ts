import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { drizzle } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { countRows } from "../../src/server/backup/backup-file.ts";
import { emptyFolder } from "../../src/server/db/database.ts";
import { UNSYNCED_START } from "../../src/server/db/synced-files.ts";

const MIGRATIONS = "src/server/db/migrations";
const JOURNAL = join("meta", "_journal.json");
const journal = JSON.parse(readFileSync(join(MIGRATIONS, JOURNAL), "utf8")) as { entries: { tag: string }[] };

/** Names of every migration that has landed, the oldest first. */
export const AGES = journal.entries.map(({ tag }) => tag);

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;
const [GROUP, LEARNER, CHAIN, SESSION, ROUTINE] = [1, 2, 3, 4, 5].map(id);
const WORDS = '["ship","shop"]';
const AIM = '{"focus": ["sh=ʃ"], "contrasts": []}';
const PLACE = '{"wordIndex": 1, "learnerId": null}';
const PAIRS = '{"kind": "pairs", "a": ["ɪ"], "b": ["ɒ"], "pairs": [{"a": "ship", "b": "shop", "position": "medial"}]}';
const PLACE_NOW = '{"activity": 0, "item": 1, "learnerId": null}';
const RUN = `{"minutes": null, "activities": [{"id": "${CHAIN}", "kind": "read-chain", "title": "ship to shop",
  "content": {"kind": "read-chain", "words": ["ship", "shop"]}, "minutes": 4, "ifTime": false, "heldBack": false,
  "targets": [0, 1]}]}`;
const RIGHT = '{"outcome": "right", "substitutions": []}';
const UNIT = '{"result": "right", "said": []}';
const VERDICT = `{"classifier": 1, "outcome": "right", "units": [${UNIT}, ${UNIT}, ${UNIT}]}`;

/** A row or two of every table there has been, with the columns that it had from its beginning. */
const ROWS: readonly (readonly [table: string, insert: string])[] = [
  ["groups", `(id, name, sequence_id, step) values ('${GROUP}', 'Plovers', 'short-vowels-first', 14)`],
  ["learners", `(id, nickname) values ('${LEARNER}', 'Knot')`],
  ["memberships", `(group_id, learner_id, seat) values ('${GROUP}', '${LEARNER}', 0)`],
  ["chains", `(id, group_id, title, words, aim) values ('${CHAIN}', '${GROUP}', 'ship to shop', '${WORDS}', '${AIM}')`],
  [
    "sessions",
    `(id, group_id, chain_id, title, words, aim, place, started_at)
    values ('${SESSION}', '${GROUP}', '${CHAIN}', 'ship to shop', '${WORDS}', '${AIM}', '${PLACE}', now())`,
  ],
  ["session_words", `(session_id, number, word) values ('${SESSION}', 0, 'ship'), ('${SESSION}', 1, 'shop')`],
  [
    "responses",
    `(id, session_id, learner_id, word_index, word, target, mode, answer, verdict, classifier, at)
    select gen_random_uuid(), '${SESSION}', '${LEARNER}', n, 'ship', 'sh.i.p ʃ.ɪ.p', 'read', '${RIGHT}', '${VERDICT}', 1, now()
    from generate_series(0, 1) n`,
  ],
  ["sequences", `(id, name, steps) values ('${id(6)}', 'Our order', '[]')`],
  ["workspace", `(id, school) values (1, '{"never": ["gull"]}')`],
  ["chain_versions", `(id, chain_id, title, words) values ('${id(7)}', '${CHAIN}', 'ship', '["ship"]')`],
  [
    "word_sets",
    `(id, group_id, kind, title, content) values ('${id(8)}', '${GROUP}', 'pairs', 'ship and shop', '${PAIRS}')`,
  ],
  ["routines", `(id, group_id, title, parts) values ('${ROUTINE}', '${GROUP}', 'Every day', '[]')`],
  ["routine_days", `(id, routine_id, day, parts) values ('${id(9)}', '${ROUTINE}', '2026-11-24', '[]')`],
  ["plans", `(id, group_id, minutes, activities) values ('${id(10)}', '${GROUP}', 20, '[]')`],
  [
    "templates",
    `(id, name, parts) values ('${id(11)}', 'Ours', '[{"kind": "dictation", "items": 4, "matters": 2, "priority": 2}]')`,
  ],
  ["put_off", `(group_id, focus_id) values ('${GROUP}', 'e=e>ɪ')`],
  ["outcome_totals", `(learner_id, way, held_back, outcome, count) values ('${LEARNER}', 'read', false, 'right', 2)`],
  ["lesson_totals", `(learner_id, way, session_id, count) values ('${LEARNER}', 'read', '${SESSION}', 2)`],
  [
    "unit_totals",
    `(learner_id, way, gpc, position, said, count, last_at)
    values ('${LEARNER}', 'read', 'sh=ʃ', 'initial', '=', 2, now()),
    ('${LEARNER}', 'read', 'i=ɪ', 'medial', '=', 2, now()), ('${LEARNER}', 'read', 'p=p', 'final', '=', 2, now())`,
  ],
];

/** The group and the session in an old folder. */
export const OLD = { groupId: GROUP as string, sessionId: SESSION as string };

/** An empty database as each migration left it, made once: by how many migrations had landed. */
const empty = new Map<number, string>();

/** Takes the empty databases away again. */
export function removeEmpties(): void {
  for (const dataDir of empty.values()) rmSync(dataDir, { recursive: true, force: true });
  empty.clear();
}

/** A folder of its own with the database of an age, without rows: the nearest older one known, with the migrations since. */
async function emptyDatabase(age: number): Promise<string> {
  const known = empty.get(age);
  if (known !== undefined) return known;
  const dataDir = mkdtempSync(join(tmpdir(), "zip-step-age-"));
  const older = empty.get(Math.max(...[...empty.keys()].filter((one) => one < age)));
  let loadDataDir: Blob | undefined;
  if (older === undefined) loadDataDir = new Blob([emptyFolder()]);
  else cpSync(older, dataDir, { recursive: true });
  const client = await PGlite.create({ dataDir, startParams: UNSYNCED_START, ...(loadDataDir && { loadDataDir }) });
  const then = mkdtempSync(join(tmpdir(), "zip-step-migrations-"));
  cpSync(MIGRATIONS, then, { recursive: true });
  writeFileSync(join(then, JOURNAL), JSON.stringify({ ...journal, entries: journal.entries.slice(0, age) }));
  await migrate(drizzle(client), { migrationsFolder: then });
  rmSync(then, { recursive: true });
  await client.close();
  empty.set(age, dataDir);
  return dataDir;
}

/** A row with the columns that a table has to have since it was changed. */
function ofItsAge(table: string, insert: string, age: number): string {
  const isSince = (tag: string) => age > AGES.indexOf(tag);
  if (table === "responses" && isSince("0008_trust"))
    return insert.replace("(id,", "(standing, id,").replace("select ", "select true, ");
  if (table !== "sessions" || !isSince("0009_session-runs")) return insert;
  const withRun = insert
    .replace("(id,", "(run, id,")
    .replace("values (", `values ('${RUN}', `)
    .replace(PLACE, PLACE_NOW);
  return isSince("0014_session-words") ? withRun.replace(" words,", "").replace(` '${WORDS}',`, "") : withRun;
}

/**
 * Makes a data folder as the Zip Step of a migration left it, with rows in every table it had.
 *
 * @param age how many migrations had landed, from 1
 * @returns rows by table
 */
export async function makeOldFolder(folder: string, age: number): Promise<Record<string, number>> {
  mkdirSync(folder, { recursive: true });
  cpSync(await emptyDatabase(age), join(folder, "pg"), { recursive: true });
  const client = await PGlite.create({ dataDir: join(folder, "pg"), startParams: UNSYNCED_START });
  const tables = Object.keys(await countRows(client));
  for (const [table, insert] of ROWS) {
    if (!tables.includes(table)) continue;
    await client.exec(`insert into ${table} ${ofItsAge(table, insert, age)}`);
  }
  const counts = await countRows(client);
  await client.close();
  return counts;
}
