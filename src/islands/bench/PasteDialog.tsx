import { Dialog } from "radix-ui";
import { type ReactNode, useId, useState } from "react";
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
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>{children}</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content className="fixed left-1/2 top-1/2 z-20 w-[min(520px,94vw)] -translate-x-1/2 -translate-y-1/2 rounded-xl bg-sheet p-6 shadow-2xl">
          <Dialog.Title className="text-xl font-bold">Check a chain from anywhere</Dialog.Title>
          <Dialog.Description className="mt-1 text-quiet">
            Paste or type its words. Every word and every step is checked; what does not fit is marked with the reason.
          </Dialog.Description>
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
                {read.words} words: that is more than a chain. Paste one chain at a time, {MAX_PASTED_WORDS} words at
                most.
              </span>
            ) : null}
          </p>
          <div className="mt-2 flex justify-end gap-2">
            <Dialog.Close className="button">Cancel</Dialog.Close>
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
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
