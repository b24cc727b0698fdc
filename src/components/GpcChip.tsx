import { patternOfAim } from "../core/light.ts";
import { gpcName } from "./words/gpc-name.ts";
import { gpcLetters } from "./words/sounds.ts";

/** A correspondence as teachers read it: its letters in Andika, an example word behind. */
export function GpcChip({ id }: { readonly id: string }) {
  const letters = gpcLetters(id);
  return (
    <span title={gpcName(id)}>
      <span className="font-learner text-[17px]">{letters}</span>
      <span className="text-quiet"> {patternOfAim(id) ? gpcName(id) : gpcName(id).slice(letters.length)}</span>
    </span>
  );
}
