import { Trash2 } from "lucide-react";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { fewOf } from "../../components/words/counted.ts";
import { saidMoment } from "../../components/words/dates.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { call } from "../shared/client.ts";
import { deferDeletion } from "./deferred-deletion.ts";
import { hrefOf, kindName, printHrefOf } from "./saved-links.ts";
import { searchSaved } from "./search.ts";

/** Takes it away for good, also while the page is being left. */
async function remove({ kind, id }: SavedItem): Promise<void> {
  try {
    if (kind === "chain") await call("DELETE /api/chains/:chainId", { params: { chainId: id }, outlive: true });
    else await call("DELETE /api/sets/:setId", { params: { setId: id }, outlive: true });
  } catch (error) {
    toast.error((error as Error).message);
  }
}

const WORDS_SHOWN = 10;
const SHOWN_AT_FIRST = 60;

/** Chains, sets, texts and lessons of every group in one list: found by what is in them, opened, printed, deleted. */
export default function Saved({ items }: { readonly items: readonly SavedItem[] }) {
  const [typed, setTyped] = useState("");
  const [gone, setGone] = useState<ReadonlySet<string>>(new Set());
  const [all, setAll] = useState(false);
  const found = useMemo(() => searchSaved(items, typed).filter(({ id }) => !gone.has(id)), [items, typed, gone]);
  const shown = all ? found : found.slice(0, SHOWN_AT_FIRST);
  const takeAway = (item: SavedItem) => {
    const without = (isTakenAway: boolean) =>
      setGone((now) => {
        const next = new Set(now);
        if (isTakenAway) next.add(item.id);
        else next.delete(item.id);
        return next;
      });
    without(true);
    const deletion = deferDeletion(() => void remove(item));
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
                {kindName(item.kind)} · {item.group} · {saidMoment(item.at, "short")}
              </span>
              <span className="block truncate font-learner text-[17px]">{fewOf(item.words, WORDS_SHOWN)}</span>
            </span>
            {printHrefOf(item) && (
              <a className="button flex items-center font-normal" href={printHrefOf(item)}>
                Print
              </a>
            )}
            {item.kind !== "lesson" && (
              <button
                type="button"
                aria-label={`Delete ${item.title}`}
                className="grid size-11 place-items-center text-quiet hover:text-ink"
                onClick={() => takeAway(item)}
              >
                <Trash2 size={17} aria-hidden />
              </button>
            )}
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p className="mt-6 text-center text-quiet">
          {items.length === 0
            ? "Nothing is saved yet: a chain, a set or a text that is saved stands here."
            : "Nothing has all of that."}
        </p>
      )}
      {found.length > shown.length && (
        <button type="button" className="button mt-3" onClick={() => setAll(true)}>
          {found.length - shown.length} more
        </button>
      )}
      <Toasts />
    </>
  );
}
