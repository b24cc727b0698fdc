import { defaultKeymap, history, historyKeymap, isolateHistory } from "@codemirror/commands";
import { EditorState, StateEffect, StateField } from "@codemirror/state";
import { Decoration, type DecorationSet, EditorView, keymap, placeholder } from "@codemirror/view";
import type { Ref } from "react";
import { useEffect, useImperativeHandle, useLayoutEffect, useRef } from "react";
import { atEnd, type TextChange } from "./text-changes.ts";

/** A run of characters with a class of its own. */
export interface EditorMark {
  readonly from: number;
  readonly to: number;
  readonly className: string;
}

/** What the screen can do to the text. */
export interface EditorHandle {
  /** Puts something in the place of runs of characters; one step for undo. */
  readonly replace: (changes: readonly TextChange[]) => void;
  /** Puts a sentence at the end. */
  readonly append: (text: string) => void;
}

interface Props {
  readonly initial: string;
  readonly marks: readonly EditorMark[];
  readonly ref: Ref<EditorHandle>;
  readonly onText: (text: string) => void;
  /** The word that was pressed, as offsets. */
  readonly onPress: (at: number) => void;
  readonly limit: number;
  /** More was typed or pasted than there is room for. */
  readonly onTooLong: () => void;
}

/** A press is a step of its own for undo, however soon it follows on what was typed. */
const ON_ITS_OWN = isolateHistory.of("full");

const setMarks = StateEffect.define<readonly EditorMark[]>();

/** Marks move with the text until the next ones come. */
const marksField = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, transaction) {
    let next = marks.map(transaction.changes);
    for (const effect of transaction.effects)
      if (effect.is(setMarks))
        next = Decoration.set(
          effect.value.map(({ from, to, className }) => Decoration.mark({ class: className }).range(from, to)),
          true,
        );
    return next;
  },
  provide: (field) => EditorView.decorations.from(field),
});

/** The text, typed or pasted as plain text, with every word marked by what it is to the group. */
export default function TextEditor({ initial, marks, ref, onText, onPress, limit, onTooLong }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(undefined);
  const told = useRef({ onText, onPress, onTooLong });
  told.current = { onText, onPress, onTooLong };
  const start = useRef(initial);

  // Before the handle is given away: a change that is asked for finds it.
  useLayoutEffect(() => {
    if (!host.current) return;
    const editor = new EditorView({
      parent: host.current,
      state: EditorState.create({
        doc: start.current,
        extensions: [
          history(),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          EditorView.lineWrapping,
          placeholder("Type or paste a text, or make sentences beside."),
          marksField,
          EditorView.contentAttributes.of({ "aria-label": "Text", spellcheck: "false", autocapitalize: "sentences" }),
          EditorState.changeFilter.of((change) => {
            if (!change.docChanged || change.newDoc.length <= limit) return true;
            told.current.onTooLong();
            return false;
          }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) told.current.onText(update.state.doc.toString());
          }),
          EditorView.domEventHandlers({
            click: (event, current) => {
              const at = current.posAtCoords({ x: event.clientX, y: event.clientY });
              if (at !== null) told.current.onPress(at);
            },
          }),
        ],
      }),
    });
    view.current = editor;
    return () => editor.destroy();
  }, [limit]);

  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    // They are about the text as it was asked about: what no longer fits is left out.
    const { length } = editor.state.doc;
    editor.dispatch({ effects: setMarks.of(marks.filter(({ from, to }) => from < to && to <= length)) });
  }, [marks]);

  useImperativeHandle(ref, () => ({
    replace: (changes) => view.current?.dispatch({ changes: [...changes], annotations: ON_ITS_OWN }),
    append: (text) => {
      const editor = view.current;
      if (!editor) return;
      editor.dispatch({ changes: atEnd(editor.state.doc.toString(), text), annotations: ON_ITS_OWN });
    },
  }));

  return <div ref={host} className="text-editor min-h-0 flex-1 overflow-y-auto" />;
}
