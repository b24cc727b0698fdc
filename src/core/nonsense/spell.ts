import type { Gpc } from "../spelling/gpc.ts";

/** The letters of correspondences put together; a split digraph's e goes to the end. */
export function spell(gpcs: readonly Pick<Gpc, "head" | "tail">[]): string {
  let word = "";
  let tail = "";
  for (const gpc of gpcs) {
    word += gpc.head;
    if (gpc.tail) tail = gpc.tail;
  }
  return word + tail;
}
