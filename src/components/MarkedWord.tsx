import { type MarkKind, marksOf, type Segmentation, type SpellingMarks, type TapSettings } from "../core/light.ts";

interface Props {
  readonly word: Segmentation;
  readonly taps: TapSettings;
  /** Height of the letters in pixels. */
  readonly size?: number;
  /** Which marks are drawn. */
  readonly shown: readonly MarkKind[];
  /** In black, as for paper. */
  readonly isBlack?: boolean;
}

/** A word letter by letter with its marks: one stroke a touch, long and short vowels, silent letters faint. */
export function MarkedWord({ word, taps, shown, size = 26, isBlack = false }: Props) {
  const marks = marksOf(word, taps);
  const hasTaps = shown.includes("taps");
  const hasLengths = shown.includes("lengths");
  const splits = hasTaps ? marks.taps.filter(({ kind }) => kind === "split").map(({ letters }) => letters) : [];
  const ink = isBlack ? "border-black" : "border-tape";
  return (
    <span
      role="img"
      aria-label={describe(word.word, marks)}
      className="inline-flex font-learner leading-none"
      style={{ fontSize: `${size}px` }}
    >
      {[...word.word].map((letter, at) => {
        const vowel = marks.vowels.find(({ letters }) => letters[0] === at);
        const joined = shown.includes("joined") ? marks.joined.find((letters) => letters.includes(at)) : undefined;
        const tap = marks.taps.find(({ letters }) => letters.includes(at));
        const previous = tap?.letters.includes(at - 1) ?? false;
        const next = tap?.letters.includes(at + 1) ?? false;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: letters have no other name than their place
          <span key={at} className="grid justify-items-center">
            {hasLengths && (
              <span className="h-3.5 text-[20px] leading-none text-quiet">
                {vowel && (vowel.length === "long" ? "¯" : "˘")}
              </span>
            )}
            <span
              className={`px-[2px] ${shown.includes("silent") && marks.silent.includes(at) ? "text-[#8b8a88]" : ""} ${joined ? `${ink} ${lineRound(at, joined)}` : ""}`}
            >
              {letter}
            </span>
            {hasTaps && (
              <span className="mt-1 block h-[5px] w-full">
                <span
                  className={`block h-[4px] ${isBlack ? "bg-black" : "bg-tape"} ${previous ? "" : "ml-[3px] rounded-l-full"} ${next ? "" : "mr-[3px] rounded-r-full"}`}
                />
              </span>
            )}
            {splits.length > 0 && <span className={`block h-[7px] ${threadAt(at, splits)} ${ink}`} />}
          </span>
        );
      })}
    </span>
  );
}

/** The line round letters that together spell one sound. */
function lineRound(at: number, joined: readonly number[]): string {
  const first = at === joined[0] ? "border-l-2 rounded-l-lg" : "";
  const last = at === joined.at(-1) ? "border-r-2 rounded-r-lg" : "";
  return `w-full text-center border-y-2 ${first} ${last}`;
}

/** The thread that joins the two parts of a split digraph runs under the letters between. */
function threadAt(at: number, splits: readonly (readonly number[])[]): string {
  for (const letters of splits) {
    const [first, last] = [letters[0] as number, letters.at(-1) as number];
    if (at === first) return "ml-[50%] w-1/2 border-b-2 border-l-2";
    if (at === last) return "mr-[50%] w-1/2 border-r-2 border-b-2";
    if (at > first && at < last) return "w-full border-b-2";
  }
  return "";
}

function describe(word: string, { taps, silent }: SpellingMarks): string {
  const quiet = silent.map((at) => word[at]).join(", ");
  return `${taps.length} touches${quiet ? `; silent: ${quiet}` : ""}`;
}
