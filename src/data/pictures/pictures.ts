/**
 * Words that a picture ships for, and the picture: `word` or `word:file`, and `@accent` where only children of that
 * accent name it so (truck, lorry). Pictures are from
 * Noto Emoji (Apache License 2.0, Google Inc), taken from npm `@iconify-json/noto` by `npm run build:pictures` into
 * public/pictures/. Every pair was looked at, November 2026: a picture is in only where a child would name it with
 * this very word.
 */
const LINES = `
  ant apple:red-apple anchor bag:handbag ball:soccer-ball basket bat bath:bathtub beach:beach-with-umbrella
  bear bed bee:honeybee bell bike:bicycle bin:wastebasket@southern-british bird boat:sailboat bone book:closed-book boot:hiking-boot
  bowl:bowl-with-spoon box:package brain bread broom bucket bus bulb:light-bulb butter cactus
  cake:birthday-cake camel candle candy@general-american canoe cap:billed-cap car:automobile carrot cart:shopping-cart castle cat
  chair cheese:cheese-wedge clip:paperclip clock:mantelpiece-clock cloud coat cookie@general-american
  corn:ear-of-corn couch:couch-and-lamp@general-american cow crab crown deer dog door dragon dress drum
  duck ear egg eye feather fire fish flag:triangular-flag flute fly foot fox frog garlic
  gift:wrapped-gift glasses gloves goat grapes hammer
  hamster hand:raised-hand harp hat:top-hat heart:red-heart hen:chicken hole hook horse house hut ice
  jar jeans juice:beverage-box key kite knot ladder leaf:maple-leaf leg lemon lime
  lobster lock:locked log:wood magnet man map:world-map medal:sports-medal melon
  milk:glass-of-milk mirror monkey moon:crescent-moon moose mouse mushroom nest:nest-with-eggs net:net-with-handle
  nose onion owl panda parrot peach pear pen pencil penguin phone:mobile-phone
  pie pig pin:round-pushpin pizza plane:airplane plant:potted-plant plug:electric-plug purse rabbit
  rain:cloud-with-rain rainbow ram rat rice:cooked-rice ring robot rock rocket rose
  sandwich saw:carpentry-saw scarf seal shark sheep:ewe shell:spiral-shell ship shirt:t-shirt shoe:mans-shoe
  shorts shovel skate:ice-skate skunk sled@general-american slide:playground-slide sloth snail snake snowman soap
  socks spider sponge spoon squid star sun swan taxi teapot tent thread thumb:thumbs-up
  tiger tongue tooth track:railway-track tractor train:locomotive tram tree:deciduous-tree
  truck:delivery-truck@general-american turtle van:minibus watch wave:water-wave web:spider-web whale wheel window wing
  sweet:candy@southern-british lorry:delivery-truck@southern-british wool:yarn@southern-british
  biscuit:cookie@southern-british sofa:couch-and-lamp@southern-british sledge:sled@southern-british
  wolf worm yarn@general-american zebra
`;

/** A picture, and the accent in which a child names it so; none: in every accent. */
export interface Picture {
  readonly file: string;
  readonly accent?: string;
}

export const PICTURES: ReadonlyMap<string, Picture> = new Map(
  LINES.split(/\s+/)
    .filter(Boolean)
    .map((entry): [string, Picture] => {
      const [pair = "", accent] = entry.split("@");
      const [word = "", file = word] = pair.split(":");
      return [word, { file, ...(accent !== undefined && { accent }) }];
    }),
);
