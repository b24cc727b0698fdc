import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { checkStep } from "../chains/step-check.ts";
import { lessonMaterials } from "../materials/lesson-materials.ts";
import { taughtGpcs } from "../school/school.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { NO_TICKS } from "../scope/taught-set.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { ONE_TAP_A_SOUND } from "../spelling/taps.ts";
import { itemsOfContent, wordsOfContent } from "./activity-content.ts";
import type { ActivityContent, ActivityKind } from "./activity-kinds.ts";
import { checkLesson } from "./check-lesson.ts";
import { draftLesson, fillKind } from "./draft-lesson.ts";
import type { LessonRequest } from "./lesson-request.ts";
import { minutesOfContent } from "./pace.ts";
import { runItems } from "./run.ts";
import { DEFAULT_PRACTICE } from "./settings.ts";
import { TEMPLATES } from "./template.ts";

const SHORT = sequenceById("short-vowels-first") as Sequence;
const request = (step: number, more: Partial<LessonRequest> = {}): LessonRequest => ({
  taught: taughtAtStep(SHORT, step),
  taughtGpcs: taughtGpcs({ sequence: SHORT, step, ticks: NO_TICKS }),
  focus: ["sh=ʃ"],
  contrasts: [],
  substitutions: [],
  minutes: 25,
  settings: DEFAULT_PRACTICE,
  seed: 5,
  ...more,
});
const KINDS: readonly ActivityKind[] = [...new Set(TEMPLATES.flatMap(({ parts }) => parts.map(({ kind }) => kind)))];

describe("one activity put into a lesson", () => {
  const chain: ActivityContent = { kind: "read-chain", words: ["ship", "shop", "chop", "chip", "chin"] };
  const heldBack = { kind: "word-list", words: ["shed", "fish"], heldBack: true } as const;

  it.each(KINDS)(
    "%s is made of the lesson's words, within what is taught, and of nothing that is kept back",
    (kind) => {
      const content = fillKind(kind, request(13), [chain, heldBack]) as ActivityContent;
      expect(content).toBeDefined();
      expect(itemsOfContent(content)).toBeGreaterThan(0);
      const activity = { id: "1", content, heldBack: false };
      expect(checkLesson([activity, { id: "2", content: heldBack, heldBack: true }], request(13))).toEqual([]);
      expect(wordsOfContent(content)).not.toContain("shed");
      expect(runItems(content, GENERAL_AMERICAN).length).toBeGreaterThan(0);
      expect(minutesOfContent(content, "your-turn")).toBeGreaterThan(0);
    },
  );

  it("words that are heard, read, built and written are the same", () => {
    for (const kind of ["blending", "build-chain", "dictation", "fill-the-gap", "right-or-not"] as const) {
      const content = fillKind(kind, request(13), [chain]) as ActivityContent;
      const own =
        content.kind === "fill-the-gap" || content.kind === "right-or-not"
          ? content.items.map(({ word }) => word)
          : wordsOfContent(content);
      for (const word of own) expect(chain.words, kind).toContain(word);
    }
  });

  it("a kind that is made of other words does not ask for those of the chain", () => {
    const unread: ActivityContent = {
      kind: "read-chain",
      get words(): readonly string[] {
        throw new Error("The chain's words were asked for.");
      },
    };
    expect(fillKind("irregular-words", request(13), [unread])?.kind).toBe("irregular-words");
    expect(() => fillKind("build-chain", request(13), [unread])).toThrow("asked for");
  });

  it("spellings of a heard sound come with where they stand", () => {
    const content = fillKind("hear-and-spell", request(13), [chain]);
    const k = content?.kind === "hear-and-spell" ? content.sounds.find(({ sound }) => sound.join() === "k") : undefined;
    expect(k?.gpcs).toEqual(expect.arrayContaining(["c=k", "k=k", "ck=k"]));
    expect(k?.facts?.["ck=k"]?.map(({ fact }) => fact)).toContain("after-one-vowel-letter");
  });

  it("what has no answer has none: nothing taught, an activity of the teacher's own, a sort without a second spelling", () => {
    expect(fillKind("blending", request(13, { taughtGpcs: [] }), [chain])).toBeUndefined();
    expect(fillKind("free", request(13), [chain])).toBeUndefined();
    expect(fillKind("sort", request(13, { focus: [] }), [chain])).toBeUndefined();
    expect(fillKind("new-sound", request(13, { focus: [] }), [chain])).toBeUndefined();
    expect(
      fillKind("irregular-words", { ...request(13), taught: { ...request(13).taught, words: new Set() } }, [chain]),
    ).toBeUndefined();
  });

  it("a card says every sound that has been taught for its letters, and no other", () => {
    const cardsAt = (step: number) => {
      const cards = fillKind("sound-cards", { ...request(step, { cards: ["th=θ"] }), substitutions: [] }, [chain]);
      return cards?.kind === "sound-cards" ? cards : undefined;
    };
    const taught = request(13).taughtGpcs;
    expect(taught).toEqual(expect.arrayContaining(["th=θ", "th=ð"]));
    expect(cardsAt(13)?.also?.["th=θ"]).toEqual(["th=ð"]);
    for (const [id, others] of Object.entries(cardsAt(13)?.also ?? {}))
      for (const other of others) {
        expect(taught).toContain(other);
        expect(other.split("=")[0]).toBe(id.split("=")[0]);
      }
  });

  it("the learners' packs lead: cards and whole words that they are at come first", () => {
    const cards = fillKind("sound-cards", request(13, { cards: ["p=p", "m=m"] }), [chain]);
    expect(cards?.kind === "sound-cards" && cards.gpcs).toEqual(expect.arrayContaining(["sh=ʃ", "p=p", "m=m"]));
    const [asked] = [...request(13).taught.words];
    const whole = fillKind("irregular-words", request(13, { wholeWords: [asked as string, "xylophone"] }), [chain]);
    expect(whole?.kind === "irregular-words" && whole.words[0]).toBe(asked);
  });
});

