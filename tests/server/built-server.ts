import { type ChildProcess, spawn } from "node:child_process";
import { freePort } from "../free-port.ts";

/** A built server in a process of its own. */
export interface RunningServer {
  readonly child: ChildProcess;
  readonly address: string;
}

/**
 * Starts the built server on a data folder and waits until it answers.
 *
 * @param options.warm whether it makes ready what the first questions would wait for
 * @throws Error with what it said when it does not
 */
export async function startServer(folder: string, { demo = false, warm = false } = {}): Promise<RunningServer> {
  const port = await freePort();
  const child = spawn("node", ["scripts/serve.mjs"], {
    env: {
      ...process.env,
      ZIP_STEP_DATA: folder,
      ZIP_STEP_PORT: String(port),
      ZIP_STEP_DEMO: demo ? "1" : "0",
      ZIP_STEP_WARM: warm ? "1" : "0",
    },
    stdio: ["ignore", "pipe", "pipe"],
  });
  await new Promise<void>((resolve, reject) => {
    let said = "";
    const read = (data: Buffer) => {
      said += data;
      if (said.includes("Zip Step is at")) resolve();
    };
    child.stdout?.on("data", read);
    child.stderr?.on("data", read);
    child.once("exit", () => reject(new Error(`The server did not start: ${said}`)));
  });
  return { child, address: `http://127.0.0.1:${port}` };
}
