import type { Lexicon } from "../lexicon/lexicon.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { checkPhonemeStep } from "./oral-step.ts";
import type { ChainMode } from "./request.ts";
import { checkStep, type StepOptions } from "./step-check.ts";
import type { StepCheck } from "./step-compare.ts";

/** One step by what the chain is for: by ear only sounds count. */
export const stepBy = (
  mode: ChainMode | undefined,
  from: string | Segmentation,
  to: string | Segmentation,
  options: StepOptions,
  lexicon: Lexicon,
): StepCheck => (mode === "ears-only" ? checkPhonemeStep : checkStep)(from, to, options, lexicon);
