/**
 * Makes src/server/db/empty-folder.tar.br: an empty PGlite data folder, so that a new one starts in
 * seconds instead of running initdb. Run with `npm run build:snapshot` after a PGlite upgrade; the
 * result is committed. Migrations are not in it: they are applied at every start.
 */
import { writeFileSync } from "node:fs";
import { brotliCompressSync, constants, gunzipSync } from "node:zlib";
import { PGlite } from "@electric-sql/pglite";

const db = await PGlite.create();
// From which PostgreSQL makes further databases, of which we have none: more than half of the folder's files, that every
// backup would carry along.
await db.exec("UPDATE pg_database SET datistemplate = false, datallowconn = true WHERE datname LIKE 'template%'");
for (const template of ["template0", "template1"]) await db.exec(`DROP DATABASE ${template}`);
await db.exec("CHECKPOINT");
const dump = await db.dumpDataDir("gzip");
const tar = gunzipSync(Buffer.from(await dump.arrayBuffer()));
const packed = brotliCompressSync(tar, {
  params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_LGWIN]: 24 },
});
writeFileSync("src/server/db/empty-folder.tar.br", packed);
console.log(`${tar.length} bytes of tar, ${packed.length} packed`);
await db.close();
process.exit(0);
