import { useEffect } from "react";
import { useLazy } from "../shared/use-lazy.ts";
import type { BuildBoardProps } from "./BuildBoard.tsx";

const load = () => import("./BuildBoard.tsx").then((module) => module.default);

/** The board, whose code is fetched after the page: before most lessons need it. */
export function LazyBoard({ board }: { readonly board: BuildBoardProps | undefined }) {
  const { part: BuildBoard, failed, request } = useLazy(load);
  const isWanted = board !== undefined;
  useEffect(() => {
    if (isWanted) request();
  }, [isWanted, request]);
  if (!board) return null;
  if (BuildBoard) return <BuildBoard {...board} />;
  return (
    <div className="grid min-h-0 flex-1 place-items-center">
      {failed && (
        <p role="alert" className="flex items-center gap-3">
          The tiles are not here: no answer from the server.
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
