/** What an ears-only set practises, in the order in which it is commonly taught (common practice, no source). */
export const ORAL_SKILLS = [
  "rhyme-or-not",
  "say-a-rhyme",
  "first-sound",
  "last-sound",
  "middle-sound",
  "blend-onset-rime",
  "blend-body-last",
  "blend-sounds",
  "split-onset-rime",
  "split-sounds",
  "add-beginning",
  "add-end",
  "take-beginning",
  "take-end",
  "take-from-cluster",
  "change-beginning",
  "change-middle",
  "change-end",
] as const;

export type OralSkill = (typeof ORAL_SKILLS)[number];

/** Where the words of an ears-only set come from. */
export const ORAL_SOURCES = ["today-first", "today-only", "heard-often"] as const;
export type OralSource = (typeof ORAL_SOURCES)[number];
