import { AsyncLocalStorage } from "node:async_hooks";

/** What was read for a page, by name; none once it is drawn. */
interface Readings {
  known: Map<string, Promise<unknown>> | undefined;
}

const drawing = new AsyncLocalStorage<Readings>();

/** Draws a page. What its parts read by `readOnce` is read once, and is the same for all of them. */
export async function drawReadingOnce<T>(draw: () => Promise<T>): Promise<T> {
  const readings: Readings = { known: new Map() };
  try {
    return await drawing.run(readings, draw);
  } finally {
    // What was begun meanwhile and goes on, a timer say, is to see what comes after.
    readings.known = undefined;
  }
}

/**
 * What `read` gives. While a page is drawn the first of its parts that asks reads it, and the others have the same;
 * anywhere else it is read each time.
 *
 * @param name tells what is read from all else, with the ids of what it is read for
 */
export function readOnce<T>(name: string, read: () => Promise<T>): Promise<T> {
  const known = drawing.getStore()?.known;
  if (!known) return read();
  const before = known.get(name) as Promise<T> | undefined;
  if (before) return before;
  const reading = read();
  known.set(name, reading);
  return reading;
}

/** Runs what writes: it reads everything anew, and so does what is drawn after it. */
export async function writeBetweenReadings<T>(write: () => Promise<T>): Promise<T> {
  try {
    return await drawing.exit(write);
  } finally {
    drawing.getStore()?.known?.clear();
  }
}
