import { describe, expect, it } from "vitest";
import { inFull } from "../../../tests/in-full.ts";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { MOUTH_CUES } from "../../data/sounds/mouth-cues.ts";
import { checkStep } from "../chains/step-check.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { oralChain } from "../oral/oral-chain.ts";
import { taughtGpcs } from "../school/school.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { SEQUENCES, sequenceById } from "../scope/sequences.ts";
import { NO_TICKS, taughtAt } from "../scope/taught-set.ts";
import { PHONEMES } from "../sounds/phonemes.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import type { Activity } from "./activity.ts";
import { wordsOfContent, wordsShownIn } from "./activity-content.ts";
import { type CheckedActivity, checkLesson } from "./check-lesson.ts";
import { draftLesson, type LessonDraft } from "./draft-lesson.ts";
import type { LessonRequest } from "./lesson-request.ts";
import { minutesFor } from "./pace.ts";
import { DEFAULT_PRACTICE } from "./settings.ts";
import { type LessonTemplate, TEMPLATES } from "./template.ts";

const lexicon = shippedLexicon();
const SHORT = sequenceById("short-vowels-first") as Sequence;

function request(sequence: Sequence, step: number, more: Partial<LessonRequest> = {}): LessonRequest {
  const [newest] = sequence.steps[step - 1]?.gpcs ?? [];
  return {
    taught: taughtAtStep(sequence, step),
    taughtGpcs: taughtGpcs({ sequence, step, ticks: NO_TICKS }),
    focus: newest ? [gpcId(newest.grapheme, newest.phonemes)] : [],
    contrasts: [],
    substitutions: [],
    minutes: 20,
    settings: DEFAULT_PRACTICE,
    seed: step,
    ...more,
  };
}
const drafted = (asked: LessonRequest): LessonDraft => {
  const lesson = draftLesson(asked);
  if (!lesson.ok) throw new Error(lesson.reason.code);
  return lesson;
};
const main = ({ activities }: LessonDraft) => activities.filter(({ ifTime }) => !ifTime);
const kindsOf = (activities: readonly Activity[]) => activities.map(({ content }) => content.kind);

