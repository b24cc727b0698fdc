import { useEffect, useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { OpenSaved } from "../../components/OpenSaved.tsx";
import { Menu, MenuItem } from "../../components/ui/Menu.tsx";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { Tabs } from "../../components/ui/Tabs.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { counted } from "../../components/words/counted.ts";
import { TEXT_USE_NAME } from "../../components/words/text-words.ts";
import {
  gpcTargets,
  type SetContentOf,
  TEXT_USES,
  type TextTarget,
  type TextUse,
  taughtGpcs,
  tickedAsTaught,
} from "../../core/light.ts";
import { LONGEST_TEXT } from "../../schemas/set-content.ts";
import type { TextsPage } from "../../server/sets/texts-page.ts";
import type { TextView } from "../../workers/text-worker.ts";
import { call } from "../shared/client.ts";
import { useLazy } from "../shared/use-lazy.ts";
import { useSetSaving } from "../shared/use-set-saving.ts";
import { marksOfText } from "./marks.ts";
import { type AboutText, ReadingPanel } from "./ReadingPanel.tsx";
import { readTextFile } from "./read-text-file.ts";
import { SentencesPanel } from "./SentencesPanel.tsx";
import { TargetsPanel } from "./TargetsPanel.tsx";
import type { EditorHandle } from "./TextEditor.tsx";
import { atEnd, type TextChange, withChanges } from "./text-changes.ts";
import { useTextRules, useTextView, useTextWorker } from "./use-text.ts";
import { draftOfText, dropTextDraft, useTextDraft } from "./use-text-draft.ts";
import { WordsPanel } from "./WordsPanel.tsx";

/** What a saved text is taken out as. */
const FILES = [
  { ending: "txt", name: "Text" },
  { ending: "csv", name: "CSV, a word a row" },
  { ending: "json", name: "JSON, with how each word stands" },
] as const;

type TextContent = SetContentOf<"text">;

const loadEditor = () => import("./TextEditor.tsx").then((module) => module.default);

type Tab = "sentences" | "words" | "targets" | "reading";

const EMPTY: TextView = {
  text: "",
  words: [],
  mends: [],
  found: [],
  teach: { most: undefined, all: undefined },
  decodable: 1,
  targets: 0,
  pages: [],
  sentences: 0,
  differentWords: 0,
  longest: "",
  repeated: [],
};

/** What is asked about a text that was saved. */
const aboutOf = (saved: TextContent | undefined): AboutText => ({
  questions: saved?.questions ?? [],
  statements: saved?.statements ?? [],
});
/** What of it is saved: nothing that is empty. */
const written = ({ questions, statements }: AboutText): AboutText => ({
  questions: questions.map((question) => question.trim()).filter(Boolean),
  statements: statements
    .map(({ sentence, isTrue }) => ({ sentence: sentence.trim(), isTrue }))
    .filter(({ sentence }) => sentence !== ""),
});
/** The same for the same text and the same questions. */
const asSaved = (text: string, about: AboutText): string => JSON.stringify([text.trim(), written(about)]);

/** Longer texts are judged as well, and saved part by part. */
const LONGEST_JUDGED = 200_000;

/** A text judged word by word against the group, mended, and made of sentences that it can read. */
export default function Texts(page: TextsPage) {
  const { group, set } = page;
  const saved = set?.content.kind === "text" ? set.content : undefined;
  const [scope, setScope] = useState(page.scope);
  const [text, setText] = useState(saved?.text ?? "");
  const [use, setUse] = useState<TextUse>(saved?.use ?? "read");
  const [targets, setTargets] = useState<readonly TextTarget[]>(() =>
    (saved?.targets ?? page.wanted).map((gpc) => ({ by: "gpc", gpc })),
  );
  const [title, setTitle] = useState(set?.title ?? "");
  const [setId, setSetId] = useState(set?.id);
  const [about, setAbout] = useState<AboutText>(() => aboutOf(saved));
  const [savedAs, setSavedAs] = useState(() => asSaved(saved?.text ?? "", aboutOf(saved)));
  const isSaved = setId !== undefined && asSaved(text, about) === savedAs;
  const [isDraftKnown, setDraftKnown] = useState(false);
  const [tab, setTab] = useState<Tab>(saved ? "words" : "sentences");
  const editor = useRef<EditorHandle>(null);
  const { part: TextEditor, request, failed } = useLazy(loadEditor);
  const rules = useTextRules(scope);
  const worker = useTextWorker(rules);
  const view = useTextView(worker, text, rules, targets) ?? EMPTY;
  const marks = useMemo(() => marksOfText(view, page.watched), [view, page.watched]);
  const choices = useMemo(() => taughtGpcs(scope), [scope]);
  const saving = useSetSaving(group.id, (stored) => {
    setSetId(stored.id);
    if (stored.content.kind === "text") setSavedAs(asSaved(stored.content.text, aboutOf(stored.content)));
    setTitle(stored.title);
    history.replaceState(null, "", `/texts?group=${group.id}&set=${stored.id}`);
  });

  useEffect(request, [request]);
  useTextDraft(group.id, { text, about }, isSaved);
  // Looked up in the browser: the page is made on the server, where there is none. Once, before anything is typed.
  useEffect(() => {
    const draft = set ? undefined : draftOfText(group.id);
    if (draft) {
      setText(draft.text);
      setAbout(draft.about);
    }
    setDraftKnown(true);
  }, [set, group.id]);

  const places = (word: string) => view.words.filter(({ spelling }) => spelling === word);
  /** What is pressed before the editor has come is in the text that it begins with. */
  const change = (changes: readonly TextChange[]) => {
    if (editor.current) editor.current.replace(changes);
    else setText((before) => withChanges(before, changes));
  };
  const append = (sentence: string) => {
    if (editor.current) editor.current.append(sentence);
    else setText((before) => withChanges(before, [atEnd(before, sentence)]));
  };
  const replace = (word: string, other: string) => {
    if (view.text !== text) return;
    change(
      places(word).map(({ from, to }) => {
        const isCapital = /^\p{Lu}/u.test(text.slice(from, to));
        return { from, to, insert: isCapital ? `${other[0]?.toUpperCase()}${other.slice(1)}` : other };
      }),
    );
  };
  const teach = async (word: string) => {
    const next = tickedAsTaught(scope.ticks, "words", word);
    try {
      const body = { ...next, base: scope.ticks };
      await call("PUT /api/groups/:groupId/ticks", { params: { groupId: group.id }, body });
      setScope({ ...scope, ticks: next });
      toast.success(`${word} is an irregular word that ${group.name} is taught`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  const content = (): TextContent => ({
    ...{ kind: "text", text: text.trim(), targets: gpcTargets(targets), use },
    ...written(about),
  });
  const putWhichWord = async (): Promise<void> => {
    const set = await saving.save(content(), title, setId);
    if (!set) return;
    try {
      const body = {
        kind: "which-word",
        textId: set.id,
        focus: [],
        contrasts: [],
        seed: Date.now() % 2 ** 30,
      } as const;
      await call("POST /api/plans/:planId/activities", { params: { planId: group.id }, body });
      toast.success("In the next lesson: Which word fits?", {
        action: { label: "Open the plan", onClick: () => location.assign(`/plan?group=${group.id}`) },
      });
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  const send = (to: typeof saving.save | typeof saving.plan | typeof saving.print) => {
    if (text.trim().length > LONGEST_TEXT)
      toast.error(`A text that is saved has at most ${LONGEST_TEXT.toLocaleString("en")} letters: save it in parts.`);
    else void to(content(), title, setId);
  };
  const setWholeText = (next: string) => change([{ from: 0, to: text.length, insert: next }]);
  const open = async (file: File | undefined) => {
    if (!file) return;
    const read = await readTextFile(file, LONGEST_JUDGED);
    if (!read.ok) {
      toast.error(read.message);
      return;
    }
    setWholeText(read.text);
    setTab("words");
  };
  const fitting = view.words.filter(({ fits }) => fits).length;

  return (
    <div className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-var(--above))] lg:grid-cols-[minmax(0,1fr)_400px] lg:grid-rows-[minmax(0,1fr)]">
      <main className="flex min-h-0 min-w-0 flex-col">
        <h1 className="sr-only">Texts</h1>
        <div className="flex flex-wrap items-center gap-2 border-b border-rule px-3 py-2 sm:px-5">
          <input
            aria-label="Title of the text"
            className="field min-w-0 flex-1 basis-40"
            placeholder="Title"
            maxLength={80}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
          <OpenSaved
            name="Saved texts"
            newOne="New text"
            saved={page.sets}
            current={setId}
            wide="w-32"
            onNew={() => {
              dropTextDraft(group.id);
              location.assign(`/texts?group=${group.id}`);
            }}
            onOpen={(id) => location.assign(`/texts?group=${group.id}&set=${id}`)}
          />
          <label className="button grid cursor-pointer place-items-center font-normal focus-within:outline-2">
            Open a file
            <input
              type="file"
              accept=".txt,.md,text/plain,text/markdown"
              className="sr-only"
              onChange={(event) => {
                void open(event.target.files?.[0]);
                event.target.value = "";
              }}
            />
          </label>
          <SegmentedChoice
            label="What it is for"
            className="whitespace-nowrap"
            value={use}
            choices={TEXT_USES}
            names={TEXT_USE_NAME}
            onChange={setUse}
          />
          <button type="button" className="button" disabled={text.trim() === ""} onClick={() => send(saving.print)}>
            Print
          </button>
          <button type="button" className="button" disabled={text.trim() === ""} onClick={() => send(saving.plan)}>
            To the plan
          </button>
          {isSaved && (
            <Menu button="Take out ▾">
              {FILES.map(({ ending, name }) => (
                <MenuItem key={ending} onSelect={() => location.assign(`/api/sets/${setId}/text.${ending}`)}>
                  {name}
                </MenuItem>
              ))}
            </Menu>
          )}
          <button
            type="button"
            className="button button-main"
            disabled={text.trim() === ""}
            onClick={() => send(saving.save)}
          >
            Save
          </button>
        </div>
        {TextEditor && isDraftKnown ? (
          <TextEditor
            ref={editor}
            initial={text}
            marks={marks}
            limit={LONGEST_JUDGED}
            onText={setText}
            onPress={(at) => {
              if (view.words.some(({ from, to, fits }) => !fits && from <= at && at <= to)) setTab("words");
            }}
            onTooLong={() =>
              toast.error(`A text has at most ${LONGEST_JUDGED.toLocaleString("en")} letters. Paste it in parts.`)
            }
          />
        ) : (
          <div className="min-h-72 flex-1 p-6 text-quiet">
            {failed ? "The editor could not be fetched. Reload the page." : ""}
          </div>
        )}
        <p role="status" className="border-t border-rule px-5 py-2 text-[15px]">
          {view.words.length === 0 ? (
            "No words yet"
          ) : (
            <>
              <b>
                {fitting} of {counted(view.words.length, "word")} fit ({Math.floor(view.decodable * 100)} in 100)
              </b>{" "}
              <span className="text-quiet">
                · {counted(view.sentences, "sentence")} · {view.differentWords} different · longest: {view.longest}
                {targets.length > 0 && ` · looked for: ${counted(view.targets, "time")}`}
              </span>
            </>
          )}
        </p>
      </main>
      <aside
        aria-label="About the text"
        className="flex min-h-0 min-w-0 flex-col border-rule bg-sheet max-lg:border-t lg:border-l"
      >
        <Tabs
          label="About the text"
          tabs={[
            { id: "sentences", name: "Sentences" },
            { id: "words", name: view.mends.length > 0 ? `Words · ${view.mends.length}` : "Words" },
            { id: "targets", name: "Look for" },
            { id: "reading", name: "Reading" },
          ]}
          value={tab}
          onChange={setTab}
        >
          <div className="min-h-0 flex-1 lg:overflow-y-auto">
            {tab === "sentences" && (
              <SentencesPanel
                worker={worker}
                rules={rules}
                targets={targets}
                onPick={append}
                onLittleText={(lines) => setWholeText([text.trimEnd(), ...lines].filter(Boolean).join("\n"))}
              />
            )}
            {tab === "words" && (
              <WordsPanel view={view} watched={page.watched} onReplace={replace} onTeach={(word) => void teach(word)} />
            )}
            {tab === "reading" &&
              (use === "read" ? (
                <ReadingPanel
                  worker={worker}
                  rules={rules}
                  text={text}
                  about={about}
                  onAbout={setAbout}
                  onText={setWholeText}
                  onWhichWord={() => void putWhichWord()}
                />
              ) : (
                <p className="p-4">This text is written from dictation. Choose “to read” above to ask about it.</p>
              ))}
            {tab === "targets" && (
              <TargetsPanel view={view} targets={targets} onTargets={setTargets} choices={choices} />
            )}
          </div>
        </Tabs>
      </aside>
      <Toasts />
    </div>
  );
}
