import { saidMoment } from "../../components/words/dates.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { kindName, madeOf, whoseOf } from "./saved-links.ts";

/**
 * Items that have everything that is looked for, in any order: words or letters of words (`sh`), a part of the title or of
 * what kind of thing it is, the group, the day (`24 Nov`).
 */
export function searchSaved(items: readonly SavedItem[], typed: string): readonly SavedItem[] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return items;
  return items.filter((item) => {
    const { title, kind, at } = item;
    const where = [
      title,
      kindName(kind),
      whoseOf(item),
      saidMoment(at, "long"),
      saidMoment(at, "short"),
      ...madeOf(item),
    ]
      .join(" ")
      .toLowerCase();
    return wanted.every((part) => where.includes(part));
  });
}
