import type { CountersDisplay } from "./lesson/displays.ts";

interface Props {
  readonly display: CountersDisplay;
  /** Lifts a counter; absent where there is nothing to press. */
  readonly onLift?: (counter: number) => void;
}

/** Blank counters, one a sound; the one that changes is lifted off the line. */
export function CountersLine({ display, onLift }: Props) {
  const { line, lifted } = display;
  return (
    <ol
      aria-label={`${line.length} counters`}
      className="flex items-end justify-center gap-[1.6vw] border-b-6 border-rule px-[3vw] pt-[max(44px,min(11vh,9vw))] pb-[1.5vh]"
    >
      {line.map((counter, k) => {
        const isLifted = counter === lifted;
        const name = `Counter ${k + 1}${isLifted ? ", lifted" : ""}`;
        const look = `block size-[max(44px,min(12vh,10vw))] rounded-full border-4 border-ink bg-tape ${isLifted ? "-translate-y-2/3 outline-4 outline-offset-4 outline-change" : ""}`;
        return (
          <li key={counter} data-counter={counter} data-lifted={isLifted || undefined}>
            {onLift ? (
              <button
                type="button"
                aria-label={name}
                aria-pressed={isLifted}
                className={look}
                onClick={() => onLift(counter)}
              />
            ) : (
              <span role="img" aria-label={name} className={look} />
            )}
          </li>
        );
      })}
    </ol>
  );
}
