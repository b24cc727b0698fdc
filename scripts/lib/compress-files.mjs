import { readdirSync } from "node:fs";
import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { promisify } from "node:util";
import { brotliCompress, constants } from "node:zlib";

const compress = promisify(brotliCompress);

/** What is text; pictures and fonts are compressed in themselves. */
const TEXT = /\.(js|css|json|svg)$/;
/**
 * The last step but one: the last takes nearly three times as long (14.5 s of processor in place of 5.6 for all files, 1
 * December 2026) for two bytes in a hundred.
 */
const QUALITY = 10;
/** Bytes below which there is next to nothing to save. */
const SMALL = 256;

/**
 * Puts beside each text file in a folder the same file compressed, with the ending .br besides, for the server to send: a
 * fourth of it.
 *
 * @param {string} folder
 */
export async function compressFiles(folder) {
  const names = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((name) => TEXT.test(name));
  await Promise.all(
    names.map(async (name) => {
      const path = join(folder, name);
      const bytes = await readFile(path);
      if (bytes.length < SMALL) return;
      const params = { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length, [constants.BROTLI_PARAM_QUALITY]: QUALITY };
      await writeFile(`${path}.br`, await compress(bytes, { params }));
    }),
  );
}
