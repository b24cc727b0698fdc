import { useCallback, useEffect, useReducer, useState } from "react";
import { toast } from "sonner";
import { EmptyState } from "../../components/ui/EmptyState.tsx";
import { Tabs } from "../../components/ui/Tabs.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import type { Bin, SetContent } from "../../core/light.ts";
import type { FamiliesPage } from "../../server/sets/families-page.ts";
import type { WordSet } from "../../server/sets/word-sets.ts";
import { setsWorker } from "../shared/sets-worker-client.ts";
import { useSetSaving } from "../shared/use-set-saving.ts";
import { useShortcuts } from "../shared/use-shortcuts.ts";
import { FamilyChooser } from "./FamilyChooser.tsx";
import { GridTab } from "./GridTab.tsx";
import { PairsTab } from "./PairsTab.tsx";
import { SavedSets } from "./SavedSets.tsx";
import { SetPanel } from "./SetPanel.tsx";
import { SortTab } from "./SortTab.tsx";
import { SpellingsTab } from "./SpellingsTab.tsx";
import { familiesReducer, startingFamilies } from "./set-state.ts";
import { useFamilyAnswers, useFamilyRules } from "./use-families.ts";

const TABS = [
  { id: "grid", name: "Families" },
  { id: "sort", name: "Sort" },
  { id: "pairs", name: "Pairs" },
  { id: "spellings", name: "Spellings of a sound" },
] as const;
type Tab = (typeof TABS)[number]["id"];

const tabOf = (set: WordSet | undefined): Tab =>
  set?.kind === "sort" ? "sort" : set?.kind === "pairs" ? "pairs" : "grid";

/** Families: what words share on the left, the grid, sorts and pairs in the middle, the set on the right. */
export default function Families(page: FamiliesPage) {
  const { group, scope, set } = page;
  const [state, dispatch] = useReducer(familiesReducer, set, startingFamilies);
  const [tab, setTab] = useState<Tab>(() => tabOf(set));
  const [bins, setBins] = useState<readonly Bin[]>(() =>
    set?.content.kind === "sort" ? set.content.bins.map(({ bin }) => bin) : [],
  );
  const [worker] = useState(setsWorker);
  // Nonsense words are made in a worker of their own: the first ones take a second or more, and nothing waits.
  const [maker] = useState(setsWorker);
  const [busy, setBusy] = useState(false);
  const rules = useFamilyRules(page, state.options.endings);
  const answers = useFamilyAnswers({ worker, maker }, state, dispatch, rules, page.recent);
  const saving = useSetSaving(group.id, (saved) => {
    if (saved.kind !== "family") return;
    dispatch({ type: "saved", setId: saved.id, title: saved.title });
    history.replaceState(null, "", `/families?group=${group.id}&set=${saved.id}`);
  });

  useShortcuts("families", {
    undo: () => dispatch({ type: "undo" }),
    redo: () => dispatch({ type: "redo" }),
  });

  useEffect(() => {
    worker.ask((api) => api.warm(scope.school.accent, "families")).catch(() => undefined);
    return () => {
      worker.stop();
      maker.stop();
    };
  }, [worker, maker, scope.school.accent]);

  const content = useCallback(
    (): SetContent => ({
      kind: "family",
      families: state.families.map((family) => ({ ...family })),
      words: state.words.map((word) => ({ ...word })),
      way: state.way,
      request: state.options,
    }),
    [state],
  );
  const askWalk = useCallback(
    () =>
      worker.ask((api) =>
        api.walk(
          state.words.map(({ word }) => word),
          state.families,
          rules,
        ),
      ),
    [worker, state.words, state.families, rules],
  );
  const during = async (work: () => Promise<unknown>) => {
    setBusy(true);
    await work().finally(() => setBusy(false));
  };
  /** Laid out as a chain and opened on the bench. */
  const asChain = async () => {
    const walk = await askWalk().catch(() => undefined);
    if (!walk) return;
    if (walk.words.length < 2) {
      toast.error("No two of these words are one step apart. Choose another family, or more words.");
      return;
    }
    const open = () => location.assign(`/bench?group=${group.id}&words=${walk.words.join(".")}`);
    if (walk.leftOut.length === 0) return open();
    toast(`No single step leads to ${walk.leftOut.join(", ")}: the chain goes without.`, {
      action: { label: "Open the chain", onClick: open },
      duration: 12_000,
    });
  };
  const chosen = new Set(state.words.map(({ word }) => word));

  return (
    <div
      className={`grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-var(--above))] lg:grid-rows-[minmax(0,1fr)] ${
        tab === "grid"
          ? "lg:grid-cols-[230px_minmax(0,1fr)_290px] xl:grid-cols-[270px_minmax(0,1fr)_310px]"
          : "lg:grid-cols-[270px_minmax(0,1fr)]"
      }`}
    >
      <aside
        aria-label="What words share"
        className="border-rule bg-sheet max-lg:max-h-[46dvh] max-lg:border-b overflow-y-auto lg:border-r"
      >
        <FamilyChooser
          worker={worker}
          kind={state.kind}
          families={state.families}
          rules={rules}
          substitutions={page.substitutions}
          onKind={(kind) => dispatch({ type: "kind", kind })}
          onAdd={(family) => dispatch({ type: "add-family", family })}
          onFamilies={(families) => dispatch({ type: "families", families })}
        />
      </aside>

      <main className="flex min-h-0 min-w-0 flex-col">
        <h1 className="sr-only">Word families</h1>
        <Tabs
          label="Views"
          tabs={TABS}
          value={tab}
          onChange={setTab}
          aside={<SavedSets sets={page.sets} current={state.setId} groupId={group.id} />}
        >
          {tab === "grid" &&
            (answers.grid && state.families.length > 0 ? (
              <GridTab grid={answers.grid} chosen={chosen} onToggle={(word) => dispatch({ type: "toggle", word })} />
            ) : (
              <EmptyState title="Words that share an ending, or a beginning.">
                Press a family on the left, or type one. Put two or three side by side to compare or to sort.
              </EmptyState>
            ))}
          {tab === "sort" && (
            <SortTab
              worker={worker}
              page={page}
              rules={rules}
              families={state.families}
              bins={bins}
              onBins={setBins}
              onSave={(made) => during(() => saving.save(made, ""))}
              onPlan={(made) => during(() => saving.plan(made, ""))}
              onPrint={(made) => during(() => saving.print(made, ""))}
            />
          )}
          {tab === "pairs" && (
            <PairsTab
              worker={worker}
              page={page}
              rules={rules}
              onSave={(made) => during(() => saving.save(made, ""))}
              onPlan={(made) => during(() => saving.plan(made, ""))}
              onPrint={(made) => during(() => saving.print(made, ""))}
            />
          )}
          {tab === "spellings" && (
            <SpellingsTab
              worker={worker}
              page={page}
              rules={rules}
              onSort={(next) => {
                setBins(next);
                setTab("sort");
              }}
            />
          )}
        </Tabs>
      </main>

      {tab === "grid" && (
        <aside aria-label="The set" className="min-h-0 border-rule bg-sheet max-lg:border-t lg:border-l">
          <SetPanel
            state={state}
            dispatch={dispatch}
            answers={answers}
            busy={busy}
            askWalk={askWalk}
            onSave={() => during(() => saving.save(content(), state.title, state.setId))}
            onBench={() => during(asChain)}
            onPlan={() => during(() => saving.plan(content(), state.title, state.setId))}
            onPrint={() => during(() => saving.print(content(), state.title, state.setId))}
          />
        </aside>
      )}
      <Toasts />
    </div>
  );
}
