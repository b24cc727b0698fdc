import type { WaitingMark } from "./mark-store.ts";

/**
 * Marks that were made in the moment their page was left, before the browser's database had them. The next page of the
 * browser takes them in.
 */
export interface LeftMarks {
  all(): readonly WaitingMark[];
  add(marks: readonly WaitingMark[]): void;
  /** @param id of the response */
  forget(id: string): void;
}

/** Where they are written down at once, as a page that is left has no time to wait: `localStorage`. */
type TextStore = Pick<Storage, "getItem" | "setItem" | "removeItem">;

const KEY = "zip-step marks left";

/** @param open gives the store; may throw, as a browser that keeps nothing does: then none are left */
export function leftMarks(open: () => TextStore): LeftMarks {
  const all = (): WaitingMark[] => {
    try {
      const marks = JSON.parse(open().getItem(KEY) ?? "[]");
      return Array.isArray(marks) ? marks : [];
    } catch {
      return [];
    }
  };
  const write = (marks: readonly WaitingMark[]) => {
    try {
      if (marks.length === 0) open().removeItem(KEY);
      else open().setItem(KEY, JSON.stringify(marks));
    } catch {
      // The browser will not keep them: there is nobody left to tell.
    }
  };
  return {
    all,
    add: (marks) => marks.length > 0 && write([...all(), ...marks]),
    forget(id) {
      const marks = all();
      if (marks.length > 0) write(marks.filter(({ response }) => response.id !== id));
    },
  };
}
