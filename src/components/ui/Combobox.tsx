import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { type ReactNode, useState } from "react";

interface Props {
  /** What is chosen from, for who does not see it. */
  readonly label: string;
  readonly placeholder: string;
  /** Said when nothing matches what is typed. */
  readonly nothingFound: string;
  readonly choices: readonly { readonly id: string; readonly text: string; readonly shown?: ReactNode }[];
  readonly onPick: (id: string) => void;
  /** The button that opens it. */
  readonly children: ReactNode;
}

/** One of many, found by typing, by arrow keys or by pressing. */
export function Combobox({ label, placeholder, nothingFound, choices, onPick, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>{children}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          className="z-50 w-64 rounded-lg border border-rule bg-sheet p-2 shadow-lg"
        >
          <Command label={label}>
            <Command.Input className="field mb-1" placeholder={placeholder} />
            <Command.List className="max-h-72 overflow-y-auto">
              <Command.Empty className="p-3 text-quiet">{nothingFound}</Command.Empty>
              {choices.map(({ id, text, shown = text }) => (
                <Command.Item
                  key={id}
                  value={text}
                  onSelect={() => {
                    onPick(id);
                    setOpen(false);
                  }}
                  className="rounded px-2 py-1.5 data-[selected=true]:bg-change-soft"
                >
                  {shown}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
