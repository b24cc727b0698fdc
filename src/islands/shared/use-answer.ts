import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { Cancelled } from "./worker-client.ts";

/** Tells the teacher that looking failed, unless a newer question cancelled it. */
export function ignoreCancelled(error: unknown): void {
  // Said once, however many questions it answers.
  if (!(error instanceof Cancelled))
    toast.error("Looking failed. Try again; if it fails again, reload the page.", { id: "looking-failed" });
}

/**
 * Asks again whenever the question is another one; an answer to an older question is dropped.
 *
 * @param known the answer to the first question, where it came with the page: then only later ones are asked
 */
export function useAnswer<T>(question: () => Promise<T>, known?: T): T | undefined {
  const [answer, setAnswer] = useState<T | undefined>(known);
  const answered = useRef(known === undefined ? undefined : question);
  useEffect(() => {
    if (answered.current === question) return;
    answered.current = undefined;
    let current = true;
    question().then((found) => current && setAnswer(() => found), ignoreCancelled);
    return () => {
      current = false;
    };
  }, [question]);
  return answer;
}
