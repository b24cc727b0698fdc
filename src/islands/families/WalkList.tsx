import { Select } from "../../components/ui/Select.tsx";
import { type FamilyWalk, partLetters, WALK_WAYS, type WalkWay, walkParts } from "../../core/light.ts";
import { useAnswer } from "../shared/use-answer.ts";

interface Props {
  readonly askWalk: () => Promise<FamilyWalk>;
  readonly way: WalkWay;
  readonly onWay: (way: WalkWay) => void;
}

const WAY_NAME: Readonly<Record<WalkWay, string>> = {
  "rime-first": "rime, then beginning",
  "body-first": "body, then ending",
};

/** The set in an order in which one grapheme changes at a time, each word in the two parts it is blended from. */
export function WalkList({ askWalk, way, onWay }: Props) {
  const walk = useAnswer(askWalk);
  return (
    <div className="min-h-0 flex-1 overflow-y-auto px-4 py-2">
      <Select
        label="Walked"
        labelPlace="hidden"
        className="field mb-2"
        value={way}
        choices={WALK_WAYS}
        nameOf={(id) => WAY_NAME[id]}
        onChange={onWay}
      />
      <ol aria-label="Walk">
        {walk?.readings.map((reading) => {
          const parts = walkParts(reading, way);
          return (
            <li
              key={reading.word}
              className="flex min-h-11 items-center border-b border-hairline font-learner text-[19px]"
            >
              {parts && (
                <span className="w-32 text-quiet">
                  {partLetters(reading, parts.first)}
                  {parts.second.length > 0 && ` + ${partLetters(reading, parts.second)}`}
                </span>
              )}
              <span className="text-[21px]">{reading.word}</span>
              {walk.added.includes(reading.word) && (
                <span className="ml-2 font-sans text-[13px] text-quiet">put in to join up</span>
              )}
            </li>
          );
        })}
      </ol>
      {walk && walk.leftOut.length > 0 && (
        <p className="mt-2 text-[14px] text-quiet">No single step leads to {walk.leftOut.join(", ")}.</p>
      )}
    </div>
  );
}
