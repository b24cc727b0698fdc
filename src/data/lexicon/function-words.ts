/**
 * Little words that hold a sentence together (articles, pronouns, prepositions, auxiliaries …): hard to picture and
 * said weakly, so that ears-only items are made of them last. Common practice, from memory.
 */
export const FUNCTION_WORDS: ReadonlySet<string> = new Set(
  `a an the this that these those some no each such i me my mine we us our ours you your yours he him his she her hers
  it its they them their theirs who whom whose which what when where why how there here then than so as if or and but
  nor yet for from of off to in on at by up out with since till through though is am are was were be been being do does
  did done has have had can could shall should will would may might must ought let lets not oh yes well just both all
  much more most else ones one own too quite once thus hence`
    .split(/\s+/)
    .filter(Boolean),
);
