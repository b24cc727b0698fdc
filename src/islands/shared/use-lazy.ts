import { useCallback, useEffect, useState } from "react";

/** So long after a page has been drawn, the code it will want later is fetched. */
const PREFETCH_AFTER_MS = 2000;

export interface Lazy<T> {
  /** Undefined until it has been fetched. */
  readonly part: T | undefined;
  /** It was asked for before it had been fetched. */
  readonly requested: boolean;
  readonly failed: boolean;
  /** Fetches it now; again after a failure. */
  readonly request: () => void;
}

/**
 * A part of a screen whose code is fetched after the screen: shortly after it is drawn, or at once when it is asked
 * for. (React's own `lazy` remembers a failed fetch for ever; here it can be tried again.)
 */
export function useLazy<T>(load: () => Promise<T>): Lazy<T> {
  const [part, setPart] = useState<T>();
  const [requested, setRequested] = useState(false);
  const [failed, setFailed] = useState(false);
  const fetchPart = useCallback(() => {
    load().then(
      (loaded) => {
        setFailed(false);
        setPart(() => loaded);
      },
      () => setFailed(true),
    );
  }, [load]);
  useEffect(() => {
    const timer = setTimeout(fetchPart, PREFETCH_AFTER_MS);
    return () => clearTimeout(timer);
  }, [fetchPart]);
  const request = useCallback(() => {
    setRequested(true);
    fetchPart();
  }, [fetchPart]);
  return { part, requested, failed, request };
}
