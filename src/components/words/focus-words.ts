import type { GroupProposal } from "../../server/evidence/proposals.ts";
import { fewOf, moreOf } from "./counted.ts";
import { WAY_WORDS } from "./response-words.ts";
import { soundName } from "./sounds.ts";

/** What of a proposal is put into words. */
type Proposed = Pick<GroupProposal, "gpc" | "said" | "learners" | "isNamed" | "settledAfter" | "need">;

const inHundred = (part: number) => Math.round(part * 100);

/** How many learners are named before the others are counted. */
const NAMED = 3;

/** `"e read as short i"`, the letters apart, so that they can stand in the learners' letters. */
export function proposalWords({ gpc, said, learners: [first] }: Proposed): { letters: string; rest: string } {
  const [letters = ""] = gpc.split("=");
  const verb = WAY_WORDS[first?.way ?? "read"].past;
  const asWhat = said.length === 0 ? `left out when ${verb}` : `${verb} as ${soundName(said)}`;
  return { letters, rest: asWhat };
}

/** Whose it is and how sure: `"Sandpiper 11 of 19 (36 to 77 in 100), Heron 5 of 9"`. */
export function proposalEvidence({ learners }: Proposed): string {
  const shares = learners.map(({ nickname, times, chances, interval, way }, k) => {
    const sure = k === 0 ? ` (${inHundred(interval.low)} to ${inHundred(interval.high)} in 100)` : "";
    const built = way === "built" ? " built" : "";
    return `${nickname} ${times} of ${chances}${built}${sure}`;
  });
  return fewOf(shares, NAMED);
}

/** Why it comes now: how sure it is, and how much the coming steps need it. */
export function proposalReason({ isNamed, settledAfter, need }: Proposed): string {
  const coming = need >= 0.01 ? `${inHundred(need)} in 100 of the words that come next have it` : "";
  if (isNamed) return coming;
  const settled =
    settledAfter === undefined
      ? "not sure yet"
      : `not sure yet: about ${moreOf(settledAfter, "chance")} would settle it`;
  return [settled, coming].filter((part) => part !== "").join("; ");
}
