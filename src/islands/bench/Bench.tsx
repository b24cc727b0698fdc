import { Redo2, Undo2 } from "lucide-react";
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from "react";
import { Toaster, toast } from "sonner";
import { noChainWords } from "../../components/words/reasons.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import {
  type ChainPlan,
  type ChainReport,
  gpcId,
  keyOfGpc,
  type Neighbour,
  type NoChainReason,
  type StepCheck,
  taughtGpcs,
  taughtOf,
  unitKey,
} from "../../core/light.ts";
import type { BenchPage } from "../../server/bench.ts";
import type { SavedChain } from "../../server/chains.ts";
import type { Session } from "../../server/sessions.ts";
import type { GapQuestion, WordRules } from "../../workers/chain-worker.ts";
import { call } from "../client.ts";
import { AimPanel } from "./AimPanel.tsx";
import { ChainList } from "./ChainList.tsx";
import { Cancelled, ChainWorkerClient } from "./chain-worker-client.ts";
import { GapPanel } from "./GapPanel.tsx";
import { EmptyChain, IconButton, SavedChains } from "./parts.tsx";
import { ReportBar } from "./ReportBar.tsx";
import { type BenchState, benchReducer, type Draft, draftOf, fingerprint, putIn, sidesOf } from "./state.ts";

type Props = BenchPage & {
  readonly group: NonNullable<BenchPage["group"]>;
  readonly scope: NonNullable<BenchPage["scope"]>;
};

const DEFAULT_LENGTH = 8;
const ALTERNATIVES = 3;

function startingState({ group, scope, chain }: Props): BenchState {
  const step = scope.sequence.steps[group.step - 1];
  const newest = step?.gpcs[0];
  return {
    words: chain?.words ?? [],
    gap: { kind: "after", index: (chain?.words.length ?? 1) - 1 },
    focus: chain?.aim.focus ?? (newest ? [gpcId(newest.grapheme, newest.phonemes)] : []),
    contrasts: chain?.aim.contrasts ?? [],
    length: chain?.words.length ?? DEFAULT_LENGTH,
    start: "",
    title: chain?.title ?? "",
    chainId: chain?.id,
    saved: chain ? fingerprint(chain.words, chain.title) : fingerprint([], ""),
    past: [],
    future: [],
  };
}

