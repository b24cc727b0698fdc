import { setFlagsFromString } from "node:v8";
import { runInNewContext } from "node:vm";

/** So long without work, in milliseconds, and a thread is at rest. */
const AT_REST_MS = 20_000;

let timer: NodeJS.Timeout | undefined;

function collector(): () => void {
  setFlagsFromString("--expose-gc");
  // What is left stands closer together: pages that are nearly empty are given back too.
  setFlagsFromString("--compact-on-every-full-gc");
  return runInNewContext("gc") as () => void;
}

/**
 * Says that this thread is at work. Once nobody has said so for a while, what a start and each spell of work leave behind
 * is cleared away: left to itself Node.js keeps it until memory is short, and a reading room's laptop has little.
 */
export function noteWork(): void {
  if (timer) timer.refresh();
  else timer = setTimeout(collector(), AT_REST_MS).unref();
}
