import { ClipboardPaste, Redo2, Undo2 } from "lucide-react";
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from "react";
import { Toaster, toast } from "sonner";
import { gpcLetters } from "../../components/words/sounds.ts";
import {
  type ChainAim,
  type ChainPlan,
  type ChainRequest,
  DEFAULT_SHAPE,
  gpcId,
  type JudgeRequest,
  keyOfGpc,
  NO_TICKS,
  type NoChain,
  type Relaxation,
  requestOf,
  type StepCheck,
  taughtGpcs,
  taughtOf,
  unitKey,
} from "../../core/light.ts";
import type { BenchPage } from "../../server/bench.ts";
import type { SavedChain } from "../../server/chains.ts";
import type { Session } from "../../server/sessions.ts";
import { call } from "../client.ts";
import { AimPanel } from "./AimPanel.tsx";
import { ChainList } from "./ChainList.tsx";
import { ChainWorkerClient } from "./chain-worker-client.ts";
import { GapPanel } from "./GapPanel.tsx";
import { MoreMenu } from "./MoreMenu.tsx";
import { NoChainNotice } from "./NoChainNotice.tsx";
import { type OtherChain, Others } from "./Others.tsx";
import { PasteDialog } from "./PasteDialog.tsx";
import { EmptyChain, IconButton, SavedChains } from "./parts.tsx";
import { ReportBar } from "./ReportBar.tsx";
import { MIXED_UP, ShapePanel } from "./ShapePanel.tsx";
import { type BenchState, benchReducer, type Draft, draftOf, fingerprint, putIn, sidesOf } from "./state.ts";
import { ignoreCancelled, useChainAnswers } from "./use-chain-answers.ts";

type Props = BenchPage & {
  readonly group: NonNullable<BenchPage["group"]>;
  readonly scope: NonNullable<BenchPage["scope"]>;
};

const ALTERNATIVES = 3;

function startingState({ group, scope, chain, copyOf }: Props): BenchState {
  const step = scope.sequence.steps[group.step - 1];
  const newest = step?.gpcs[0];
  const source = chain ?? copyOf;
  // Another group's chain comes without the aims this group has not been taught.
  const known = new Set(taughtGpcs(scope));
  const taughtHere = (id: string) => !copyOf || known.has(id);
  return {
    words: source?.words ?? [],
    gap: { kind: "after", index: Math.max(0, (source?.words.length ?? 1) - 1) },
    focus: source?.aim.focus.filter(taughtHere) ?? (newest ? [gpcId(newest.grapheme, newest.phonemes)] : []),
    contrasts: source?.aim.contrasts.filter(({ a, b }) => taughtHere(a) && taughtHere(b)) ?? [],
    shape: source?.shape ?? DEFAULT_SHAPE,
    title: chain?.title ?? "",
    chainId: chain?.id,
    saved: chain ? fingerprint(chain.words, chain.title) : "",
    past: [],
    future: [],
  };
}

