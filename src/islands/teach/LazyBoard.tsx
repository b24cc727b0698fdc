import { type ComponentType, useEffect } from "react";
import { useLazy } from "../shared/use-lazy.ts";
import type { BuildBoardProps } from "./BuildBoard.tsx";
import type { CountersBoardProps } from "./CountersBoard.tsx";

const loadTiles = () => import("./BuildBoard.tsx").then((module) => module.default);
const loadCounters = () => import("./CountersBoard.tsx").then((module) => module.default);

/** The board with tiles, whose code is fetched after the page: before most lessons need it. */
export const LazyBoard = ({ board }: { readonly board: BuildBoardProps | undefined }) => (
  <LazyPart load={loadTiles} props={board} missing="The tiles are not here" />
);

/** The counters, fetched in the same way. */
export const LazyCounters = ({ board }: { readonly board: CountersBoardProps | undefined }) => (
  <LazyPart load={loadCounters} props={board} missing="The counters are not here" />
);

interface LazyPartProps<P extends object> {
  readonly load: () => Promise<ComponentType<P>>;
  /** What it is drawn with; undefined: it is not wanted now. */
  readonly props: P | undefined;
  /** What is said when it could not be fetched. */
  readonly missing: string;
}

function LazyPart<P extends object>({ load, props, missing }: LazyPartProps<P>) {
  const { part: Part, failed, request } = useLazy(load);
  const isWanted = props !== undefined;
  useEffect(() => {
    if (isWanted) request();
  }, [isWanted, request]);
  if (!props) return null;
  if (Part) return <Part {...props} />;
  return (
    <div className="grid min-h-0 flex-1 place-items-center">
      {failed && (
        <p role="alert" className="flex items-center gap-3">
          {missing}: no answer from the server.
          <button
            type="button"
            className="button"
            onClick={(event) => {
              // Not a tap on the lesson.
              event.stopPropagation();
              request();
            }}
          >
            Try again
          </button>
        </p>
      )}
    </div>
  );
}
