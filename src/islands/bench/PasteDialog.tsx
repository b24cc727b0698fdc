import { type ReactNode, useId, useState } from "react";
import { Dialog, DialogClose } from "../../components/ui/Dialog.tsx";
import { MAX_PASTED_WORDS, type PastedList, readWordList } from "../../core/light.ts";

interface Props {
  readonly children: ReactNode;
  readonly onWords: (words: readonly string[]) => void;
}

function leftOutWords({ leftOut }: Extract<PastedList, { ok: true }>): string {
  const odd = leftOut.filter(({ code }) => code !== "twice").map(({ text }) => text);
  const twice = leftOut.filter(({ code }) => code === "twice").map(({ text }) => text);
  return [
    odd.length > 0 && `Left out, not written with the letters a to z alone: ${odd.slice(0, 6).join(", ")}.`,
    twice.length > 0 && `A chain has every word once; taken the first time only: ${twice.slice(0, 6).join(", ")}.`,
  ]
    .filter(Boolean)
    .join(" ");
}

/** Takes a chain from a book or anywhere: the words are found in what is pasted, then every step is checked. */
export function PasteDialog({ children, onWords }: Props) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const id = useId();
  const read = readWordList(text);
  return (
    <Dialog
      title="Check a chain from anywhere"
      description="Paste or type its words. Every word and every step is checked; what does not fit is marked with the reason."
      width="wide"
      trigger={children}
      open={open}
      onOpenChange={setOpen}
    >
      <label htmlFor={id} className="sr-only">
        Words of the chain
      </label>
      <textarea
        id={id}
        className="field mt-3 font-learner text-[18px]"
        rows={6}
        spellCheck={false}
        autoCapitalize="none"
        placeholder="ship, shop, chop …"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <p role="status" className="mt-1 min-h-11 text-[13.5px]">
        {read.ok ? (
          <>
            {read.words.length} {read.words.length === 1 ? "word" : "words"}.{" "}
            <span className="text-again">{leftOutWords(read)}</span>
          </>
        ) : read.code === "too-many-words" ? (
          <span className="text-again">
            {read.words} words: that is more than a chain. Paste one chain at a time, {MAX_PASTED_WORDS} words at most.
          </span>
        ) : null}
      </p>
      <div className="mt-2 flex justify-end gap-2">
        <DialogClose>Cancel</DialogClose>
        <button
          type="button"
          className="button button-main"
          disabled={!read.ok || read.words.length === 0}
          onClick={() => {
            if (!read.ok) return;
            onWords(read.words);
            setText("");
            setOpen(false);
          }}
        >
          Check it
        </button>
      </div>
    </Dialog>
  );
}
