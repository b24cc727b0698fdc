import { useCallback, useEffect, useState } from "react";

/** A page is at rest so long after it is there: what it will want later is fetched then, while the server is there. */
const AT_REST_MS = 2000;

export interface Late<T> {
  /** Undefined until it is here. */
  readonly part: T | undefined;
  /** It has been asked for before it was here. */
  readonly asked: boolean;
  /** It could not be fetched. */
  readonly failed: boolean;
  readonly ask: () => void;
}

/** A part of a screen whose code comes after the screen: when the page is at rest, or at once when it is asked for. */
export function useLate<T>(load: () => Promise<T>): Late<T> {
  const [part, setPart] = useState<T>();
  const [asked, setAsked] = useState(false);
  const [failed, setFailed] = useState(false);
  const bring = useCallback(() => {
    load().then(
      (it) => {
        setFailed(false);
        setPart(() => it);
      },
      () => setFailed(true),
    );
  }, [load]);
  useEffect(() => {
    const timer = setTimeout(bring, AT_REST_MS);
    return () => clearTimeout(timer);
  }, [bring]);
  const ask = useCallback(() => {
    setAsked(true);
    bring();
  }, [bring]);
  return { part, asked, failed, ask };
}
