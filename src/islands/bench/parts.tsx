import { OpenSaved } from "../../components/OpenSaved.tsx";
import type { BenchPage } from "../../server/chains/bench-page.ts";

export function IconButton(props: { name: string; disabled: boolean; onPress: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      className="button grid place-items-center px-2.5"
      aria-label={props.name}
      title={props.name}
      disabled={props.disabled}
      onClick={props.onPress}
    >
      {props.children}
    </button>
  );
}

/** Opens one of the group's saved chains, or begins a new one. */
export function SavedChains(props: { chains: BenchPage["chains"]; current: string | undefined; groupId: string }) {
  const bench = `/bench?group=${props.groupId}`;
  return (
    <OpenSaved
      name="Saved chains"
      newOne="New chain"
      saved={props.chains}
      current={props.current}
      onNew={() => {
        sessionStorage.removeItem(`zip-step bench ${props.groupId}`);
        location.assign(bench);
      }}
      onOpen={(id) => location.assign(`${bench}&chain=${id}`)}
    />
  );
}

export function EmptyChain() {
  return (
    <div className="mx-auto mt-16 max-w-md text-center">
      <p className="text-xl font-bold">One grapheme changes at each step.</p>
      <p className="mt-2 text-quiet">
        Say on the left what the chain is for, then press <b>Make a chain</b>. Every word stays within what this group
        has been taught.
      </p>
    </div>
  );
}
