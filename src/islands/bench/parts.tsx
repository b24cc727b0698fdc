import type { BenchPage } from "../../server/bench.ts";

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
  const begin = () => {
    sessionStorage.removeItem(`zip-step bench ${props.groupId}`);
    location.assign(`/bench?group=${props.groupId}`);
  };
  return (
    <select
      aria-label="Saved chains"
      className="button w-36 truncate font-normal"
      value=""
      onChange={(event) =>
        event.target.value === "new"
          ? begin()
          : location.assign(`/bench?group=${props.groupId}&chain=${event.target.value}`)
      }
    >
      <option value="" disabled>
        Open…
      </option>
      <option value="new">New chain</option>
      {props.chains
        .filter(({ id }) => id !== props.current)
        .map(({ id, title }) => (
          <option key={id} value={id}>
            {title}
          </option>
        ))}
    </select>
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
