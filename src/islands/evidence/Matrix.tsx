import { useMemo } from "react";
import { counted } from "../../components/words/counted.ts";
import { WAY_WORDS } from "../../components/words/response-words.ts";
import { soundAlone, soundName } from "../../components/words/sounds.ts";
import { type ConfusionMatrix, confusionMatrices, type EvidenceWay, type MatrixRow } from "../../core/light.ts";
import type { EvidenceReport } from "../../server/evidence/evidence.ts";
import type { Opened } from "./Evidence.tsx";

interface Props {
  readonly rows: EvidenceReport["rows"];
  /** Sounds that were always right are left out. */
  readonly onlyWrong: boolean;
  readonly way: EvidenceWay;
  readonly onOpen: (opened: Opened) => void;
}

const NAME = { vowels: "Vowels", consonants: "Consonants" } as const;
/** Fewer chances say little: their figures are faint, and it is said why. */
const FEW = 5;

/** Sounds as they were expected against sounds as they were said: vowels and consonants apart, near sounds near. */
export function Matrix({ rows, onlyWrong, way, onOpen }: Props) {
  const matrices = useMemo(() => confusionMatrices(rows, onlyWrong), [rows, onlyWrong]);
  return (
    <div className="flex flex-col gap-6">
      {matrices.map((matrix) => (
        <section
          key={matrix.kind}
          aria-label={NAME[matrix.kind]}
          className="rounded-xl border border-rule bg-sheet p-3"
        >
          <h2 className="mb-1 px-1 font-bold">{NAME[matrix.kind]}</h2>
          <div className="overflow-x-auto">
            <MatrixTable matrix={matrix} way={way} onOpen={onOpen} />
          </div>
        </section>
      ))}
      <p className="text-[14px] text-quiet">
        Down: what stood in the word. Across: what was said; what was right is framed. Sounds that are easily taken for
        one another stand side by side. Faint: fewer than {FEW} chances, too few to say anything.
      </p>
    </div>
  );
}

function MatrixTable({ matrix, way, onOpen }: { readonly matrix: ConfusionMatrix } & Pick<Props, "way" | "onOpen">) {
  const { columns, rows } = matrix;
  const hasLeftOut = rows.some(({ leftOut }) => leftOut > 0);
  return (
    <table className="border-collapse tabular-nums">
      <thead>
        <tr className="text-[13px] text-quiet">
          <th scope="col" className="sticky left-0 bg-sheet px-2 text-left font-normal">
            {WAY_WORDS[way].past} as →
          </th>
          {columns.map((sound) => (
            <th key={sound.join("+")} scope="col" title={soundName(sound)} className="min-w-11 px-1 font-normal">
              {soundAlone(sound)}
            </th>
          ))}
          {hasLeftOut && (
            <th scope="col" className="px-2 font-normal">
              left out
            </th>
          )}
          <th scope="col" className="px-2 font-normal">
            chances
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <MatrixLine key={row.expected.join("+")} row={row} {...{ columns, hasLeftOut, way, onOpen }} />
        ))}
      </tbody>
    </table>
  );
}

interface LineProps extends Pick<Props, "way" | "onOpen"> {
  readonly row: MatrixRow;
  readonly columns: ConfusionMatrix["columns"];
  readonly hasLeftOut: boolean;
}

function MatrixLine({ row, columns, hasLeftOut, way, onOpen }: LineProps) {
  const { expected, chances, leftOut, said } = row;
  const sound = expected.join("+");
  const name = soundName(expected);
  const open = (what: string, count: number, figure: Opened["figure"]) =>
    onOpen({ title: `${name} ${what}`, count, figure: { sound, ...figure } });
  const faint = chances < FEW ? "opacity-50" : "";
  return (
    <tr className="border-t border-hairline">
      <th scope="row" title={name} className="sticky left-0 whitespace-nowrap bg-sheet px-2 text-left font-normal">
        {soundAlone(expected)}
      </th>
      {columns.map((column, k) => {
        const count = said[k] ?? 0;
        const isRight = column.join("+") === sound;
        const what = isRight ? "right" : `${WAY_WORDS[way].past} as ${soundName(column)}`;
        return (
          <td key={column.join("+")} className={`p-0 text-center ${faint}`}>
            {count > 0 && (
              <button
                type="button"
                aria-label={`${name} ${what}: ${count} of ${counted(chances, "chance")}`}
                className={`grid min-h-11 w-full min-w-11 place-items-center ${isRight ? "rounded border border-rule text-quiet" : "font-bold"}`}
                style={isRight ? undefined : { background: shade(count / chances) }}
                onClick={() =>
                  isRight ? open("in all", chances, {}) : open(what, count, { said: column.join("+"), wrong: true })
                }
              >
                {count}
              </button>
            )}
          </td>
        );
      })}
      {hasLeftOut && (
        <td className={`p-0 text-center ${faint}`}>
          {leftOut > 0 && (
            <button
              type="button"
              aria-label={`${name} left out: ${leftOut} of ${counted(chances, "chance")}`}
              className="grid min-h-11 w-full min-w-11 place-items-center font-bold"
              style={{ background: shade(leftOut / chances) }}
              onClick={() => open("left out", leftOut, { said: "", wrong: true })}
            >
              {leftOut}
            </button>
          )}
        </td>
      )}
      <td className={`px-2 text-right text-quiet ${faint}`}>{chances}</td>
    </tr>
  );
}

/** The more of the chances, the stronger. @param part 0 to 1 */
const shade = (part: number): string => `rgb(122 59 105 / ${Math.round(8 + 32 * part)}%)`;
