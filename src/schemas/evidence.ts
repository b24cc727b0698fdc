import { z } from "zod";
import { CHANGE_POSITIONS, EVIDENCE_WAYS } from "../core/light.ts";
import { groupIdField, learnerIdField } from "./ids.ts";

const dayField = z.iso
  .date({ error: "must be a day, such as 2026-11-24", abort: true })
  .refine((day) => day > "2000" && day < "2100", "must be a day of this century");

/** Days that are looked at, both of them included; all without them. In whichever order they are named. */
const datesField = z.object({ from: dayField.optional(), to: dayField.optional() });

export const evidenceQuery = datesField.extend({
  groupId: groupIdField,
  learnerId: learnerIdField.optional(),
  way: z.enum(EVIDENCE_WAYS, `must be one of ${EVIDENCE_WAYS.join(", ")}`).optional(),
  /** Only what stands there in its word. */
  position: z.enum(CHANGE_POSITIONS).optional(),
});

export interface EvidenceDates {
  readonly from?: string | undefined;
  readonly to?: string | undefined;
}

/** What of the records is looked at, as the address of Evidence says it. */
export const evidenceFilter = evidenceQuery.pick({ from: true, to: true, position: true });
export type EvidenceFilter = z.infer<typeof evidenceFilter>;

/** Change over time: of all sounds together, or of one correspondence by its id. */
export const changeQuery = evidenceQuery.omit({ position: true }).extend({ gpc: z.string().max(40).optional() });
export type ChangeQuery = z.infer<typeof changeQuery>;

/** A proposal of what to work on, by its id (`core/evidence/propose-focus.ts`). */
export const focusQuery = z.object({
  focusId: z.string().regex(/^[a-z'-]{1,12}=[^=>]{0,24}>[^=>]{0,24}$/, "must be the id of a proposal, such as e=e>ɪ"),
});

/** A figure of Evidence, to see what is behind it. In an address everything is text. */
const yesField = z.literal("true", 'must be "true", or left out').transform(() => true);

export const openedQuery = evidenceQuery.extend({
  /** Id of a correspondence; left out for words kept back. */
  gpc: z.string().max(40).optional(),
  /** Phonemes that were expected, joined by "+": every correspondence of that sound. */
  sound: z.string().max(60).optional(),
  /** Phonemes said in its place, joined by "+"; empty: left out. */
  said: z.string().max(60).optional(),
  /** Only what was wrong. */
  wrong: yesField.optional(),
  /** Only words kept back until the end of a lesson. */
  heldBack: yesField.optional(),
});

export type OpenedQuery = z.infer<typeof openedQuery>;

export type EvidenceQuery = z.infer<typeof evidenceQuery>;