export default function Bench(props: Props) {
  const { group, scope, recent } = props;
  const { sequence, school } = scope;
  const [state, dispatch] = useReducer(benchReducer, props, startingState);
  const [report, setReport] = useState<ChainReport>();
  const [suggestions, setSuggestions] = useState<readonly Neighbour[]>();
  const [others, setOthers] = useState<readonly ChainPlan[]>([]);
  const [planning, setPlanning] = useState(false);
  const [refusal, setRefusal] = useState<NoChainReason>();
  const seed = useRef(1);
  const worker = useRef<ChainWorkerClient>(undefined);
  worker.current ??= new ChainWorkerClient();
  const ask = worker.current.ask.bind(worker.current) as ChainWorkerClient["ask"];

  const rules = useMemo(
    (): WordRules => ({
      taught: taughtOf(scope),
      never: scope.school.never,
      allowNotEverySchool: scope.school.allowNotEverySchool,
    }),
    [scope],
  );
  const choices = useMemo(() => taughtGpcs(scope), [scope]);
  const { words, gap, focus, contrasts } = state;

  const gapQuestion = useMemo(
    (): GapQuestion => ({ rules, focus, contrasts, recent, taken: words, ...sidesOf({ words, gap }) }),
    [rules, focus, contrasts, recent, words, gap],
  );

  useEffect(() => {
    const client = worker.current;
    client?.ask((api) => api.warm(school.accent)).catch(() => undefined);
    return () => client?.stop();
  }, [school.accent]);

  // A chain in the making outlives a look at another screen; one named in the address comes first.
  const draftKey = `zip-step bench ${group.id}`;
  const restored = useRef(false);
  useEffect(() => {
    if (!restored.current) {
      restored.current = true;
      const kept = props.chain ? null : sessionStorage.getItem(draftKey);
      if (kept) return dispatch({ type: "restore", draft: JSON.parse(kept) as Draft });
    }
    if (state.words.length > 0) sessionStorage.setItem(draftKey, JSON.stringify(draftOf(state)));
  }, [draftKey, props.chain, state]);

  // An answer that comes after the next question is dropped: `current` goes false with the old one.
  useEffect(() => {
    let current = true;
    ask((api) => api.describe(words, focus, contrasts, school.accent)).then(
      (answer) => current && setReport(answer),
      ignoreCancelled,
    );
    return () => {
      current = false;
    };
  }, [ask, words, focus, contrasts, school.accent]);

  useEffect(() => {
    let current = true;
    ask((api) => api.suggest(gapQuestion)).then((answer) => current && setSuggestions(answer), ignoreCancelled);
    return () => {
      current = false;
    };
  }, [ask, gapQuestion]);

  const judge = useCallback(
    (typed: string) => ask((api) => api.judge(typed, gapQuestion)).catch(() => undefined),
    [ask, gapQuestion],
  );

  const plan = async () => {
    setPlanning(true);
    setRefusal(undefined);
    try {
      const start = state.start.trim();
      const answer = await ask((api) =>
        api.plan({
          rules,
          length: state.length,
          focus,
          contrasts,
          ...(start !== "" && { start }),
          recent,
          seed: seed.current++,
          count: ALTERNATIVES,
        }),
      );
      if (!Array.isArray(answer)) {
        setRefusal(answer.reason);
        return;
      }
      const [first, ...rest] = answer;
      if (first) dispatch({ type: "words", words: first.words, gap: { kind: "after", index: first.words.length - 1 } });
      setOthers(rest);
    } catch (error) {
      ignoreCancelled(error);
    } finally {
      setPlanning(false);
    }
  };

  const put = (word: string) => dispatch({ type: "words", ...putIn(state, word) });

  const broken = report?.steps.filter((step) => !step.single).length ?? 0;
  const unsaved = fingerprint(words, state.title) !== state.saved;

  const save = async (): Promise<string | undefined> => {
    try {
      const body = { title: state.title, words, aim: { focus, contrasts } };
      const chain = state.chainId
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

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement) return;
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
  const aimText = (aim: string) => aim.split("/").map(gpcLetters).join(" / ");

  return (
    <div className="grid h-[calc(100dvh-52px)] grid-cols-[250px_minmax(0,1fr)_310px] grid-rows-[minmax(0,1fr)_auto]">
      <aside aria-label="Aim and shape" className="overflow-y-auto border-r border-rule bg-sheet">
        <AimPanel
          sequenceName={sequence.name}
          step={group.step}
          stepName={sequence.steps[group.step - 1]?.name ?? ""}
          choices={choices}
          focus={focus}
          contrasts={contrasts}
          length={state.length}
          start={state.start}
          planning={planning}
          onAim={(aim) => dispatch({ type: "aim", ...aim })}
          onShape={(shape) => dispatch({ type: "shape", ...shape })}
          onPlan={plan}
          onStop={() => worker.current?.stop()}
        />
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
          <IconButton name="Undo" disabled={state.past.length === 0} onPress={() => dispatch({ type: "undo" })}>
            <Undo2 size={18} aria-hidden />
          </IconButton>
          <IconButton name="Redo" disabled={state.future.length === 0} onPress={() => dispatch({ type: "redo" })}>
            <Redo2 size={18} aria-hidden />
          </IconButton>
          <button type="button" className="button" disabled={words.length === 0 || !unsaved} onClick={save}>
            {unsaved || words.length === 0 ? "Save" : "Saved"}
          </button>
          <button
            type="button"
            className="button button-main"
            disabled={words.length < 2 || broken > 0}
            title={broken > 0 ? "Mend the steps marked Look again first" : undefined}
            onClick={teach}
          >
            Teach
          </button>
        </div>
        {refusal && (
          <p role="alert" className="mx-5 mb-3 rounded-lg border border-again bg-again-soft px-4 py-3">
            <strong className="text-again">No chain.</strong> {noChainWords(refusal)}
          </p>
        )}
        {broken > 0 && (
          <p role="status" className="mx-5 mb-3 rounded-lg border border-again bg-again-soft px-4 py-2">
            {broken === 1 ? "One step changes" : `${broken} steps change`} more than one grapheme: mend it before
            teaching, by moving, replacing or taking out a word.
          </p>
        )}
        <div className="min-h-0 flex-1 overflow-y-auto px-3 pb-4">
          {words.length === 0 && <EmptyChain />}
          {report && words.length > 0 && (
            <ChainList
              report={report}
              selected={gap.index}
              aims={aims}
              onSelect={(index) =>
                dispatch({ type: "gap", gap: { kind: gap.kind === "before" ? "after" : gap.kind, index } })
              }
              onRemove={(index) => dispatch({ type: "words", words: words.filter((_, k) => k !== index) })}
              onReorder={(next) => dispatch({ type: "words", words: next })}
            />
          )}
          {others.length > 0 && (
            <section className="mt-4 px-2">
              <h2 className="label mb-1">Others for the same aim</h2>
              {others.map((other) => (
                <button
                  type="button"
                  key={other.words.join(" ")}
                  className="mb-1.5 block w-full truncate rounded-lg border border-rule bg-sheet px-3 py-2 text-left font-learner text-[17px] hover:border-tape"
                  onClick={() => {
                    dispatch({ type: "words", words: other.words });
                    setOthers(others.filter((o) => o !== other));
                  }}
                >
                  {other.words.join("  ")}
                </button>
              ))}
            </section>
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

      <footer className="col-span-3">{report && <ReportBar report={report} focus={focus} />}</footer>
      <Toaster position="top-center" />
    </div>
  );
}

function ignoreCancelled(error: unknown): void {
  if (!(error instanceof Cancelled)) toast.error("Looking failed. Try again; if it fails again, reload the page.");
}
