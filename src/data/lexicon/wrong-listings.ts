/**
 * Listings of the CMU Pronouncing Dictionary that are not a reading to teach: a place or person's name
 * spelt alike, a casual form with a sound dropped, or one region's merger. Read by eye, every word whose
 * leading reading was not the dictionary's first, and every word with several, November 2026.
 *
 *   word · phones without stress digits · reason
 */
const LINES = `
won      W AA N        the currency, not the verb
nice     N IY S        the city
job      JH OW B       the name
just     JH IH S T     casual
get      G IH T        casual
gets     G IH T S      casual
as       EH Z          casual
when     W IH N        pin/pen merger, an accent switch
our      AA R          casual
ours     AA R Z        casual
yours    Y ER Z        casual
years    Y ER Z        casual
friends  F R EH N Z    d dropped
hands    HH AE N Z     d dropped
sounds   S AW N Z      d dropped
pounds   P AW N Z      d dropped
rounds   R AW N Z      d dropped
grounds  G R AW N Z    d dropped
kinds    K AY N Z      d dropped
spends   S P EH N Z    d dropped
trends   T R EH N Z    d dropped
cents    S EH N S      t dropped
facts    F AE K S      t dropped
acts     AE K S        t dropped
gifts    G IH F S      t dropped
scripts  S K R IH P S  t dropped
crafts   K R AE F S    t dropped
eighth   EY TH         t dropped
fried    F R IY D      the name
tang     T AO NG       the name
toots    T UH T S      the name
hooves   HH UH V Z     less usual
plough   P L OW        a spelling guess
bras     B R AE S      a name
err      EH R          not the verb
aunt     AO N T        one region's
aunts    AO N T S      one region's
leapt    L IY P T      the sound of leaped
calm     K AO L M      l restored from the spelling
calms    K AO L M Z    l restored from the spelling
calmed   K AO L M D    l restored from the spelling
palm     P AO L M      l restored from the spelling
palms    P AO L M Z    l restored from the spelling
balm     B AO L M      l restored from the spelling
psalm    S AO L M      l restored from the spelling
alms     AO L M Z      l restored from the spelling
calm     K AA L M      l restored from the spelling
calms    K AA L M Z    l restored from the spelling
calmed   K AA L M D    l restored from the spelling
palm     P AA L M      l restored from the spelling
palms    P AA L M Z    l restored from the spelling
balm     B AA L M      l restored from the spelling
psalm    S AA L M      l restored from the spelling
alms     AA L M Z      l restored from the spelling
`;

/** word → listings to pass over, each as phones joined by spaces. */
export const WRONG_LISTINGS: ReadonlyMap<string, readonly string[]> = readLines(LINES);

function readLines(text: string): Map<string, string[]> {
  const map = new Map<string, string[]>();
  for (const line of text.split("\n").filter(Boolean)) {
    const [word = "", phones = ""] = line.split(/\s{2,}/);
    map.set(word, [...(map.get(word) ?? []), phones]);
  }
  return map;
}
