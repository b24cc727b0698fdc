import type { IncomingMessage } from "node:http";
import { LARGEST_BODY } from "./limits.ts";

/**
 * Reads the body of a request as text, and no further than it may go.
 *
 * @returns undefined when it is larger than it may be; the rest is not read
 * @throws Error when the connection breaks off
 */
export async function readBody(request: IncomingMessage): Promise<string | undefined> {
  const parts: Buffer[] = [];
  let bytes = 0;
  for await (const part of request) {
    bytes += (part as Buffer).length;
    if (bytes > LARGEST_BODY) return undefined;
    parts.push(part as Buffer);
  }
  return Buffer.concat(parts).toString("utf8");
}
