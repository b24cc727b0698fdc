/**
 * Two lessons to start from. The order is that of design: ears, cards, the new sound, blending, reading, building,
 * writing, what was held back. Common practice, no source.
 *
 * `priority`: 1 goes in first as long as there are minutes; `items`: in a lesson of 25 minutes.
 */
export const SHIPPED_TEMPLATES = [
  {
    id: "whole-lesson",
    name: "A whole lesson",
    parts: [
      { kind: "ears-only", items: 4, priority: 5 },
      { kind: "sound-cards", items: 10, priority: 3 },
      { kind: "new-sound", items: 3, priority: 2 },
      { kind: "blending", items: 5, priority: 6 },
      { kind: "read-chain", items: 10, priority: 1 },
      { kind: "build-chain", items: 6, priority: 7 },
      { kind: "fill-the-gap", items: 5, priority: 11 },
      { kind: "right-or-not", items: 6, priority: 12 },
      { kind: "irregular-words", items: 5, priority: 10 },
      { kind: "dictation", items: 6, priority: 8 },
      { kind: "text", items: 4, priority: 9 },
      { kind: "find-it", items: 6, priority: 13 },
      { kind: "hear-and-spell", items: 5, priority: 14 },
      { kind: "family-walk", items: 8, priority: 15 },
      { kind: "sort", items: 8, priority: 16 },
      { kind: "real-or-nonsense", items: 8, priority: 17 },
      { kind: "word-list", items: 2, priority: 4, heldBack: true },
    ],
  },
  {
    id: "build-and-spell",
    name: "Mostly building and spelling",
    parts: [
      { kind: "ears-only", items: 3, priority: 6 },
      { kind: "new-sound", items: 3, priority: 3 },
      { kind: "hear-and-spell", items: 6, priority: 5 },
      { kind: "build-chain", items: 8, priority: 1 },
      { kind: "fill-the-gap", items: 6, priority: 7 },
      { kind: "dictation", items: 6, priority: 2 },
      { kind: "right-or-not", items: 6, priority: 9 },
      { kind: "read-chain", items: 10, priority: 8 },
      { kind: "sound-cards", items: 8, priority: 10 },
      { kind: "sort", items: 8, priority: 11 },
      { kind: "word-list", items: 2, priority: 4, heldBack: true },
    ],
  },
] as const;
