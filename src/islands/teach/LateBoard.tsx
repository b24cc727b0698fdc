import { useEffect } from "react";
import { useLate } from "../use-late.ts";
import type { BuildBoardProps } from "./BuildBoard.tsx";

const load = () => import("./BuildBoard.tsx").then((module) => module.default);

/** The board, whose code comes later: it is here before most lessons come to it. */
export function LateBoard({ board }: { readonly board: BuildBoardProps | undefined }) {
  const { part: BuildBoard, failed, ask } = useLate(load);
  const isWanted = board !== undefined;
  useEffect(() => {
    if (isWanted) ask();
  }, [isWanted, ask]);
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
              ask();
            }}
          >
            Try again
          </button>
        </p>
      )}
    </div>
  );
}
