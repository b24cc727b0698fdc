import { z } from "zod";
import { IDEMPOTENCY_HEADER } from "../../schemas/headers.ts";

const keyField = z.string().min(8).max(100);

/** So long an answer is given again, in milliseconds, and so many of them are held. */
const HELD_MS = 10 * 60_000;
const MOST_HELD = 1_000;

/** Answers given lately, the oldest first. In memory alone: they may hold nicknames, which are to be erased with their rows. */
const held = new Map<string, Promise<Response>>();

/**
 * Makes something once: the same request with the same key, sent again because a button was pressed twice or an answer
 * was lost, is given the first one's answer. What was refused can be tried again.
 *
 * @param make what makes it; requests without a key always do
 */
export async function madeOnce(request: Request, make: () => Promise<Response>): Promise<Response> {
  const key = keyField.safeParse(request.headers.get(IDEMPOTENCY_HEADER));
  if (request.method !== "POST" || !key.success) return make();
  const name = `${new URL(request.url).pathname} ${key.data}`;
  const known = held.get(name);
  if (known) return (await known).clone();
  if (held.size >= MOST_HELD) held.delete(held.keys().next().value as string);
  const answer = make();
  held.set(name, answer);
  setTimeout(() => held.get(name) === answer && held.delete(name), HELD_MS).unref();
  const first = await answer.catch((error: unknown) => {
    held.delete(name);
    throw error;
  });
  if (!first.ok) held.delete(name);
  return first.clone();
}
