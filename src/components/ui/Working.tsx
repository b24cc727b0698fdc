import { useEffect, useState } from "react";

interface Props {
  /** What goes on. */
  readonly says: string;
  /** How far it is, 0 to 1; undefined where that is not known. */
  readonly share?: number | undefined;
  /** Milliseconds before it is shown; 0: at once. */
  readonly after?: number;
  readonly onStop: () => void;
}

/** What is done within so many milliseconds needs no word. */
const LONG_MS = 400;

/** Work that takes longer than a moment: that it goes on, how far it is, and a way to stop it. */
export function Working({ says, share, after = LONG_MS, onStop }: Props) {
  const [isShown, setShown] = useState(after === 0);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), after);
    return () => clearTimeout(timer);
  }, [after]);
  if (!isShown) return null;
  return (
    <div className="flex flex-wrap items-center gap-4" role="status">
      <label className="flex items-center gap-3">
        {says}
        <progress {...(share !== undefined && { value: share })} aria-label={says} />
      </label>
      <button type="button" className="button min-h-11" onClick={onStop}>
        Stop
      </button>
    </div>
  );
}

/**
 * Where rows are to come: as high as they will be, so that nothing jumps when they do. They stand still: drawing them
 * anew sixty times a second takes from the work that is waited for.
 */
export function RowsToCome({ rows, height }: { readonly rows: number; readonly height: number }) {
  return (
    <div aria-hidden className="flex flex-col gap-2">
      {Array.from({ length: rows }, (_, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rows without anything in them
        <div key={k} className="rounded-lg bg-hairline" style={{ height }} />
      ))}
    </div>
  );
}
