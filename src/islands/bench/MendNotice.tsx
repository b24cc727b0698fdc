interface Props {
  /** Steps that are not one change, or not one that is allowed; the row of each says why. */
  readonly broken: number;
  /** Words that may not be put before this group. */
  readonly unfit: number;
  /** Puts other words in the place of the unfit ones; undefined where the chain is too short for that. */
  readonly onReplace: (() => void) | undefined;
}

/** What keeps a chain from being taught; nothing where nothing does. */
export function MendNotice({ broken, unfit, onReplace }: Props) {
  if (broken + unfit === 0) return null;
  return (
    <div
      role="status"
      className="mx-5 mb-3 flex flex-wrap items-center justify-between gap-3 rounded-lg md:flex-nowrap border border-again bg-again-soft px-4 py-2"
    >
      <span>
        {unfit > 0 ? `${unfit} ${unfit === 1 ? "word does" : "words do"} not fit this group. ` : ""}
        {broken > 0 && brokenWords(broken)}
      </span>
      {unfit > 0 && onReplace && (
        <button type="button" className="button shrink-0" onClick={onReplace}>
          Put others in their place
        </button>
      )}
    </div>
  );
}

const brokenWords = (count: number): string =>
  count === 1
    ? "One step breaks the chain: its row says why. Mend it before teaching, or move, replace or take out a word."
    : `${count} steps break the chain: their rows say why. Mend them before teaching, or move, replace or take out a word.`;
