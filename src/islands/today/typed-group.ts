import { z } from "zod";
import { newGroupInput } from "../../schemas/groups.ts";

/** A new group as it is typed: nicknames one a line, the step as a list gives it; as it is sent: what the endpoint takes. */
export const typedGroup = z
  .object({ name: z.string(), sequenceId: z.string(), step: z.string(), learners: z.string() })
  .transform(({ step, learners, ...group }) => ({
    ...group,
    step: Number(step),
    learners: nicknamesIn(learners),
  }))
  .pipe(newGroupInput);

/** Nicknames as they are typed, one a line. */
export const nicknamesIn = (text: string): string[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
