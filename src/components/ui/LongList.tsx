import { type ReactNode, useState } from "react";

interface Props<T> {
  readonly items: readonly T[];
  /** So many are drawn until more are asked for, that many more each time. */
  readonly most: number;
  /** Draws those that are to be seen. */
  readonly children: (shown: readonly T[]) => ReactNode;
}

/** A list that may have hundreds of items: the first ones, and a button for the next. */
export function LongList<T>({ items, most, children }: Props<T>) {
  const [count, setCount] = useState(most);
  const left = items.length - count;
  return (
    <>
      {children(items.slice(0, count))}
      {left > 0 && (
        <button type="button" className="button mt-3 self-start" onClick={() => setCount(count + most)}>
          {left} more
        </button>
      )}
    </>
  );
}
