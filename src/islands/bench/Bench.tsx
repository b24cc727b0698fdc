import { useCallback, useEffect, useMemo, useReducer, useState } from "react";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { gpcLetters } from "../../components/words/sounds.ts";
import { type Contrast, keyOfGpc, type SchoolSettings, type StepCheck, unitKey } from "../../core/light.ts";
import { useMedia } from "../shared/use-media.ts";
import { useShortcuts } from "../shared/use-shortcuts.ts";
import { useStableCallbacks } from "../shared/use-stable-callbacks.ts";
import { AimPane } from "./AimPane.tsx";
import { BenchBar } from "./BenchBar.tsx";
import { ChainList } from "./ChainList.tsx";
import { chainWorker } from "./chain-worker-client.ts";
import { GapPanel } from "./GapPanel.tsx";
import { MendNotice } from "./MendNotice.tsx";
import { NoChainNotice } from "./NoChainNotice.tsx";
import { OpeningNotice } from "./OpeningNotice.tsx";
import { Others } from "./Others.tsx";
import { ChainToCome, EmptyChain, WaitingChain } from "./parts.tsx";
import { ReportBar } from "./ReportBar.tsx";
import { MIXED_UP } from "./ShapePanel.tsx";
import { type BenchProps, startingState } from "./starting-state.ts";
import { benchReducer, type Gap } from "./state.ts";
import { useBenchQuestions } from "./use-bench-questions.ts";
import { useChainAnswers } from "./use-chain-answers.ts";
import { useDraft } from "./use-draft.ts";
import { brokenIn, unfitIn, useMending } from "./use-mending.ts";
import { useOpening } from "./use-opening.ts";
import { usePlanner } from "./use-planner.ts";
import { useSaving } from "./use-saving.ts";

/** The planner makes itself ready when the screen is: asked before, it starts at once. In milliseconds. */
const PLANNER_AFTER_MS = 2_000;

