import {
  type AccentSettings,
  checkText,
  findTarget,
  lexiconIn,
  type Mend,
  makeSentences,
  mendText,
  type Sentence,
  type SentenceRequest,
  type Sequence,
  type Statement,
  type StatementRequest,
  shippedLexicon,
  type TargetReport,
  type TaughtSet,
  type TeachList,
  type TextReport,
  type TextRules,
  type TextTarget,
  type TokenKind,
  trueOrNot,
  whatToTeach,
  withKept,
  withoutPhraseMarks,
  withPhraseMarks,
} from "../core/index.ts";
import { exposeApi } from "./expose-api.ts";

/** A text to be judged, and for whom. */
export interface TextQuestion extends TextRules {
  readonly text: string;
  readonly taught: TaughtSet;
  readonly sequence: Sequence;
  readonly targets: readonly TextTarget[];
}

/** A word of the text as the screen marks it. */
export interface MarkedPlace {
  readonly from: number;
  readonly to: number;
  readonly spelling: string;
  readonly kind: TokenKind;
  readonly fits: boolean;
}

/** Everything the screen says of a text. */
export interface TextView extends Omit<TextReport, "tokens"> {
  readonly text: string;
  readonly words: readonly MarkedPlace[];
  readonly mends: readonly Mend[];
  /** One a target, in their order. */
  readonly found: readonly TargetReport[];
  /** What to teach so that 95 and all of 100 words fit; undefined where nothing taught would do. */
  readonly teach: { readonly most: TeachList | undefined; readonly all: TeachList | undefined };
}

/** Most of the words of a text may be read by a group that is to read it with help. Common practice, no source. */
const MOST = 0.95;

/** All answers are promises, as they are on the other side. */
const api = {
  /** Says the word list in the school's accent: the first question is then quick. */
  async warm(accent: AccentSettings): Promise<number> {
    return lexiconIn(shippedLexicon(), accent).words.length;
  },
  async check(question: TextQuestion): Promise<TextView> {
    const { text, sequence, targets, ...rules } = withKept(question);
    const lexicon = lexiconIn(shippedLexicon(), rules.taught.accent);
    const { tokens, ...report } = checkText(text, rules.taught, targets, lexicon, rules);
    return {
      ...report,
      text,
      words: tokens.map(({ at, text: written, spelling, kind, fits }) => ({
        from: at,
        to: at + written.length,
        spelling,
        kind,
        fits,
      })),
      mends: mendText({ ...report, tokens }, { ...rules, sequence }, lexicon),
      found: targets.map((target) => findTarget(tokens, target, lexicon)),
      teach: {
        most: whatToTeach({ ...report, tokens }, MOST),
        all: whatToTeach({ ...report, tokens }, 1),
      },
    };
  },
  /** The text with its phrases marked as is usual. */
  async phrases(text: string, accent: AccentSettings): Promise<string> {
    const lexicon = lexiconIn(shippedLexicon(), accent);
    return withPhraseMarks(text, (spelling) => lexicon.get(spelling) !== undefined);
  },
  /** The text without marks between phrases. */
  async plain(text: string): Promise<string> {
    return withoutPhraseMarks(text);
  },
  async statements(text: string, request: StatementRequest): Promise<Statement[]> {
    return trueOrNot(text, withKept(request));
  },
  async sentences(request: SentenceRequest): Promise<Sentence[]> {
    return makeSentences(withKept(request));
  },
};

export type TextWorker = typeof api;

exposeApi(api);
