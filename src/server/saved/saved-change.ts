import type { ChangeSavedInput } from "../../schemas/saved.ts";

/** The columns that a change of something saved sets. What is put away keeps its place in the order of use. */
export const savedChange = ({ title, putAway }: ChangeSavedInput) => ({
  ...(title !== undefined && { title, updatedAt: new Date() }),
  ...(putAway !== undefined && { putAwayAt: putAway ? new Date() : null }),
});
