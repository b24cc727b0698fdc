interface Props {
  /** What the planner is at; undefined while it rests. */
  readonly planning: string | undefined;
  readonly hasLocks: boolean;
  /** Both a first and a last word are named. */
  readonly hasEnds: boolean;
  readonly onShortestWay: () => void;
  readonly onThreeOthers: () => void;
  readonly onLevels: () => void;
  readonly onStop: () => void;
}

/** What the planner can be pressed for, at the foot of its form; a stop while it works. */
export function PlanButtons(props: Props) {
  return (
    <div className="sticky bottom-0 -mx-4 -mb-4 flex flex-col gap-2 border-t border-rule bg-sheet p-4">
      {props.planning === undefined ? (
        <>
          <button type="submit" className="button button-main">
            {props.hasLocks ? "Fill around the locked words" : "Make a chain"}
          </button>
          {props.hasEnds && (
            <button type="button" className="button px-1" onClick={props.onShortestWay}>
              Shortest way to the last word
            </button>
          )}
          <div className="flex gap-2">
            <button type="button" className="button flex-1 px-1" onClick={props.onThreeOthers}>
              Three others
            </button>
            <button
              type="button"
              className="button flex-1 px-1"
              title="An easier and a harder chain"
              onClick={props.onLevels}
            >
              Two levels
            </button>
          </div>
        </>
      ) : (
        <>
          <p role="status" className="text-[13.5px]">
            {props.planning}
          </p>
          <button type="button" className="button" onClick={props.onStop}>
            Stop
          </button>
        </>
      )}
    </div>
  );
}
