/** The part of the core that needs no word list: types, tables and small functions, fit for any page. */

export type { WordRefusal } from "./chains/allowed-words.ts";
export type { ChainAim, ChainReport, ContrastReport } from "./chains/describe.ts";
export type { WordFlag } from "./chains/flags.ts";
export type { JudgeRequest, WordVerdict } from "./chains/judge-word.ts";
export type { LadderRequest } from "./chains/ladder.ts";
export { CHANGE_POSITIONS, type ChangePosition, DEFAULT_MOVES, MOVES, type Move } from "./chains/moves.ts";
export type { GapRequest, Neighbour } from "./chains/neighbours.ts";
export { type LeftOut, MAX_PASTED_WORDS, type PastedList, readWordList } from "./chains/paste.ts";
export type { ChainPlan, NoChain, PlanOptions } from "./chains/planner/plan-chain.ts";
export type { ChainTarget, FirstChain } from "./chains/planner/plan-first.ts";
export type { ChainLevels } from "./chains/planner/plan-levels.ts";
export type { NamedAs, NoChainReason } from "./chains/planner/reasons.ts";
export type { Relaxation, RelaxationKind } from "./chains/planner/relaxations.ts";
export { powerWithRecord } from "./chains/power-with-record.ts";
export {
  CHAIN_MODES,
  type ChainMode,
  type ChainRequest,
  type Contrast,
  MAX_CHAIN_LENGTH,
  MAX_MUST_INCLUDE,
  MAX_PLANS,
  MIN_CHAIN_LENGTH,
  POSITION_PLANS,
  type PositionPlan,
} from "./chains/request.ts";
export { SCORE_PARTS, type ScoreParts } from "./chains/scoring.ts";
export { aimOf, type ChainShape, DEFAULT_SHAPE, requestOf } from "./chains/shape.ts";
export type { SpellingFault } from "./chains/spelling-fault.ts";
export {
  checkReadings,
  type NotSingle,
  positionOf,
  type SingleStep,
  type StepCheck,
  type StepReason,
} from "./chains/step-compare.ts";
export { type Assessment, assess, type MasteryLevel, type UnitAnswer, type UnitMastery } from "./evidence/assess.ts";
export { type ConfusionMatrix, confusionMatrices, type MatrixRow } from "./evidence/confusion-matrix.ts";
export {
  type AnswerToCount,
  answersThatCount,
  type CountingRule,
  countsByItself,
  DEFAULT_COUNTING,
  looksAtOneAnswer,
} from "./evidence/counting-rule.ts";
export type { EasilyTaken } from "./evidence/easily-taken.ts";
export { type EvidenceFinding, evidenceFindings } from "./evidence/evidence-findings.ts";
export { type GotOver, gotOver } from "./evidence/got-over.ts";
export { GROUP_SIZES, type GroupFigures, groupFigures, type LearnerToGroup } from "./evidence/group-figures.ts";
export { isPattern } from "./evidence/is-pattern.ts";
export { madeUpLearners } from "./evidence/made-up-learners.ts";
export { DEFAULT_MASTERY, type MasteryRule } from "./evidence/mastery.ts";
export type { ProbeBelief, ProbeRequest, ProbeWord } from "./evidence/probe.ts";
export {
  type PlantedSubstitution,
  type SimulatedLearner,
  simulateAnswer,
  simulateReading,
} from "./evidence/simulated-learner.ts";
export {
  type ChanceCount,
  type SubstitutionCount,
  type SubstitutionRow,
  substitutionTable,
} from "./evidence/substitution-table.ts";
export { type JudgedResponse, type UnitCount, unitCounts } from "./evidence/unit-counts.ts";
export type { WiderFinding, WiderKind } from "./evidence/wider-findings.ts";
export type { ContrastSetRequest, MinimalPair, NoPairs } from "./families/contrast-set.ts";
export {
  FAMILY_KINDS,
  type Family,
  type FamilyKind,
  familyId,
  type NamedFamily,
  readFamilyLetters,
} from "./families/family.ts";
export type { FamilySet, FamilySetRequest, NoSet, SetWord } from "./families/family-set.ts";
export type { FoundFamily, NoFamily } from "./families/find-family.ts";
export type { FamilyGrid, GridCell, GridColumn, GridRequest, GridRow } from "./families/grid.ts";
export * from "./families/limits.ts";
export { HOW_FAR, POSITION_FACTS, type PositionFact, type SpellingFact } from "./families/position-facts.ts";
export type { RecommendedFamily, RecordedSubstitution } from "./families/recommended-families.ts";
export type { RichFamily } from "./families/rich-families.ts";
export type { FamilyRules } from "./families/rules.ts";
export { SET_ORDERS, type SetOrder } from "./families/set-order.ts";
export type { Foil, NoSort, SortRequest, WordSort } from "./families/sort.ts";
export { type Bin, binId } from "./families/sort-bins.ts";
export type { NoChoices, SpellingChoice } from "./families/spelling-choices.ts";
export type { FamilyWalk } from "./families/walk.ts";
export { partLetters, WALK_WAYS, type WalkParts, type WalkWay, walkParts } from "./families/walk-parts.ts";
export { readSequenceTable, writeSequenceTable } from "./formats/sequence-csv.ts";
export { readCompactReading } from "./lexicon/asset.ts";
export { ENDING_IDS, ENDINGS, type Ending } from "./lexicon/endings.ts";
export {
  type AllowedLists,
  isFit,
  KEPT_OUT_LIST_IDS,
  KEPT_OUT_LISTS,
  type KeptOutList,
  type Suitability,
} from "./lexicon/kept-out-lists.ts";
export { type Familiarity, type Lexicon, type LexiconWord, normaliseSpelling } from "./lexicon/lexicon.ts";
export { hasPicture, pictureOf } from "./lexicon/pictures.ts";
export type { LessonMaterials } from "./materials/lesson-materials.ts";
export {
  hasChoice,
  SHEET_KINDS,
  SHEETS,
  type SheetChoice,
  type SheetKind,
  WORD_SHEETS,
  type WordSheet,
} from "./materials/sheets.ts";
export type { NonsenseVerdict } from "./nonsense/judge-nonsense.ts";
export type { NonsenseRequest, NonsenseShape, NonsenseWord } from "./nonsense/make-nonsense.ts";
export {
  type Counters,
  type CountersAction,
  type CountersTask,
  type CountersVerdict,
  checkCounters,
  countersTask,
  moveCounters,
  newCounters,
} from "./oral/counters.ts";
export { type OralItem, type SoundPlace, type Spoken, wordsOfOralItem } from "./oral/item.ts";
export type { OralItemFault } from "./oral/judge-item.ts";
export * from "./oral/limits.ts";
export type { NoOralSet, OralSet, OralSetRequest } from "./oral/oral-set.ts";
export {
  isOralName,
  type OralTarget,
  oralTargetOf,
  readOralTarget,
  wordOfOralName,
  writeOralTarget,
} from "./oral/oral-target.ts";
export type { OralRules } from "./oral/pool.ts";
export type { FilledPart, RoutinePart, RoutineRequest } from "./oral/routine.ts";
export { ORAL_SKILLS, ORAL_SOURCES, type OralSkill, type OralSource } from "./oral/skills.ts";
export type { Activity } from "./practice/activity.ts";
export {
  editableFieldsOf,
  isChain,
  isWordList,
  itemsOfContent,
  type WordListContent,
  withoutWords,
  wordsOfContent,
  wordsShownIn,
} from "./practice/activity-content.ts";
export {
  ACTIVITY_KIND_IDS,
  ACTIVITY_KINDS,
  type ActivityContent,
  type ActivityKind,
  type ContentOfKind,
} from "./practice/activity-kinds.ts";
export { type CardAnswer, type CardPack, cardPack, DEFAULT_PACK_SIZE } from "./practice/card-pack.ts";
export { cardReading, isAnswerTo, isCard, isSentenceName, isWordTarget, sentenceOfName } from "./practice/cards.ts";
export { type ClockState, clockState } from "./practice/clock.ts";
export {
  CHECKLIST_POINTS,
  type ChecklistLine,
  type ChecklistPoint,
  DEFAULT_CHECKLIST,
  type Dictated,
  type DictationStep,
  dictationSteps,
} from "./practice/dictation-steps.ts";
export type { LessonDraft, NoLesson } from "./practice/draft-lesson.ts";
export { priorityOf, whatToDrop } from "./practice/fit.ts";
export type { EditableField, Routine } from "./practice/kind-definition.ts";
export { type LessonFault, stopsLesson } from "./practice/lesson-fault.ts";
export { type LessonRequest, LONGEST_LESSON, SHORTEST_LESSON } from "./practice/lesson-request.ts";
export { minutesFor, minutesOfContent } from "./practice/pace.ts";
export { PLANNED_KINDS, type PlannedKind } from "./practice/planned-kinds.ts";
export type { PlaceInText, Prompt, PromptCode } from "./practice/prompt.ts";
export type { RunItem } from "./practice/run.ts";
export { dayIn } from "./practice/school-day.ts";
export {
  activityOfSet,
  itemsOfSet,
  SET_KIND_IDS,
  SET_KINDS,
  type SetContent,
  type SetContentOf,
  type SetKind,
  TEXT_USES,
  type TextUse,
  wordsOfSet,
  wordsShownInSet,
} from "./practice/set-kinds.ts";
export * from "./practice/settings.ts";
export { stagesOf, type WordStage, walkStages } from "./practice/stages.ts";
export { type LessonPart, type LessonTemplate, TEMPLATES, USUAL_MINUTES } from "./practice/template.ts";
export { buildTray, DEFAULT_FOILS, type Tile, type TrayRequest, tilesOf } from "./practice/tray.ts";
export { type WeekDay, type WeekRequest, weekPlan } from "./practice/week-plan.ts";
export { type TurnTaker, turnOrder } from "./practice/whose-turn.ts";
export { seededRandom } from "./random/seeded-random.ts";
export { shuffled } from "./random/shuffled.ts";
export { isBuiltRight, outcomeOfBuilding } from "./responses/built-right.ts";
export {
  CLASSIFIER_VERSION,
  classifyMarked,
  type ResponseVerdict,
  UNIT_RESULTS,
  type UnitResult,
  type UnitVerdict,
} from "./responses/classify.ts";
export type { ClassifiedResponse } from "./responses/classify-response.ts";
export type { ErrorPattern } from "./responses/error-patterns.ts";
export type { Finding } from "./responses/finding.ts";
export { likelySounds } from "./responses/likely-sounds.ts";
export { OUTCOME_DEFINITIONS, OUTCOMES, type Outcome } from "./responses/outcomes.ts";
export { PAPER_SIGN, type PaperCell, readPaperCell, writePaperCell } from "./responses/paper-cell.ts";
export type { RawAnswer, Substitution } from "./responses/raw-answer.ts";
export {
  EVIDENCE_WAYS,
  type EvidenceWay,
  MODES,
  outcomesFor,
  type PackName,
  RESPONSE_MODES,
  type ResponseMode,
} from "./responses/response-modes.ts";
export {
  SENTENCE_RULES,
  type SentenceRule,
  type SentenceVerdict,
  type SentenceWord,
} from "./responses/sentence-verdict.ts";
export {
  DEFAULT_SCHOOL,
  type GroupScope,
  type SchoolSettings,
  taughtGpcs,
  taughtOf,
  taughtPatterns,
} from "./school/school.ts";
export {
  type CorrespondenceFault,
  readCorrespondence,
  writeCorrespondence,
} from "./scope/correspondence-text.ts";
export type { Decodability, Missing } from "./scope/decodable.ts";
export { PATTERNS, type Pattern, patternOfAim } from "./scope/patterns.ts";
export {
  parseTaughtGpc,
  type Sequence,
  type SequenceStep,
  type TaughtGpc,
  taughtGpcToken,
} from "./scope/sequence.ts";
export {
  MAX_STEPS,
  type RowFault,
  type RowField,
  type RowProblem,
  readSequenceRows,
  type SequenceRow,
  writeSequenceRows,
} from "./scope/sequence-rows.ts";
export { SEQUENCES, sequenceById } from "./scope/sequences.ts";
export { type StepRange, standsBetween, type TellingWord } from "./scope/stands-between.ts";
export {
  type HandTicks,
  isTaughtAim,
  NO_TICKS,
  type TaughtSet,
  type TickedItems,
  type TickTokens,
  taughtAt,
  taughtKey,
  tickedAsTaught,
  ticksOf,
} from "./scope/taught-set.ts";
export type { UnlistedWord, WordCard } from "./scope/word-card.ts";
export {
  ACCENTS,
  type Accent,
  type AccentSettings,
  accentPhonemes,
  GENERAL_AMERICAN,
  ipa,
  MERGERS,
  type Merger,
  type OwnWord,
  SOUTHERN_BRITISH,
} from "./sounds/accents.ts";
export { closestSounds, soundDistance } from "./sounds/closeness.ts";
export { isVowel, PHONEMES, type Phoneme, phoneme } from "./sounds/phonemes.ts";
export { soundClass, soundClassOf } from "./sounds/sound-class.ts";
export {
  DEFAULT_SOUND_STYLE,
  SOUND_STYLES,
  type SoundStyle,
  type SoundWriting,
  soundLabel,
  writtenSounds,
} from "./sounds/sound-style.ts";
export { keyWordFor } from "./sounds/spoken-name.ts";
export { countWord, type WordCounts } from "./spelling/counts.ts";
export { type DecodeOptions, type Decoding, decode, decodings } from "./spelling/decode/decode.ts";
export { gappedWord } from "./spelling/gapped.ts";
export { GPCS, type Gpc, gpcById } from "./spelling/gpc.ts";
export { gpcId, partsOfGpcId } from "./spelling/gpc-id.ts";
export { MARK_KINDS, type MarkKind, marksOf, type SpellingMarks } from "./spelling/marks.ts";
export { choicesAt, pickAt, picksOf, readingOfPicks, type SoundPick } from "./spelling/pick-sounds.ts";
export { readingIn, saidPhonemes, soundsOf } from "./spelling/said.ts";
export { graphemesOf, phonemesOf, type Segmentation, type Slot, type Unit } from "./spelling/segmentation.ts";
export { type Syllable, type SyllableType, syllablesOf } from "./spelling/syllables.ts";
export { ONE_TAP_A_SOUND, type Tap, type TapSettings, tapsOf } from "./spelling/taps.ts";
export type { TaughtGpcs, UnitPlace } from "./spelling/taught-gpcs.ts";
export { type TileNeed, tileCount, tileNeeds } from "./spelling/tile-count.ts";
export { keyOfGpc, unitKey } from "./spelling/unit-key.ts";
export { addDays } from "./statistics/add-days.ts";
export { chancesFor, chancesToSettle, namingPower, type PairChances, pairPower } from "./statistics/naming-power.ts";
export { isNamed, PATTERN_RULE, type Tally } from "./statistics/naming-rule.ts";
export { type Interval, wilsonInterval } from "./statistics/wilson.ts";
export type { TargetReport, TextReport, TextRules, TextToken, TokenKind } from "./texts/check-text.ts";
export type { Sentence, SentenceRequest } from "./texts/make-sentences.ts";
export type { Mend } from "./texts/mend-text.ts";
export { hasPhraseMarks } from "./texts/phrases.ts";
export { sentencesOf } from "./texts/read-words.ts";
export { gpcTargets, type LookAlike, type TextTarget, targetKey } from "./texts/targets.ts";
export type { Statement } from "./texts/true-or-not.ts";
export type { TeachItem, TeachList } from "./texts/what-to-teach.ts";
