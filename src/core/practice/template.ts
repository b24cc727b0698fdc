import { SHIPPED_TEMPLATES } from "../../data/lessons/templates.ts";
import type { ActivityKind } from "./activity-kinds.ts";

/** One activity of a lesson to come, without its words. */
export interface LessonPart {
  readonly kind: ActivityKind;
  /** How many things it has in a lesson of the usual length. */
  readonly items: number;
  /** What goes in first when minutes are short: 1 before 2. */
  readonly priority: number;
  /** Words kept back are what it is done with. */
  readonly heldBack?: boolean;
  /** Only if there is time, whatever room there is. */
  readonly ifTime?: boolean;
}

/** A lesson's line of activities, to be filled with the words of a day. */
export interface LessonTemplate {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly LessonPart[];
}

/** A lesson of so many minutes has each thing in its usual number; longer ones have more, shorter ones less. */
export const USUAL_MINUTES = 25;

/** The lessons that ship, to start from. */
export const TEMPLATES: readonly LessonTemplate[] = SHIPPED_TEMPLATES;
