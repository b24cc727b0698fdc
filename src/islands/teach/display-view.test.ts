import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { promptLine } from "../../components/words/prompt-words.ts";
import { outcomesFor, type ResponseMode, readReading } from "../../core/index.ts";
import type { DictationStep } from "../../core/light.ts";
import { CueLine } from "./CueLine.tsx";
import { DisplayView } from "./DisplayView.tsx";
import type { Display } from "./lesson/displays.ts";
import { MarkBar } from "./MarkBar.tsx";

const nothing = () => undefined;
const shown = (display: Display) => renderToStaticMarkup(createElement(DisplayView, { display }));
const textOf = (html: string) =>
  html
    .replace(/<[^>]+>/g, " ")
    .replace(/&nbsp;| /g, " ")
    .replace(/\s+/g, " ")
    .trim();
const READING = readReading("clap", "c.l.a.p k.l.æ.p");
const STAGE = { from: 0, to: 4, closed: 0, blended: false, flowing: false, groups: false };

const dictated = (step: DictationStep, more: object = {}) =>
  ({ kind: "dictated", of: "sentence", step, places: 3, checklist: [], text: "", ...more }) as const;

describe("what stands before learners", () => {
  it.each([
    [{ kind: "letters", text: "a–e" }, "a–e"],
    [{ kind: "listen" }, ""],
    [{ kind: "several", texts: ["c", "k", "ck"] }, "c k ck"],
    [{ kind: "choices", words: ["cat", "cap"], found: undefined }, "cat cap"],
    [{ kind: "gap", reading: READING, unit: 2, choices: ["a", "i"], filled: false }, "cl_p a i"],
    [{ kind: "gap", reading: READING, unit: 2, choices: ["a", "i"], filled: true }, "clap a i"],
    [{ kind: "judged", shown: "cut", word: "cat", picture: undefined, told: false }, "cut ?"],
    [{ kind: "judged", shown: "cut", word: "cat", picture: undefined, told: true }, "cut cat"],
    [{ kind: "bins", word: "day", bins: ["ai", "ay"], at: undefined }, "day ai ay"],
    [{ kind: "bins", word: "day", bins: ["ai", "ay"], at: 1 }, "ai ay day"],
    [dictated("hear"), "Listen"],
    [dictated("check", { checklist: ["capital letter", "full stop"] }), "Look it over capital letter full stop"],
    [dictated("compare", { text: "A cat sat." }), "A cat sat."],
    [{ kind: "list", words: ["cat", "cap"], at: 1, down: false }, "cat cap"],
    [{ kind: "statement", sentence: "A cat sat.", isTrue: undefined }, "A cat sat. ?"],
    [{ kind: "statement", sentence: "A cat sat.", isTrue: true }, "A cat sat."],
  ] as const)("%j: %j", (display, expected) => {
    expect(textOf(shown(display as Display))).toBe(expected);
  });

  it("the word found, the choice that fits and the bin are framed, not only coloured", () => {
    expect(shown({ kind: "choices", words: ["cat", "cap"], found: "cap" })).toMatch(
      /data-found="true"[^>]*border-good/,
    );
    expect(shown({ kind: "list", words: ["cat", "cap"], at: 1, down: true })).toMatch(/aria-current="true"[^>]*>cap/);
  });

  it("targets of a text are marked by weight and a line; the text stays as it is", () => {
    const html = shown({
      kind: "text",
      text: "The ship has a fish.",
      spans: [
        [4, 6],
        [17, 19],
      ],
    });
    expect(html.match(/<b[^>]*underline[^>]*>[^<]*<\/b>/g)).toHaveLength(2);
    expect(html.replace(/<[^>]+>/g, "")).toBe("The ship has a fish.");
  });

  it("a text that is read aloud has a line under what is read; words are pressed by the teacher alone", () => {
    const display = {
      ...{ kind: "reading" as const, text: "Sam sat / on a mat.", from: 30 },
      words: [
        [0, 3],
        [4, 7],
        [10, 12],
        [13, 14],
        [15, 18],
      ] as const,
      at: [13, 14] as const,
      unit: [10, 18] as const,
    };
    const wall = shown(display);
    expect(textOf(wall)).toBe("Sam sat / on a mat .");
    expect(wall.match(/border-tape/g)).toHaveLength(2);
    expect(wall).toMatch(/aria-current="true"[^>]*border-ink[^>]*>a</);
    expect(wall).not.toContain("button");
    const teacher = renderToStaticMarkup(createElement(DisplayView, { display, onPressWord: nothing }));
    expect(teacher.match(/<button/g)).toHaveLength(5);
  });

  it("a word stands under the word before it, over its zip; blended, it stands together", () => {
    const display: Display = {
      kind: "word",
      reading: READING,
      stage: STAGE,
      before: readReading("lap", "l.a.p l.æ.p"),
      change: { kind: "add", unit: 0 },
    };
    expect(shown(display)).toContain('aria-label="lap: l, a, p"');
    expect(shown({ ...display, before: undefined })).not.toContain('aria-label="lap: l, a, p"');
    expect(shown({ ...display, stage: { ...STAGE, closed: 4, blended: true } })).toContain(">clap</p>");
  });

  it("a board shows what lies on it, a box for each sound that is left, and nothing that could be copied", () => {
    const board = { placed: ["c", "l"], tray: ["a", "p", "e"], boxes: 4, picture: undefined, right: false };
    const html = shown({ kind: "board", board });
    expect(textOf(html)).toBe("c l a p e");
    expect(html.match(/border-dashed/g)).toHaveLength(2);
    expect(html).not.toContain("button");
  });
});

describe("what the teacher is told", () => {
  const cue = (more: object) =>
    textOf(
      renderToStaticMarkup(
        createElement(CueLine, {
          line: promptLine({ code: "first-word", word: "clap", build: true }),
          itemKey: "a 0",
          covered: false,
          sign: "your",
          onSign: nothing,
          thinking: 0,
          correction: undefined,
          onTwoBack: nothing,
          ...more,
        }),
      ),
    );

  it("the word to be built is covered on the screen that a learner has before them", () => {
    expect(cue({})).toContain("Listen: clap.");
    expect(cue({ covered: true })).not.toContain("clap");
    expect(cue({ covered: true })).toContain("What to say");
  });

  it("after a wrong answer, what the school does then; two words back only where that is its way", () => {
    expect(cue({ correction: "show-together-alone" })).toContain("Two words back");
    expect(cue({ correction: "write-it-underneath" })).toContain("write it again correctly underneath");
    expect(cue({ correction: "write-it-underneath" })).not.toContain("Two words back");
  });

  it("where nothing can be marked, why; taking back stays", () => {
    const bar = (without: string | undefined, mode: ResponseMode = "read") =>
      renderToStaticMarkup(
        createElement(MarkBar, {
          outcomes: outcomesFor(mode),
          learner: "Gull",
          without,
          canUndo: true,
          canRedo: false,
          onType: () => undefined,
          onMark: nothing,
          onUndo: nothing,
          onRedo: nothing,
        }),
      );
    expect(textOf(bar(undefined))).toMatch(
      /^Right Enter After tapping T Put right S All said A Not tried N Wrong .* Undo U$/,
    );
    expect(textOf(bar(undefined, "card"))).toMatch(/^Right Enter Put right S/);
    expect(textOf(bar("Nothing is marked here"))).toBe("Nothing is marked here Undo U");
  });
});
