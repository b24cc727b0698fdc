import { useState } from "react";
import { Select } from "../../components/ui/Select.tsx";
import { FAMILIARITY_NAME, MODE_NAME, MOVE_NAME, POSITION_PLAN_NAME } from "../../components/words/chain-words.ts";
import {
  CHAIN_MODES,
  type ChainShape,
  type Contrast,
  DEFAULT_MOVES,
  MAX_CHAIN_LENGTH,
  MIN_CHAIN_LENGTH,
  MOVES,
  POSITION_PLANS,
} from "../../core/light.ts";

interface Props {
  readonly shape: ChainShape;
  readonly contrasts: readonly Contrast[];
  readonly onShape: (shape: Partial<ChainShape>) => void;
}

const NONSENSE: readonly { share: number; name: string }[] = [
  { share: 0, name: "none" },
  { share: 0.25, name: "a few" },
  { share: 0.5, name: "up to half" },
  { share: 1, name: "only" },
];

const POWERS: readonly { atLeast: number; name: string }[] = [
  { atLeast: 0.5, name: "as likely as not" },
  { atLeast: 0.8, name: "8 times in 10" },
  { atLeast: 0.95, name: "nearly always" },
];

/** How often a learner is thought to take one sound of a pair for the other. */
export const MIXED_UP: readonly { share: number; name: string }[] = [
  { share: 0.25, name: "one time in four" },
  { share: 0.5, name: "half the time" },
  { share: 0.75, name: "three times in four" },
];

const RUNS = [
  [0, "any number in a row"],
  [1, "once"],
  [2, "twice at most"],
  [3, "three at most"],
] as const;

/** Figures, each with its name, as the choices of a list. */
function choicesFrom(named: readonly (readonly [number | string, string])[]) {
  const names = new Map(named.map(([value, name]) => [String(value), name]));
  return { choices: [...names.keys()], nameOf: (value: string) => names.get(value) ?? value };
}

const wordsIn = (text: string) =>
  text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean);

/** What shape the chain has: the common choices in sight, the others behind "more". */
export function ShapePanel({ shape, contrasts, onShape }: Props) {
  const moves = shape.moves ?? DEFAULT_MOVES;
  return (
    <>
      <section className="flex flex-col gap-2">
        <span className="label">Shape</span>
        <Row name="Words">
          <input
            type="number"
            className="w-16 bg-transparent py-2 text-right font-bold"
            min={MIN_CHAIN_LENGTH}
            max={MAX_CHAIN_LENGTH}
            value={shape.length}
            onChange={(event) => onShape({ length: event.target.valueAsNumber || 0 })}
          />
        </Row>
        <Select
          label="For"
          labelPlace="before"
          value={shape.mode ?? "reading"}
          choices={CHAIN_MODES}
          nameOf={(mode) => MODE_NAME[mode]}
          onChange={(mode) => onShape({ mode })}
        />
        <Select
          label="Changes"
          labelPlace="before"
          value={shape.positions ?? "any"}
          choices={POSITION_PLANS}
          nameOf={(plan) => POSITION_PLAN_NAME[plan]}
          onChange={(positions) => onShape({ positions })}
        />
        <Select
          label="Nonsense"
          labelPlace="before"
          value={String(shape.nonsenseShare ?? 0)}
          {...choicesFrom(NONSENSE.map(({ share, name }) => [share, name]))}
          onChange={(share) => onShape({ nonsenseShare: Number(share) })}
        />
        <WordField name="First word" value={shape.start} onWord={(start) => onShape({ start })} />
        <WordField name="Last word" value={shape.end} onWord={(end) => onShape({ end })} />
      </section>
      <details className="group">
        <summary className="flex min-h-11 cursor-pointer items-center font-semibold">More</summary>
        <div className="flex flex-col gap-2">
          <WordsField
            name="Has to include"
            value={shape.mustInclude ?? []}
            onWords={(mustInclude) => onShape({ mustInclude })}
          />
          <WordsField name="Never" value={shape.never ?? []} onWords={(never) => onShape({ never })} />
          <fieldset>
            <legend className="label mb-1">A step may</legend>
            <div className="grid grid-cols-2 gap-x-2">
              {MOVES.map((move) => (
                <label key={move} className="flex min-h-11 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-ink"
                    checked={moves.includes(move)}
                    onChange={(event) =>
                      onShape({
                        moves: MOVES.filter((other) => (other === move ? event.target.checked : moves.includes(other))),
                      })
                    }
                  />
                  {MOVE_NAME[move]}
                </label>
              ))}
            </div>
          </fieldset>
          <Select
            label="Same place"
            labelPlace="before"
            value={String(shape.longestRun ?? 0)}
            {...choicesFrom(RUNS)}
            onChange={(run) => onShape({ longestRun: run === "0" ? undefined : Number(run) } as Partial<ChainShape>)}
          />
          <Select
            label="Words are"
            labelPlace="before"
            value={String(shape.leastFamiliar ?? 0)}
            {...choicesFrom(Object.entries(FAMILIARITY_NAME))}
            onChange={(least) =>
              onShape({ leastFamiliar: least === "0" ? undefined : Number(least) } as Partial<ChainShape>)
            }
          />
          {contrasts.length > 0 && (
            <Select
              label="Mixed up"
              labelPlace="before"
              value={String(shape.mixedUp ?? 0.5)}
              {...choicesFrom(MIXED_UP.map(({ share, name }) => [share, name]))}
              onChange={(share) => onShape({ mixedUp: Number(share) })}
            />
          )}
          {contrasts.length > 0 && (
            <Select
              label="Show it"
              labelPlace="before"
              value={String(shape.reachPower?.atLeast ?? 0)}
              {...choicesFrom([[0, "as they come"], ...POWERS.map(({ atLeast, name }) => [atLeast, name] as const)])}
              onChange={(power) =>
                onShape({
                  reachPower: power === "0" ? undefined : { atLeast: Number(power) },
                } as Partial<ChainShape>)
              }
            />
          )}
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={shape.closed ?? false}
              onChange={(event) => onShape({ closed: event.target.checked })}
            />
            ends one step from where it begins
          </label>
          <TilesField tiles={shape.tiles} onTiles={(tiles) => onShape({ tiles } as Partial<ChainShape>)} />
        </div>
      </details>
    </>
  );
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is what is put inside
    <label className="field flex items-center justify-between gap-2 py-0">
      <span className="shrink-0">{name}</span>
      {children}
    </label>
  );
}

