/**
 * Words and classes that may not stand in one sentence, one pair a line: unkind, frightening, or what a class will laugh at for
 * the wrong reason. A class of nouns stands for all its words,
 * `name` for every name; `place-in/pen` is the word only where it is a place. Judgement, no source; found by
 * reading sentences that were made.
 */
export const MAY_NOT_MEET: readonly (readonly [string, string])[] = `
  person bed
  person place-in/bathtub
  person place-in/tub
  name place-in/tub
  name place-in/bathtub
  person place-in/pit
  name place-in/pit
  person place-in/bin
  name place-in/bin
  person place-in/pen
  name place-in/pen
  person place-in/sack
  name place-in/sack
  wet bed
  wet rug
  wet wear
  hot wear
  pig ham
  hog ham
  hen egg
  chicken egg
  chick egg
  duck egg
  goose egg
  fish chip
  bat bite
  hot cat
  hot dog
  rock drop
  stone drop
  sword child
  bush big
  big melon
  soft bun
  hot bun
  fat bun
  fat crisp
  fat chip
  fat soup
  fat bread
  fat rice
  fat cheese
  fat milk
  crisp soup
  crisp milk
  thin soup
  thin milk
  thin rice
  soft soup
  soft milk
  big milk
  big rice
  big soup
  big toast
  big bread
  big jam
  big honey
  big gum
  big pasta
  red milk
  green milk
  pink milk
  red rice
  munch soup
  munch milk
  munch honey
  munch jam
  chew soup
  chew milk
  chew honey
  chew jam
  bite soup
  bite milk
  bite rice
  bite honey
  bite jam
  chop milk
  chop soup
  chop rice
  chop honey
  chop jam
  chop gum
  cut milk
  cut soup
  cut rice
  cut honey
  cut jam
  cook milk
  cook gum
  cook salad
  make grape
  gum eat
  gum cook
  gum share
  cap cap
  kid kid
  mum gran
  queen hog
  fat queen
  brother princess
`
  .split("\n")
  .map((line) => line.trim().split(/\s+/))
  .flatMap((pair) => (pair.length === 2 ? [[pair[0] as string, pair[1] as string] as const] : []));
