import { Plus } from "lucide-react";
import { Dialog, DropdownMenu } from "radix-ui";
import { useState } from "react";
import { ACTIVITY_WORDS, SHELVES } from "../../components/words/activity-words.ts";
import type { ActivityKind } from "../../core/light.ts";

interface Props {
  readonly busy: boolean;
  readonly onAdd: (kind: ActivityKind, text?: string) => Promise<boolean>;
}

const typedOf = (kind: ActivityKind) => ACTIVITY_WORDS[kind].typed;

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
            {SHELVES.map(([name, kinds]) => (
              <DropdownMenu.Group key={name}>
                <DropdownMenu.Label className="label px-3 pt-2 pb-1">{name}</DropdownMenu.Label>
                {kinds.map((kind) => (
                  <DropdownMenu.Item
                    key={kind}
                    className="flex min-h-10 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-change-soft"
                    onSelect={() => (typedOf(kind) ? setTyping(kind) : void onAdd(kind))}
                  >
                    {typedOf(kind) ? `${typedOf(kind)?.name}…` : ACTIVITY_WORDS[kind].name}
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
            <Dialog.Title className="text-xl font-bold">{typing && typedOf(typing)?.name}</Dialog.Title>
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
                aria-label={typing && typedOf(typing)?.label}
                className={`field ${typing === "text" ? "font-learner text-[19px]" : ""}`}
              />
              <p className="mt-1 text-[13.5px] text-quiet">{typing && typedOf(typing)?.help}</p>
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
