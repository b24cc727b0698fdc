import type { OwnWordFault } from "../../core/index.ts";
import type { SchoolChangeInput } from "../../schemas/school.ts";
import { AppError } from "../http/errors.ts";
import { askWords } from "../words/pool.ts";

/** Why a word of the school's own is not taken, after the word itself. */
const WHY: Readonly<Record<OwnWordFault, string>> = {
  letters: "has to be of the letters a to z, twenty at most",
  "no-reading": "and its sounds do not add up: pick a sound for every letter",
  "unknown-spelling": "has letters with a sound that no English spelling has",
  "no-vowel": "has no vowel sound: pick one",
  "kept-out": "is kept out of everything shown to children",
  "sounds-rude": "would sound like a word that is kept out, said this way",
};

/**
 * Looks over the words of its own that a school puts in, with how it says them.
 *
 * @throws AppError "invalid" with every word that cannot be taken, and why
 */
export async function refuseOwnWords({ accent, never, base }: SchoolChangeInput): Promise<void> {
  const before = new Set((base?.accent.ownWords ?? []).map(({ word, reading }) => `${word} ${reading}`));
  const added = (accent.ownWords ?? []).filter(({ word, reading }) => !before.has(`${word} ${reading}`));
  if (added.length === 0) return;
  const faults = await askWords("judgeOwnWords", added, { ...accent, ownWords: [] }, never);
  const wrong = added.flatMap(({ word }, k) => {
    const fault = faults[k];
    return fault ? [{ field: "ownWords", message: `${word} ${WHY[fault]}` }] : [];
  });
  if (wrong.length > 0) throw new AppError("invalid", wrong.map(({ message }) => message).join("; "), wrong);
}
