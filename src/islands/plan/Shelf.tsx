import { Plus } from "lucide-react";
import { Dialog, DropdownMenu } from "radix-ui";
import { useState } from "react";
import { ACTIVITY_NAME } from "../../components/words/plan-words.ts";
import type { ActivityKind } from "../../core/light.ts";

/** What can be put in, in the order in which a lesson commonly has it. */
const SHELF: readonly (readonly [string, readonly ActivityKind[]])[] = [
  ["By ear", ["ears-only", "hear-and-spell", "dictation"]],
  [
    "Sounds and words to read",
    ["sound-cards", "new-sound", "blending", "read-chain", "word-list", "family-walk", "irregular-words"],
  ],
  ["To build and to decide", ["build-chain", "fill-the-gap", "find-it", "right-or-not", "real-or-nonsense", "sort"]],
  ["Your own", ["text", "free"]],
];

const TYPED_NAME: Partial<Record<ActivityKind, string>> = {
  text: "A text of your own",
  free: "Anything else",
};

interface Props {
  readonly busy: boolean;
  readonly onAdd: (kind: ActivityKind, text?: string) => Promise<boolean>;
}

/** The shelf of activity kinds: one press puts one in, filled with the lesson's words. */
export function Shelf({ busy, onAdd }: Props) {
  const [typing, setTyping] = useState<ActivityKind>();
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="button" disabled={busy}>
          <Plus size={16} aria-hidden /> An activity
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            sideOffset={6}
            className="z-20 max-h-[70vh] w-72 overflow-y-auto rounded-lg border border-rule bg-sheet p-1 shadow-lg"
          >
            {SHELF.map(([name, kinds]) => (
              <DropdownMenu.Group key={name}>
                <DropdownMenu.Label className="label px-3 pt-2 pb-1">{name}</DropdownMenu.Label>
                {kinds.map((kind) => (
                  <DropdownMenu.Item
                    key={kind}
                    className="flex min-h-10 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-change-soft"
                    onSelect={() => (TYPED_NAME[kind] ? setTyping(kind) : void onAdd(kind))}
                  >
                    {TYPED_NAME[kind] ? `${TYPED_NAME[kind]}…` : ACTIVITY_NAME[kind]}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Group>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Dialog.Root open={typing !== undefined} onOpenChange={(open) => !open && setTyping(undefined)}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed top-1/4 left-1/2 z-20 w-[min(560px,94vw)] -translate-x-1/2 rounded-xl bg-sheet p-6 shadow-2xl"
          >
            <Dialog.Title className="text-xl font-bold">{typing && TYPED_NAME[typing]}</Dialog.Title>
            <form
              className="mt-3"
              onSubmit={async (event) => {
                event.preventDefault();
                const text = String(new FormData(event.currentTarget).get("text") ?? "").trim();
                if (typing && text && (await onAdd(typing, text))) setTyping(undefined);
              }}
            >
              <textarea
                name="text"
                required
                rows={4}
                maxLength={1000}
                aria-label={typing === "text" ? "The text" : "What is done"}
                className={`field ${typing === "text" ? "font-learner text-[19px]" : ""}`}
              />
              <p className="mt-1 text-[13.5px] text-quiet">
                {typing === "text"
                  ? "Every word is checked against what the group has been taught; today's sound is marked in it."
                  : "For the teacher only: learners see it when it is its turn."}
              </p>
              <div className="mt-3 flex justify-end gap-2">
                <Dialog.Close className="button">Cancel</Dialog.Close>
                <button type="submit" className="button button-main" disabled={busy}>
                  Put it in
                </button>
              </div>
            </form>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