export default function Bench(props: Props) {
  const { group, scope, recent } = props;
  const { sequence, school } = scope;
  const [state, dispatch] = useReducer(benchReducer, props, startingState);
  const [others, setOthers] = useState<readonly OtherChain[]>([]);
  const [refusal, setRefusal] = useState<NoChain>();
  const [planning, setPlanning] = useState<string>();
  const [ticks, setTicks] = useState(scope.ticks);
  const seed = useRef(1);
  /** What was planned last, to know when the same is asked again: then another chain is wanted. */
  const planned = useRef("");
  // Two workers: typing is answered by the one while the other plans and can be stopped.
  const [desk] = useState(() => new ChainWorkerClient());
  const [planner] = useState(() => new ChainWorkerClient());
  const { words, gap, focus, contrasts, shape } = state;

  const taught = useMemo(() => taughtOf({ ...scope, ticks }), [scope, ticks]);
  const choices = useMemo(() => taughtGpcs({ ...scope, ticks }), [scope, ticks]);
  const rules = useMemo((): JudgeRequest => {
    const { moves, mode, rarest, tiles, nonsenseShare, never } = shape;
    return {
      taught,
      focus,
      contrasts,
      recent,
      never: [...school.never, ...(never ?? [])],
      allowNotEverySchool: school.allowNotEverySchool,
      taps: school.taps,
      allowNonsense: (nonsenseShare ?? 0) > 0,
      ...(moves && { moves }),
      ...(mode && { mode }),
      ...(rarest && { rarest }),
      ...(tiles && { tiles }),
    };
  }, [taught, focus, contrasts, recent, school, shape]);
  const aim = useMemo((): ChainAim => {
    const { moves, mode, mixedUp } = shape;
    return {
      focus,
      contrasts,
      recent,
      accent: school.accent,
      ...(moves && { moves }),
      ...(mode && { mode }),
      ...(mixedUp !== undefined && { powerShare: mixedUp }),
    };
  }, [focus, contrasts, recent, school.accent, shape]);
  const gapQuestion = useMemo(
    (): JudgeRequest => ({ ...rules, taken: words, ...sidesOf({ words, gap }) }),
    [rules, words, gap],
  );
  const { report, verdicts, suggestions } = useChainAnswers(desk, words, aim, rules, gapQuestion);

  useEffect(() => {
    desk
      .ask((api) => api.warm(school.accent))
      .then(() => planner.ask((api) => api.warm(school.accent)))
      .catch(() => undefined);
    return () => {
      desk.stop();
      planner.stop();
    };
  }, [desk, planner, school.accent]);

  // A chain in the making outlives a look at another screen; one named in the address comes first.
  const draftKey = `zip-step bench ${group.id}`;
  const restored = useRef(false);
  useEffect(() => {
    if (!restored.current) {
      restored.current = true;
      const kept = props.chain || props.copyOf ? null : sessionStorage.getItem(draftKey);
      if (kept) return dispatch({ type: "restore", draft: JSON.parse(kept) as Draft });
    }
    if (state.words.length > 0) sessionStorage.setItem(draftKey, JSON.stringify(draftOf(state)));
  }, [draftKey, props.chain, props.copyOf, state]);

  const judge = useCallback(
    (typed: string) => desk.ask((api) => api.judge(typed, gapQuestion)).catch(() => undefined),
    [desk, gapQuestion],
  );

  const requestNow = (change: Partial<ChainRequest> = {}): ChainRequest => ({
    ...requestOf(shape, words),
    ...rules,
    focus,
    contrasts,
    seed: seed.current++,
    count: ALTERNATIVES + 1,
    ...change,
  });

  /** Runs the planner with progress and a stop; the chain at hand stays until there is another. */
  const withPlanner = async <T,>(ask: (client: ChainWorkerClient) => Promise<T>): Promise<T | undefined> => {
    setPlanning("Looking…");
    setRefusal(undefined);
    try {
      return await ask(planner);
    } catch (error) {
      ignoreCancelled(error);
      return undefined;
    } finally {
      setPlanning(undefined);
    }
  };

  const planWith = (request: ChainRequest) =>
    withPlanner((client) =>
      client.ask((api) =>
        api.plan(
          request,
          // A last word of progress may come after the answer: it must not bring the waiting back.
          client.progress((done, all) =>
            setPlanning((now) => now && `No chain so far; trying what would give one (${done} of ${all})`),
          ),
        ),
      ),
    );

  const take = (plans: readonly ChainPlan[]) => {
    const [first, ...rest] = plans;
    if (!first) return;
    dispatch({ type: "words", words: first.words, gap: { kind: "after", index: first.words.length - 1 } });
    setOthers(rest.map((plan, k) => ({ name: `other ${k + 1}`, plan })));
  };

  const plan = async () => {
    const asked = JSON.stringify([focus, contrasts, shape]);
    const again = planned.current === `${asked} ${words.join(" ")}`;
    const free = words.filter((word) => !shape.locked.includes(word));
    const answer = await planWith(requestNow(again || shape.locked.length > 0 ? { recent: [...recent, ...free] } : {}));
    if (!answer) return;
    if (!Array.isArray(answer)) return setRefusal(answer);
    planned.current = `${asked} ${answer[0]?.words.join(" ")}`;
    take(answer);
  };

  const threeOthers = async () => {
    const answer = await planWith(requestNow({ recent: [...recent, ...words], count: ALTERNATIVES }));
    if (!answer) return;
    if (Array.isArray(answer)) setOthers(answer.map((other, k) => ({ name: `other ${k + 1}`, plan: other })));
    else setRefusal(answer);
  };

  /** The shortest way from the first word to the last, as the chain. */
  const shortestWay = async () => {
    const { start, end } = shape;
    if (!start || !end) return;
    setRefusal(undefined);
    const way = await desk.ask((api) => api.ladder(start, end, rules)).catch((error) => ignoreCancelled(error));
    if (!way) {
      toast.error(`No taught words lead from ${start} to ${end}. Choose another first or last word.`);
      return;
    }
    dispatch({ type: "words", words: way, gap: { kind: "after", index: way.length - 1 } });
  };

  const levels = async () => {
    const answer = await withPlanner((client) => client.ask((api) => api.levels(requestNow())));
    if (!answer) return;
    if (!("easier" in answer)) return setRefusal(answer);
    setOthers([
      { name: "easier twin", plan: answer.easier },
      { name: "harder twin", plan: answer.harder },
    ]);
  };

  /** Takes a relaxation: the shape changes as it says, the chain it was tried with comes in. */
  const relax = async ({ relaxation, change, example }: Relaxation) => {
    setRefusal(undefined);
    if (relaxation.code === "teach-gpc" || relaxation.code === "teach-pattern") {
      const side = relaxation.code === "teach-gpc" ? "gpcs" : "patterns";
      const token = relaxation.code === "teach-gpc" ? relaxation.gpc : relaxation.pattern;
      const next = {
        ...NO_TICKS,
        ...ticks,
        add: { ...ticks.add, [side]: [...ticks.add[side], token] },
      } as typeof ticks;
      try {
        await call("PUT", `/api/groups/${group.id}/ticks`, next);
        setTicks(next);
        toast.success(`Ticked as taught for ${group.name}`);
      } catch (error) {
        toast.error((error as Error).message);
        return;
      }
    } else if (change.focus || change.contrasts) {
      dispatch({ type: "aim", focus: change.focus ?? focus, contrasts: change.contrasts ?? contrasts });
    } else {
      const { fixed: _fixed, taught: _taught, focus: _f, contrasts: _c, never: _n, ...rest } = change;
      const locked = change.fixed ? shape.locked.filter((word) => change.fixed?.includes(word)) : shape.locked;
      dispatch({ type: "shape", shape: { ...rest, locked } as Partial<typeof shape> });
    }
    dispatch({ type: "words", words: example, gap: { kind: "after", index: example.length - 1 } });
  };

  const mend = async (index: number) => {
    const [from, to] = [words[index - 1], words[index]];
    if (from === undefined || to === undefined) return;
    const between = await desk
      .ask((api) => api.bridge(from, to, { ...rules, taken: words }))
      .catch((error) => ignoreCancelled(error));
    if (!between || between.length === 0) {
      toast.error(`No taught words lead from ${from} to ${to}. Take one of them out, or put another in its place.`);
      return;
    }
    dispatch({ type: "words", words: [...words.slice(0, index), ...between, ...words.slice(index)] });
    toast.success(`Put in between: ${between.join(", ")}`);
  };

  /** The words given stay in their places, the others are found anew. */
  const fillAround = async (keep: (word: string, index: number) => boolean, never: readonly string[] = []) => {
    const fixed = words.map((word, k) => (keep(word, k) ? word : undefined));
    const { start: _start, end: _end, mustInclude: _must, ...request } = requestNow();
    return planWith({
      ...request,
      fixed,
      length: words.length,
      never: [...(rules.never ?? []), ...never],
      count: 1,
    });
  };

  const ban = async (index: number) => {
    const word = words[index];
    if (word === undefined) return;
    dispatch({ type: "shape", shape: { never: [...(shape.never ?? []), word] } });
    // First everything else stays; where nothing fits so, its neighbours may go too.
    let found: readonly string[] | undefined;
    for (const reach of [0, 1]) {
      if (found || words.length < 3) break;
      const answer = await fillAround(
        (other, k) => Math.abs(k - index) > reach || (k !== index && shape.locked.includes(other)),
        [word],
      );
      if (Array.isArray(answer)) found = answer[0]?.words;
    }
    dispatch({ type: "words", words: found ?? words.filter((_, k) => k !== index) });
  };

  const put = (...chosen: string[]) => dispatch({ type: "words", ...putIn(state, ...chosen) });

  const broken = report?.steps.filter((step) => !step.single).length ?? 0;
  const unfit = (verdicts ?? []).filter((verdict) => "refusal" in verdict && verdict.refusal !== undefined).length;
  const unsaved = fingerprint(words, state.title) !== state.saved;

  const mendUnfit = async () => {
    const bad = new Set(
      (verdicts ?? []).flatMap((verdict, k) => ("refusal" in verdict && verdict.refusal ? [words[k] as string] : [])),
    );
    const answer = await fillAround((word) => !bad.has(word));
    if (!answer) return;
    if (Array.isArray(answer)) dispatch({ type: "words", words: answer[0]?.words ?? words });
    else setRefusal(answer);
  };

  const save = async (asAnother = false): Promise<string | undefined> => {
    const title = asAnother && state.title !== "" ? `${state.title}, another` : state.title;
    try {
      const body = { title, words, aim: { focus, contrasts }, shape };
      const chain =
        state.chainId && !asAnother
          ? await call<SavedChain>("PUT", `/api/chains/${state.chainId}`, body)
          : await call<SavedChain>("POST", "/api/chains", { ...body, groupId: group.id });
      dispatch({ type: "saved", chainId: chain.id, title: chain.title, saved: fingerprint(words, chain.title) });
      history.replaceState(null, "", `/bench?group=${group.id}&chain=${chain.id}`);
      toast.success(`Saved: ${chain.title}`);
      return chain.id;
    } catch (error) {
      toast.error((error as Error).message);
      return undefined;
    }
  };

  const teach = async () => {
    const chainId = unsaved || !state.chainId ? await save() : state.chainId;
    if (!chainId) return;
    try {
      const session = await call<Session>("POST", "/api/sessions", { chainId });
      location.assign(`/teach/${session.id}`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  /** The same chain for another group: it opens there as a copy, checked against what that group was taught. */
  const forGroup = async (groupId: string) => {
    const chainId = unsaved || !state.chainId ? await save() : state.chainId;
    if (chainId) location.assign(`/bench?group=${groupId}&copy=${chainId}`);
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
      event.preventDefault();
      dispatch({ type: event.shiftKey ? "redo" : "undo" });
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);

  const aims = (step: StepCheck): string[] => {
    if (!step.single) return [];
    const touched = [step.oldUnit, step.newUnit].map((unit) => unit && unitKey(unit, school.accent));
    return contrasts
      .filter(
        ({ a, b }) => touched.includes(keyOfGpc(a, school.accent)) && touched.includes(keyOfGpc(b, school.accent)),
      )
      .map(({ a, b }) => `${gpcLetters(a)} / ${gpcLetters(b)}`);
  };
  const mixedUpName = MIXED_UP.find(({ share }) => share === (shape.mixedUp ?? 0.5))?.name ?? "so often";
  const aimText = (text: string) => text.split("/").map(gpcLetters).join(" / ");

  return (
    <div className="grid h-[calc(100dvh-52px)] grid-cols-[250px_minmax(0,1fr)_310px] grid-rows-[minmax(0,1fr)_auto]">
      <aside aria-label="Aim and shape" className="overflow-y-auto border-r border-rule bg-sheet">
        <form
          className="flex flex-col gap-5 p-4"
          onSubmit={(event) => {
            event.preventDefault();
            plan();
          }}
        >
          <AimPanel
            sequenceName={sequence.name}
            step={group.step}
            stepName={sequence.steps[group.step - 1]?.name ?? ""}
            taughtHref={`/groups/${group.id}`}
            choices={choices}
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
          <div className="sticky bottom-0 -mx-4 -mb-4 flex flex-col gap-2 border-t border-rule bg-sheet p-4">
            {planning === undefined ? (
              <>
                <button type="submit" className="button button-main">
                  {shape.locked.length > 0 ? "Fill around the locked words" : "Make a chain"}
                </button>
                {shape.start && shape.end && (
                  <button type="button" className="button px-1" onClick={shortestWay}>
                    Shortest way to the last word
                  </button>
                )}
                <div className="flex gap-2">
                  <button type="button" className="button flex-1 px-1" onClick={threeOthers}>
                    Three others
                  </button>
                  <button
                    type="button"
                    className="button flex-1 px-1"
                    title="An easier and a harder chain"
                    onClick={levels}
                  >
                    Two levels
                  </button>
                </div>
              </>
            ) : (
              <>
                <p role="status" className="text-[13.5px]">
                  {planning}
                </p>
                <button type="button" className="button" onClick={() => planner.stop()}>
                  Stop
                </button>
              </>
            )}
          </div>
        </form>
      </aside>

      <main className="flex min-w-0 flex-col overflow-hidden">
        <h1 className="sr-only">Chain bench</h1>
        <div className="flex items-center gap-2 px-5 py-3">
          <input
            aria-label="Title of the chain"
            className="min-w-0 flex-1 truncate rounded bg-transparent px-1 py-1 text-xl font-bold placeholder:text-ink"
            placeholder={words.length > 1 ? `${words[0]} to ${words.at(-1)}` : "New chain"}
            value={state.title}
            maxLength={80}
            onChange={(event) => dispatch({ type: "title", title: event.target.value })}
          />
          <SavedChains chains={props.chains} current={state.chainId} groupId={group.id} />
          <PasteDialog onWords={(pasted) => dispatch({ type: "words", words: pasted })}>
            <button
              type="button"
              className="button grid place-items-center px-2.5"
              aria-label="Check a chain from anywhere"
              title="Paste a list of words and check every step"
            >
              <ClipboardPaste size={18} aria-hidden />
            </button>
          </PasteDialog>
          <IconButton name="Undo" disabled={state.past.length === 0} onPress={() => dispatch({ type: "undo" })}>
            <Undo2 size={18} aria-hidden />
          </IconButton>
          <IconButton name="Redo" disabled={state.future.length === 0} onPress={() => dispatch({ type: "redo" })}>
            <Redo2 size={18} aria-hidden />
          </IconButton>
          <MoreMenu
            chainId={state.chainId}
            groups={props.groups.filter(({ id }) => id !== group.id)}
            hasWords={words.length > 0}
            onSaveAs={() => save(true)}
            onRestore={(version) => dispatch({ type: "words", words: version })}
            onForGroup={forGroup}
          />
          <button type="button" className="button" disabled={words.length === 0 || !unsaved} onClick={() => save()}>
            {unsaved || words.length === 0 ? "Save" : "Saved"}
          </button>
          <button
            type="button"
            className="button button-main"
            disabled={words.length < 2 || broken > 0 || unfit > 0}
            title={broken + unfit > 0 ? "Mend what is marked first" : undefined}
            onClick={teach}
          >
            Teach
          </button>
        </div>
        {refusal && <NoChainNotice answer={refusal} onRelax={relax} onClose={() => setRefusal(undefined)} />}
        {(broken > 0 || unfit > 0) && (
          <div
            role="status"
            className="mx-5 mb-3 flex items-center justify-between gap-3 rounded-lg border border-again bg-again-soft px-4 py-2"
          >
            <span>
              {unfit > 0 ? `${unfit} ${unfit === 1 ? "word does" : "words do"} not fit this group. ` : ""}
              {broken > 0
                ? `${broken === 1 ? "One step changes" : `${broken} steps change`} more than one grapheme: mend it before teaching, by moving, replacing or taking out a word.`
                : ""}
            </span>
            {unfit > 0 && words.length >= 3 && (
              <button type="button" className="button shrink-0" onClick={mendUnfit}>
                Put others in their place
              </button>
            )}
          </div>
        )}
        <div className="min-h-0 flex-1 overflow-y-auto px-3 pb-4">
          {words.length === 0 && <EmptyChain />}
          {report && words.length > 0 && (
            <ChainList
              report={report}
              verdicts={verdicts?.length === words.length ? verdicts : undefined}
              locked={shape.locked}
              selected={gap.index}
              aims={aims}
              onSelect={(index) =>
                dispatch({ type: "gap", gap: { kind: gap.kind === "before" ? "after" : gap.kind, index } })
              }
              onRemove={(index) => dispatch({ type: "words", words: words.filter((_, k) => k !== index) })}
              onLock={(word) => dispatch({ type: "lock", word })}
              onBan={ban}
              onMend={mend}
              onReorder={(next) => dispatch({ type: "words", words: next })}
            />
          )}
          {others.length > 0 && (
            <Others
              others={others}
              current={report}
              onTake={(other) => {
                dispatch({ type: "words", words: other.plan.words });
                setOthers(others.filter((o) => o !== other));
              }}
            />
          )}
        </div>
      </main>

      <aside aria-label="Words for the gap" className="overflow-hidden border-l border-rule bg-sheet">
        <GapPanel
          words={words}
          gap={gap}
          suggestions={suggestions}
          judge={judge}
          aimText={aimText}
          onGap={(next) => dispatch({ type: "gap", gap: next })}
          onPut={put}
        />
      </aside>

      <footer className="col-span-3">
        {report && <ReportBar report={report} focus={focus} taps={school.taps} mixedUp={mixedUpName} />}
      </footer>
      <Toaster position="top-center" />
    </div>
  );
}
