import { type Ref, startTransition, useImperativeHandle, useLayoutEffect, useRef, useState } from "react";
import { flushSync } from "react-dom";
import { afterPaint } from "./after-paint.ts";

export type Later = (update: () => void) => void;

/**
 * For screens that answer a press before they are drawn anew: what the press changes is shown directly where it is
 * looked for, and the rest of the screen is drawn once that frame is painted, in pieces that let the next press through.
 */
export function useLater(): {
  /** Updates React state after the next frame; the same update asked for twice is done once. */
  readonly later: Later;
  /** Has all of that drawn now: what is done next is done to what is on the screen. */
  readonly catchUp: () => void;
} {
  const waiting = useRef(new Set<() => void>());
  // Begun, not yet on the screen.
  const begun = useRef(new Set<() => void>());
  const [round, setRound] = useState(0);
  const newest = useRef(round);
  useLayoutEffect(() => {
    if (round === newest.current) begun.current.clear();
  }, [round]);

  const [api] = useState(() => {
    let off: (() => void) | undefined;
    const all = (updates: Iterable<() => void>) => {
      for (const update of updates) update();
    };
    const begin = () => {
      off = undefined;
      for (const update of waiting.current) begun.current.add(update);
      waiting.current.clear();
      newest.current += 1;
      startTransition(() => {
        all(begun.current);
        setRound(newest.current);
      });
    };
    return {
      later: (update: () => void) => {
        waiting.current.add(update);
        off ??= afterPaint(begin);
      },
      catchUp: () => {
        const left = [...begun.current, ...waiting.current];
        if (left.length === 0) return;
        off?.();
        off = undefined;
        begun.current.clear();
        waiting.current.clear();
        flushSync(() => all(left));
      },
    };
  });
  return api;
}

/** State that is known at once and drawn later. */
export interface Followed<T> {
  /** As it is drawn. */
  readonly drawn: T;
  /** As it is. */
  readonly now: () => T;
  readonly set: (next: T) => void;
  /** Drawn at once, together with what else is changed. */
  readonly setNow: (next: T) => void;
}

export function useFollowed<T>(start: () => T, later: Later): Followed<T> {
  const [drawn, setDrawn] = useState(start);
  const newest = useRef(drawn);
  const [api] = useState(() => {
    const follow = () => setDrawn(() => newest.current);
    return {
      now: () => newest.current,
      set: (next: T) => {
        newest.current = next;
        later(follow);
      },
      setNow: (next: T) => {
        newest.current = next;
        follow();
      },
    };
  });
  return { drawn, ...api };
}

/** A part of the screen that can be shown what is coming before the rest of it is drawn. */
export interface Ahead<P> {
  show(coming: Partial<P>): void;
}

/** The props of a memo component, with what it was shown ahead of them until they change. */
export function useAhead<P extends object>(props: P, ref: Ref<Ahead<P>> | undefined): P {
  const [ahead, setAhead] = useState<{ readonly of: P; readonly coming: Partial<P> }>();
  useImperativeHandle(ref, () => ({ show: (coming) => setAhead({ of: props, coming }) }), [props]);
  return ahead?.of === props ? { ...props, ...ahead.coming } : props;
}
