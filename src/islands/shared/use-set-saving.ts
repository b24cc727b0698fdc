import { useRef } from "react";
import { toast } from "sonner";
import type { SetContent } from "../../core/light.ts";
import type { WordSet } from "../../server/sets/word-sets.ts";
import { call } from "./client.ts";

/** Saves a set, and opens it on paper. Two quick presses are one. */
export function useSetSaving(groupId: string, onSaved: (set: WordSet) => void) {
  const saving = useRef<Promise<WordSet | undefined>>(undefined);

  const send = async (content: SetContent, title: string, id: string | undefined): Promise<WordSet | undefined> => {
    try {
      const set = id
        ? await call("PUT /api/sets/:setId", { params: { setId: id }, body: { title, content } })
        : await call("POST /api/sets", { body: { groupId, title, content } });
      onSaved(set);
      toast.success(`Saved: ${set.title}`);
      return set;
    } catch (error) {
      toast.error((error as Error).message);
      return undefined;
    }
  };

  /** @returns the set as it is stored; undefined when it could not be */
  const save = (content: SetContent, title: string, id?: string): Promise<WordSet | undefined> => {
    saving.current ??= send(content, title, id).finally(() => {
      saving.current = undefined;
    });
    return saving.current;
  };

  /** Saves, then opens the page to print. */
  const print = async (content: SetContent, title: string, id?: string) => {
    const set = await save(content, title, id);
    if (set) location.assign(`/print/${set.id}`);
  };

  /** Saves, then puts the set at the end of the group's next lesson. */
  const plan = async (content: SetContent, title: string, id?: string) => {
    const set = await save(content, title, id);
    if (!set) return;
    try {
      await call("POST /api/plans/:planId/activities", { params: { planId: groupId }, body: { setId: set.id } });
      toast.success(`In the next lesson: ${set.title}`, {
        action: { label: "Open the plan", onClick: () => location.assign(`/plan?group=${groupId}`) },
      });
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  return { save, plan, print };
}