function WordField(props: { name: string; value: string | undefined; onWord: (word: string | undefined) => void }) {
  return (
    <Row name={props.name}>
      <input
        className="w-28 min-w-0 bg-transparent py-2 text-right font-learner text-[17px]"
        placeholder="any"
        autoCapitalize="none"
        autoComplete="off"
        spellCheck={false}
        value={props.value ?? ""}
        onChange={(event) => props.onWord(event.target.value.trim() === "" ? undefined : event.target.value)}
      />
    </Row>
  );
}

function WordsField(props: { name: string; value: readonly string[]; onWords: (words: string[]) => void }) {
  const [text, setText] = useState(props.value.join(" "));
  const shown = wordsIn(text).join(" ") === props.value.join(" ") ? text : props.value.join(" ");
  return (
    <label>
      <span className="label mb-1">{props.name}</span>
      <input
        className="field font-learner text-[16px]"
        placeholder="no words"
        autoCapitalize="none"
        autoComplete="off"
        spellCheck={false}
        value={shown}
        onChange={(event) => {
          setText(event.target.value);
          props.onWords(wordsIn(event.target.value));
        }}
      />
    </label>
  );
}

/** `"a a t sh"` or `"a2 t sh"`: what is in the box; empty: nobody counts. */
export function readTiles(text: string): Record<string, number> | undefined {
  const tiles: Record<string, number> = {};
  for (const piece of text.toLowerCase().split(/[\s,;]+/)) {
    const match = /^([a-z]+(?:-e)?)(?:[×x*]?(\d{1,2}))?$/.exec(piece);
    if (match?.[1]) tiles[match[1]] = (tiles[match[1]] ?? 0) + Number(match[2] ?? 1);
  }
  return text.trim() === "" ? undefined : tiles;
}

/** The tiles of a box as the teacher types them. */
export function writeTiles(tiles: Readonly<Record<string, number>> | undefined): string {
  return Object.entries(tiles ?? {})
    .map(([tile, count]) => (count > 1 ? `${tile}${count}` : tile))
    .join(" ");
}

function TilesField(props: { tiles: ChainShape["tiles"]; onTiles: (tiles: ChainShape["tiles"]) => void }) {
  const [text, setText] = useState(writeTiles(props.tiles));
  return (
    <label>
      <span className="label mb-1">Tiles in the box (a2 is two of them)</span>
      <textarea
        className="field font-learner text-[16px]"
        rows={2}
        placeholder="not counted"
        spellCheck={false}
        autoCapitalize="none"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          props.onTiles(readTiles(event.target.value));
        }}
      />
    </label>
  );
}
