import { useEffect, useState } from "react";
import { toast } from "sonner";
import { Cancelled } from "./worker-client.ts";

/** Tells the teacher that looking failed, unless a newer question cancelled it. */
export function ignoreCancelled(error: unknown): void {
  // Said once, however many questions it answers.
  if (!(error instanceof Cancelled))
    toast.error("Looking failed. Try again; if it fails again, reload the page.", { id: "looking-failed" });
}

/** Asks again whenever the question is another one; an answer to an older question is dropped. */
export function useAnswer<T>(question: () => Promise<T>): T | undefined {
  const [answer, setAnswer] = useState<T>();
  useEffect(() => {
    let current = true;
    question().then((found) => current && setAnswer(() => found), ignoreCancelled);
    return () => {
      current = false;
    };
  }, [question]);
  return answer;
}
