/**
 * Words of one and two syllables that film speech hardly has (below the build's LEAST_COUNT) and children meet all
 * the same, in books, in class, or out of doors. Read by eye, every such word of the dictionary and the word list
 * (1,767 of one syllable, 3,980 of two), November 2026; judgement, no source.
 */
export const SELDOM_IN_FILMS = `
  app apps barb barbs bibs blanch blithe blotch blotched blotches blurb blurbs bough boughs bream brine broil broiled
  brusque byte bytes cairn carb carbs cask casks caw caws chafe chafed chaff chaise chide chives chock chomp clad clank
  cleft clef crag crags craw croon croup cull culled cusp daub daubed daunt dearth deign delve delved dirge doff dour
  drakes drawl drench droid droids droop drooped droops dross drudge dwelt eave eaves ebb ebbs eke eked ewe ewes fen
  firth flail fleck fledge floe flounce flout flume foal fob foist frill frills frizz frond fronds froth fume fumed
  fugue gaffe gait gape garb gaunt gawk gird girth glean gleaned glint glitz glob globs glop glut gnarl gnarled gnash
  gnaw gnawed gnaws goad grebe grille grist grout grump haft hake halve halved haunch heft hew hewn hob imp imps irk
  irked jamb jaunt jeer jeered jeers joist jowl jowls jut juts jute kerb kerbs kiln kilns knave knead knell knelt krill
  lathe leek leeks lilt lithe loam lob lobbed loll lope lute lutes lynx lyre maize marl meme memes mirth mote murk myrrh
  naan neigh neighs nib nibs niche nub ohm ohms parch parched pare parse peal peat peeve pleat pleats plinth plod ply
  poach pock preen primp prong prongs prow pun quaff qualms quash quay quays quell quill quip rapt rasp rasped raze razed
  ream reams rile rind rime roost rote rout scant scarp scrawl scrawled scribe scribes scrimp scrunch scrunched scull
  sculpt scythe sear sedge seep seeps seethe serf serfs shale sheaf sheathe sheaves shelve shelved shirk shoals shorn
  shrank shrub shrubs shuck silt sine singe skein skew skimp skinks skulk slat slats sleuth sleuths sloe slog slogged
  slosh sluice slung snipe sop sparse spire splurge sprawl sprawled spurn spurt spurts squelch squelched stave staves
  steppe stilt stilts strait strew strewn strobe strove strum strums swatch swath swathe swede swoosh swooshed talc tamp
  teem tern terns terse thresh throb throng thrush thwart thyme tinge tinged tint tints tithe tonne torte traipse tress
  trounce trove trudge trudged truss tuft tufts tusk tusks twang tween twill vane verve vex vim volt waft waif wane
  welt wend wends whet whey whorl wince wren writhe wrung wry yelp yelped yore yule zag zags zine
  abridge adorn adorned adverb adverbs amble ambled aphid aphids ashen aster baffle baffled bagful baldness balsa
  banknote bantam beachside beckon beckoned befell belied bemused bendy billow billowed birdsong blabber blandly
  bleary blobby blowhole bluebell bluebells bluish bluster boastful bobbin bobble boldest boldness bookend bookends
  bookish boxy brandish brawny breathy bridgehead briefest briskly bristle bristled broody browner brownish browser
  bumble bunchy bungle bungler buoyant burble burbled burlap busby busied byway byways cacti calmest calmness
  campground canter capsize carport cashew catnap centaur centaurs cheapness chiller chirpy choicest chortle citric
  clamber clambered clamour clearness cloudless cobble cobbled cobweb coinage coldly conic contort contorts corgi
  corncob cornet cornstalk craggy crannies crawly crayfish creaky crisper crisply crispness crisscross crochet crocus
  crossroad crosswise crudely crumple cubbies cursor curtail curvy dampness damson dartboard dato daunted deaden deafen
  debit deerskin deface denser denture desktop dewy dimly dithered dither dollop dormouse dotter dovetail downcast
  downgrade downpour downpours downsize downstage downturn drainer dreamlike driest drizzly droplet droplets drover
  drumbeat dryness dullness dustbin dustman dweller dwindle dwindled earmuff earphone earplug earthen earthworm
  earthworms earwax eastward eggcup eightfold elfin ember emboss encamp endpoint engross engulf ensnare entwine epoch
  erode espy etching exclaim exclaimed exclaims expanse eyeless faintness fairground fairgrounds falsehood farmhand
  farmhands farmyard feebly ferment ferried ferries festoon fidget fiercer fiercest filler firework firmness fishbowl
  fitful fivefold fizzle fizzled flagstone flagstones flapper flapping flatfish flatly flatness fleecy flightless
  floodgate floodlight floodlights flurries fluster folktale foothill footlights footman forehand foretell forewarn
  foreword forsook foxglove foxhound framer freehand fretful frothy frugal fuming fungi furrow furrowed fusty gearbox
  gemstone gemstones genial getter geyser geysers ghostlike ghoulish gimlet gingham glassware gleeful glinting goldfinch
  grabber grainy grandly granule granules grapple grappled grassland grasslands grater greenest greenish gremlin grimly
  gristle grizzle grouping grower growers grumble grumbled grumbles gurgle gusty guzzle guzzles haddock hailstone
  hailstones hailstorm handcraft handhold handrail handrails handsaw handstand handstands hardback harpist harsher
  harshness hawthorn hayfield hayloft headphone headrest headroom headwind heighten hemline heyday hobnail homegrown
  homepage homespun hoodwink hoopoe hornpipe hotly hotpot houseful hubcap hurries hurtle hyphen hyphens idyll impish
  inbox incase inflow inkblot inky inlaid inscribe inset inshore invert irksome isthmus jaunty jellied jodhpur jointly
  jostle jostled jutting keener keenest keystroke kindle kindled kingly kneading knitter knotty lamely landmass
  landlocked languid larder largeness larkspur lateness lattice leaflet leaner leggy legless legroom legumes lemming
  lemmings lemur lemurs lender lengthen lengthened lentil lentils lifter lightest liken linseed login longish longship
  lowland lowlands lozenge luckless lupin macaw macaws mailbag mainstay mangrove manmade marcher marshland marshy
  masthead mastiff mealtime meekly mercies microbe micron midpoint midstream midweek milder mildest milkweed mimicked
  minty miscast misdeed misdeeds misguide mishear misheard mismatch missile misspell misspells misstep moisten moonstone
  moorland mossy mothball mottled mouldy mouser mucky muddied mudslide muffle muffles muggy mummer musky muslin
  nameplate narrate natter navies needful nestle nettle nettles newish newsprint niceness nickname nimbly nitpick nodule
  northward nostrums nuzzle nuzzles oblong octet odder offshoot ogress onscreen onshore osprey outcry outfield outfox
  outgrowth outpour outran outshine outshone outsize overt pampas parkland patchwork patchy payer peevish pegboard
  perplex perspire phonemes phonics pincers pinhole pinkish pinprick pipette pippin pistil pitfall pixel pixels placard
  placards plainer plaintive platelet playlist playlists plodding plotter plumage podcast pompom prankster pranksters
  precept precooked predate prejudge prepay prequel primly princely pronoun pronouns propel propels pruner puffin puffins
  pullout puma pumice puree purplish quaintly quarries queries quicken quickness quilter raceway rafter railcar raindrop
  raindrops rambler rarer rattan readied rearm recline reclined recoup redden reddest reddish redness redraw redrawn
  reentry refit rehire remold remnant remnants rename renamed repack replant reprint reseal resealed reseed resell resend
  reshape retell retest retool retrain retried retry reuse reused revamp reword rework rewrite rightness roadway roaster
  rosebush rosette rosettes roughness roundly rower rucksack rudest rumple rumpled rupee rupees sabre sachet sadden
  sailfish sameness sandal sandbar sapling saplings sarong saucepan scallop scallops scanty scornful scraggly scraper
  scrapers scribbler scrubby scurried seabed seafront sealer seaport seaports seaward seedling sequin sextet shanty
  shapeless sharpness shaven sheepish shelving shipload shortfall shutout shyly sidestep sidewise singly silkworm
  sketchbook skimmer skittle skullcap skydive skyward slacken slapstick slather sleekest sleeveless slicer slimmer
  slippage slither slowness slurry slyly smallness smartly smarties smelter smokeless smoothest smoothness smugly
  snakelike snippet snippets snobby snorer snowbound snowshoe snugly sodden songbird songbirds songbook soonest sooty
  sopping soppy sorter soundest soupy soya spacesuit spacesuits spangle spangled spanner sparsely speeder spiky spillage
  spindly spinney spiny spittle splashy spongy sprawling sprayer sprightly sprinter sprinters spurting sputter squashy
  squatter squelching squiggle squiggles stabile stagecraft stanza stanzas starchy starlit steeper steepest stencil
  stepchild sternly stiffen stiffened stiffer stiffest stiffly stiffness stilted stirrup stocky stodgy storied straggle
  straggled straggler streamer stricter striven strongman strumming subset subsoil suffix sunbathe sunder sunlit supplant
  surcharge surpass swagger swampy swelter swifter swiftest swiftness swimwear synopsis tailspin tallied tallies tankard
  taper tapered tapers tattered tatters tattle tensely tepid thicken thickened thickest thickly thinness thinnest
  threefold throaty thumbnail tightness tincture tinder tinny tonal toothy topsoil torpid totter touchstone townsman
  treble treeless tresses triplet tripper trodden trundle tuber tubers tufted tumult tuner tweezer twiddle twiggy twirler
  twisty twitter twofold unbend unbolt unbound uncoil uncork unfurl unfurled unhitch unhurt unkempt unmixed unpaved
  unread unroll unrolled unseal unset unsold unstuck untruth unwound upland uplands upsurge upswing uptake usurp vainly
  vastness vertex vista wader wafted warble warbler warblers washboard washtub weaning wearied webpage weeklong weighty
  wetland wetlands wetness wetsuit wettest wheaten wheelers whetstone whiten whiteness whitish wholeness wicket wickets
  widget widgets wildness winder windswept winker wingspan wisher wispy wistful withstood woeful woodpile woollen
  underline underlined underlining multiply multiplication subtraction rectangle rectangles hexagon pentagon octagon
  perimeter triangular adjective dragonfly dragonflies jellybean blackberries cranberry marigold daffodil dandelion
  buttercups hibernate predator carnivore herbivore evaporate amphibian habitats hummingbird grasshoppers caterpillars
  butterflies kangaroos ladybugs sunflower woodpecker strawberries raspberries gooseberry tangerine cucumber broccoli
  lollipops trampoline tambourine xylophone tyrannosaurus triceratops wheelbarrow wordless wordy workbench workbook workbooks workroom worksheet worksheets worthies wryly yearling zany zester zither`
  .split(/\s+/)
  .filter(Boolean);
