import Ellipsis from "lucide-react/icons/ellipsis";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { LongList } from "../../components/ui/LongList.tsx";
import { Menu, MenuItem } from "../../components/ui/Menu.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { fewOf } from "../../components/words/counted.ts";
import { saidMoment } from "../../components/words/dates.ts";
import { titleField } from "../../schemas/saved.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { NameDialog, type Naming } from "../shared/NameDialog.tsx";
import { deferDeletion } from "./deferred-deletion.ts";
import { changeSaved, copySaved, removeSaved } from "./saved-actions.ts";
import { hrefOf, kindName, madeOf, marksHrefOf, printHrefOf, whoseOf } from "./saved-links.ts";
import { searchSaved } from "./search.ts";

const WORDS_SHOWN = 10;
const SHOWN_AT_ONCE = 60;

/** Chains, sets, texts and lessons of every group in one list: found by what is in them, opened, printed, renamed, copied, put away, deleted. */
export default function Saved({ items: first }: { readonly items: readonly SavedItem[] }) {
  const [items, setItems] = useState(first);
  const [typed, setTyped] = useState("");
  const [showsPutAway, setShowsPutAway] = useState(false);
  const [gone, setGone] = useState<ReadonlySet<string>>(new Set());
  const [naming, setNaming] = useState<Naming>();
  const found = useMemo(
    () => searchSaved(items, typed).filter(({ id, isPutAway }) => !gone.has(id) && (showsPutAway || !isPutAway)),
    [items, typed, gone, showsPutAway],
  );
  const putAwayCount = items.filter(({ isPutAway, id }) => isPutAway && !gone.has(id)).length;

  const show = (changed: SavedItem) => setItems((now) => now.map((one) => (one.id === changed.id ? changed : one)));
  const rename = (item: SavedItem) =>
    setNaming({
      title: "Rename",
      label: "Title",
      first: item.title,
      confirm: "Rename",
      field: titleField,
      send: async (title) => {
        await changeSaved(item, { title });
        show({ ...item, title });
      },
    });
  const copy = async (item: SavedItem) => {
    try {
      const made = await copySaved(item);
      setItems((now) => [made, ...now]);
      toast.success(`Copied: ${made.title}`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  const putAway = async (item: SavedItem, isPutAway: boolean) => {
    show({ ...item, isPutAway });
    try {
      await changeSaved(item, { putAway: isPutAway });
      toast(isPutAway ? `Put away: ${item.title}` : `Taken up again: ${item.title}`, {
        action: { label: "Undo", onClick: () => void putAway(item, !isPutAway) },
      });
    } catch (error) {
      show(item);
      toast.error((error as Error).message);
    }
  };
  const takeAway = (item: SavedItem) => {
    const without = (isTakenAway: boolean) =>
      setGone((now) => {
        const next = new Set(now);
        if (isTakenAway) next.add(item.id);
        else next.delete(item.id);
        return next;
      });
    without(true);
    const deletion = deferDeletion(() => void removeSaved(item).catch((error: Error) => toast.error(error.message)));
    toast(`Deleted: ${item.title}`, {
      action: {
        label: "Undo",
        onClick: () => {
          deletion.takeBack();
          without(false);
        },
      },
    });
  };
  return (
    <>
      <input
        type="search"
        aria-label="Look for words, letters, a group, a day"
        placeholder="Words, letters, a group, a day"
        className="field mt-4 w-full"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {putAwayCount > 0 && (
        <label className="mt-3 flex min-h-11 w-fit cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={showsPutAway}
            onChange={(event) => setShowsPutAway(event.target.checked)}
          />
          Show what was put away ({putAwayCount})
        </label>
      )}
      <LongList items={found} most={SHOWN_AT_ONCE}>
        {(shown) => (
          <ul aria-label="Saved" className="mt-4 rounded-xl border border-rule bg-sheet">
            {shown.map((item) => (
              <li
                key={item.id}
                className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-hairline px-4 py-2 last:border-b-0"
              >
                <span className="min-w-0 flex-1 basis-40">
                  <a
                    className="inline-flex min-h-11 min-w-11 items-center font-semibold hover:underline"
                    href={hrefOf(item)}
                  >
                    {item.title}
                  </a>
                  <span className="block text-[14px] text-quiet">
                    {kindName(item.kind)} · {whoseOf(item)} · {saidMoment(item.at, "short")}
                    {item.isPutAway && " · put away"}
                  </span>
                  <span className={`block truncate ${item.parts ? "" : "font-learner text-[17px]"}`}>
                    {fewOf(madeOf(item), WORDS_SHOWN)}
                  </span>
                </span>
                {marksHrefOf(item) && (
                  <a className="button flex items-center font-normal" href={marksHrefOf(item)}>
                    Mark from paper
                  </a>
                )}
                {printHrefOf(item) && (
                  <a className="button flex items-center font-normal" href={printHrefOf(item)}>
                    Print
                  </a>
                )}
                {item.kind === "lesson" ? (
                  <span aria-hidden="true" className="size-11" />
                ) : (
                  <Menu
                    align="end"
                    label={`More for ${item.title}`}
                    button={<Ellipsis size={18} aria-hidden />}
                    buttonClassName="grid size-11 place-items-center text-quiet hover:text-ink"
                  >
                    <MenuItem onSelect={() => rename(item)}>Rename</MenuItem>
                    <MenuItem onSelect={() => copy(item)}>Copy</MenuItem>
                    <MenuItem onSelect={() => putAway(item, !item.isPutAway)}>
                      {item.isPutAway ? "Take up again" : "Put away"}
                    </MenuItem>
                    <MenuItem onSelect={() => takeAway(item)}>Delete</MenuItem>
                  </Menu>
                )}
              </li>
            ))}
          </ul>
        )}
      </LongList>
      {found.length === 0 && (
        <p className="mt-6 text-center text-quiet">
          {items.length === 0
            ? "Nothing is saved yet: a chain, a set or a text that is saved stands here."
            : "Nothing has all of that."}
        </p>
      )}
      {naming && <NameDialog naming={naming} onClose={() => setNaming(undefined)} />}
      <Toasts />
    </>
  );
}
