import { marksOf, type Segmentation, type SpellingMarks, type TapSettings } from "../core/light.ts";

interface Props {
  readonly word: Segmentation;
  readonly taps: TapSettings;
}

/** A word letter by letter with its marks: one stroke a touch, long and short vowels, silent letters faint. */
export function MarkedWord({ word, taps }: Props) {
  const marks = marksOf(word, taps);
  return (
    <span
      role="img"
      aria-label={describe(word.word, marks)}
      className="inline-flex font-learner text-[26px] leading-none"
    >
      {[...word.word].map((letter, at) => {
        const vowel = marks.vowels.find(({ letters }) => letters[0] === at);
        const tap = marks.taps.find(({ letters }) => letters.includes(at));
        const previous = tap?.letters.includes(at - 1) ?? false;
        const next = tap?.letters.includes(at + 1) ?? false;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: letters have no other name than their place
          <span key={at} className="grid justify-items-center">
            <span className="h-3.5 text-[20px] leading-none text-quiet">
              {vowel && (vowel.length === "long" ? "¯" : "˘")}
            </span>
            <span className={`px-[2px] ${marks.silent.includes(at) ? "text-[#8b8a88]" : ""}`}>{letter}</span>
            <span className="mt-1 block h-[5px] w-full">
              <span
                className={`block h-[4px] bg-tape ${previous ? "" : "ml-[3px] rounded-l-full"} ${next ? "" : "mr-[3px] rounded-r-full"}`}
              />
            </span>
          </span>
        );
      })}
    </span>
  );
}

function describe(word: string, { taps, silent }: SpellingMarks): string {
  const quiet = silent.map((at) => word[at]).join(", ");
  return `${taps.length} touches${quiet ? `; silent: ${quiet}` : ""}`;
}
