import type { Dispatch } from "react";
import { SidePane } from "../../components/ui/SidePane.tsx";
import { separatelyHydrated } from "../shared/separately-hydrated.tsx";
import { AimPanel } from "./AimPanel.tsx";
import { PlanButtons } from "./PlanButtons.tsx";
import { ShapePanel } from "./ShapePanel.tsx";
import type { BenchProps } from "./starting-state.ts";
import type { BenchAction, BenchState } from "./state.ts";

interface Props extends Pick<BenchProps, "group" | "scope">, Pick<BenchState, "focus" | "contrasts" | "shape"> {
  readonly open: boolean;
  readonly choices: readonly string[];
  readonly patterns: readonly string[];
  /** What the planner is at; undefined while it rests. */
  readonly planning: string | undefined;
  readonly dispatch: Dispatch<BenchAction>;
  readonly actions: {
    readonly onPlan: () => void;
    readonly onThreeOthers: () => void;
    readonly onLevels: () => void;
    readonly onShortestWay: () => void;
    readonly onStop: () => void;
    readonly onClose: () => void;
  };
}

/** The left side of the bench: what the chain is for, its shape, and what the planner is pressed for. */
export const AimPane = separatelyHydrated(function AimPane(props: Props) {
  const { group, scope, open, choices, patterns, focus, contrasts, shape, planning, dispatch, actions } = props;
  const { sequence } = scope;
  return (
    <SidePane label="Aim and shape" open={open} onClose={actions.onClose}>
      <form
        className="flex flex-col gap-5 p-4"
        onSubmit={(event) => {
          event.preventDefault();
          actions.onPlan();
          actions.onClose();
        }}
      >
        <AimPanel
          sequenceName={sequence.name}
          step={group.step}
          stepName={sequence.steps[group.step - 1]?.name ?? ""}
          taughtHref={`/groups/${group.id}`}
          choices={choices}
          patterns={patterns}
          focus={focus}
          contrasts={contrasts}
          weights={shape.weights ?? {}}
          onAim={(next) => dispatch({ type: "aim", ...next })}
          onWeight={(name, weight) =>
            dispatch({ type: "shape", shape: { weights: { ...shape.weights, [name]: weight } } })
          }
        />
        <ShapePanel
          shape={shape}
          contrasts={contrasts}
          onShape={(change) => dispatch({ type: "shape", shape: change })}
        />
        <PlanButtons
          planning={planning}
          hasLocks={shape.locked.length > 0}
          hasEnds={Boolean(shape.start && shape.end)}
          onShortestWay={actions.onShortestWay}
          onThreeOthers={() => {
            actions.onThreeOthers();
            actions.onClose();
          }}
          onLevels={() => {
            actions.onLevels();
            actions.onClose();
          }}
          onStop={actions.onStop}
        />
      </form>
    </SidePane>
  );
});
