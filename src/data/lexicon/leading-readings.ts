/**
 * Words said in two ways: the way that a teacher of young children means, where the most regular one is not it.
 * Read by eye, every word of the list with two readings, November 2026.
 *
 *   word · phones without stress digits · reason
 */
const LINES = `
color     K AH L ER         the listing with AO is a regional one
colors    K AH L ER Z       as color
minute    M IH N AH T       sixty seconds, before the word for tiny
minutes   M IH N AH T S     as minute
live      L IH V            what one does, before "a live show"
lives     L IH V Z          as live: he lives here
use       Y UW Z            what one does, before the noun ("of use"): used, using and user are said so
uses      Y UW Z IH Z       as use
house     HH AW S           the noun; the verb is seldom met
dove      D AH V            the bird, before the past of dive
doves     D AH V Z          as dove
wound     W UW N D          the hurt place, before the past of wind
wounds    W UW N D Z        as wound
bow       B OW              the knot and the bow of a fiddle, before bending down
bows      B OW Z            as bow
row       R OW              a line, and rowing a boat, before a noisy quarrel
rows      R OW Z            as row
sow       S OW              sowing seeds, before the pig
sows      S OW Z            as sow
mow       M OW              cutting grass
mows      M OW Z            as mow
sowed     S OW D            as sow
mowed     M OW D            as mow
tear      T IH R            what one cries, before ripping
tears     T IH R Z          as tear
lead      L IY D            to go in front, before the metal
leads     L IY D Z          as lead
read      R IY D            what one does today, before what one did
wind      W IH N D          what blows, before what one does to a clock
winds     W IH N D Z        as wind
close     K L OW Z          to shut, before near
does      D AH Z            of do, before the deer
linger    L IH NG G ER      with its g
lingers   L IH NG G ER Z    as linger
bass      B EY S            low in music, before the fish
excuse    IH K S K Y UW Z   what one does, before the noun
excuses   IH K S K Y UW Z IH Z as excuse
present   P R EH Z AH N T   the gift, before what one does
record    R EH K ER D       the noun, before what one does
object    AA B JH EH K T    the thing, before what one does
desert    D EH Z ER T       the dry land, before leaving
content   K AH N T EH N T   happy, before what is inside
subject   S AH B JH IH K T  the noun
produce   P R AH D UW S     to make, before vegetables
project   P R AA JH EH K T  the noun
polish    P AA L IH SH      to rub, before the people
refuse    R AH F Y UW Z     to say no, before rubbish
rebel     R EH B AH L       the noun
permit    P ER M IH T       to let, before the paper
perfect   P ER F IH K T     without a fault, before making so
progress  P R AA G R EH S   the noun
increase  IH N K R IY S     to grow
separate  S EH P ER IH T    apart, before parting
sewer     S UW ER           the pipe, before one who sews
buffet    B AH F AH T       to strike; the meal keeps its French ending
graduate  G R AE JH AH W AH T the person
estimate  EH S T AH M AH T  the noun
learned   L ER N D          of learn
blessed   B L EH S T        of bless
aged      EY JH D           of age
during    D UH R IH NG     as most say it
putting   P UH T IH NG     of put, before golf
the       DH AH             as it is said before most words
a         AH                as it is said in a sentence
`;

/** word → the listing that leads, as phones joined by spaces. */
export const LEADING_READINGS: ReadonlyMap<string, string> = new Map(
  LINES.split("\n")
    .filter(Boolean)
    .flatMap((line): [string, string][] => {
      const found = /^([a-z]+) +((?:[A-Z]+ )*[A-Z]+)(?= )/.exec(line);
      return found ? [[found[1] as string, found[2] as string]] : [];
    }),
);

/**
 * Words in which o before r and a vowel is short where the two are told apart (Southern British): forest, not story.
 * From memory.
 */
export const SHORT_O_BEFORE_R: ReadonlySet<string> = new Set(
  `orange oranges forest forests forester forested foreign foreigner foreigners florist florists florid moral morals
  morale morality coral corals oral orator oracle oracles origin origins original originally originals majority minority
  authority authorities priority priorities historic historical historically rhetoric categorical quarantine florida
  orient oriental orientation orientals coroner coronation coronary corollary euphoric metaphor metaphorical rhetorical
  meteoric prehistoric abhorrent porringer`
    .split(/\s+/)
    .filter(Boolean),
);
