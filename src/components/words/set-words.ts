import type { SetKind } from "../../core/light.ts";

interface SetWords {
  readonly name: string;
  /** The screen it is made and opened on. */
  readonly screen: "families" | "ears-only" | "texts";
}

/** The words for every kind of saved set, one entry each: the twin of SET_KINDS. */
export const SET_WORDS = {
  family: { name: "Word family", screen: "families" },
  sort: { name: "Sort", screen: "families" },
  pairs: { name: "Minimal pairs", screen: "families" },
  "ears-only": { name: "Ears only", screen: "ears-only" },
  text: { name: "Text", screen: "texts" },
} as const satisfies Readonly<Record<SetKind, SetWords>>;
