import { useCallback, useEffect, useMemo, useState } from "react";
import { toast } from "sonner";
import { OpenSaved } from "../../components/OpenSaved.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import type { OralRules, OralSource } from "../../core/light.ts";
import type { EarsOnlyPage } from "../../server/sets/ears-only-page.ts";
import { setsWorker } from "../shared/sets-worker-client.ts";
import { useSetSaving } from "../shared/use-set-saving.ts";
import { OralSetSheet } from "./OralSetSheet.tsx";
import { contentOf, type EarsPart, emptyPart, startingParts, wordsIn } from "./oral-set-state.ts";
import { RoutinePanel } from "./RoutinePanel.tsx";
import { SkillList } from "./SkillList.tsx";
import { useItems } from "./use-items.ts";
import { useRoutine } from "./use-routine.ts";
import { WordsPanel } from "./WordsPanel.tsx";

/** Ears-only work: today's words and the skills on the left, what to ask and its answers beside. */
export default function EarsOnly(page: EarsOnlyPage) {
  const { group, school, set } = page;
  const [parts, setParts] = useState<readonly EarsPart[]>(() => startingParts(set));
  const [source, setSource] = useState<OralSource>("today-first");
  const [typed, setTyped] = useState(() => (set ? "" : (page.sources[0]?.words.join(" ") ?? "")));
  const [seed, setSeed] = useState(1);
  const [answersShown, setAnswersShown] = useState(true);
  const [title, setTitle] = useState(set?.title ?? "");
  const [setId, setSetId] = useState(set?.id);
  const [worker] = useState(setsWorker);
  const words = useMemo(() => wordsIn(typed), [typed]);
  const rules = useMemo(
    (): Omit<OralRules, "seed"> => ({
      accent: school.accent,
      never: school.never,
      allowLists: school.allowLists,
      words,
      source,
    }),
    [school, words, source],
  );
  const onParts = useCallback((change: (parts: readonly EarsPart[]) => readonly EarsPart[]) => setParts(change), []);
  const { swap } = useItems({ worker, parts, rules, seed, onParts });
  const routine = useRoutine({ page, parts, words, onParts });
  const saving = useSetSaving(group.id, (saved) => {
    setSetId(saved.id);
    setTitle(saved.title);
    history.replaceState(null, "", `/ears-only?group=${group.id}&set=${saved.id}`);
  });

  useEffect(() => {
    worker.ask((api) => api.warm(school.accent, "ears-only")).catch(() => undefined);
    return () => worker.stop();
  }, [worker, school.accent]);

  const refill = () => setParts((now) => now.map(({ skill, count }) => emptyPart(skill, count)));
  const anew = async () => {
    if (routine.open) return routine.fill(true);
    setSeed(seed + 1);
    refill();
  };
  const change = async (at: number, index: number) => {
    const item = await swap(at, index);
    if (!item) {
      toast.error("There is no other item of this kind with these words.");
      return;
    }
    const next = parts.map((part, k) =>
      k === at ? { ...part, items: part.items.map((old, n) => (n === index ? item : old)) } : part,
    );
    setParts(next);
    await routine.keep(at, next[at]?.items ?? []);
  };
  const send = (to: typeof saving.save | typeof saving.plan) => {
    const content = contentOf(parts);
    if (content) void to(content, title, setId);
  };
  const isEmpty = parts.every(({ items }) => items.length === 0);

  return (
    <div className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-var(--above))] lg:grid-cols-[330px_minmax(0,1fr)] lg:grid-rows-[minmax(0,1fr)]">
      <aside
        aria-label="Words and skills"
        className="flex flex-col gap-5 border-rule bg-sheet p-4 max-lg:border-b lg:overflow-y-auto lg:border-r"
      >
        <WordsPanel
          sources={page.sources}
          typed={typed}
          source={source}
          onTyped={(text) => {
            setTyped(text);
            if (!routine.open) refill();
          }}
          onSource={(next) => {
            setSource(next);
            if (!routine.open) refill();
          }}
        />
        <SkillList parts={parts} onParts={setParts} />
        <RoutinePanel routine={routine} hasParts={parts.length > 0} />
      </aside>

      <main className="flex min-h-0 min-w-0 flex-col">
        <h1 className="sr-only">Ears only</h1>
        <div className="flex flex-wrap items-center gap-2 border-b border-rule px-5 py-2">
          <input
            aria-label="Title of the set"
            className="field w-56"
            placeholder="Title"
            maxLength={80}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
          <button type="button" className="button" onClick={() => void anew()}>
            All anew
          </button>
          <label className="flex min-h-11 items-center gap-2 px-1">
            <input
              type="checkbox"
              className="size-5"
              checked={answersShown}
              onChange={() => setAnswersShown(!answersShown)}
            />
            answers
          </label>
          <span className="ml-auto flex flex-wrap gap-2">
            <SavedEars page={page} current={setId} />
            <button type="button" className="button" disabled={isEmpty} onClick={() => send(saving.print)}>
              Print
            </button>
            <button type="button" className="button" disabled={isEmpty} onClick={() => send(saving.plan)}>
              To the plan
            </button>
            <button type="button" className="button button-main" disabled={isEmpty} onClick={() => send(saving.save)}>
              Save
            </button>
          </span>
        </div>
        <OralSetSheet
          parts={parts}
          hasWords={words.length > 0}
          answersShown={answersShown}
          onSwap={(at, index) => void change(at, index)}
          onOtherSkill={(at, skill) =>
            setParts(parts.map((part, k) => (k === at ? emptyPart(skill, part.count) : part)))
          }
          onWordsHeardOften={() => {
            setSource("today-first");
            refill();
          }}
        />
      </main>
      <Toasts />
    </div>
  );
}

function SavedEars({ page, current }: { page: EarsOnlyPage; current: string | undefined }) {
  const ears = `/ears-only?group=${page.group.id}`;
  return (
    <OpenSaved
      name="Saved ears-only sets"
      newOne="New set"
      saved={page.sets}
      current={current}
      wide="w-32"
      onNew={() => location.assign(ears)}
      onOpen={(id) => location.assign(`${ears}&set=${id}`)}
    />
  );
}
