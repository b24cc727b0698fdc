import { proposalEvidence, proposalWords } from "../../components/words/focus-words.ts";
import type { GroupProposal } from "../../server/evidence/proposals.ts";

interface Props {
  readonly proposal: GroupProposal;
  /** The lesson is for it. */
  readonly isMet: boolean;
  readonly onNewest: () => void;
  readonly onCalled: () => void;
}

/** Why the lesson is for what it is for: what the records call for, and the press for the newest sound instead. */
export function CalledFor({ proposal, isMet, onNewest, onCalled }: Props) {
  const { letters, rest } = proposalWords(proposal);
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-2 text-[14px] text-quiet">
      <span>
        The records call for <b className="font-learner text-[17px] text-ink">{letters}</b> {rest}:{" "}
        {proposalEvidence(proposal)}.
      </span>
      <button type="button" className="button font-normal" onClick={isMet ? onNewest : onCalled}>
        {isMet ? "The newest instead" : "Take that"}
      </button>
    </p>
  );
}
