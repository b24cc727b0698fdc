/**
 * Words that sentences are made of, by what they name: chosen by hand from what children of five to seven know, so that
 * any two that a frame brings together make sense, however silly. Judgement, no source; a test finds each noun in one of
 * WordNet's files for its class.
 */

const list = (text: string): readonly string[] => text.split(/\s+/).filter(Boolean);

/** Nouns, in the singular. */
export const NOUNS = {
  person: list(`man girl boy mum mom dad kid twin cook king queen vet pal nurse chef scout clown farmer baker teacher
    sailor pirate doctor driver friend child gran granny grandpa aunt uncle sister brother princess prince knight champ
    cowboy fireman postman painter singer dancer swimmer`),
  animal: list(`cat dog pig hen rat fox cub pup duck hog ram ant bug yak bat cod frog crab moth chimp fish chick lamb
    slug snail swan wasp elk skunk squid goat toad bee sheep seal whale mole snake ape mule horse mouse goose bear hare
    deer owl crow cow bird shark stork worm shrimp sloth rabbit kitten puppy panda tiger camel hamster robin parrot pony
    spider donkey turtle otter beetle dragon monkey lion zebra chicken turkey badger`),
  /** Animals that people look after. */
  pet: list(`cat dog pig pup hen duck cub lamb goat foal calf chick goose swan horse pony rabbit kitten puppy hamster donkey
    camel parrot`),
  thing: list(`cup pen pin map bag tin can mug jug pan pot peg lid fan net cap hat mat bell doll pack brush shell
    drum lamp stamp belt tent twig stick rock lock sock ring string trunk chalk chain brick crown spoon book broom
    key kite rope cube flute plate spade stone vase tape cane sword card torch purse toy coin jar ball clock
    basket button bucket blanket rocket magnet ticket mitten hammer ladder pillow candle bottle kettle whistle parcel
    pencil ribbon banner mirror rattle puzzle pocket jacket`),
  food: list(`bun jam fig egg ham pea pie bean beet leek cake plum grape peach bread toast corn crisp chip soup pea
    melon muffin carrot apple lemon pear cookie bagel noodle pancake cupcake radish salad pudding waffle pasta honey
    cheese milk rice gum mint cherry berry potato tomato banana sandwich biscuit onion turnip pumpkin`),
  "place-in": list(`den hut shed tent pen pit bin box tub van cab nest pond mud bush sack tunnel barn cave room park
    hall shop pool lake wood fog mist castle garden cabin kitchen bathtub basket bucket cupboard cottage kennel`),
  "place-on": list(`mat bed rug log hill deck bench dock cliff sand rock raft path step grass roof stool chair shelf
    stage stone gate floor road farm plank carpet blanket sofa table ladder island bridge beach wagon`),
  vehicle: list(`bus van cab jet ship truck tram train bike boat jeep cart sled tank scooter tractor wagon rocket taxi
    ferry canoe tricycle`),
  wear: list(`hat cap vest belt wig sock scarf coat cloak robe skirt dress shirt glove boot shoe mask crown apron jacket
    mitten sweater bonnet slipper`),
  container: list(`box bag tin pot can bin jug mug cup pan sack chest trunk crate jar vase case basket bucket bottle
    pocket kettle packet barrel bowl`),
  plant: list(`bud fern moss bush tree leaf rose weed plant seed oak stem root nut grass flower acorn tulip cactus daisy
    poppy`),
} as const;

/** Nouns without a plural: what is poured or piled, and what one never speaks of in the plural before a class. */
export const NO_PLURAL: ReadonlySet<string> = new Set(
  list(`jam ham bread toast corn soup milk rice gum honey cheese pasta grass mud fog mist sand moss chalk string
    ball bun melon jug bush wood pudding salad mint weed cheese fish cod squid sheep deer shrimp elk`),
);

/** Nouns that take no "a". */
export const NO_ARTICLE: ReadonlySet<string> = new Set(
  list("jam ham bread toast corn soup milk rice gum honey cheese pasta grass mud fog mist sand moss chalk string"),
);

/** Verbs by what they are done with: base and past; the other forms follow by rule. */
export const VERBS = {
  /** About by itself: `The frog hops.` */
  move: list(`run:ran hop:hopped jog:jogged skip:skipped jump:jumped trot:trotted rush:rushed dash:dashed march:marched
    limp:limped race:raced walk:walked crawl:crawled creep:crept hurry:hurried gallop:galloped wander:wandered`),
  /** In one place: `The frog naps on the log.` */
  stay: list(`sit:sat nap:napped rest:rested sleep:slept stand:stood hum:hummed sing:sang play:played wait:waited
    dance:danced spin:spun snore:snored dream:dreamed giggle:giggled wriggle:wriggled`),
  /** With something that can be held: `The girl lifts the cup.` */
  handle: list(`get:got grab:grabbed lift:lifted drop:dropped hold:held find:found lose:lost pack:packed fix:fixed
    mend:mended fetch:fetched bring:brought take:took carry:carried want:wanted need:needed hide:hid keep:kept
    pass:passed swap:swapped buy:bought sell:sold wash:washed`),
  /** With something to eat: `The pig ate the bun.` */
  eat: list("eat:ate munch:munched chew:chewed bite:bit smell:smelled want:wanted find:found get:got gobble:gobbled"),
  /** What people do with food. */
  cook: list("cook:cooked cut:cut chop:chopped bring:brought share:shared pack:packed make:made drop:dropped"),
  /** With anything that can be seen. */
  see: list("see:saw spot:spotted draw:drew paint:painted find:found like:liked love:loved watch:watched"),
  /** What people do with animals. */
  care: list(`pat:patted pet:petted hug:hugged feed:fed wash:washed brush:brushed lead:led walk:walked stroke:stroked
    tickle:tickled`),
  /** Between people, and between people and animals. */
  greet: list("meet:met help:helped greet:greeted"),
  /** Between animals. */
  meet: list("meet:met help:helped chase:chased follow:followed greet:greeted"),
} as const;

/** Adjectives by what they may stand before. */
export const ADJECTIVES = {
  /** Of people and animals. */
  feeling: list(`sad glad mad cross shy kind proud brave happy silly sleepy lazy busy jolly funny gentle hungry clever
    lucky angry lonely tired calm`),
  /** Of animals. */
  creature: list("big fat small little tiny thin wet quick swift soft huge slim grubby fluffy muddy fuzzy furry"),
  /** Of things. */
  thing: list(`big red wet hot tan flat soft thin long old new black pink green blue white brown cold huge small little
    shiny dusty rusty muddy broken yellow purple heavy golden silver sandy wooden`),
  /** Of food. */
  food: list("big hot red fresh crisp soft fat sweet cold thin pink green yummy sticky crunchy juicy"),
} as const;

/** Names of nobody in particular: short ones that are read by rule, and longer ones. */
export const SENTENCE_NAMES: readonly string[] =
  list(`Sam Pat Tim Nat Pam Tam Dan Meg Ben Ted Kim Jen Tess Max Liz Bess Beth
  Josh Jack Jess Nell Rick Seth Finn Gwen Russ Glen Brad Kate Jake Jane Pete Rose Luke June Neil Jean Mark Carl Bert Fern
  Joy Roy Paul Dawn Dale Gail Robin Kevin Martin Alice`);

/** How many. */
export const NUMBERS: readonly string[] = list("two three four five six seven eight nine ten");
