/**
 * What keeps the build from taking a word for a compound because it can be cut into two words with the
 * same sounds. Read by eye over every word the cut was found for, November 2026.
 */
const words = (text: string): ReadonlySet<string> => new Set(text.split(/\s+/).filter(Boolean));

/** Prefixes, and words that only happen to begin others. */
export const NOT_FIRST = words(`
  ad act am ban be boo can cap car con coo cur dam debt diff fin for form gent ham inn its loo mar may miss
  no or par pen per pep pi po pro pun ram ran ramp ref rep rig row scam sect see sit stat sub tart temp ten
  tract trait van wan whim whole con un ex re de dis mis arc at as an ant art con cast clay cart
  past plank plea sham shin miss inn sty cur tar tam ton gal gar`);

/** Endings that are words by themselves. */
export const NOT_SECOND = words(`
  ing ish or er ed al an ant ar us ate at as is it en age art her red ding zing sing ping king kings shin teen
  ship ships hood some ness less ful ward wards wise let lets ton tin ten toon tic per pet cent rate ridge
  mad nap naps elf eel few did bid kin mob hem deal date sage fund bide go got get gets give gives gave
  tease ray lady use rust poke ting sin ran ger`);

/** The first part "in" is a word only before these. */
export const AFTER_IN = words(
  `side sides come comes put puts let lets take land door doors deed to sight sights born bred stead lay bound field mate mates flow`,
);

export const NOT_COMPOUNDS = words(`
  actor admire advent advice archduke mandate manor tailor mission season wardrobe shamrock kidnap kidnaps
  legend capsized purpose portray format cancan partake parlay upon mason robin cabin satin margin rowan
  invoice incite canton goodbye hallow fatigue forgone humbug tartan hiatus pigment pageant baton fanfare furlong humdrum hemlock shylock warlock warlocks wedlock`);
