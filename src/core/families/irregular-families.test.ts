import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { irregularFamilies } from "./irregular-families.ts";

const families = (words: string) => irregularFamilies(words.split(" "), shippedLexicon()).map((one) => one.join(" "));

describe("words learnt whole", () => {
  it("stand together where they follow a pattern of their own", () => {
    expect(families("the he said me no be we she go")).toEqual(["the", "he me be we she", "said", "no go"]);
    expect(families("could my by would was should")).toEqual(["could would should", "my by", "was"]);
  });

  it("stand alone where letters or sounds differ, or nothing is known of their parts", () => {
    expect(families("one go to do once")).toEqual(["one", "go", "to do", "once"]);
    expect(families("people many any")).toEqual(["people", "many", "any"]);
  });

  it("are each there once", () => expect(families("he he me")).toEqual(["he me"]));
});
