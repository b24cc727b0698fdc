import { z } from "zod";
import { CHANGE_POSITIONS, EVIDENCE_WAYS } from "../core/light.ts";
import { groupIdField, learnerIdField } from "./ids.ts";

export const evidenceQuery = z.object({
  groupId: groupIdField,
  learnerId: learnerIdField.optional(),
  way: z.enum(EVIDENCE_WAYS, `must be one of ${EVIDENCE_WAYS.join(", ")}`).optional(),
});

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
  position: z.enum(CHANGE_POSITIONS).optional(),
  /** Only what was wrong. */
  wrong: yesField.optional(),
  /** Only words kept back until the end of a lesson. */
  heldBack: yesField.optional(),
});

export type OpenedQuery = z.infer<typeof openedQuery>;

export type EvidenceQuery = z.infer<typeof evidenceQuery>;
