import { Command } from "cmdk";
import { type ReactNode, useEffect, useState } from "react";
import type { ScreenLink } from "../../components/screens.ts";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { fewOf } from "../../components/words/counted.ts";
import type { Group } from "../../server/groups/groups.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { hrefOf, kindName, madeOf, whoseOf } from "../saved/saved-links.ts";
import { searchSaved } from "../saved/search.ts";
import { call } from "../shared/client.ts";
import { openWordCard } from "../word-card/open.ts";

interface Props {
  readonly screens: readonly ScreenLink[];
  readonly groupId: string | undefined;
  readonly onClose: () => void;
}

const SAVED_SHOWN = 8;
const WORDS_SHOWN = 6;
/** What can be a word. */
const WORD = /^[a-z][a-z']{0,39}$/;

/** Any screen, group, saved thing or word, found by typing, by arrow keys or by pressing. */
export default function GoToDialog({ screens, groupId, onClose }: Props) {
  const [typed, setTyped] = useState("");
  const [groups, setGroups] = useState<readonly Group[]>([]);
  const [saved, setSaved] = useState<readonly SavedItem[]>();
  const [failure, setFailure] = useState("");
  useEffect(() => {
    const fail = (error: Error) => setFailure(error.message);
    call("GET /api/groups").then(setGroups, fail);
    call("GET /api/saved").then(setSaved, fail);
  }, []);

  const wanted = typed.trim().toLowerCase();
  const isMeant = ({ name }: { readonly name: string }) => name.toLowerCase().includes(wanted);
  const go = (href: string) => location.assign(href);
  const cardOf = groupId ?? groups[0]?.id;
  const items =
    wanted === ""
      ? []
      : searchSaved(saved ?? [], wanted)
          .filter(({ isPutAway }) => !isPutAway)
          .slice(0, SAVED_SHOWN);
  return (
    <Dialog title="Go to" width="wide" hasClose open onOpenChange={(open) => !open && onClose()}>
      <Command label="Go to" shouldFilter={false} className="mt-3">
        <Command.Input
          className="field w-full"
          placeholder="A screen, a group, something saved, a word"
          value={typed}
          onValueChange={setTyped}
          autoFocus
        />
        <Command.List className="mt-2 max-h-[50dvh] overflow-y-auto">
          <Command.Empty className="p-3 text-quiet">{saved ? "Nothing is called that." : "Looking …"}</Command.Empty>
          <Part title="Screens">
            {screens.filter(isMeant).map(({ id, name, href }) => (
              <Item key={id} id={`screen ${id}`} onSelect={() => go(href)}>
                {name}
              </Item>
            ))}
          </Part>
          <Part title="Groups">
            {groups.filter(isMeant).map(({ id, name, step }) => (
              <Item key={id} id={`group ${id}`} onSelect={() => go(`/plan?group=${id}`)}>
                {name} <span className="text-quiet">· step {step}, the next lesson</span>
              </Item>
            ))}
          </Part>
          <Part title="Saved">
            {items.map((item) => (
              <Item key={item.id} id={`saved ${item.id}`} onSelect={() => go(hrefOf(item))}>
                {item.title}{" "}
                <span className="text-quiet">
                  · {kindName(item.kind)} · {whoseOf(item)} · {fewOf(madeOf(item), WORDS_SHOWN)}
                </span>
              </Item>
            ))}
          </Part>
          <Part title="Words">
            {WORD.test(wanted) && cardOf && (
              <Item
                id={`word ${wanted}`}
                onSelect={() => {
                  onClose();
                  openWordCard(wanted, cardOf);
                }}
              >
                The card of <span className="font-learner text-[19px]">{wanted}</span>
              </Item>
            )}
          </Part>
        </Command.List>
      </Command>
      {failure !== "" && (
        <p role="alert" className="mt-2 text-again">
          {failure}
        </p>
      )}
    </Dialog>
  );
}

const Part = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => {
  const isEmpty = Array.isArray(children) ? children.length === 0 : !children;
  return isEmpty ? null : (
    <Command.Group
      heading={title}
      className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-[13px] [&_[cmdk-group-heading]]:text-quiet"
    >
      {children}
    </Command.Group>
  );
};

interface ItemProps {
  readonly id: string;
  readonly onSelect: () => void;
  readonly children: ReactNode;
}

const Item = ({ id, onSelect, children }: ItemProps) => (
  <Command.Item
    value={id}
    onSelect={onSelect}
    className="min-h-11 cursor-pointer rounded px-3 py-2.5 data-[selected=true]:bg-good-soft"
  >
    {children}
  </Command.Item>
);
