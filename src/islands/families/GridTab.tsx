import { useState } from "react";
import { familyName } from "../../components/words/family-names.ts";
import { cellWords, familySound } from "../../components/words/family-words.ts";
import { type FamilyGrid, familyId, type GridCell, type GridRow } from "../../core/light.ts";
import type { ChosenWord } from "./set-state.ts";

interface Props {
  readonly grid: FamilyGrid;
  readonly chosen: ReadonlySet<string>;
  readonly onToggle: (word: ChosenWord) => void;
}

/** How a cell is marked: by shape and weight first, then tone. */
const MARK: Readonly<
  Record<GridCell["state"], { readonly look: string; readonly sign: string; readonly name: string }>
> = {
  empty: { look: "", sign: "", name: "" },
  real: { look: "border-rule bg-sheet", sign: "", name: "a word" },
  nonsense: { look: "border-dashed border-tape text-quiet", sign: "~", name: "nonsense" },
  "not-yet": { look: "border-transparent text-quiet", sign: "○", name: "not taught yet" },
  "false-friend": { look: "border-transparent text-again", sign: "≠", name: "false friend" },
  "two-ways": { look: "border-transparent text-again", sign: "2", name: "said in two ways" },
  "sounds-like": { look: "border-transparent text-quiet", sign: "=", name: "sounds like a word" },
};
const LEGEND = ["real", "nonsense", "not-yet", "false-friend", "two-ways", "sounds-like"] as const;

