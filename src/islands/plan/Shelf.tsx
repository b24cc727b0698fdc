import Plus from "lucide-react/icons/plus";
import { useState } from "react";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { Menu, MenuGroup, MenuItem } from "../../components/ui/Menu.tsx";
import { ACTIVITY_WORDS, SHELVES } from "../../components/words/activity-words.ts";
import type { ActivityKind } from "../../core/light.ts";
import { useLazy } from "../shared/use-lazy.ts";

/** The form with its checks is seldom wanted. */
const loadText = () => import("./OwnText.tsx").then((module) => module.OwnText);

interface Props {
  readonly busy: boolean;
  readonly onAdd: (kind: ActivityKind, text?: string) => Promise<boolean>;
}

const typedOf = (kind: ActivityKind) => ACTIVITY_WORDS[kind].typed;

/** The shelf of activity kinds: one press puts one in, filled with the lesson's words. */
export function Shelf({ busy, onAdd }: Props) {
  const [typing, setTyping] = useState<ActivityKind>();
  const { part: OwnText, failed, request } = useLazy(loadText);
  const add = (kind: ActivityKind) => {
    if (!typedOf(kind)) return void onAdd(kind);
    request();
    setTyping(kind);
  };
  return (
    <>
      <Menu
        isDisabled={busy}
        button={
          <>
            <Plus size={16} aria-hidden /> An activity
          </>
        }
      >
        {SHELVES.map(([name, kinds]) => (
          <MenuGroup key={name} name={name}>
            {kinds.map((kind) => (
              <MenuItem key={kind} onSelect={() => add(kind)}>
                {typedOf(kind) ? `${typedOf(kind)?.name}…` : ACTIVITY_WORDS[kind].name}
              </MenuItem>
            ))}
          </MenuGroup>
        ))}
      </Menu>
      <Dialog
        title={(typing && typedOf(typing)?.name) ?? ""}
        width="wide"
        open={typing !== undefined}
        onOpenChange={(open) => !open && setTyping(undefined)}
      >
        {typing && failed && !OwnText && <p role="alert">No answer from the server: close this, and try again.</p>}
        {typing && OwnText && (
          <OwnText
            kind={typing}
            busy={busy}
            onText={async (text) => {
              if (await onAdd(typing, text)) setTyping(undefined);
            }}
          />
        )}
      </Dialog>
    </>
  );
}
