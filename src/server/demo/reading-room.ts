import type { Contrast, SimulatedLearner } from "../../core/light.ts";

/**
 * The demo: the volunteer-run reading room of Farrow Quay, a harbour town that does not exist. Learners
 * are invented, under nicknames, each with substitutions planted for the evidence to find.
 */
export interface DemoLesson {
  readonly step: number;
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
}

export interface DemoGroup {
  readonly name: string;
  readonly sequenceId: string;
  /** The step the group stands at today. */
  readonly step: number;
  readonly learners: readonly ({ readonly nickname: string } & SimulatedLearner)[];
  /** One a week, oldest first; each is taught three times with fresh chains. */
  readonly weeks: readonly DemoLesson[];
}

const calm = { tapping: 0.12, selfCorrecting: 0.15, notTrying: 0.02 };

export const READING_ROOM: readonly DemoGroup[] = [
  {
    name: "Plovers",
    sequenceId: "short-vowels-first",
    step: 13,
    learners: [
      { ...calm, nickname: "Sandpiper", substitutions: [{ gpc: "e=e", said: ["ɪ"], share: 0.45 }] },
      { ...calm, nickname: "Heron", substitutions: [{ gpc: "sh=ʃ", said: ["tʃ"], share: 0.4 }] },
      {
        ...calm,
        nickname: "Eider",
        substitutions: [{ gpc: "u=ʌ", said: ["ɒ"], share: 0.45 }],
      },
      { ...calm, nickname: "Knot", substitutions: [{ gpc: "ch=tʃ", said: ["ʃ"], share: 0.5 }] },
    ],
    weeks: [
      { step: 9, focus: ["ll=l"], contrasts: [{ a: "i=ɪ", b: "e=e" }] },
      { step: 10, focus: ["sh=ʃ"], contrasts: [{ a: "s=s", b: "sh=ʃ" }] },
      { step: 11, focus: ["ck=k"], contrasts: [{ a: "o=ɒ", b: "u=ʌ" }] },
      { step: 12, focus: ["ch=tʃ"], contrasts: [{ a: "sh=ʃ", b: "ch=tʃ" }] },
      { step: 13, focus: ["th=θ"], contrasts: [{ a: "i=ɪ", b: "e=e" }] },
    ],
  },
  {
    name: "Turnstones",
    sequenceId: "phased",
    step: 48,
    learners: [
      { ...calm, nickname: "Dunlin", substitutions: [{ gpc: "a-e=eɪ", said: ["æ"], share: 0.5 }] },
      { ...calm, nickname: "Puffin", substitutions: [{ gpc: "i-e=aɪ", said: ["ɪ"], share: 0.4 }] },
      { ...calm, nickname: "Tern", substitutions: [{ gpc: "oa=oʊ", said: ["ɒ"], share: 0.4 }] },
    ],
    weeks: [
      { step: 43, focus: ["oa=oʊ"], contrasts: [{ a: "o=ɒ", b: "oa=oʊ" }] },
      { step: 45, focus: ["a-e=eɪ"], contrasts: [{ a: "a=æ", b: "a-e=eɪ" }] },
      { step: 46, focus: ["a-e=eɪ"], contrasts: [{ a: "ai=eɪ", b: "a=æ" }] },
      { step: 47, focus: ["i-e=aɪ"], contrasts: [{ a: "i=ɪ", b: "i-e=aɪ" }] },
      { step: 48, focus: ["o-e=oʊ"], contrasts: [{ a: "i=ɪ", b: "i-e=aɪ" }] },
    ],
  },
];
