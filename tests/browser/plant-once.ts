import { freePort, PLANTED_FOLDER, Server } from "./server.ts";

/** Plants the demo once, unless it was planted beside other tests before (`scripts/test.mjs`). */
export default async function plantOnce(): Promise<(() => void) | undefined> {
  if (process.env[PLANTED_FOLDER]) return undefined;
  const planted = new Server(await freePort());
  await planted.start();
  await planted.stop();
  process.env[PLANTED_FOLDER] = planted.folder;
  return () => planted.remove();
}
