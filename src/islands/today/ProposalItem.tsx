import { proposalEvidence, proposalReason, proposalWords } from "../../components/words/focus-words.ts";
import type { GroupProposal } from "../../server/evidence/proposals.ts";
import type { Group } from "../../server/groups/groups.ts";

interface Props {
  readonly proposal: GroupProposal;
  readonly group: Group;
  /** The best one has its ways on in full. */
  readonly isFirst: boolean;
  readonly onPutOff: (proposal: GroupProposal) => void;
}

/** What to work on, why, and the ways on: a chain, a lesson, a family aimed at it; or not now. */
export function ProposalItem({ proposal, group, isFirst, onPutOff }: Props) {
  const { letters, rest } = proposalWords(proposal);
  const to = (screen: string) => `/${screen}?group=${group.id}&for=${encodeURIComponent(proposal.id)}`;
  const [first] = proposal.learners;
  const learner = proposal.learners.length === 1 && first ? `&learner=${first.learnerId}` : "";
  return (
    <li className="py-2 first:pt-0" data-proposal={proposal.id}>
      <p>
        <b className="font-learner text-[19px]">{letters}</b> {rest}
        {!proposal.isNamed && <span className="text-quiet"> · perhaps</span>}
      </p>
      <p className="text-[14px] text-quiet">
        <a
          className="hover:underline"
          href={`/evidence?group=${group.id}${learner}${first?.way === "built" ? "&way=built" : ""}`}
        >
          {proposalEvidence(proposal)}
        </a>
        {isFirst && proposalReason(proposal) !== "" && `; ${proposalReason(proposal)}`}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        <a className={`button flex items-center ${isFirst ? "button-main" : ""}`} href={to("bench")}>
          {isFirst ? "Chain for it" : "Chain"}
        </a>
        {isFirst && (
          <>
            <a className="button flex items-center" href={to("plan")}>
              Lesson for it
            </a>
            <a className="button flex items-center" href={`/families?group=${group.id}`}>
              Family
            </a>
          </>
        )}
        <button
          type="button"
          className="button"
          aria-label={`Not now: ${letters} ${rest}`}
          onClick={() => onPutOff(proposal)}
        >
          Not now
        </button>
      </div>
    </li>
  );
}
