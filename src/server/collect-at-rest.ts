import { setFlagsFromString } from "node:v8";
import { runInNewContext } from "node:vm";

/** So long without work, in milliseconds, and a thread is at rest. */
const AT_REST_MS = 20_000;

/**
 * Clears away what a start and each spell of work leave behind in a thread, once nobody asks for anything: left to itself
 * Node.js keeps it until memory is short, and a reading room's laptop has little.
 *
 * @returns to be called whenever the thread is asked for something
 */
export function collectAtRest(): () => void {
  setFlagsFromString("--expose-gc");
  const collect = runInNewContext("gc") as () => void;
  let timer: NodeJS.Timeout | undefined;
  return () => {
    if (timer) timer.refresh();
    else timer = setTimeout(collect, AT_REST_MS).unref();
  };
}
