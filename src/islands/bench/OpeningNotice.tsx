import { dequal } from "dequal";
import { proposalEvidence, proposalReason, proposalWords } from "../../components/words/focus-words.ts";
import { gpcNames } from "../../components/words/gpc-name.ts";
import type { ChainTarget } from "../../core/light.ts";
import type { Opening } from "../../server/chains/bench-page.ts";

interface Props {
  readonly opening: Opening;
  /** What the chain was made for in the end. */
  readonly target: ChainTarget;
  readonly onEmpty: () => void;
}

/** Says why the bench has opened with this chain. */
export function OpeningNotice({ opening, target, onEmpty }: Props) {
  // Where no chain could hold what was called for, it is made for something else.
  const proposal = opening.proposal && dequal(target, opening.targets[0]) ? opening.proposal : undefined;
  const words = proposal && proposalWords(proposal);
  const reason = proposal && proposalReason(proposal);
  return (
    <div role="status" className="flex items-center gap-x-3 border-b border-hairline px-4 py-1 text-[14px]">
      <p className="min-w-0 flex-1">
        {proposal && words ? (
          <>
            Made for <b className="font-learner text-[17px]">{words.letters}</b> {words.rest}:{" "}
            <span className="text-quiet">
              {proposalEvidence(proposal)}
              {reason && `; ${reason}`}
            </span>
          </>
        ) : target.focus.length === 0 ? (
          "Made of what has been taught"
        ) : (
          <>
            Made for the newest that a chain can hold:{" "}
            <b className="font-learner text-[17px]">{gpcNames(target.focus)}</b>
          </>
        )}
      </p>
      <button type="button" className="button shrink-0" onClick={onEmpty}>
        Start empty
      </button>
    </div>
  );
}
