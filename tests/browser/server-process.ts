import { type ChildProcess, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** A built Zip Step in a process of its own, on a data folder of its own, that can be stopped and started. */
export class Server {
  readonly folder: string;
  readonly port: number;
  readonly #demo: boolean;
  #process: ChildProcess | undefined;

  /**
   * @param demo false for an installation in which nothing has been made
   * @param folder of its data; a new one unless given
   */
  constructor(port: number, { demo = true, folder }: { readonly demo?: boolean; readonly folder?: string } = {}) {
    this.port = port;
    this.#demo = demo;
    this.folder = folder ?? mkdtempSync(join(tmpdir(), "zip-step-browser-"));
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const child = spawnServer({ folder: this.folder, port: this.port, demo: this.#demo });
    this.#process = child;
    const { code, output } = await new Promise<{ code: number | null; output: string }>((resolve) => {
      let output = "";
      const read = (data: Buffer) => {
        output += data;
        if (output.includes("Zip Step is at")) resolve({ code: 0, output });
      };
      child.stdout?.on("data", read);
      child.stderr?.on("data", read);
      child.once("exit", (code) => resolve({ code, output }));
    });
    if (code !== 0) throw new Error(`The server did not start: ${output}`);
  }

  /** Ends the process: politely, or as a crash would. */
  async stop(signal: "SIGTERM" | "SIGKILL" = "SIGTERM"): Promise<void> {
    const child = this.#process;
    if (!child || child.exitCode !== null) return;
    const ended = new Promise((resolve) => child.once("exit", resolve));
    child.kill(signal);
    await ended;
  }

  remove(): void {
    rmSync(this.folder, { recursive: true, force: true });
  }
}

export function spawnServer(on: { folder: string; port: number; demo?: boolean }): ChildProcess {
  return spawn("node", ["scripts/serve.mjs"], {
    env: {
      ...process.env,
      ZIP_STEP_DATA: on.folder,
      ZIP_STEP_PORT: String(on.port),
      ZIP_STEP_DEMO: on.demo === false ? "0" : "1",
      // Two processors have enough to do.
      ZIP_STEP_WARM: "0",
    },
    stdio: ["ignore", "pipe", "pipe"],
  });
}

/** Runs a server until it ends by itself and gives what it said. */
export async function runToEnd(on: { folder: string; port: number }): Promise<{ code: number | null; output: string }> {
  const child = spawnServer(on);
  let output = "";
  child.stdout?.on("data", (data) => (output += data));
  child.stderr?.on("data", (data) => (output += data));
  const code = await new Promise<number | null>((resolve) => child.once("exit", resolve));
  return { code, output };
}
