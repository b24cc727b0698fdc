import { useCallback, useState } from "react";
import type { TeachItem } from "../../server/teach.ts";
import { type Board, type BoardAction, boardReducer, newBoard } from "./board.ts";

/** The boards of a lesson, each by the learner and the item it is for: going on and back loses nothing. */
export function useBoards() {
  const [boards, setBoards] = useState<ReadonlyMap<string, Board>>(new Map());
  const boardOf = (key: string, item: TeachItem, before: TeachItem | undefined): Board | undefined =>
    boards.get(key) ?? (item.word && newBoard(item.word, before?.word));
  const act = useCallback((key: string, board: Board, action: BoardAction): Board => {
    const next = boardReducer(board, action);
    setBoards((old) => new Map(old).set(key, next));
    return next;
  }, []);
  return { boardOf, act };
}
