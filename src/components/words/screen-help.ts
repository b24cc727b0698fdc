import type { MainScreen } from "../screens.ts";

/** What each screen is for, in a line that stands at its top until it is shut for good. */
export const SCREEN_HELP = {
  today: "Where each group stands, what its records call for next, and the ways on.",
  bench: "Words in which one spelling changes at each step. Choose an aim and press Make a chain, or type a word.",
  families: "Words that share an ending or a beginning: a set, a sort or pairs, on screen or on paper.",
  "ears-only": "Work with sounds and no letters, made from today's words, each with its answer.",
  texts: "Type or paste a text: what your group cannot read yet is marked, with words that would do.",
  plan: "The next lesson: activities in order, their minutes, what is said, what has to be on the table.",
  evidence: "What is read and built as what, how often, and who is secure. Press a figure for its answers.",
  groups: "Your groups, what each has been taught, and the orders in which you teach.",
  settings: "How words sound, look and are worked at your school. Each change shows at once.",
} as const satisfies Record<MainScreen, string>;

/** Names the screens whose help was shut in this browser, joined by dots. */
const COOKIE = "help-shut";
/** In seconds: browsers keep a cookie for 400 days at most, and each visit begins them anew. */
const KEPT_FOR = 400 * 24 * 60 * 60;

/** The screens whose help was shut. @param cookies as a request or a document has them */
export function shutHelp(cookies: string): readonly string[] {
  const value = cookies
    .split("; ")
    .find((one) => one.startsWith(`${COOKIE}=`))
    ?.slice(COOKIE.length + 1);
  return value ? value.split(".") : [];
}

/** The cookie that keeps them shut. */
export const shutHelpCookie = (screens: readonly string[]): string =>
  `${COOKIE}=${screens.join(".")}; path=/; max-age=${screens.length > 0 ? KEPT_FOR : 0}; samesite=lax`;
