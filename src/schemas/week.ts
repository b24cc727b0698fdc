import { z } from "zod";
import { dateField } from "./fields.ts";

/** Weekdays, Monday 1 to Sunday 7. */
const weekdaysField = z
  .string()
  .regex(/^[1-7]{1,7}$/, "names days from 1 (Monday) to 7 (Sunday)")
  .transform((days) => [...new Set(days)].sort().map(Number));

const shapeOfWeek = {
  from: dateField.optional(),
  days: weekdaysField.optional(),
  at: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, "is a time such as 09:30")
    .optional(),
  minutes: z.coerce.number().int().min(5, "at least 5 minutes").max(90, "at most 90 minutes").optional(),
};

/** What a week is asked for by; a focus chosen for a day goes by its date. */
export const weekQuery = z.object(shapeOfWeek).catchall(z.string().max(100));

export type WeekQuery = z.infer<typeof weekQuery>;
