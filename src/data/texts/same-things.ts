/**
 * Nouns that may name one and the same thing, a line each: changing one for another says nothing that is not so. After a
 * colon, what the first word may mean; without one, words any two of which may. Judgement, no source.
 */
export const SAME_THINGS: readonly string[] = `
  pet: cat dog pig pup hen duck cub lamb goat foal calf chick goose swan horse pony rabbit kitten puppy hamster donkey camel parrot
  bird: hen duck chick swan goose crow owl stork robin parrot turkey chicken
  bug: ant bee wasp moth beetle worm spider slug snail
  fish: cod squid shark whale seal shrimp crab
  cub: fox bear lion tiger panda
  toy: doll kite drum ball rattle puzzle rocket flute
  plant: bud fern moss bush tree leaf rose weed oak nut grass flower tulip cactus daisy poppy root stem seed acorn
  flower: rose tulip daisy poppy bud
  tree: oak plant
  seed: nut acorn bean pea
  berry: cherry grape
  bread: bun toast bagel sandwich roll
  cake: bun muffin cupcake pancake pudding
  cat kitten
  dog pup puppy
  pig hog
  hen chick chicken
  rat mouse hamster
  horse pony foal mule donkey
  sheep lamb
  goat kid
  ape monkey chimp
  hare rabbit
  frog toad
  cow calf
  duck goose swan
  cup mug jug
  pot pan
  tin can pot
  pen pencil chalk
  hat cap bonnet crown
  vest shirt sweater
  coat cloak robe jacket
  skirt dress apron
  glove mitten
  boot shoe slipper
  bag sack purse pocket
  box crate case chest trunk packet parcel basket
  bucket barrel tub
  jar bottle vase
  stick twig cane branch
  rock stone brick
  rope string ribbon
  lamp torch candle
  coin card
  book card
  mat rug carpet blanket
  bench stool chair sofa
  path road floor
  hill cliff rock
  sand beach
  grass park garden farm wood
  pond lake pool
  fog mist
  den nest cave tunnel
  hut shed barn cabin cottage castle tent
  room kitchen hall park
  bin basket bucket box
  deck floor plank
  step ladder
  bus van cab taxi truck car
  ship boat ferry canoe raft
  tram train
  truck tractor jeep tank wagon cart
  bike scooter tricycle
  jet rocket
  soup gum
  chip crisp potato
  bean pea
  cookie biscuit
  leek onion
  melon pumpkin
  ham meat
`
  .split("\n")
  .map((line) => line.trim())
  .filter(Boolean);

/** Animals that are eaten: what is said of them is not said of another animal. */
export const EATEN: ReadonlySet<string> = new Set(
  "cod crab fish chicken duck lamb turkey shrimp squid goose rabbit hen".split(" "),
);

/**
 * People of whom one is never the other. A man may be a vet: only what stands in one pair is changed. Judgement, no source.
 */
export const NOT_THE_SAME_PERSON: readonly (readonly [string, string])[] = [
  ["boy", "girl"],
  ["king", "queen"],
  ["prince", "princess"],
  ["aunt", "uncle"],
  ["brother", "sister"],
  ["gran", "grandpa"],
  ["granny", "grandpa"],
];

/** Words that say that something did not happen, might, or should: changed in one word they are neither so nor not so. */
export const NOT_PLAIN: ReadonlySet<string> = new Set(
  `no not never none nothing nobody nor neither can cannot could will would shall should may might must if or perhaps
  maybe let lets want wants wanted wish wishes wished like likes as such seem seems seemed think thinks thought`.split(
    /\s+/,
  ),
);

/** Words that a noun stands after. */
export const BEFORE_A_NOUN: ReadonlySet<string> = new Set(
  "a an the this that his her my our your its their one".split(" "),
);
