import { randomUUID } from "node:crypto";
import { sql } from "drizzle-orm";
import { CLASSIFIER_VERSION } from "../../src/core/index.ts";
import type { GroupId } from "../../src/schemas/ids.ts";
import type { Database } from "../../src/server/db/database.ts";

/** Learners of the group. */
export const LEARNERS = 30;
const A_LESSON = 300;
/** What its lessons ask for first. */
export const WORDS = ["ship", "chip", "chop", "shop"];

/**
 * Puts a group of thirty learners into an empty database, each with every answer of every lesson; nothing is counted.
 *
 * @param answers how many, rounded up to whole lessons
 */
export async function plantAnswers(db: Database, answers: number): Promise<GroupId> {
  const groupId = randomUUID() as GroupId;
  await db.execute(
    sql`insert into groups (id, name, sequence_id, step) values (${groupId}, 'Dunes', 'short-vowels-first', 14)`,
  );
  await db.execute(
    sql`insert into learners (id, nickname) select gen_random_uuid(), 'Tern ' || n from generate_series(1, ${LEARNERS}) n`,
  );
  await db.execute(sql`insert into memberships (group_id, learner_id, seat)
    select ${groupId}, id, row_number() over (order by nickname) - 1 from learners`);
  const activity = {
    id: randomUUID(),
    kind: "read-chain",
    title: "ship to shop",
    minutes: 4,
    ifTime: false,
    heldBack: false,
  };
  const run = {
    minutes: null,
    activities: [{ ...activity, content: { kind: "read-chain", words: WORDS }, targets: WORDS.map((_, k) => k) }],
  };
  const place = { activity: 0, item: 0, learnerId: null };
  await db.execute(sql`insert into sessions (id, group_id, title, aim, run, place, started_at)
    select gen_random_uuid(), ${groupId}, 'ship to shop',
      '{"focus": [], "contrasts": []}', ${JSON.stringify(run)}::jsonb, ${JSON.stringify(place)}::jsonb,
      now() - n * interval '1 day' from generate_series(1, ${Math.ceil(answers / A_LESSON)}) n`);
  await db.execute(sql`insert into session_words (session_id, number, word)
    select s.id, n, coalesce((${JSON.stringify(WORDS)}::jsonb) ->> n, 'ship') from sessions s
      cross join generate_series(0, ${9 + A_LESSON / LEARNERS}) n`);
  // Each learner answers every place of every lesson; one in eight is read with another vowel.
  const unit = (result: string, said: readonly string[] = []) => ({ result, said });
  const right = unit("right");
  const verdict = (outcome: string, middle: object) =>
    JSON.stringify({ classifier: CLASSIFIER_VERSION, outcome, units: [right, middle, right] });
  await db.execute(sql`insert into responses (id, session_id, learner_id, word_index, word, target, mode, answer, verdict,
      classifier, standing, at)
    select gen_random_uuid(), s.id, l.id, n, 'ship', 'sh.i.p ʃ.ɪ.p', case when n % 5 = 4 then 'wrote' else 'read' end,
      case when (n + l.seat) % 8 = 0 then '{"outcome": "wrong", "substitutions": [{"unit": 1, "said": ["e"]}]}'::jsonb
        else '{"outcome": "right", "substitutions": []}'::jsonb end,
      case when (n + l.seat) % 8 = 0 then ${verdict("wrong", unit("substitution", ["e"]))}::jsonb
        else ${verdict("right", right)}::jsonb end,
      ${CLASSIFIER_VERSION}, true, s.started_at
    from sessions s cross join (select learner_id as id, seat from memberships) l
      cross join generate_series(10, ${9 + A_LESSON / LEARNERS}) n`);
  await db.execute(sql`analyze`);
  return groupId;
}
