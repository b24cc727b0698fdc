/**
 * The public entry of the core. Everything outside `src/core` imports from here (or from `core/light`,
 * which leads to no word list, in code that is part of a page's first load).
 */

export { refusalOf } from "./chains/allowed-words.ts";
export { describeChain } from "./chains/describe.ts";
export { entryOf } from "./chains/entry-of.ts";
export type { StepUnits } from "./chains/graph/tokens.ts";
export { buildGraph, type Edge, edgesFrom, type WordGraph } from "./chains/graph/word-graph.ts";
export { judgeChain } from "./chains/judge-chain.ts";
export { judgeWord } from "./chains/judge-word.ts";
export { bridge, ladder } from "./chains/ladder.ts";
export { FAMILIAR_IN_GAPS, neighbours, wordsForGap } from "./chains/neighbours.ts";
export { checkPhonemeStep } from "./chains/oral-step.ts";
export { FAMILIAR } from "./chains/planner/candidates.ts";
export { graphOf, tokenisedWords } from "./chains/planner/graphs.ts";
export { planChain } from "./chains/planner/plan-chain.ts";
export { planFirst } from "./chains/planner/plan-first.ts";
export { planLevels } from "./chains/planner/plan-levels.ts";
export { type ReadChain, readChain } from "./chains/read-chain.ts";
export { checkStep, type StepOptions } from "./chains/step-check.ts";
export { wordsThatTell } from "./chains/words-that-tell.ts";
export { changeOverTime, type LessonCount, type LessonPoint } from "./evidence/change-over-time.ts";
export { nextProbe, probeBeliefs } from "./evidence/probe.ts";
export { probeQuestions } from "./evidence/probe-questions.ts";
export {
  type EvidenceCount,
  type FocusProposal,
  type LearnerShare,
  type ProposalOptions,
  proposeFocus,
} from "./evidence/propose-focus.ts";
export { proposeGroups } from "./evidence/propose-groups.ts";
export { type WiderFinding, type WiderKind, widerFindings } from "./evidence/wider-findings.ts";
export { contrastSet } from "./families/contrast-set.ts";
export { familySet } from "./families/family-set.ts";
export { findFamily } from "./families/find-family.ts";
export { allFamilies, familyGrid } from "./families/grid.ts";
export {
  type RecommendedFamily,
  type RecordedSubstitution,
  recommendedFamilies,
} from "./families/recommended-families.ts";
export { richFamilies } from "./families/rich-families.ts";
export { makeSort } from "./families/sort.ts";
export { spellingChoices } from "./families/spelling-choices.ts";
export { familyWalk } from "./families/walk.ts";
export { type LexiconAsset, parseLexicon, readReading, writeReading } from "./lexicon/asset.ts";
export { lexiconIn } from "./lexicon/in-accent.ts";
export { type Inflection, inflectionOf } from "./lexicon/inflection.ts";
export { distinctReadings } from "./lexicon/readings.ts";
export { type SegmentOptions, segment, segmentations } from "./lexicon/segment.ts";
export { shippedLexicon } from "./lexicon/shipped.ts";
export { soundAlikes } from "./lexicon/sound-alikes.ts";
export * from "./light.ts";
export { lessonMaterials } from "./materials/lesson-materials.ts";
export { makeNonsense } from "./nonsense/make-nonsense.ts";
export { screensInSteps } from "./nonsense/screens.ts";
export { judgeOralItem } from "./oral/judge-item.ts";
export { oralChain } from "./oral/oral-chain.ts";
export { oralSet, swapOralItem } from "./oral/oral-set.ts";
export { fillRoutine } from "./oral/routine.ts";
export { type CheckedActivity, checkLesson } from "./practice/check-lesson.ts";
export type { LessonRules } from "./practice/content-check.ts";
export { draftLesson, fillKind } from "./practice/draft-lesson.ts";
export { homeWords } from "./practice/home-words.ts";
export { promptRow } from "./practice/prompt-row.ts";
export { promptsOf } from "./practice/prompts.ts";
export { runItems } from "./practice/run.ts";
export { classifyBuilt } from "./responses/classify-built.ts";
export { classifyOral, classifyOralMark } from "./responses/classify-oral.ts";
export {
  type ClassifyOptions,
  classifyResponse,
  type LearnerResponse,
} from "./responses/classify-response.ts";
export { classifySentence } from "./responses/classify-sentence.ts";
export { ERROR_PATTERNS } from "./responses/error-patterns.ts";
export { judgeOwnWord, type OwnWordFault } from "./school/judge-own-word.ts";
export { checkDecodable, decodableWords, hasTwoReadings } from "./scope/decodable.ts";
export { firstDecodableStep, taughtByStep } from "./scope/first-step.ts";
export { keepTaught, withKept } from "./scope/keep-taught.ts";
export { tellingWords } from "./scope/telling-words.ts";
export { unlistedWord, wordCard } from "./scope/word-card.ts";
export { checkText, findTarget } from "./texts/check-text.ts";
export { makeSentences } from "./texts/make-sentences.ts";
export { mendText } from "./texts/mend-text.ts";
export { withoutPhraseMarks, withPhraseMarks } from "./texts/phrases.ts";
export { type StatementRequest, trueOrNot } from "./texts/true-or-not.ts";
export { whatToTeach } from "./texts/what-to-teach.ts";