describe("templates", () => {
  it("name kinds that can be filled, the most needed first; words kept back are in both", () => {
    for (const { parts } of TEMPLATES) {
      expect(new Set(parts.map(({ priority }) => priority)).size).toBe(parts.length);
      expect(parts.filter((part) => "heldBack" in part && part.heldBack)).toHaveLength(1);
      for (const { items } of parts) expect(items).toBeGreaterThan(0);
    }
  });

  it.each(TEMPLATES.map((template) => [template.name, template] as const))(
    "%s: longer lessons have more, in its order",
    (_, template) => {
      const kinds = (minutes: number) => {
        const lesson = draftLesson(request(13, { minutes, template }));
        if (!lesson.ok) throw new Error(lesson.reason.code);
        return lesson.activities
          .filter(({ ifTime }) => !ifTime)
          .map(({ content, heldBack }) => (heldBack ? "kept back" : content.kind));
      };
      const order = template.parts.map((part) => ("heldBack" in part && part.heldBack ? "kept back" : part.kind));
      expect(kinds(45).length).toBeGreaterThan(kinds(15).length);
      for (const minutes of [15, 30, 45]) {
        const places = kinds(minutes).map((kind) => order.indexOf(kind as (typeof order)[number]));
        expect(places).toEqual([...places].sort((a, b) => a - b));
      }
    },
  );

  it("a part that is only there if there is time is never in the lesson's minutes", () => {
    const parts = [
      { kind: "read-chain", items: 10, priority: 1 },
      { kind: "find-it", items: 6, priority: 2, ifTime: true },
    ] as const;
    const lesson = draftLesson(request(13, { minutes: 45, template: { id: "x", name: "x", parts } }));
    if (!lesson.ok) throw new Error(lesson.reason.code);
    expect(lesson.activities.map(({ content, ifTime }) => [content.kind, ifTime])).toEqual([
      ["read-chain", false],
      ["find-it", true],
    ]);
    const [chain] = lesson.activities;
    expect(lesson.minutes).toBe(chain?.minutes);
    const words = wordsOfContent(chain?.content as ActivityContent);
    words.slice(1).forEach((word, k) => {
      expect(checkStep(words[k] as string, word).single).toBe(true);
    });
  });

  it("time to think fades with the lessons before", () => {
    const thinking = (lessonsBefore: number) => {
      const lesson = draftLesson(request(13, { lessonsBefore }));
      return lesson.ok ? lesson.activities[0]?.settings.thinking : undefined;
    };
    expect([0, 1, 2, 9].map(thinking)).toEqual([5, 4, 3, 2]);
  });
});

describe("what has to be on the table", () => {
  it("of each tile as many as the word that needs most; cards of sounds and words, each once", () => {
    const materials = lessonMaterials(
      [
        { kind: "build-chain", words: ["mum", "hum", "hub"] },
        { kind: "sound-cards", gpcs: ["sh=ʃ", "m=m"] },
        { kind: "new-sound", gpc: "sh=ʃ", keyWord: "", facts: [], words: [] },
        { kind: "word-list", words: ["mum", "mum", "hat"] },
        { kind: "text", text: "A cat sat.", targets: [] },
      ],
      GENERAL_AMERICAN,
      ONE_TAP_A_SOUND,
    );
    expect(Object.fromEntries(materials.tiles.map(({ grapheme, count }) => [grapheme, count]))).toEqual({
      m: 2,
      u: 1,
      h: 1,
      b: 1,
    });
    expect(materials.graphemeCards).toEqual(["sh", "m"]);
    expect(materials.wordCards).toEqual(["mum", "hat"]);
  });
});
