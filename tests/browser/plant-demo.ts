/**
 * Plants the demo in a folder, for the tests to copy: it takes seven seconds, a copy of it a tenth of one.
 *
 *   tsx tests/browser/plant-demo.ts FOLDER
 */
import { freePort } from "../free-port.ts";
import { Server } from "./server-process.ts";

const [folder] = process.argv.slice(2);
if (!folder) throw new Error("Say where: tsx tests/browser/plant-demo.ts FOLDER");
const planted = new Server(await freePort(), { folder });
await planted.start();
await planted.stop();
