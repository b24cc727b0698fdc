import { type RefObject, useLayoutEffect, useRef, useState } from "react";

/** Pixels. */
export interface ElementSize {
  readonly width: number;
  readonly height: number;
}

/** An element's size, measured again when it changes; undefined before the first measurement. */
export function useElementSize<Element extends HTMLElement = HTMLDivElement>(): [
  RefObject<Element | null>,
  ElementSize | undefined,
] {
  const element = useRef<Element>(null);
  const [size, setSize] = useState<ElementSize>();
  useLayoutEffect(
    () =>
      watchSize(element.current, (next) =>
        setSize((old) => (old?.width === next.width && old.height === next.height ? old : next)),
      ),
    [],
  );
  return [element, size];
}

/**
 * A number that an element's size comes to, measured again when the size changes.
 *
 * @param measure always the same function
 * @param before what it is taken for until it has been measured, on the server too: where that is right, nothing is drawn
 * a second time
 */
export function useMeasured<Element extends HTMLElement = HTMLDivElement>(
  measure: (size: ElementSize) => number,
  before: number,
): [RefObject<Element | null>, number] {
  const element = useRef<Element>(null);
  const [measured, setMeasured] = useState(before);
  useLayoutEffect(() => watchSize(element.current, (size) => setMeasured(measure(size))), [measure]);
  return [element, measured];
}

/** Tells an element's size now and whenever it changes. @returns ends it */
function watchSize(element: HTMLElement | null, onSize: (size: ElementSize) => void): (() => void) | undefined {
  if (!element) return undefined;
  onSize({ width: element.clientWidth, height: element.clientHeight });
  const observer = new ResizeObserver(([entry]) => {
    if (entry) onSize(entry.contentRect);
  });
  observer.observe(element);
  return () => observer.disconnect();
}
