import { Dialog, DropdownMenu } from "radix-ui";
import { useState } from "react";
import type { DefaultOpen } from "./LazyMenu.tsx";
import type { Listing } from "./lesson/teach-state.ts";
import { MORE_BUTTON, MORE_LABEL, MoreSign, type TeachMenuProps } from "./MoreButton.tsx";

const LISTINGS: readonly Listing[] = ["across", "down", undefined];
const LISTING_NAME = {
  across: "All the words, to read across",
  down: "All the words, to read down",
  one: "One word at a time",
} as const;

const ITEM =
  "flex min-h-11 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-change-soft data-[disabled]:text-quiet";

/** The menu itself, with the button that opens it. */
export default function TeachDropdown(props: TeachMenuProps & DefaultOpen) {
  const [adding, setAdding] = useState(false);
  const [refusal, setRefusal] = useState<string>();
  const [busy, setBusy] = useState(false);
  const add = async (words: readonly string[], comes: "next" | "last") => {
    setBusy(true);
    const why = await props.onAdd(words, comes);
    setBusy(false);
    setRefusal(why);
    setAdding(why !== undefined);
  };
  return (
    <>
      <DropdownMenu.Root defaultOpen={props.defaultOpen}>
        <DropdownMenu.Trigger className={MORE_BUTTON} aria-label={MORE_LABEL}>
          <MoreSign />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={6}
            // The keys of the lesson do not reach through an open menu; the focus goes back to the page after it.
            onCloseAutoFocus={(event) => event.preventDefault()}
            className="z-20 w-72 rounded-lg border border-rule bg-sheet p-1 shadow-lg"
          >
            <DropdownMenu.Item className={ITEM} disabled={!props.canAdd} onSelect={() => setAdding(true)}>
              Add a word…
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={ITEM}
              disabled={!props.canAdd || props.wentWrong.length === 0}
              onSelect={() => void add(props.wentWrong, "last")}
            >
              Again: {props.wentWrong.length > 0 ? props.wentWrong.join(", ") : "nothing went wrong"}
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={!props.canShuffle} onSelect={props.onShuffle}>
              Shuffle what is to come
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={!props.canDrop} onSelect={props.onDrop}>
              Leave this one out
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={!props.onSkip} onSelect={props.onSkip}>
              Leave this activity out
            </DropdownMenu.Item>
            <DropdownMenu.Separator className="my-1 h-px bg-hairline" />
            <DropdownMenu.Item className={ITEM} disabled={!props.canBuild} onSelect={props.onBuild}>
              {props.building ? "Read it, without tiles" : "Build it with tiles"}
            </DropdownMenu.Item>
            {LISTINGS.filter((way) => way !== props.listing).map((way) => (
              <DropdownMenu.Item
                key={way ?? "one"}
                className={ITEM}
                disabled={!props.canList}
                onSelect={() => props.onListing(way)}
              >
                {LISTING_NAME[way ?? "one"]}
              </DropdownMenu.Item>
            ))}
            <DropdownMenu.Item className={ITEM} onSelect={props.onDark}>
              {props.dark ? "Light room on the wall" : "Dark room on the wall"}
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Dialog.Root
        open={adding}
        onOpenChange={(open) => {
          setAdding(open);
          setRefusal(undefined);
        }}
      >
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/20" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed top-1/4 left-1/2 z-20 w-[min(440px,94vw)] -translate-x-1/2 rounded-xl bg-sheet p-6 shadow-2xl"
            onMouseDown={(event) => event.stopPropagation()}
          >
            <Dialog.Title className="text-lg font-bold">Add a word</Dialog.Title>
            <form
              className="mt-3 flex gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                const typed = String(new FormData(event.currentTarget).get("word") ?? "");
                const words = typed
                  .toLowerCase()
                  .split(/[\s,]+/)
                  .filter(Boolean);
                if (words.length > 0) void add(words, "next");
              }}
            >
              <input
                name="word"
                aria-label="Word"
                className="field flex-1 font-learner text-[22px]"
                autoComplete="off"
                spellCheck={false}
                maxLength={60}
              />
              <button type="submit" className="button button-main" disabled={busy}>
                Next word
              </button>
            </form>
            <p role="alert" className="mt-2 min-h-6 text-again">
              {refusal}
            </p>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