/** The chain bench: what the chain is for on the left, the chain, and words for the chosen gap on the right. */
export default function Bench(page: BenchProps) {
  const { group, scope, recent } = page;
  const { school } = scope;
  const proposal = page.opening?.proposal;
  const record = useMemo(() => {
    // Of the learner it is surest of.
    const [surest] = proposal?.learners ?? [];
    return proposal && surest && { ...surest, gpc: proposal.gpc, said: proposal.said };
  }, [proposal]);
  const [state, dispatch] = useReducer(benchReducer, page, startingState);
  const [ticks, setTicks] = useState(scope.ticks);
  // Two workers: typing is answered by the one while the other plans and can be stopped.
  const [desk] = useState(chainWorker);
  const [planner] = useState(chainWorker);
  const { words, gap, focus, contrasts, shape } = state;

  const { choices, patterns, rules, aim, gapQuestion } = useBenchQuestions(page, ticks, state);
  const { report: answer, verdicts, suggestions } = useChainAnswers(desk, words, aim, rules, gapQuestion, page.report);
  const planning = usePlanner({ state, dispatch, group, rules, recent, ticks, onTicks: setTicks, desk, planner });
  const mending = useMending({ state, dispatch, rules, verdicts, desk, planner: planning });
  const saving = useSaving(state, dispatch, group.id, async () => {
    const report = await desk.ask((api) => api.describe(words, aim));
    return { broken: brokenIn(report), unfit: unfitIn(await desk.ask((api) => api.judgeAll(words, rules))).length };
  });
  const { opened, ...opening } = useOpening(page, state, dispatch, planner, rules);
  const isRestored = useDraft(page, state, dispatch, opened);
  // What came with the page is not what a chain in the making is.
  const report = isRestored && answer === page.report ? undefined : answer;
  useShortcuts("bench", { undo: () => dispatch({ type: "undo" }), redo: () => dispatch({ type: "redo" }) });

  useEffect(() => {
    desk.ask((api) => api.warm(school.accent, "gaps")).catch(() => undefined);
    const readying = setTimeout(
      () => planner.ask((api) => api.warm(school.accent, "plans")).catch(() => undefined),
      PLANNER_AFTER_MS,
    );
    return () => {
      clearTimeout(readying);
      desk.stop();
      planner.stop();
    };
  }, [desk, planner, school.accent]);

  const judge = useCallback(
    (typed: string) => desk.ask((api) => api.judge(typed, gapQuestion)).catch(() => undefined),
    [desk, gapQuestion],
  );
  const isPhone = useMedia("(max-width: 767px)");
  const [isAiming, setAiming] = useState(false);
  const planActions = useStableCallbacks({
    onPlan: planning.plan,
    onThreeOthers: planning.threeOthers,
    onLevels: planning.levels,
    onShortestWay: planning.shortestWay,
    onStop: planning.stop,
    onClose: () => setAiming(false),
  });
  const { save, toPlan, teach, forGroup } = saving;
  const chainActions = useStableCallbacks({ save, toPlan, teach, forGroup, onAim: () => setAiming(true) });
  const wordActions = useStableCallbacks({
    onSelect: (word: string) => dispatch({ type: "select", word }),
    onRemove: (word: string) => dispatch({ type: "take-out", word }),
    onLock: (word: string) => dispatch({ type: "lock", word }),
    onBan: mending.ban,
    onMend: mending.bridge,
    onMove: (word: string, to: string) => dispatch({ type: "move", word, to }),
  });
  const gapActions = useStableCallbacks({
    onGap: (next: Gap) => dispatch({ type: "gap", gap: next }),
    onPut: (...chosen: string[]) => dispatch({ type: "put", words: chosen }),
  });
  const aims = useCallback((step: StepCheck) => contrastsCrossed(step, contrasts, school), [contrasts, school]);
  const broken = report ? brokenIn(report) : 0;
  const mixedUpName = MIXED_UP.find(({ share }) => share === (shape.mixedUp ?? 0.5))?.name ?? "so often";

  const gapPanel = (
    <aside
      aria-label="Words for the gap"
      className="border-rule bg-sheet max-md:border-y md:overflow-hidden md:border-l"
    >
      <GapPanel words={words} gap={gap} suggestions={suggestions} judge={judge} aimText={aimText} {...gapActions} />
    </aside>
  );

  return (
    // The last row is there before the report that fills it: what stands above must not move under a finger as it comes.
    <div className="grid grid-cols-[minmax(0,1fr)] md:h-[calc(100dvh-var(--above))] md:grid-cols-[minmax(0,1fr)_270px] md:grid-rows-[minmax(0,1fr)_minmax(80px,auto)] xl:grid-cols-[250px_minmax(0,1fr)_310px]">
      <AimPane
        group={group}
        scope={scope}
        open={isAiming}
        choices={choices}
        patterns={patterns}
        focus={focus}
        contrasts={contrasts}
        shape={shape}
        planning={planning.planning}
        dispatch={dispatch}
        actions={planActions}
      />

      <main className="flex min-w-0 flex-col md:overflow-hidden">
        <h1 className="sr-only">Chain bench</h1>
        <BenchBar
          page={page}
          words={words}
          title={state.title}
          chainId={state.chainId}
          history={state.history}
          dispatch={dispatch}
          unsaved={saving.unsaved}
          faulty={broken + mending.unfit > 0}
          actions={chainActions}
        />
        {planning.refusal && (
          <NoChainNotice
            answer={planning.refusal}
            focus={focus}
            onRelax={planning.relax}
            onClose={planning.closeRefusal}
          />
        )}
        {page.opening && words.length > 0 && words === opened && (
          <OpeningNotice
            opening={page.opening}
            target={{ focus, contrasts }}
            onEmpty={() => dispatch({ type: "words", words: [] })}
          />
        )}
        <MendNotice
          broken={broken}
          unfit={mending.unfit}
          onReplace={words.length >= 3 ? mending.replaceUnfit : undefined}
        />
        <div
          className={`min-h-0 flex-1 overflow-y-auto px-3 pb-4 ${planning.others.length > 0 ? "grid items-start md:grid-cols-[minmax(0,1fr)_auto]" : ""}`}
        >
          {words.length === 0 && (opening.isMaking ? <ChainToCome onStop={opening.onStop} /> : <EmptyChain />)}
          {!report && words.length > 0 && <WaitingChain words={words} />}
          {report && words.length > 0 && (
            <ChainList
              report={report}
              verdicts={verdicts?.length === words.length ? verdicts : undefined}
              locked={shape.locked}
              selected={gap.index}
              aims={aims}
              actions={wordActions}
              underSelected={isPhone ? gapPanel : undefined}
            />
          )}
          {planning.others.length > 0 && <Others others={planning.others} onTake={planning.takeOther} />}
        </div>
      </main>

      {!(isPhone && words.length > 0) && gapPanel}

      <footer className="col-span-full min-w-0 border-t border-rule bg-sheet">
        {report && <ReportBar report={report} focus={focus} taps={school.taps} mixedUp={mixedUpName} record={record} />}
      </footer>
      <Toasts />
    </div>
  );
}

/** `"i=ɪ/e=ɛ"` as it is shown: `"i / e"`. */
const aimText = (aim: string) => aim.split("/").map(gpcLetters).join(" / ");

/** The contrasts of the aim that a step changes one side of into the other, as they are shown: `"i / e"`. */
function contrastsCrossed(step: StepCheck, contrasts: readonly Contrast[], { accent }: SchoolSettings): string[] {
  if (!step.single) return [];
  const touched = [step.oldUnit, step.newUnit].map((unit) => unit && unitKey(unit, accent));
  return contrasts
    .filter(({ a, b }) => touched.includes(keyOfGpc(a, accent)) && touched.includes(keyOfGpc(b, accent)))
    .map(({ a, b }) => `${gpcLetters(a)} / ${gpcLetters(b)}`);
}
