/**
 * `npm run backup`: makes a backup of the data folder (`ZIP_STEP_DATA`, default data/zip-step) now. Where Zip Step
 * runs with that folder, it is asked to.
 */
import { dataFolder } from "../src/server/db/data-folder.ts";
import { openDatabase } from "../src/server/db/database.ts";
import { AppError } from "../src/server/http/errors.ts";

async function byTheServer(): Promise<string> {
  const address = `http://127.0.0.1:${process.env["ZIP_STEP_PORT"] ?? 4321}/api/backups`;
  const answer = await fetch(address, { method: "POST", headers: { "content-type": "application/json" } });
  const body = await answer.json();
  if (!answer.ok) throw new Error(`${body.error.message} ${body.error.hint}`);
  return body.name;
}

try {
  let name: string;
  try {
    const opened = await openDatabase(dataFolder());
    name = (await opened.backUp("request", new Date())).name;
    await opened.close();
  } catch (error) {
    if (!(error instanceof AppError) || error.code !== "folder-in-use") throw error;
    name = await byTheServer();
  }
  console.log(`Backup made: ${dataFolder()}/backups/${name}`);
} catch (error) {
  console.error(error instanceof AppError ? `${error.message}\n${error.hint}` : String(error));
  process.exit(1);
}