describe("a drafted lesson", () => {
  it.each(SEQUENCES.map((sequence) => [sequence.id, sequence] as const))(
    "%s, at steps along it: everything decodable and suitable, minutes add up, nothing empty, nothing held back shown",
    (_, sequence) => {
      const never = new Set(lexicon.unsuitableWords);
      let tried = 0;
      for (let step = 1; step <= sequence.steps.length; step += inFull(14, 2)) {
        const minutes = [10, 20, 30, 45][Math.floor(step / 2) % 4] as number;
        // Both templates, turn about.
        const template = TEMPLATES[tried++ % TEMPLATES.length] as LessonTemplate;
        const asked = request(sequence, step, { minutes, template });
        const lesson = drafted(asked);
        const at = `step ${step}, ${minutes} minutes`;
        expect(checkLesson(lesson.activities, asked), at).toEqual([]);
        expect(main(lesson).length, at).toBeGreaterThan(2);
        expect(
          main(lesson).reduce((sum, one) => sum + one.minutes, 0),
          at,
        ).toBe(lesson.minutes);
        expect(lesson.minutes, at).toBeLessThanOrEqual(minutes);
        for (const { content, minutes: long, heldBack } of lesson.activities) {
          expect(long, at).toBeGreaterThan(0);
          if (!heldBack)
            for (const word of wordsShownIn(content))
              expect(lesson.heldBack.includes(word), `${at}: ${word} is held back`).toBe(false);
          for (const word of wordsOfContent(content)) {
            // Looked at again without the check above: by what each kind may hold.
            expect(never.has(word), `${at}: ${word}`).toBe(false);
            const isRead = !["ears-only", "irregular-words", "real-or-nonsense"].includes(content.kind);
            if (isRead)
              expect(checkDecodable(word, { ...asked.taught, words: new Set() }).decodable, `${at}: ${word}`).toBe(
                true,
              );
          }
        }
        for (const { content } of lesson.activities)
          if (content.kind === "read-chain" || content.kind === "build-chain")
            content.words.slice(1).forEach((word, k) => {
              expect(checkStep(content.words[k] as string, word).single, `${content.words[k]} ${word}`).toBe(true);
            });
      }
    },
  );

  it("comes in the order of a lesson, from the same words, what is held back at the end", () => {
    const lesson = drafted(request(SHORT, 13, { minutes: 30 }));
    const kinds = kindsOf(main(lesson));
    const order = [
      "ears-only",
      "sound-cards",
      "new-sound",
      "blending",
      "read-chain",
      "build-chain",
      "dictation",
      "word-list",
    ];
    expect(kinds.filter((kind) => order.includes(kind))).toEqual(order);
    const read = main(lesson).find(({ content }) => content.kind === "read-chain")?.content;
    const words = read ? wordsOfContent(read) : [];
    for (const { content } of main(lesson))
      if (content.kind === "build-chain" || content.kind === "dictation" || content.kind === "blending")
        for (const word of content.words) expect(words).toContain(word);
    expect(main(lesson).at(-1)).toMatchObject({ heldBack: true, content: { words: lesson.heldBack } });
    expect(lesson.heldBack).toHaveLength(2);
  });

  it("what the records show as shaky is among the cards, and today's sound too", () => {
    const substitutions = [{ gpc: "e=e", said: ["ɪ"], times: 5, chances: 12 }];
    const cards = drafted(request(SHORT, 13, { substitutions })).activities.find(
      ({ content }) => content.kind === "sound-cards",
    );
    expect(cards?.content.kind === "sound-cards" && cards.content.gpcs).toEqual(
      expect.arrayContaining(["e=e", "th=θ"]),
    );
  });

  it("looks back at last week's words that may still be shown, those first that went wrong; a template does not", () => {
    const lastWeek = ["mud", "knight", "pet", "zzz", "hop"];
    const asked = request(SHORT, 13, { lastWeek, never: ["pet"], minutes: 30 });
    const back = main(drafted(asked)).filter(({ isLookBack }) => isLookBack);
    expect(back.map(({ content }) => wordsOfContent(content))).toEqual([["mud", "hop"]]);
    const todays = main(drafted(asked))
      .filter(({ isLookBack }) => !isLookBack)
      .flatMap(({ content }) => (content.kind === "read-chain" ? content.words : []));
    for (const word of ["mud", "hop"]) expect(todays).not.toContain(word);
    const [, template] = TEMPLATES;
    expect(drafted({ ...asked, template: template as LessonTemplate }).activities.some((one) => one.isLookBack)).toBe(
      false,
    );
    expect(drafted({ ...asked, lastWeek: ["mud"] }).activities.some((one) => one.isLookBack)).toBe(false);
  });

  it("more time, more of it; a slower group, less in it; straight to your turn, more in it", () => {
    const activities = (more: Partial<LessonRequest>) => main(drafted(request(SHORT, 13, more))).length;
    expect(activities({ minutes: 10 })).toBeLessThan(activities({ minutes: 30 }));
    expect(activities({ minutes: 20, pace: 2 })).toBeLessThan(activities({ minutes: 20 }));
    const straight = { ...DEFAULT_PRACTICE, turns: "your-turn" as const };
    expect(activities({ minutes: 15, settings: straight })).toBeGreaterThanOrEqual(activities({ minutes: 15 }));
    expect(drafted(request(SHORT, 13, { minutes: 12 })).activities.some(({ ifTime }) => ifTime)).toBe(true);
  });

  it("the same request gives the same lesson; another seed another; no word kept out or, if so asked, held back", () => {
    // A set of its own each time: nothing is remembered of the one before.
    const words = (more: Partial<LessonRequest>) =>
      drafted({ ...request(SHORT, 20, more), taught: taughtAt(SHORT, 20) }).activities.flatMap(({ content }) =>
        wordsOfContent(content),
      );
    expect(words({ seed: 4 })).toEqual(words({ seed: 4 }));
    expect(words({ seed: 4 })).not.toEqual(words({ seed: 5 }));
    const [first = ""] = words({ seed: 4 });
    expect(words({ seed: 4, never: [first] })).not.toContain(first);
    expect(drafted(request(SHORT, 20, { heldBack: 0 })).heldBack).toEqual([]);
  });

  it.each([
    [{ minutes: 9 }, "minutes-out-of-range"],
    [{ minutes: 46 }, "minutes-out-of-range"],
    [{ minutes: Number.NaN }, "minutes-out-of-range"],
    [{ taughtGpcs: [] }, "nothing-taught"],
  ])("refuses %j: %s", (more, code) => {
    expect(draftLesson(request(SHORT, 13, more))).toMatchObject({ ok: false, reason: { code } });
  });
});

