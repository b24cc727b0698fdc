import { z } from "zod";
import { EVIDENCE_WAYS } from "../core/light.ts";
import { groupIdField, learnerIdField } from "./ids.ts";

export const evidenceQuery = z.object({
  groupId: groupIdField,
  learnerId: learnerIdField.optional(),
  way: z.enum(EVIDENCE_WAYS, `must be one of ${EVIDENCE_WAYS.join(", ")}`).optional(),
});

export type EvidenceQuery = z.infer<typeof evidenceQuery>;
