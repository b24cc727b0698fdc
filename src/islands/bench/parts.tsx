import { OpenSaved } from "../../components/OpenSaved.tsx";
import { EmptyState } from "../../components/ui/EmptyState.tsx";
import { RowsToCome, Working } from "../../components/ui/Working.tsx";
import type { BenchPage } from "../../server/chains/bench-page.ts";

/** Opens one of the group's saved chains, or begins a new one. */
export function SavedChains(props: { chains: BenchPage["chains"]; current: string | undefined; groupId: string }) {
  const bench = `/bench?group=${props.groupId}`;
  return (
    <OpenSaved
      name="Saved chains"
      newOne="New chain"
      wide="w-28"
      saved={props.chains}
      current={props.current}
      onNew={() => {
        sessionStorage.removeItem(`zip-step bench ${props.groupId}`);
        location.assign(`${bench}&start=empty`);
      }}
      onOpen={(id) => location.assign(`${bench}&chain=${id}`)}
    />
  );
}

/** What the bench shows before the first word. */
export function EmptyChain() {
  return (
    <EmptyState title="One grapheme changes at each step.">
      Say under <b>Aim</b> what the chain is for, then press <b>Make a chain</b>. Every word stays within what this
      group has been taught.
    </EmptyState>
  );
}

/** What the bench shows while its first chain is made here. */
export function ChainToCome({ onStop }: { readonly onStop: () => void }) {
  return (
    <div className="flex flex-col gap-3 py-3">
      <div className="min-h-11">
        <Working says="A first chain is made…" onStop={onStop} />
      </div>
      <RowsToCome rows={8} height={66} />
    </div>
  );
}

/** The words of a chain until its steps have been looked at: in the places that they keep. */
export function WaitingChain({ words }: { readonly words: readonly string[] }) {
  return (
    <ol aria-label="Chain, being looked at" aria-busy className="@container min-w-0">
      {words.map((word, index) => (
        <li key={word} className="flex min-h-[102px] items-center border-b border-hairline pl-11 @2xl:min-h-[74px]">
          <span className="w-5 shrink-0 text-right tabular-nums text-quiet">{index + 1}</span>
          <span className="pl-5 font-learner text-[30px] tracking-[0.5em] [overflow-wrap:anywhere]">{word}</span>
        </li>
      ))}
    </ol>
  );
}