describe("the check of a lesson", () => {
  const rules = { taught: taughtAtStep(SHORT, 13), never: ["mat"] };
  const activity = (content: Activity["content"], heldBack = false) => ({ id: "1", content, heldBack });
  it.each([
    [{ kind: "word-list", words: [] }, [{ code: "empty" }]],
    [{ kind: "word-list", words: ["cat"] }, []],
    [{ kind: "word-list", words: ["mat"] }, [{ code: "refused", refusal: { code: "never-list" } }]],
    [{ kind: "dictation", words: ["rain"], sentences: [] }, [{ code: "refused", refusal: { code: "not-decodable" } }]],
    [
      { kind: "find-it", items: [{ word: "cat", foils: ["twat"] }] },
      [{ code: "refused", refusal: { code: "unsuitable" } }],
    ],
    [{ kind: "real-or-nonsense", items: [{ word: "cat", real: false }] }, [{ code: "not-nonsense", word: "cat" }]],
    [{ kind: "real-or-nonsense", items: [{ word: "zat", real: false }] }, []],
    [{ kind: "irregular-words", words: ["cat"] }, [{ code: "not-learnt-whole", word: "cat" }]],
    [{ kind: "free", text: "sing" }, []],
    [{ kind: "text", text: "The cat sat. Sam ran!", targets: [] }, []],
    [
      { kind: "text", text: "Rain, rain", targets: [] },
      [{ code: "refused", refusal: { code: "not-decodable", word: "Rain" } }],
    ],
    [{ kind: "text", text: "A mat.", targets: [] }, [{ code: "refused", refusal: { code: "never-list" } }]],
    [{ kind: "text", text: "The mat's big.", targets: [] }, [{ code: "refused", refusal: { code: "never-list" } }]],
    [{ kind: "text", text: "a twat", targets: [] }, [{ code: "refused", refusal: { code: "unsuitable" } }]],
    [{ kind: "text", text: "", targets: [] }, [{ code: "empty" }]],
    // A name of letters that are taught, and of some that are not; a word of the list is no name.
    [{ kind: "text", text: "Zeb ran", targets: [] }, []],
    [{ kind: "text", text: "Jaida ran", targets: [] }, [{ code: "refused", refusal: { word: "Jaida" } }]],
    [{ kind: "text", text: "Bandana", targets: [] }, [{ code: "refused", refusal: { word: "Bandana" } }]],
    [{ kind: "text", text: "zeb ran", targets: [] }, [{ code: "refused", refusal: { word: "zeb" } }]],
    [
      { kind: "dictation", words: ["cat"], sentences: ["The cat sat.", "It can wait."] },
      [{ code: "refused", refusal: { code: "not-decodable", word: "wait" } }],
    ],
  ] as const)("%j", (content, faults) => {
    expect(checkLesson([activity(content as Activity["content"])], rules)).toMatchObject(faults);
  });

  it.each([
    ["sound-cards", { gpcs: ["a=æ", "ee=iː"] }],
    ["hear-and-spell", { sounds: [{ sound: ["iː"], gpcs: ["ee=iː"] }] }],
    ["new-sound", { gpc: "ee=iː", keyWord: "", facts: [], words: ["cat"] }],
  ] as const)("a card that is not taught: %s", (kind, more) => {
    const content = { kind, ...more } as Activity["content"];
    expect(checkLesson([activity(content)], rules)).toEqual([{ activity: "1", code: "not-taught", gpc: "ee=iː" }]);
  });

  it("a chain has one change a step, to read or to build; a list need not", () => {
    const words = ["cat", "cap", "dog"];
    for (const kind of ["read-chain", "build-chain"] as const)
      expect(checkLesson([activity({ kind, words })], rules)).toMatchObject([
        { code: "no-step", from: "cap", to: "dog", reason: { code: "several-units", count: 3 } },
      ]);
    expect(checkLesson([activity({ kind: "word-list", words })], rules)).toEqual([]);
  });

  it("what the teacher made goes by what was asked for: moves, nonsense words, the ears", () => {
    const chain = (words: string[], teacherMade?: CheckedActivity["teacherMade"]) =>
      checkLesson([{ ...activity({ kind: "read-chain", words }), ...(teacherMade && { teacherMade }) }], rules).map(
        ({ code }) => code,
      );
    expect(chain(["act", "cat"], {})).toContain("no-step");
    expect(chain(["act", "cat"], { moves: ["swap"] })).not.toContain("no-step");
    expect(chain(["cat", "zat"])).toEqual(["refused"]);
    expect(chain(["cat", "zat"], {})).toEqual([]);
    expect(chain(["cat", "zeat"], {})).toContain("refused");
    const heard = (byEar: string[]) =>
      checkLesson([{ ...activity({ kind: "ears-only", parts: oralChain(byEar) }), teacherMade: { byEar } }], rules);
    expect(heard(["cot", "kit", "kite"])).toEqual([]);
    expect(heard(["cot", "kit", "dog"])).toMatchObject([{ code: "no-step", from: "kit", to: "dog" }]);
  });

  it("a word held back that comes before the end is found", () => {
    const faults = checkLesson(
      [
        activity({ kind: "blending", words: ["cat", "hat"] }),
        { ...activity({ kind: "word-list", words: ["hat"] }, true), id: "2" },
      ],
      rules,
    );
    expect(faults).toEqual([{ activity: "1", code: "held-back-shown", word: "hat" }]);
  });
});

describe("time and sounds", () => {
  it.each([
    ["sound-cards", 12, 1, 1],
    ["read-chain", 6, 1, 2],
    ["read-chain", 6, 2, 4],
    ["ears-only", 0, 1, 0.5],
  ] as const)("%s, %i items at pace %s: %s minutes", (kind, items, pace, minutes) => {
    expect(minutesFor(kind, items, pace)).toBe(minutes);
  });

  it("every sound of the inventory has a cue for the mouth", () => {
    for (const { id } of PHONEMES) expect(MOUTH_CUES.get(id)?.length, id).toBeGreaterThan(10);
    expect(MOUTH_CUES.size).toBe(PHONEMES.length);
  });
});
