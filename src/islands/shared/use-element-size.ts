import { useLayoutEffect, useRef, useState } from "react";

/** Pixels. */
export interface ElementSize {
  readonly width: number;
  readonly height: number;
}

/** An element's size, measured again when it changes; undefined before the first measurement. */
export function useElementSize<Element extends HTMLElement = HTMLDivElement>(): [
  React.RefObject<Element | null>,
  ElementSize | undefined,
] {
  const element = useRef<Element>(null);
  const [size, setSize] = useState<ElementSize>();
  useLayoutEffect(() => {
    if (!element.current) return undefined;
    const { clientWidth, clientHeight } = element.current;
    setSize({ width: clientWidth, height: clientHeight });
    const observer = new ResizeObserver(([entry]) => {
      const box = entry?.contentRect;
      if (box) setSize((old) => (old?.width === box.width && old.height === box.height ? old : box));
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, []);
  return [element, size];
}
