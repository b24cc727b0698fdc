/**
 * `npm run recount`: holds the counts of the data folder (`ZIP_STEP_DATA`, default data/zip-step) against the answers
 * they are made of, says where they disagree, and makes those anew. Zip Step must not run with that folder.
 */
import { dataFolder } from "../src/server/db/data-folder.ts";
import { openDatabase } from "../src/server/db/database.ts";
import { learners } from "../src/server/db/schema.ts";
import { disagreements, recount } from "../src/server/evidence/recount.ts";
import { AppError } from "../src/server/http/errors.ts";

try {
  const opened = await openDatabase(dataFolder());
  const all = await opened.db.select({ id: learners.id }).from(learners);
  let wrong = 0;
  for (const { id } of all) {
    const found = await disagreements(opened.db, id);
    wrong += found.length;
    for (const { row, kept, counted } of found) console.log(`${row}: ${kept} in the table, ${counted} by the answers`);
    if (found.length > 0) await opened.write((db) => recount(db, id));
  }
  await opened.close();
  const learnersSaid = `${all.length} ${all.length === 1 ? "learner" : "learners"}`;
  console.log(
    wrong === 0 ? `All counts of ${learnersSaid} agree.` : `${wrong} counts were made anew, of ${learnersSaid}.`,
  );
} catch (error) {
  console.error(error instanceof AppError ? `${error.message}\n${error.hint}` : String(error));
  process.exit(1);
}
