import {
  type RawAnswer,
  type ResponseMode,
  type Segmentation,
  type SimulatedLearner,
  simulateAnswer,
} from "../../core/light.ts";

/** What a made-up learner answers now; fetched when a lesson is rehearsed. @param before how many answers were given before */
export const madeUpAnswer = (
  learner: SimulatedLearner,
  to: { readonly target: Segmentation; readonly mode: ResponseMode },
  before: number,
): RawAnswer => simulateAnswer(learner, to, Math.random, before);
