import { useLazy } from "../shared/use-lazy.ts";
import type { ChangeProps } from "./ChangeChart.tsx";

const load = () => import("./ChangeChart.tsx").then((module) => module.default);

/** The chart of change over time: its code is larger than the rest of the screen, and is fetched after it. */
export default function ChangeOverTime(props: ChangeProps) {
  const { part: ChangeChart, failed, request } = useLazy(load);
  if (ChangeChart) return <ChangeChart {...props} />;
  return (
    <p className="min-h-[26rem] text-quiet">
      {failed ? (
        <button type="button" className="button" onClick={request}>
          Show it
        </button>
      ) : (
        "Counting…"
      )}
    </p>
  );
}
