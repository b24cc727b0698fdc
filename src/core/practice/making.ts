import type { Lexicon } from "../lexicon/lexicon.ts";
import type { LessonRequest } from "./lesson-request.ts";
import type { TodaysWords } from "./todays-words.ts";

/** What content of a lesson is made from. */
export interface Making {
  readonly request: LessonRequest;
  readonly today: TodaysWords;
  readonly lexicon: Lexicon;
}
