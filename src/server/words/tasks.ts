import {
  describeChain,
  draftLesson,
  fillKind,
  fillRoutine,
  graphOf,
  judgeOralItem,
  judgeOwnWord,
  lexiconIn,
  nextProbe,
  planChain,
  planFirst,
  readChain,
  screensInSteps,
  shippedLexicon,
  type TaughtSet,
  tellingWords,
  unlistedWord,
  wordCard,
  wordsThatTell,
} from "../../core/index.ts";
import type {
  AccentSettings,
  ChainAim,
  ChainRequest,
  ChainTarget,
  OwnWord,
  ProbeRequest,
  Sequence,
  StepRange,
} from "../../core/light.ts";

/**
 * What takes the word list long: run by a worker thread, one definition each, and asked for by name (`pool.ts`). All of
 * it is plain values in and out.
 */
export const WORD_TASKS = {
  describeChain: (words: readonly string[], aim: ChainAim) => describeChain(words, aim),
  draftLesson,
  fillKind,
  fillRoutine,
  judgeOralItem: (...[item, rules]: [Parameters<typeof judgeOralItem>[0], Parameters<typeof judgeOralItem>[1]]) =>
    judgeOralItem(item, rules),
  /** Of each word what is wrong with it, or undefined. */
  judgeOwnWords: (words: readonly OwnWord[], accent: AccentSettings, never: readonly string[]) =>
    words.map((own) => judgeOwnWord(own, lexiconIn(shippedLexicon(), accent), never)),
  nextProbe: (request: ProbeRequest) => nextProbe(request),
  planChain: (request: ChainRequest) => planChain(request),
  planFirst: (...[request, targets]: [Parameters<typeof planFirst>[0], readonly ChainTarget[]]) =>
    planFirst(request, targets),
  readChains: (chains: readonly (readonly string[])[]) =>
    chains.map((words) => readChain(words, shippedLexicon()).readings),
  wordCard: (...[word, taught, sequence, taps]: Parameters<typeof wordCard>) => wordCard(word, taught, sequence, taps),
  tellingWords: (sequence: Sequence, range: StepRange, count: number, accent: AccentSettings) =>
    tellingWords(sequence, range, count, lexiconIn(shippedLexicon(), accent)),
  wordsThatTell: (...[request, count]: [Parameters<typeof wordsThatTell>[0], number]) => wordsThatTell(request, count),
  unlistedWord: (word: string, taught: TaughtSet) => unlistedWord(word, taught),
  /** Makes ready what the first question would have to wait for: the list, its graph, what nonsense words are held against. */
  warmUp: (accent: AccentSettings) => {
    const lexicon = lexiconIn(shippedLexicon(), accent);
    graphOf(lexicon);
    return [...screensInSteps(lexicon)].length;
  },
} as const;

export type WordTask = keyof typeof WORD_TASKS;
export type TaskInput<T extends WordTask> = Parameters<(typeof WORD_TASKS)[T]>;
export type TaskAnswer<T extends WordTask> = ReturnType<(typeof WORD_TASKS)[T]>;
