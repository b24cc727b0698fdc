import X from "lucide-react/icons/x";
import { noChainWords, relaxationWords } from "../../components/words/chain-words.ts";
import type { NoChain, Relaxation } from "../../core/light.ts";

interface Props {
  readonly answer: NoChain;
  /** What the chain aims at. */
  readonly focus: readonly string[];
  readonly onRelax: (relaxation: Relaxation) => void;
  readonly onClose: () => void;
}

/** Why there is no chain, and what would give one: each was tried, and its chain is at hand. */
export function NoChainNotice({ answer, focus, onRelax, onClose }: Props) {
  return (
    <div role="alert" className="mx-5 mb-3 rounded-lg border border-again bg-again-soft py-3 pl-4 pr-2">
      <div className="flex items-start justify-between gap-3">
        <p>
          <strong className="text-again">No chain.</strong> {noChainWords(answer.reason, focus)}
        </p>
        <button type="button" aria-label="Close" className="grid size-11 shrink-0 place-items-center" onClick={onClose}>
          <X size={16} aria-hidden />
        </button>
      </div>
      {answer.relaxations.length > 0 && (
        <ul className="mt-2 flex flex-col gap-1.5" aria-label="What would give a chain">
          {answer.relaxations.map((relaxation) => (
            <li key={JSON.stringify(relaxation.relaxation)} className="flex items-center gap-3">
              <button type="button" className="button shrink-0" onClick={() => onRelax(relaxation)}>
                {relaxationWords(relaxation.relaxation, focus)}
              </button>
              <span className="truncate font-learner text-[16px] text-quiet">{relaxation.example.join("  ")}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
