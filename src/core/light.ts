/** The part of the core that needs no word list: types, tables and small functions, fit for any page. */
export { PHONEMES, phoneme, isVowel, type Phoneme } from "./sounds/phonemes.ts";
export { soundClass, soundClassOf } from "./sounds/sound-class.ts";
export { soundDistance, closestSounds } from "./sounds/closeness.ts";
export { ipa, keyWordFor } from "./sounds/spoken-name.ts";
export { GPCS, gpcById, gpcId, type Gpc } from "./spelling/gpc.ts";
export { keyOfGpc, unitKey } from "./spelling/unit-key.ts";
export { graphemesOf, phonemesOf, type Segmentation, type Slot, type Unit } from "./spelling/segmentation.ts";
export { normaliseSpelling, type Lexicon, type LexiconWord, type Suitability } from "./lexicon/lexicon.ts";
export {
  type Pattern,
  type Sequence,
  type SequenceStep,
  type TaughtGpc,
  type UnitPlace,
  taughtGpcToken,
  parseTaughtGpc,
} from "./scope/sequence.ts";
export { SEQUENCES, sequenceById } from "./scope/sequences.ts";
export { taughtAt, taughtKey, type HandTicks, type TaughtSet } from "./scope/taught-set.ts";
export type { Decodability, Missing } from "./scope/decodable.ts";
export { CHANGE_POSITIONS, DEFAULT_MOVES, type ChangePosition, type Move } from "./chains/moves.ts";
export {
  positionOf,
  type NotSingle,
  type SingleStep,
  type StepCheck,
  type StepReason,
} from "./chains/step-compare.ts";
export { type ChainRequest, type Contrast, MAX_CHAIN_LENGTH, MIN_CHAIN_LENGTH } from "./chains/request.ts";
export { diagnosticPower } from "./chains/power.ts";
export type { ChainPlan, NoChain, NoChainReason } from "./chains/planner.ts";
export type { ChainReport, ContrastReport } from "./chains/describe.ts";
export type { Neighbour } from "./chains/neighbours.ts";
export type { SpellingFault, WordVerdict } from "./chains/judge-word.ts";
export type { WordRefusal } from "./chains/allowed-words.ts";
export { OUTCOMES, type Outcome, type RawAnswer, type ResponseMode, type Substitution } from "./responses/response.ts";
export {
  CLASSIFIER_VERSION,
  classifyMarked,
  type ResponseVerdict,
  type UnitResult,
  type UnitVerdict,
} from "./responses/classify.ts";
export { likelySounds } from "./responses/likely-sounds.ts";
export {
  confusionTable,
  isPattern,
  PATTERN_RULE,
  type ConfusionRow,
  type EvidenceItem,
  type SaidInstead,
} from "./evidence/confusions.ts";
export { wilsonInterval, type Interval } from "./evidence/wilson.ts";
export { simulateReading, type PlantedConfusion, type SimulatedLearner } from "./evidence/simulated-learner.ts";
export { seededRandom } from "./random/seeded-random.ts";
export { tileCount, type TileNeed } from "./materials/tile-count.ts";
export { countWord, type WordCounts } from "./spelling/counts.ts";
