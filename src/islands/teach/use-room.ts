import { useLayoutEffect, useRef, useState } from "react";

/** Pixels. */
export interface Room {
  readonly width: number;
  readonly height: number;
}

/** The room that an element has, measured when it changes; undefined before the first time. */
export function useRoom(): [React.RefObject<HTMLDivElement | null>, Room | undefined] {
  const element = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState<Room>();
  useLayoutEffect(() => {
    if (!element.current) return undefined;
    const { clientWidth, clientHeight } = element.current;
    setRoom({ width: clientWidth, height: clientHeight });
    const watch = new ResizeObserver(([entry]) => {
      const box = entry?.contentRect;
      if (box) setRoom((old) => (old?.width === box.width && old.height === box.height ? old : box));
    });
    watch.observe(element.current);
    return () => watch.disconnect();
  }, []);
  return [element, room];
}