/** Beginnings × rimes, or bodies × endings. A word or a nonsense word is pressed into the set and out of it. */
export function GridTab({ grid, chosen, onToggle }: Props) {
  const [hidden, setHidden] = useState<ReadonlySet<GridCell["state"]>>(new Set(["sounds-like"]));
  const [said, setSaid] = useState("");
  const present = new Set(grid.rows.flatMap(({ cells }) => cells.map(({ state }) => state)));
  const shown = grid.rows
    .map((row) => ({ ...row, cells: row.cells.map((cell): GridCell => (hidden.has(cell.state) ? EMPTY : cell)) }))
    .filter(({ cells }) => cells.some(({ state }) => state !== "empty"));
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div
        className="flex flex-wrap items-center gap-x-1 gap-y-1 border-b border-hairline px-4 py-2"
        role="group"
        aria-label="Shown"
      >
        {LEGEND.filter((state) => present.has(state)).map((state) => (
          <button
            key={state}
            type="button"
            aria-pressed={!hidden.has(state)}
            className={`flex min-h-11 min-w-11 items-center gap-1.5 rounded-lg px-2 text-[13.5px] ${hidden.has(state) ? "text-quiet line-through" : ""}`}
            onClick={() => setHidden(toggled(hidden, state))}
          >
            <span
              className={`grid size-6 place-items-center rounded border text-[14px] ${MARK[state].look}`}
              aria-hidden
            >
              {MARK[state].sign || "a"}
            </span>
            {MARK[state].name}
          </button>
        ))}
      </div>
      <div className="min-h-0 flex-1 overflow-auto px-4 pb-4">
        <table className="border-separate border-spacing-0">
          <thead>
            <tr>
              <th className="sticky top-0 z-10 bg-paper" scope="col">
                <span className="sr-only">{grid.kind === "rime" ? "Beginning" : "Ending"}</span>
              </th>
              {grid.columns.map(({ family, readable, notYet }) => (
                <th
                  key={familyId(family)}
                  scope="col"
                  className="sticky top-0 z-10 min-w-32 bg-paper px-1 pt-3 pb-2 text-left"
                >
                  <span className="font-learner text-[24px] leading-none">{familyName(family)}</span>
                  <span className="ml-2 text-[13px] font-normal text-quiet">
                    {familySound(family)} · {readable} {readable === 1 ? "word" : "words"}
                    {notYet > 0 && `, ${notYet} later`}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.key}>
                <th scope="row" className="pr-3 text-right font-learner text-[18px] font-normal text-quiet">
                  {rowName(row, shown)}
                </th>
                {row.cells.map((cell, k) => (
                  <td key={familyId(grid.columns[k]?.family as never)} className="px-1 py-[3px]">
                    <Cell
                      cell={cell}
                      chosen={cell.state !== "empty" && chosen.has(cell.word)}
                      onToggle={onToggle}
                      onSay={setSaid}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <Apart grid={grid} />
          </tfoot>
        </table>
      </div>
      <p role="status" className="min-h-11 border-t border-hairline px-4 py-2 text-[14px]">
        {said}
      </p>
    </div>
  );
}

const EMPTY: GridCell = { state: "empty" };

function toggled<T>(set: ReadonlySet<T>, item: T): ReadonlySet<T> {
  const next = new Set(set);
  if (!next.delete(item)) next.add(item);
  return next;
}

/** The letters of a row; where two rows have the same ones (c of cat, c of city), the sound with them. */
function rowName({ letters, units, key }: GridRow, rows: readonly GridRow[]) {
  const twin = rows.some((other) => other.letters === letters && other.key !== key);
  return (
    <>
      {letters || "–"}
      {twin && <span className="ml-1 font-sans text-[12px]">/{units.flatMap((u) => u.phonemes).join("")}/</span>}
    </>
  );
}

function Cell(props: {
  cell: GridCell;
  chosen: boolean;
  onToggle: (word: ChosenWord) => void;
  onSay: (text: string) => void;
}) {
  const { cell, chosen } = props;
  if (cell.state === "empty") return <span className="block h-9" />;
  const { look, sign } = MARK[cell.state];
  const canBeChosen = cell.state === "real" || cell.state === "nonsense";
  const note =
    cell.state === "real" && cell.ending ? "+" : cell.state === "real" && cell.soundsLike.length > 0 ? "=" : sign;
  return (
    <button
      type="button"
      data-word={cell.word}
      data-state={cell.state}
      aria-label={cellWords(cell)}
      aria-pressed={canBeChosen ? chosen : undefined}
      title={cellWords(cell)}
      className={`flex h-11 w-full min-w-28 items-center justify-between rounded-lg border px-2 font-learner text-[18px] ${look} ${
        chosen ? "!border-2 !border-ink font-bold !text-ink" : ""
      }`}
      onFocus={() => props.onSay(cellWords(cell))}
      onMouseEnter={() => props.onSay(cellWords(cell))}
      onClick={() => {
        props.onSay(cellWords(cell));
        if (canBeChosen) props.onToggle({ word: cell.word, nonsense: cell.state === "nonsense" });
      }}
    >
      {cell.word}
      <span aria-hidden className="font-sans text-[14px]">
        {note}
      </span>
    </button>
  );
}

/** What is kept apart: the same letters said otherwise, the same sounds spelled otherwise. */
function Apart({ grid }: { grid: FamilyGrid }) {
  const { columns } = grid;
  const hasFriends = columns.some(({ falseFriends }) => falseFriends.length > 0);
  const hasOthers = columns.some(({ spelledOtherwise }) => spelledOtherwise.length > 0);
  const cell = "max-w-56 border-t border-rule px-2 py-2 align-top text-[14px]";
  return (
    <>
      {hasFriends && (
        <tr>
          <th scope="row" className={`${cell} w-24 text-right font-normal text-quiet`}>
            same letters, other sound
          </th>
          {columns.map(({ family, falseFriends }) => (
            <td key={familyId(family)} className={cell}>
              {falseFriends.map(({ word, sounds, readable }) => (
                <span key={word} className={`mr-2 inline-block ${readable ? "" : "text-quiet"}`}>
                  <span className="font-learner text-[16px]">{word}</span>{" "}
                  <span className="text-[12.5px] text-quiet">{familySound({ sounds })}</span>
                </span>
              ))}
            </td>
          ))}
        </tr>
      )}
      {hasOthers && (
        <tr>
          <th scope="row" className={`${cell} w-24 text-right font-normal text-quiet`}>
            same sound, other letters
          </th>
          {columns.map(({ family, spelledOtherwise }) => (
            <td key={familyId(family)} className={cell}>
              {spelledOtherwise.map(({ letters, words }) => (
                <span key={letters} className="mb-1 block">
                  <b className="font-learner font-normal">{familyName({ kind: family.kind, letters })}</b>{" "}
                  <span className="text-quiet">
                    {words
                      .slice(0, 4)
                      .map(({ word }) => word)
                      .join(", ")}
                    {words.length > 4 && ` +${words.length - 4}`}
                  </span>
                </span>
              ))}
            </td>
          ))}
        </tr>
      )}
    </>
  );
}
