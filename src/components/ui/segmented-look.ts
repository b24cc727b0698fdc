/** How a segmented choice looks, by itself and before its keys have been fetched. */
export const SEGMENTED_ROW = "flex shrink-0 overflow-hidden rounded-lg border border-rule";
/** One of what can be chosen; `data-state` says whether it is. */
export const SEGMENT =
  "min-h-11 min-w-11 flex-auto bg-sheet px-2 leading-tight sm:px-3 font-semibold text-[14px] text-quiet data-[state=on]:bg-ink data-[state=on]:text-sheet";
