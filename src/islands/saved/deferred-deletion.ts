/** So long a deletion can be taken back: nothing is sent before. */
const TAKEN_BACK_WITHIN_MS = 8000;

/** A deletion that is sent after a while, or when the page is left; until then it can be taken back. */
export interface Deletion {
  readonly takeBack: () => void;
}

/**
 * @param send sends it; called once at most
 * @param after milliseconds until then
 */
export function deferDeletion(send: () => void, after: number = TAKEN_BACK_WITHIN_MS): Deletion {
  let isOver = false;
  const finish = (isSent: boolean) => {
    if (isOver) return;
    isOver = true;
    clearTimeout(timer);
    removeEventListener("pagehide", onLeave);
    if (isSent) send();
  };
  const onLeave = () => finish(true);
  const timer = setTimeout(() => finish(true), after);
  addEventListener("pagehide", onLeave);
  return { takeBack: () => finish(false) };
}
