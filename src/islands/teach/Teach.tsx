import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type Outcome, type RawAnswer, stagesOf, type WordStage } from "../../core/light.ts";
import type { TeachPage } from "../../server/teach.ts";
import { call } from "../client.ts";
import { BigWord } from "./BigWord.tsx";
import { LearnerEdge } from "./LearnerEdge.tsx";
import { ViewSender } from "./learners-view.ts";
import { markKey, OUTCOME_NAME } from "./marks.ts";
import { SaidInstead } from "./SaidInstead.tsx";
import { useMarks } from "./use-marks.ts";
import { WayChoice } from "./WayChoice.tsx";

const MARK_KEYS: readonly { readonly outcome: Outcome; readonly key: string; readonly shown: string }[] = [
  { outcome: "right", key: "enter", shown: "Enter" },
  { outcome: "after-tapping", key: "t", shown: "T" },
  { outcome: "self-corrected", key: "s", shown: "S" },
  { outcome: "no-attempt", key: "n", shown: "N" },
  { outcome: "wrong", key: "w", shown: "W, or press a letter" },
];

export default function Teach({ session, group, words, responses, practice }: TeachPage) {
  const learners = group.learners;
  const [wordIndex, setWordIndex] = useState(Math.min(session.place.wordIndex, words.length - 1));
  const [turn, setTurn] = useState(session.place.learnerId ?? learners[0]?.id);
  const [at, setAt] = useState(0);
  const [stuck, setStuck] = useState(false);
  const [way, setWay] = useState({ support: practice.support, blending: practice.blending });
  const [showChange, setShowChange] = useState(true);
  const [pressed, setPressed] = useState<number>();
  const [leaving, setLeaving] = useState(false);
  const { marks, waiting, refused, canUndo, mark, undo } = useMarks(session.id, responses);
  const word = words[wordIndex];
  const { support, blending } = way;
  // Who is stuck at sight taps the word after all.
  const help = stuck && support === "at-sight" ? "tap-aloud" : support;
  const stages = useMemo(
    () => (word ? stagesOf(word.reading, { support: help, blending }, word.parts) : []),
    [word, help, blending],
  );
  const last = Math.max(0, stages.length - 1);
  const stage = stages[Math.min(at, last)] as WordStage;
  const learner = learners.find(({ id }) => id === turn);

  const goTo = useCallback(
    (index: number) => {
      if (index < 0 || index >= words.length) return;
      setWordIndex(index);
      setAt(0);
      setStuck(false);
      setPressed(undefined);
    },
    [words.length],
  );

  // The learners' window follows what is on this one.
  const [sender, setSender] = useState<ViewSender>();
  useEffect(() => {
    const made = new ViewSender(session.id);
    setSender(made);
    return () => made.close();
  }, [session.id]);
  useEffect(() => {
    if (stage) sender?.show({ wordIndex, stage, showChange });
  }, [sender, wordIndex, stage, showChange]);

  // The place is kept as it moves; a place that could not be stored is stored with the next move.
  const firstPlace = useRef(true);
  useEffect(() => {
    if (firstPlace.current) {
      firstPlace.current = false;
      return;
    }
    call("PATCH", `/api/sessions/${session.id}`, { place: { wordIndex, learnerId: turn ?? null } }).catch(
      () => undefined,
    );
  }, [session.id, wordIndex, turn]);

  const tap = () => {
    if (!word) return;
    if (at < last) setAt(at + 1);
    else goTo(wordIndex + 1);
  };
  /** One moment back; at sight, the word is opened to be tapped. */
  const tapBack = () => {
    if (support === "at-sight" && !stuck) {
      setStuck(true);
      setAt(0);
    } else setAt(Math.max(0, Math.min(at, last) - 1));
  };

  const markTurn = (answer: RawAnswer, passTurn: boolean) => {
    if (!turn) return;
    mark(turn, wordIndex, answer);
    if (!passTurn) return;
    setPressed(undefined);
    const seat = learners.findIndex(({ id }) => id === turn);
    setTurn(learners[(seat + 1) % learners.length]?.id);
  };

  /** A sound named for a unit joins the sounds already named for this learner's reading of the word. */
  const markSaid = (said: readonly string[]) => {
    if (pressed === undefined || !turn) return;
    const old = marks.get(markKey(turn, wordIndex))?.answer;
    const others = old?.outcome === "wrong" ? old.substitutions.filter((s) => s.unit !== pressed) : [];
    markTurn({ outcome: "wrong", substitutions: [...others, { unit: pressed, said: [...said] }] }, false);
    setPressed(undefined);
  };

  const takeBack = () => {
    const was = undo();
    if (!was) return;
    setTurn(was.learnerId);
    if (was.wordIndex !== wordIndex) goTo(was.wordIndex);
  };

  const finish = async () => {
    setLeaving(true);
    await call("PATCH", `/api/sessions/${session.id}`, { ended: true }).catch(() => undefined);
    location.assign(`/see?group=${group.id}`);
  };

  const onKey = (event: KeyboardEvent) => {
    if (event.altKey || event.defaultPrevented || event.target instanceof HTMLSelectElement) return;
    // While a word's card is open the keys are the card's.
    if (document.querySelector('[role="dialog"]')) return;
    const onButton = event.target instanceof Element && event.target.closest("button, [role=button], a") !== null;
    const key = event.key.toLowerCase();
    if (event.ctrlKey || event.metaKey) {
      if (key !== "z") return;
      event.preventDefault();
      return takeBack();
    }
    if (onButton && key === "enter") return;
    const marked = MARK_KEYS.find((m) => m.key === key);
    const act =
      key === " "
        ? tap
        : key === "arrowright"
          ? () => goTo(wordIndex + 1)
          : key === "arrowleft"
            ? () => goTo(wordIndex - 1)
            : key === "arrowup" || key === "b"
              ? () => setAt(last)
              : key === "arrowdown"
                ? tapBack
                : key === "c"
                  ? () => setShowChange((shown) => !shown)
                  : key === "u"
                    ? takeBack
                    : key === "escape"
                      ? () => setPressed(undefined)
                      : marked
                        ? () => markTurn({ outcome: marked.outcome, substitutions: [] }, true)
                        : /^[1-9]$/.test(key) && learners[Number(key) - 1]
                          ? () => setTurn(learners[Number(key) - 1]?.id)
                          : undefined;
    if (!act) return;
    event.preventDefault();
    act();
  };
  const onKeyNow = useRef(onKey);
  onKeyNow.current = onKey;
  useEffect(() => {
    const listener = (event: KeyboardEvent) => onKeyNow.current(event);
    addEventListener("keydown", listener);
    return () => removeEventListener("keydown", listener);
  }, []);

  if (!word) return <p className="p-10">This chain has no words. Go back to the bench and add some.</p>;
  return (
    // A pressed button must not keep the focus: the next Enter is a mark, not the same press again.
    // biome-ignore lint/a11y/noStaticElementInteractions: only keeps focus where it was
    <div
      onMouseDown={(event) => event.preventDefault()}
      className="flex h-dvh flex-col bg-sheet"
      data-place={wordIndex}
      data-closed={stage.closed}
      data-blended={stage.blended}
      data-shown={`${stage.from}-${stage.to}`}
    >
      <header className="flex h-12 shrink-0 items-center justify-between gap-4 px-5 text-quiet">
        <span>
          {group.name} · word {wordIndex + 1} of {words.length}
        </span>
        <WayChoice
          way={way}
          onWay={(next) => {
            setWay(next);
            setAt(0);
            setStuck(false);
          }}
        />
        <span role="status" className={refused ? "font-semibold text-again" : ""}>
          {refused
            ? `A mark was refused: ${refused}`
            : waiting > 0
              ? `${waiting} ${waiting === 1 ? "mark" : "marks"} being stored…`
              : ""}
        </span>
        <span className="flex gap-2">
          <button
            type="button"
            className="button min-h-9 py-0 font-normal"
            title="A second window for the projector: the word alone"
            onClick={() =>
              window.open(`/teach/${session.id}/view`, `view ${session.id}`, "popup,width=1024,height=640")
            }
          >
            Learners' view
          </button>
          <button type="button" className="button min-h-9 py-0" disabled={leaving} onClick={finish}>
            Finish
          </button>
        </span>
      </header>

      <BigWord
        word={word}
        before={words[wordIndex - 1]}
        stage={stage}
        showChange={showChange}
        pressed={pressed}
        onTap={tap}
        onPressUnit={(unit) => setPressed(pressed === unit ? undefined : unit)}
      />

      <nav aria-label="The word" className="flex shrink-0 justify-center gap-2 pb-3">
        <StageButton name="Back" keys="←" disabled={wordIndex === 0} onPress={() => goTo(wordIndex - 1)} />
        <StageButton name="Tap" keys="space" onPress={tap} />
        <StageButton
          name={stage.blended ? "Open" : "Blend"}
          keys={stage.blended ? "↓" : "B"}
          onPress={() => (stage.blended ? (support === "at-sight" ? tapBack() : setAt(0)) : setAt(last))}
        />
        <StageButton
          name={showChange ? "Hide change" : "Show change"}
          keys="C"
          onPress={() => setShowChange(!showChange)}
        />
        <StageButton
          name="Next"
          keys="→"
          disabled={wordIndex === words.length - 1}
          onPress={() => goTo(wordIndex + 1)}
        />
      </nav>

      {pressed !== undefined && learner && (
        <SaidInstead
          key={`${turn} ${wordIndex} ${pressed}`}
          word={word}
          unit={pressed}
          learner={learner.nickname}
          onSaid={markSaid}
          onClose={() => setPressed(undefined)}
        />
      )}

      <footer className="flex shrink-0 flex-wrap items-center justify-between gap-3 border-t border-rule bg-paper px-5 py-4">
        <LearnerEdge learners={learners} turn={turn} wordIndex={wordIndex} marks={marks} onTurn={setTurn} />
        <div role="group" aria-label={`Mark ${learner?.nickname ?? ""}`} className="flex flex-wrap gap-2">
          {MARK_KEYS.map(({ outcome, shown }) => (
            <button
              key={outcome}
              type="button"
              disabled={!turn}
              className={`min-h-16 rounded-xl border px-4 leading-tight ${outcome === "right" ? "min-w-28 border-good bg-good text-sheet" : "border-rule bg-sheet"}`}
              onClick={() => markTurn({ outcome, substitutions: [] }, true)}
            >
              <span className="block font-bold">{outcome === "wrong" ? "Wrong" : OUTCOME_NAME[outcome]}</span>
              <span className={`block text-[12.5px] ${outcome === "right" ? "" : "text-quiet"}`}>{shown}</span>
            </button>
          ))}
          <button
            type="button"
            className="min-h-16 rounded-xl border border-rule bg-sheet px-4 leading-tight disabled:text-quiet"
            disabled={!canUndo}
            onClick={takeBack}
          >
            <span className="block font-bold">Undo</span>
            <span className="block text-[12.5px] text-quiet">U</span>
          </button>
        </div>
      </footer>
    </div>
  );
}

function StageButton(props: { name: string; keys: string; disabled?: boolean; onPress: () => void }) {
  return (
    <button type="button" className="button min-h-11" disabled={props.disabled} onClick={props.onPress}>
      {props.name} <span className="ml-1 font-normal text-quiet">{props.keys}</span>
    </button>
  );
}
