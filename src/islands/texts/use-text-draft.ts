import { useEffect } from "react";
import type { AboutText } from "./ReadingPanel.tsx";

/** What is typed of a text: itself, and what is asked about it. */
export interface TextDraft {
  readonly text: string;
  readonly about: AboutText;
}

/** Where a text that is not saved yet is kept while another screen is looked at. */
const keyOf = (groupId: string): string => `zip-step text draft ${groupId}`;

/** What was typed for a group and not saved; undefined where nothing was. */
export function draftOfText(groupId: string): TextDraft | undefined {
  const kept = sessionStorage.getItem(keyOf(groupId));
  return kept === null ? undefined : JSON.parse(kept);
}

/** Throws it away: a new text is begun. */
export const dropTextDraft = (groupId: string): void => sessionStorage.removeItem(keyOf(groupId));

/** A text in the making outlives a look at another screen; once it is saved it is opened as what was saved. */
export function useTextDraft(groupId: string, { text, about }: TextDraft, isSaved: boolean): void {
  useEffect(() => {
    if (isSaved) dropTextDraft(groupId);
    else if (text !== "") sessionStorage.setItem(keyOf(groupId), JSON.stringify({ text, about }));
  }, [groupId, text, about, isSaved]);
}
