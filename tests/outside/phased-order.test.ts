import { describe, expect, it } from "vitest";
import { checkDecodable, type Sequence, sequenceById, taughtAt } from "../../src/core/index.ts";

/**
 * Example words of Letters and Sounds (Department for Education, England, 2007), from memory: each is
 * decodable at its set and not at the step before.
 */
const EXAMPLES: Record<string, string> = {
  "s a t p": "at sat pat tap sap",
  "i n m d": "it in sit pin dad man mat map dim",
  "g o c k": "got on not dog cot cap kit kid",
  "ck e u r": "kick sock get pet ten up mum run mug red rat",
  "h b f l, doubles": "had him big bad if off fan lap let leg tell fill miss hiss",
  "j v w x": "jam jet van vet win wet mix fox",
  "y z qu": "yes yet zip buzz quick quit",
  ch: "chop chin rich much",
  sh: "ship shop fish rush",
  th: "them then moth thin",
  ng: "ring song king long",
  ai: "wait rain main",
  ee: "see feel week",
  igh: "high night light",
  oa: "coat load road",
  oo: "too zoo book foot",
  ar: "bar car park",
  or: "for fork sort",
  ur: "fur hurt turn",
  ow: "now cow down",
  oi: "oil coin join",
  ear: "ear dear near",
  air: "air fair hair",
  ure: "pure cure",
  "ends: nd lt mp": "went help just tent hand",
  "starts: st fl gr": "stop flag spin green",
  ay: "day play may",
  ou: "out cloud found",
  ie: "pie lie tie",
  ea: "sea seat bead",
  "a-e": "came made make take",
  "i-e": "like time pine",
  "o-e": "bone pole home",
  "u-e": "rule rude tube",
};

const phased = sequenceById("phased") as Sequence;

describe("Letters and Sounds example words", () => {
  it.each(Object.entries(EXAMPLES))("%s", (stepName, list) => {
    const step = phased.steps.find(({ name }) => name === stepName);
    if (!step) throw new Error(`The phased order has no step "${stepName}"`);
    const words = list.split(" ");
    for (const word of words) {
      const at = checkDecodable(word, { ...taughtAt(phased, step.number), words: new Set() });
      expect(at, `${word} at ${stepName}`).toMatchObject({ decodable: true });
      const before = checkDecodable(word, { ...taughtAt(phased, step.number - 1), words: new Set() });
      expect(before.decodable, `${word} before ${stepName}`).toBe(false);
    }
  });
});
