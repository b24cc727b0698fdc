import { it } from "vitest";
import { lookOverRandomChains, REQUESTS } from "./random-chains.ts";

it(`every one of ${REQUESTS} random requests is obeyed in every chain, or refused`, () => {
  lookOverRandomChains(20261125);
});
