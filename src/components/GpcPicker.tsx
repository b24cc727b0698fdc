import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { type ReactNode, useState } from "react";
import { GpcChip } from "./GpcChip.tsx";
import { gpcName } from "./words/sounds.ts";

interface Props {
  /** GPC ids to choose from, those taught last first. */
  readonly choices: readonly string[];
  readonly onPick: (id: string) => void;
  readonly children: ReactNode;
}

/** Chooses one of the taught correspondences, by typing or by pressing. */
export function GpcPicker({ choices, onPick, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>{children}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          className="z-20 w-64 rounded-lg border border-rule bg-sheet p-2 shadow-lg"
        >
          <Command label="Taught correspondences">
            <Command.Input className="field mb-1" placeholder="Type letters…" />
            <Command.List className="max-h-72 overflow-y-auto">
              <Command.Empty className="p-3 text-quiet">Not taught at this step.</Command.Empty>
              {choices.map((id) => (
                <Command.Item
                  key={id}
                  value={gpcName(id)}
                  onSelect={() => {
                    onPick(id);
                    setOpen(false);
                  }}
                  className="rounded px-2 py-1.5 data-[selected=true]:bg-change-soft"
                >
                  <GpcChip id={id} />
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
