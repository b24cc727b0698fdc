import { useEffect } from "react";

/** Where a text that is not saved yet is kept while another screen is looked at. */
const keyOf = (groupId: string): string => `zip-step text ${groupId}`;

/** What was typed for a group and not saved; empty where nothing was. */
export const draftOfText = (groupId: string): string => sessionStorage.getItem(keyOf(groupId)) ?? "";

/** Throws it away: a new text is begun. */
export const dropTextDraft = (groupId: string): void => sessionStorage.removeItem(keyOf(groupId));

/** A text in the making outlives a look at another screen; once it is saved it is opened as what was saved. */
export function useTextDraft(groupId: string, text: string, isSaved: boolean): void {
  useEffect(() => {
    if (isSaved) dropTextDraft(groupId);
    else if (text !== "") sessionStorage.setItem(keyOf(groupId), text);
  }, [groupId, text, isSaved]);
}
