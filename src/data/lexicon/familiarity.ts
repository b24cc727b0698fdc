/**
 * How well children know the words of one and two syllables: 1 most five-year-olds say it · 2 by seven · 3 met in
 * reading by nine · 4 rarely. For English-speaking children in the first years of school, in Britain and America alike.
 *
 * Method: the whole list of bases (10,854 words, November 2026) was read once by eye, commonest first, and each was
 * asked whether a child of that age would say it of its own accord (1, 2) or meet it in a children's book (3). What is
 * in none of the lists is 4. A form (-s, -es, -ed, -ing) is as well known as its base. A random tenth was then judged
 * a second time without sight of the first: docs/words.md has the agreement. Judgement, no source.
 */
const LEVELS: Readonly<Record<1 | 2 | 3, string>> = {
  1: `
    you i the to a it and that in me what is we he this for my on do don have no your are be can know not was all just
    with but get here so there go like out right she they up about got him if oh at come how now well good her think
    want did let see as who why will an back look man okay take time when yes been had hey or say some tell them us
    were where would could down then by little make never our over too way give more need off sorry very am any because
    love people please said should sure thank two help much call even find first into night put talk these wait again
    around better day home life other than those won work after always away big ever keep last long must new stop their
    told bad boy girl hear hi leave lot made three through wrong ask baby came car dad enough house left may might mind
    miss show stay try which hold mom mum morning move next own real room same today tonight went myself world found
    head minute pretty ready saw bring happy kid kids many most play school start took use watch while without yet both
    door few gone hard hope later open sit stuff such turn until brother crazy easy end face five forget hand hit lost
    part phone second shut under worry year bit change drink each eat four fun game gave happen heart hurt mine number
    party pay point read set soon town true week wish word young also break cut dear far fire funny inside line person
    rest sleep stand story walk water against ahead almost behind body buy cool daddy dinner dog half high hot pick
    side six along answer bed between black book brought bye children city clear front full glad hurry light lose
    outside push send sick sister though till touch white alive child country dance drive food hair hang hour music
    order pull red save special street team air beat catch cold dream drop fast himself lucky maybe picture plan ride
    safe sound sweet ten top win class clean fall feet felt follow goodbye ha king kiss learn lie live past piece poor
    quiet small step straight throw uncle write ball busy careful early eye less lunch mad mouth paper pass quick
    rather road secret seven somewhere table wake wear across bag birthday blow blue boat buddy caught cover earth eight
    fair finish floor forgot grandma granny grandpa horse later lovely mistake month plane ring sell ship sing smart song
    spend stick train bar box cake card count cute dark dress enjoy fish fix fly fool join key kick land letter list
    message middle near present quit rain race rich scary shop smell strong surprise tape teach truck upstairs wall
    downstairs wrote alright angel bus deep dirty during fat fell gold green ground group hide hundred hungry ice
    instead jump judge mark mommy mummy mess nine nose park pop prison round share single spent square star store summer
    third arm art bath bathroom beach breakfast broken carry cat church cry farm field gas glass grab grass grow
    hat hole joke kitchen knock ladder laugh lay low neck nice noise north nurse park patch peace pen pencil puppy push
    roll sad sand sea seat sky smile snow soft south space spot stairs stuck sun tail tall tap tea teacher teeth thin
    toy tree twice visit warm wind wet wing yellow zoo aunt auntie bear begin bigger biggest bottle bottom bread bright
    build bump butter camp candy sweets cap castle chair chase cheese chicken clap climb clock close coat cook copy corner
    count cow cream crown cup dig drum duck dust ear egg empty far farmer farther feather fence finger flat flower frog
    fruit fork forty fox funniest garden gate ghost giant giraffe glove goat goose grape hammer hamster hen hill honey
    hop horn hug jam jar jelly juice jungle kitten kite knee knife lamb lamp leaf leg lemon lion lip lips lock lollipop
    log lunch magic mask meat milk mirror monkey monster moon mouse mud nail nap nest net nut orange oven owl page paint
    pan panda pants park parrot path pea peach peas pear pet pie pig piggy pillow pink pirate pizza plant plate pocket
    pond pool pot potato puddle pumpkin purple queen rabbit rainbow rat robot rock rocket roof rope rose rug sack salt
    sandwich sausage scarf seed shark sheep shell shirt shoe shoes shower silly slide slow snail snake soap sock socks
    sofa soup spider spoon spring stamp stone storm sugar swan swim swing tent thumb tiger toast toe tomato tooth
    toothbrush towel tractor tunnel tummy turtle van wagon wash wheel whistle wing winter wolf wood worm zebra zip
    ant apple bacon bake balloon banana bang bark barn basket bat bean bee beetle bell belly belt bench berry bike bin
    bird biscuit bite blanket block boots boot bounce bow bowl brave brick bridge broom brown brush bubble bucket bug
    bunny button cage camel candle cap carrot cart chalk cheek cherry chess chick chin chip chips chocolate chop cloud
    clown coin color colour comb cookie corn cot cotton couch cousin crab crash crawl crayon creep crocodile crumb cub
    cuddle curl curly curtain daisy deer dice dig dinosaur dirt dish dizzy doctor doll dolphin donkey donut dot dragon
    draw drawer drew drip drive dry dump elbow fairy fan fed feed fell fight fin finger fix flag flap float fluffy fog
    foot football forest freeze fridge frost frosty fur gift giggle glue gloves grandad granddad grandma grin grumpy
    gum hail hall ham handle hay heavy heel hero hid hippo hook hood hose hotel hum hungry hut ill ink itch jacket jeans
    jet jigsaw jog jug kangaroo kettle kick lace lady lake lap lawn leak lick lid lift line lizard lolly loud lump
    map marble march mat melon mermaid mice mix mixed mop moth mug muffin nappy diaper naughty needle noisy nut ocean
    octopus onion ox pack paddle pail pancake parcel paw peel peek penguin penny pepper piano pick picnic pin pinch
    pine pint pipe plaster playground plum plug polar pony popcorn pram pumpkin princess prince puff pump puppet purse
    puzzle rag rake ram ran rang rice river roar rub ruler run sail salad sandal sang sauce scared seal sew shade shadow
    shake shape shiny shore short shout shovel sink sister sit skate skip skirt sled sleepy sleeve slip slippers slug
    smelly sneeze snowman spade spill spin splash sponge spray squash squeak squeeze squirrel stack stage sticky sting
    stir string stripe suck sunny sunshine supper swap sweep sweet tadpole tap taxi teddy test thank thick thirsty
    thunder tickle tie tight tin tiny tip tired toilet trap tray treasure tricycle trip trumpet tub tug tube turkey
    twelve eleven twenty twin ugly umbrella vet vest wand wasp wave weed weekend whale wiggle wipe witch wobbly wool
    wrap yawn yell yummy yucky yuck zero zoom bum burp cough dad dump frown grab hiccup hush lick mommy nanny nan gran
    papa mama mamma peep pee pop quack sneak snore snot toot woof meow moo baa boo oops ouch yum hooray hurray
    monday tuesday wednesday thursday friday sunday english christmas easter halloween january april may june july august
    i'm it's can't don't i'll i've you're he's she's that's let's didn't won't isn't doesn't wasn't what's there's we're
    they're who's where's here's i'd you'll we'll couldn't wouldn't haven't we've they've aren't hasn't you've he'll she'll
    best bigger brother brush child cute daughter dead die died else everyone fast farm fifth fine funny gonna great
    hello hall kind last lost maybe mean mouse move nobody nothing old once one onto open piece place problem put really
    something sometimes thing thousand together took ago able afraid alone already bit both bought broke built burn
    catch caught chew clothes coach crack cross cried crying cup dam deep dig fallen fault fell fifteen fill fold free
    fresh friend full gave girl god gun hate head heard high hold hole huge hung hunt jail job knew ladybird lazy leave
    lie light loose mail matter meet milk money nail neat nor number off paid pain past pile police quick quite ray rest
    rid rip ruin rush score seen shelf shine shook shoot shot sing sir sixteen sixty size skin slam slept sold soldier
    son sort speak spell spit stairs steal steam steps stole stood stream sweat swung sword taste tear ten thirteen
    those throat throw tidy toss trick tried trouble trust try twist upset upside use wait war waste weak well wheel
    wife wild window wine wish woke woman women wooden yard yesterday yourself herself itself anyone ours yours hers
    ladies dolly kitty doggy bunk cosy cozy dunk dive dip flew flu fry fried grown hatch hedge hive hood hoop itchy jaw
    jug kit kneel lame lay leap limp meal melt mend mow muddy nasty nod pad peg pest pit plop poke poem pour prick print
    purr raft rake rattle row rusty sack saddle scoop scrape scratch scream scrub shed shelf shy sip slice slime slimy
    slipper slope smoke snack snap sniff soak sore spark spike spot spread sprout stain stew stiff stretch stump swallow
    swamp sway swept tag tank tangle team thief thorn tiptoe torch track trot trunk tuck twig twirl wag weep whip whisper
    wig wink wire wriggle wrinkle wrist zipper backpack bathtub bedroom bedtime birdie bookcase cupcake daytime downhill
    everything goldfish grandson grownup homework hotdog jellyfish ladybug lunchbox mailman milkshake moonlight nighttime
    outdoors outside pancake peanut playtime popcorn postman raincoat rainy sandbox seesaw sidewalk snowball snowflake
    starfish sunburn sunglasses sunset sunshine teapot toenail toothpaste treehouse windy cloudy foggy snowy stormy
    above add age ate badly before bob done either fit gotten held kept laid load name only pat perhaps sat scare seem sent
    still stolen taken taught threw thrown wore wow than since shall soda
    bigger smaller taller faster slower longer shorter older younger nicer louder sadder hotter colder stronger funnier
    biggest smallest tallest fastest slowest longest shortest oldest youngest nicest loudest
  `,
  2: `
    afar afloat aloud almond baboon backward backwards bagel banjo basil beggar blurry boa boar bouncy bouquet brownie buzzard
    cassette catfish caveman cello charcoal cheddar cheeky cheesy chum classmate comeback comfy cougar coupon creamy crept crunchy
    cutie daycare doggie doodle dreamy ducky dumpling eel eggplant elope email festive fireman firemen flop freshen fright fruity
    geese genie goo goody goof grapefruit hippie homestead honk hoot hula hurrah java jerky jukebox jumbo kilo lice lorry louse
    meatball meatloaf milky mini mistook mousse mushy napkin ninja nip orchid packet parlour parry peachy pellet pinball poll possum
    postal puffy pun pushy rebuild rebuilt refill rejoin replay rewind ridden risen rosy rotate sap saucy sauna scoot scuba sewn
    shady shaken skillet slang slid sly smiley snag snappy speedy sprung spun squeaky stair stairwell starch sung swung taco takeoff
    teamwork thingy tighten tram touchy unborn unfold unheard unreal upward vaccine vat vinyl wacky wept wholesome whoosh wildcat
    witchcraft withdraw woken wristwatch zap zillion barb birthmark biggie bongo bridesmaid bronco cheery choo croc
    baggy bellboy blindly bloodhound burro carload carsick catnip checker chopper clink clip bind death demon doubtful fatten
    fewer foxhole hairdo hilly hottest kebab lather leggy loaves lord madly nippy pogo pong pout python racer runny scraper seabed
    skylight softer splatter surfer sweeten tearful thickest tomcat urgent user warmest wee wimpy woodchuck yonder bubbly dustman
    freeway rum slave wrongly weakly gambler bullet hell
    ace aisle aircraft awhile baggage bag banker beep bingo blown bore brat bun buns buyer buzzer cafe caller childish chili
    chill classroom click cracker dealer dearly deeper deepest dishes dreadful driven dryer duchess dug elk elsewhere fairly
    froze gladly goddess goofy gracious greed greetings groovy gross halfway holler info larger largest lens lighter lobby
    lowest lying mainly maker makeup manly marker meanwhile menu moustache newest nicely nun online option panel perform
    pill pose product quicker rap reader replace respond richer richest rider risky rod rode roller salesman shown slim sloppy
    smarter smartest someplace somewhat speaker stash stink stove strangely stress super sweetest sweetie swore tab tailor
    tattoo teen teenage tenth throughout timer ton tore tourist trainer tricky triple unknown unlike update veins version walker
    warmth wealthy website wives wolves worn tight tax thieves greatly closely lonesome drawn drawing jack jacks jug
    aboard access ah although background barely beef below birth bond brilliant buck cannot cent china clearly
    closer closet cop correct credit date dollar duke earl earn father mother female male foreign friendship from fully
    greatest gut harder hardly higher highly highway known language latest led listen lousy marriage math men month met
    name neck nick often package per prepare prefer prom royal school science script shift simply social someday somehow
    sometime sooner source spoken standard suppose surely sweetheart therefore trauma whom whose winner within writer
    written yourselves zone supper perhaps presence present post piper
    down mean fight guess kill believe feel course guy business cause case check deal chance close couple fast gun least
    trouble bill boss human law million movie act become except expect explain future major marry meant none report
    state unless alive worth agent captain born build certain choice club court dude fair given honor master nature
    ought paid pain proud record return simple strange system tough voice wise brain chief drunk evil forgive
    attack lawyer mark offer owe partner pleasure private scene service soul station worst bother boyfriend girlfriend
    cash crime favor fear film force forward holy honest machine neither nervous normal prove protect public respect
    stare shock suit thought whether action admit agree angry arrest awful blame board bunch contact double doubt extra
    flight further gate grand guard guilty lead mention notice plenty press sake sheriff twice type upon accept address
    bank beauty became beg bend beyond blind breath breathe cell chief choose circle command common complete cost crew
    crowd danger decide describe desert desk destroy detail direct doubt driver dull duty east west escape exact expert
    explode faith famous file final fortune fought frame freedom frozen gather gentle goal golden gorgeous grade
    grateful greet grew guest guide gum habit hairy handsome harm healthy helpful hidden hire history history hollow
    honestly horrible hurry ideal illness indeed insect invite iron island jewel join joint journey juicy kindness
    kingdom knight knowledge lab label large late lately law leader lesson level limit local lonely loss lower luck
    mall manage market mass master match mate mayor metal mild mine mission model mood mostly motor mountain muscle
    nation navy nearly needle neighbor neighbour nephew niece noon note object odd offer office officer ordinary owner
    pair palace panic parade parent part partner passenger path patient pattern peaceful perfect pilot plain planet
    player pleasant plenty plus poison polite poor position power practice practise precious pretend price pride prize
    promise proper protect pure quarter question quickly quietly rare reach record relax remain remind remove repeat
    rescue rest result reward rhyme riddle robber robe rough route royal rubber rude rule sailor sale sample season
    seek sense serious serve settle several shame sharp shelter shoulder silence silent silver simple site skeleton
    skill sleigh slight smooth soil solid solve sour speech speed spirit spy squad stable staff stage statue steady steep
    stomach stranger strength strike student study style subject succeed success sudden suddenly suggest supply support
    surface swear sweater switch tale talent task temper temple terrible thankful thief thread throne ticket tight title
    tongue tool total touch tour toward towards tower trade traffic trail trail train travel treat trial tribe trouble
    truly trust truth twist type valley village visit volcano vote waist wander warn warning weapon weather weigh weight
    weird whole wicked wide wise witness wonder wonderful worker worse worth wound yell
    abroad absent accent ache acorn acre actor actress adopt adult adventure alarm album alien alley allow alphabet alone
    amaze amazing among amount amuse anchor ancient ankle annoy annoyed antler anxious apart apron arch argue army arrange
    arrive arrow artist ash asleep astronaut attach attend attic author autumn avoid awake award aware awesome ax axe
    babble badge baker bakery bald ballet bamboo band bandage banner bare bargain barrel base baseball basement basic
    bathe bay bead beak beam beard beast beaten beaver bedside beehive beg began behave being bent beneath beside
    beyond bitter blade blaze bleed blend bless blew blink blizzard blond blonde blood bloom blossom blouse bluebird blush
    boast boil bold bolt bomb bone bonfire bookshop bored boring borrow bossy bounce bow boxer brag brain brake bran branch
    brand brass bravely breeze bride brief briefcase brighter broad broadcast brook bruise bud budge buggy bulb bull bully
    bumpy bunch bundle burger burst bury bush butcher butler buttercup buzz cab cabbage cabin cable cactus calf calm
    camera campfire canal canary cannon canoe canteen captain capture caramel care careless carpet cartoon cashier cast
    cattle cave ceiling celery cellar center centre century cereal chain chalk champion channel chapter charge charm
    chart chat chatter cheap cheat cheer cheerful chef chest chestnut chilly chimney chirp choir choke chore chorus chose
    chosen chuckle chunk circus clam clap claw clay cleaner clever cliff climate cling cloak clockwork cloth clover clue
    clump clumsy coach coal coast cobweb coconut coffee collar collect comet comic compare compass complain computer
    concert cone control cookbook coral cottage cough council couch courage cover coward cowboy cozy cradle craft crane
    crazy creak creature creek creepy crest crib cricket crisp crisps crispy croak crook crooked crop crossing crow crown
    cruel crumble crumpet crunch crunchy crush crust cube cucumber cunning cupboard cure curious curry curve cushion custard
    custom cycle daddy daft damp dancer dare darkness darling dart dash data dawn daylight deaf decorate defend deliver
    den dentist depth desert dessert devil dew diamond diary diet different digger dim ding dining direction disappear
    discover disguise disgusting distance ditch dock dodge donate doorbell dough doughnut dove downstairs downtown
    dozen drag drain drank drift drill drive driveway drizzle drool drown drowsy drummer dune dusty dwarf eager eagle earring
    earthquake eastern echo edge effort eighteen eighty elastic elephant elevator elf enemy engine enormous enter envelope
    equal erase error evening event exam example excellent excited exciting excuse exercise explore eyebrow eyelash factory
    fact fade fail faint fake fame family fancy fang fantastic farewell fashion fasten fate favorite favourite fawn feast
    feeling fellow female ferry festival fetch fever fib field fierce fiery fifty figure film filthy finally firefly
    fireman fireplace firework fireworks firm fisherman fist flame flash flashlight flea fleet flesh flight fling flip flipper
    flock flood flour flow fluff flush flute foal foam foggy fold fond foolish footprint footstep force forehead forgive
    forgotten form fort fossil foul fountain fourteen fourth freckle freckles freezer french frighten frightened fringe frown
    frosting fudge funeral furry fuss fuzzy gallop game gang garage garbage garlic gasp gear gem gentleman germ giddy
    gigantic ginger glad glance glare gleam glider glitter globe gloomy glow gnome goal goblin godmother goggles golf
    gong goodness goose gorilla gown grain grandchild grandfather grandmother grandparents grasshopper gravel gravy
    gray grey grease greasy greedy greenhouse grill grin grip groan grocery groom grouch growl grubby grumble grunt guess
    guilty guinea guitar gulp gutter haircut hairbrush hallway halt hamburger handbag handful handkerchief handy harbor
    harbour hare harmful harness harp harvest haste hatchet haunted hawk hazel headache headband health heap heart heat
    heaven hedgehog helicopter helmet hermit hero herd hiking hillside hinge hint hip hippopotamus hire hiss hitch hobby
    hockey hoe hog holiday holly hollow honesty honeybee hoof hopscotch hornet horrid horror hospital host hound howl
    huff hunger hunter hurricane husband hush hut icicle icing icy idea igloo imagine important impossible inch indoors
    infant insect inside instrument invent invention invisible invitation iron ivy jackal jaguar jam jealous jeep jewel
    jewelry jingle jockey joker jolly jot journey joy joyful juggle jumper jumpy junior junk ketchup kettle keyboard kidney
    kindly kite kitten knead knelt knight knit knob knot lace ladder lamb lamppost lane lantern laptop lard lark laser
    lasso latch laughter launch laundry lava law layer leader leaflet leap leapt learn leash leather lend length leopard
    lettuce library lick lightning lily limb lime liner lipstick liquid litter lively liver llama loaf loan lobster locker
    locket lodge loft loop lottery lotion lumpy lung magazine magnet maid manners mansion maple marble mare mark market
    marmalade marsh marshmallow mash mask mast master mattress maze meadow meantime measles measure medal medicine melody
    member memory mend mercy merry message messy metal meter midnight mighty mile miller million mimic mine miner mint
    miserable mist misty mitten mittens mix mixture moan mobile mole moment moose mosquito moss motel mound mount mow muddle
    mule mushroom music mustard mutter muzzle narrow nation nature navy nearby neat necklace neighbor nervous nettle newborn
    newspaper newt nibble nickname nineteen ninety noodle noodles northern nosy notebook nothing nudge numb nursery oak
    oar oats obey object october november december september february odd offer oil olive opposite orbit orchard order
    ostrich otter outfit outdoor outer oval owner oyster paddock padlock pain painter pajamas pyjamas pal palm pane pant panther
    parade parent parrot passport pasta paste pasture path patient patrol pause pavement paws peacock peanut pearl pebble
    pecan pedal pelican peppermint perch perfume petal petrol photo photograph pickle piglet pigeon pile pillar pilot pimple
    pinecone pioneer pit pitch plain planet plank plastic platform playful plenty plow plough plum plumber plump plunge poet
    poison pole polish polite poppy porch pork porridge port postcard poster potter pottery pouch pounce pound powder power
    praise prance prank prawn pray prayer preacher present press pretzel prickly priest print prisoner program project
    propeller proper proud prune pudding puffin pumpkin punch puncture pupil pushchair quarrel quarry queue quill quilt quiver
    quiz raccoon race racket radar radio radish raft rail railroad railway raindrop raise raisin rally ramp ranch range
    ranger rascal raspberry rattlesnake raven raw razor recess recipe record recycle reef reindeer relative restaurant
    rhino rib ribbon ride ripe ripple rise roast robin robber rooftop rooster root rotten row rubbish ruby rudder rug
    ruin rumble runner runway rust saddle sadly safety sailboat salmon salty sandpaper sandy sank sapling sardine satin
    saucer sausage scale scamper scar scarecrow scarlet scatter scent school scissors scooter scramble scrap screen screw
    scribble scruffy sculpture seafood seagull search seashell seashore seasick season seaside seatbelt seaweed seesaw
    selfish seventeen seventh seventy sewing shabby shaggy shallow shampoo shamrock shark shave shawl sheet shepherd shield
    shimmer shiver shoelace shone shoplift shorts shovel shrank shred shriek shrill shrimp shrink shrub shrug shuffle shut
    shuttle sigh sight sign signal silk silky silver simmer singer sirens siren sixth skateboard skater sketch ski skinny
    skittle skittles skull skunk slab slap sled sledge sleet slither slot sly smack smash smear smooth smudge snapper sneak
    sneaky sneaker sneakers sniffle snip snout snug snuggle sob soccer softly soggy solid song soot sour southern spaghetti
    spade spaniel spank spanner spare sparkle sparkler sparrow spear speck speckled speed spelling spice spicy spike spiky
    spinach spine spiral spite splinter split spoil spooky sport spotted spotty spout sprain sprang spray sprinkle sprint
    spruce squad squawk squeal squid squirm squirt squish squishy stable stadium stag stain stale stalk stall stallion stamp
    stare stars startle starve station steak steam steel steep steer stem stepmother sticker stilts stinky stitch stocking
    stool stoop stopwatch stork strap straw strawberry stray stream streamer stretchy stripes stripy stroke stroll stroller
    stubborn student stumble stump stung submarine suburb sugary suitcase sulk sulky sum sundae sunflower sunk sunken sunrise
    surf surfboard surgeon suspect swallow swam swarm sweater sweatshirt swerve swift swimmer swimsuit swirl swish swoop sword
    swept syrup tabby tablet tackle tambourine tame tangerine tape tar target tart tasty taxi teaspoon teenager telephone
    telescope television tempt tennis terrific thatch thaw theater theatre themselves thermometer thimble thirst thirty
    thistle thrill throb throne thrush thud thump ticket tide tile till tilt timber timid tinkle tinsel tire tissue tyre
    toad toadstool toaster tobacco toddler toffee tomb tonsil toothache topple torn tornado tortoise toss totem toucan tough
    towel tower trace tractor trade tramp trampoline trapeze trash treat treetop tremble trial triangle tribe trickle trim
    trophy trolley troll troop trousers trout trowel truth tuba tulip tumble tuna tune turban turnip tusk tutor twinkle
    twirl twitch typewriter tyrant ukulele uncover underneath understand underwater underwear undo undress unhappy unicorn
    uniform unlock unpack unsafe untie untidy unwrap upright vacation valentine valley vampire vanilla vanish vase vegetable
    vehicle veil velvet vicar video vine vinegar violet violin visitor vitamin volcano volleyball vulture waddle wade waffle
    wail waiter waitress walnut walrus wander wardrobe warrior warthog watermelon waterfall wax weary weasel weather weave
    web wed wedding weird welcome western wheat wheelbarrow wheelchair whimper whine whirl whisk whisker whiskers whiz wicked
    widow width wilderness willow windmill wintry wisdom wizard wobble woodpecker woods woodland woolly workshop wrapper
    wreath wreck wren wrench wrestle wrestler wring wrong yacht yak yarn year yeast yelp yodel yoga yogurt yolk yowl zigzag
    zookeeper brightly happily slowly safely neatly sadly loudly gently softly kindly
    happier happiest easier easiest prettier prettiest busier friendly unfair unkind unlucky hopeful useful careful
    painful helpless useless homeless thankful playful beautiful colorful colourful wonderful
    we'd you'd they'd she'd he'd they'll weren't shouldn't hadn't it'll how's when's mustn't o'clock why's that'll who'll
    could've should've would've
    british britain america american england london spanish
    hammock hamper handstand hedge henhouse husky inky jaggy jolt joyous kennel keyhole kneecap lawnmower leafy lifeboat lookout
    lilac limp litter lob loopy lunge maggot magpie mallet mane manger marigold melt mermaid midday midget mischief mischievous
    mould mouldy moult mucky munch mural nappy nimble nostril nutty oink oozy orphan overalls owlet parsley parsnip pastry peach
    peahen peckish peer pester phew pitchfork plaid plait playmate playpen pleat plod plonk plug pluck poodle pom popper prickle prowl
    pug puma quail quack rabble ragged rainfall ramble reckon reed rein rim rind rinse rocky rodent roost rot rowboat rubble
    rumble rummage rung sage sash savage scab scald scarves scold scorch scorpion scowl scrawny scuff scuttle seam seep sender
    shaky shear shears shrub sickly sift sill sizzle skid slack slate slay sleek slender slick slouch slurp smog smug snarl snatch
    snooze snort snowstorm sock solo spaceship spacesuit spiky splosh splat splatter splutter spongy spool sprawl spree spur squabble
    squint stab starfish starry steed stench stick stiff stifle stingray stirrup stomp stork stout strain strand stride strive
    stroke struck strum strut stubby stuffy stunt sty stylish suck suds suede sulk sum sunlight sway swollen tack tacky talent
    tan tangled tassel tattered tatty taut tease tee teeter tern thicken thicket thorny thrash thrifty thrive throng throttle
    tick tingle toil toll topping torrent totter tow trawler tread treaty trek trench trend trestle trinket trot trough
    trudge tuft turf tussle twang tweak tweed tweet tweezers tweet twine twitter unroll unzip upwards usher vain veer verse
    vest view vile visor vivid waft wallet wane warble wart waterproof wavy weld whack wharf wheeze whiff whinny whir whopper wick
    wilt wince wit wither woe wombat wonky woof wrung yank yap yard yelp zany
  `,
  3: `
    abbey abide abrupt abstract acute ado aid airspace airtight airway akin alpine alto anguish apt aqua arcade archive artwork
    aspire astray aura avenge awe awoke axle backseat backside bale ballast ballot baton barrage barren barrow bash bashful bayou
    bedlam beige bellman berserk beseech bestow bland blatant blimp billboard blockade bloodstream bonny boon boredom borough
    boutique breakup brethren brighten brimstone brink brochure buildup canine captive catchy chainsaw chaplain char charade chateau
    checkout checkpoint checkup chic civic cleanse clone closure cod collie cologne commend commerce concede conceive conclude
    confide confound console consume context contrast convent converse convert convey cope cordial corkscrew corral countdown covert coy
    crafty crease crescent crimson crusty cryptic curt cynic deacon decay deceit deceive decode decree deduct defect delete deluxe
    deploy depot deprive descent detain detour devote dictate dill din dingo dire disarm discard disclose disgust disperse dispose
    disrupt dissolve distinct divert domain doorman downfall download downright dowry drone dual dub duct dud duffel dung earthly
    edgy eject elite encore endorse enforce enhance enlist ensign epic esteem ethnic evolve excite exhale exile exploit extract
    fanfare farce fathom fatigue faucet faulty feisty festive feud figment finesse firewall firsthand flak flashy flatten foremost
    forfeit forgave format forum fragrance frigid frisk funk futile fuzz gall gauze gent gentry gimmick gizmo glamour glee glitch gloss
    gourmet graft grail graphic grieve grotesque groundhog gruesome guru haggard halftime hallmark hardship hateful heartache heartbreak
    heartfelt hefty herald hex hideout highland highlight hoodlum horseman hotline housework humane hygiene hype icon immense implant
    implore import impose incense indoor induce indulge infect inflict inject insight insure intake intrigue intro intrude jolt
    joust juror kickoff lag landfill lapse layout legion lesser lifelong lightweight likewise limbo lineup lint livestock loathsome
    logo lotto lucid lug luncheon lunchtime mace madhouse maestro malice malt maroon mart maxim maze meddle mentor mesa midway migraine
    mite mitt moody mortar muse mush mute mutant naval neutral newfound newsstand nightfall norm northeast nugget obscene obscure onward
    ore outbreak outburst outlet outpost output outright outrun outward oxide pang patent pathway patron peril perk perky pew picket
    pipeline platter playwright pointy poise posh posture potent preach premise prescribe prestige prevail preview prospect proverb provoke
    prudent purge quirky rabid racetrack raffle rampage ration rebirth reborn rebound recharge reclaim redeem reflex reform refrain refund
    regain regent regime regroup rejoice relive reload remorse renew renounce repent reside resource restrain retail retain retract revere
    revive rhubarb rift rite roach roundup rowan rue runny rupture rut sane saline savvy scenic schoolboy schoolgirl scorn scrapbook
    segment sensor sequel setback sewage shaman shortage shutdown sidekick sideshow sinful slop slum snapshot soil solace southeast sovereign
    spacecraft spectrum spokesman stance standby standpoint staple starship stature stead stealth sterile stockade strengthen
    stricken stronghold sublime suffice suitor surreal suture taboo tact tactic tang tardy tasteful temp tempo tenor thereby threshold
    thug toolbox tote tout tract trainee transit transmit triage tribal trusty turnout ultra unclear uncool undone unfit unjust unleash unseen
    untold untrue unwind upgrade uphold uprising vacate vale valor vector vein vendor venue verbal voltage vouch vulgar wade wan ware wartime
    weaken whatnot wholesale windshield workout workplace worldwide writ wrongful
    abort absence absurd abuse adjust admire altar amongst apiece applause ark ashore asset assign auction awfully
    backstage backup basis bass batch bet billion bizarre blackmail bounty bravo brutal buffet cancer carriage chairman chaos
    cheaper cherish childhood chronic chuck chump clamp classic coma commence comment complaint comrade concept condemn
    confirm confront congress conscience consent consult contempt content convict cooler core corps corrupt counsel counter
    countess courtroom crank cult culture cutter daily dale dandy dealt decent deeply define delta dental depressed discharge
    discreet disk dismiss dispatch distract doe dove drake dreamt ego endure ensure equip errand essence expel expose extent factor
    fax fern finch flown foreman freshman fulfill fuller gesture glen global grid grudge hatred hulk hunch hustle
    impact impulse include intact intent journal labor lawsuit lighten lonesome loosen madman maintain mankind manner mason massive
    matrix memo mere merely mink mold momma monk movement mustache native natives obsess ounce pale parlor pastor pawn payment
    persuade phase physics plumbing pod pope portal profile profound propose protein prove publish purely pursuit random reckless
    reject relieve resign resolve resume reverse righteous romance rookie salon salvage savings scam scope sector seize self senate
    server shack shatter shipment shortly slightest slightly software spa spinal squadron stalker stark static strictly submit
    substance suction supreme tactics tango technique throughout thus tougher translate trooper vanquish vice vicious void voyage waltz
    weaver werewolf worthwhile crucial crusade curfew whoop backup dispatch holster
    awful bible cancel challenge county central deny demand drama ease effect fella finest frankly guts insist instance
    involve judgment load madam madame math mental network offense percent research routine schedule sentence sergeant
    statement treatment
    woman husband moment reason sort speak crown forgive colonel pressure honour humour rumour labour harbour favour
    armour affair ability absorb accident account accuse achieve acid action active actual adapt adore advance advice
    advise affect afford agree aid aim alert alike allergy alley ally alter amber ambition amuse ancestor anger angle
    announce annual antenna antique anthem anvil ape apology appeal appear appetite applaud apply appoint approach approve
    arc arena argument arise armor army aroma array arrest arrival artery article ashamed aside aspect assist assume
    assure atlas atom attempt attention attract audience avenue average await awkward bail bait balance balcony ballad ban
    bandit banish banquet banter barber bargain barge barley baron barrier barter basin battalion batter battle bawl
    bazaar beacon bearer beckon bedding beet beetroot behalf behold belief belong beloved benefit berth betray beware bicker
    bid bind birch bishop bitten blacksmith blame blank blast bleach bleak bleat bleep blemish blindfold blister bloat blob
    blot bluebell bluff blunder blunt blur board boiler bolster bonnet bonus booklet boom boost booth border bother boulder
    bound boundary bout bowler brace bracelet bracket braid bramble brand brave brawl bray breach breadth breakdown breast
    breed brew bribe brigade brim brisk bristle brittle broil bronze brooch brood broth brow browse brunch brute bubbly buckle
    budget buffalo bugle bulge bulk bulldog bumper bunk bunker burden burglar burly burrow bushy bustle butt cadet calcium
    campaign candid cane cannibal canopy canter canvas canyon cape capital capsize capsule caravan carbon career cargo carol
    carton carve cascade casual catalogue cathedral caution cautious cavern cease cedar celebrate cement chamber champ
    chandelier chant chapel character chariot charity charter chasm cheerio cheesecake cheetah chemist chestnut chide chime
    chimp chipmunk chisel choice chord chowder chrome chubby cider cinder cinema circuit citizen civil claim clamber clan
    clang clank clash clasp class clatter clause clench clerk client clinic clip clipboard clog clot cloudburst clout cluck clung
    cluster clutch clutter coarse cobbler cobra cockpit cockroach cocoa cocoon code coil collapse college collide colony colt
    column combine comfort comma commander commit committee community compact companion company compete complex compliment
    compose compost compound conceal concern concrete condition conduct conductor confess confident conflict confuse
    connect conquer conscious consider constant construct contain contest continent continue contract convince convoy cooker
    copper cord cork cornet coronation corridor cosmic costume couple courtyard cove crackle crag cram cramp cranky crate crater
    crave create creep cripple crisis critic crocus croquet crosswalk crouch crowbar crude cruise crumple crutch crystal cubicle
    cuckoo cue cuff culprit cupid curb curfew current curse customer cutlery cyclone cylinder cymbal dab dabble daffodil dagger
    dainty dairy damage dame damsel dangle dapper daring dazzle deadline deadly debate debt decade deck declare decline decoy
    decrease deed defeat defense defence defy degree delay delicious delight den dense dent depart depend deposit descend
    deserve design desire despair desperate despise despite detect determine device devour diagram dial diesel digest digit
    digital dignity dilemma dine diner dinghy diploma disagree disaster disc disco discount discuss disease disgrace dislike
    dismal dismay display dispute distant distress district disturb divide divine divorce dizzy dodo dolphin dome donor doom
    doorstep doorway dormouse dose downpour draft drape drastic drawback dread dreary drench dribble drought drove drumstick
    due duel duet dungeon duo duplicate dusk dwell dye dynamo eclipse edit educate eerie eighth elder elect electric elegant
    element elm embark ember emblem embrace emerald emerge emergency emotion emperor empire employ enable enchant encounter
    endless engage engineer entertain entire entrance entry envious envy episode equator era erupt escort essay estate
    evergreen evidence evil ewe exact examine exceed exchange exclaim exhaust exist exit expand expedition expense expensive
    experience experiment explain export express extend extinct extraordinary extreme eyelid fable fabric facial failure
    faithful falcon false falter famine fare fatal fearful fearless feat feature fee feeble feline fern ferret fertile
    fiction fiddle fidget fiend fig filter finale finance fishy fizz fizzy flair flannel flare flask flatter flavor flavour
    flaw flax fled fleece flee flick flicker flimsy flinch flint float floppy florist fluent fluid flung flurry flutter focus foe foil
    foliage folk folly fondly footage footing forbid ford forecast forge forgery forlorn formal former forth fortress forward
    foster foundation foundry fowl fraction fragile fragment frail frantic fraud freak freight frenzy frequent fret friction
    frigate frisky frock frolic frontier froth fuel fugitive function fund funnel furious furnace furniture fury fuse gadget gain
    galaxy gale gallant gallery galley gallon gallows gander gap garland garment garter gash gateway gauge gaze gazelle
    gear gene general generous genius gerbil germ geyser ghastly ghoul gill gipsy glacier gland glaze glide glimmer glimpse
    glint glisten gloat gloom glorious glory gloss glossy glum gnat gnaw gobble goblet gondola gorge gory gosling gospel gossip
    gourd govern government gown graceful grace gradual graduate grammar grand granite grant graph grasp grate grave graze grief
    grim grime grimy grind gripe grit gritty grizzly groove grope grouse grove grovel growth grub gruel gruff guarantee guardian
    guidance guild guilt gulf gull gully gush gust gym habitat hack haddock haggle halo halve hangar harbor hardy harmony harpoon harsh
    hassle hasty haul haunt haven havoc haze hazy hazard headline heal hearth hearty heath heather heave hectic hedge heed
    height heir hen hence herb herring hesitate hew hide hike hind historic hoard hoarse hoax hobble hoist homely honor hooded
    horde horizon horrify horseshoe hostage hostile hover hub huddle hue hull humble humid humor humorous hump hurdle hurl
    hurtle hybrid hyena hymn idle idol ignore illusion image imp impress improve income increase index indigo inflate inform
    ingot inhale inherit initial injure injury inland inlet inn inner innocent inquire insert inspect inspire install instant
    instinct instruct insult intend intense interest interior interrupt interview invade invest iris irritate isle issue item
    ivory jab jade jagged jangle jaunty javelin jazz jeer jerk jersey jester jewel jiffy jig jive jostle jowl jubilee junction
    juniper jury justice jut jute kayak keel keen keeper kelp kernel kidnap kiln kilt kimono kin kipper knack knapsack knave
    knead knoll knuckle koala laboratory lack lad lagoon lair lame landlord landmark landscape larva lash lass launch laurel
    lavender lavish leaden league lean lease lecture ledge ledger leech leek legal legend leisure lentil leper lest levee lever
    liar liberty license lichen lifeguard ligament likely lilt limestone limit limp linen linger link lioness liquor literature
    litre liter loaf loath loathe lobe locate locust lofty logic lone loom loot lope lotus lounge loyal luggage lull lullaby lumber
    lunar lurch lure lurk lush lute luxury lynx lyric macaroni machinery maiden majestic majesty mammal mammoth mandolin mango
    mangy manor mantle manual manure marathon margin marine mariner mark marrow marshal martyr marvel marvelous mascot mast masterpiece
    mat mature maximum mayhem meager meagre meander meek mellow melancholy melodrama memorial menace mend merchant mercury mere merge
    merit mesh method midst mild military mill mimic mince mineral mingle miniature minimum mining minister minnow minor minority mint
    minus miracle mirage mirth misfit misfortune mishap mislead missile mission mistletoe moat mob mock moderate modern modest moist
    moisture molten monarch monastery mongrel monitor monsoon monstrous monument moor mope moral morsel mortal mosaic mosque motion
    motive motto mould mourn muck muffle muggy mumble mummy murky murmur museum musket mustang muster mutiny mutton mutual muzzle
    mystery myth nag naked naval navigate nectar neglect negotiate neon nerve nestle neutral nickel niche nightmare nimble noble nomad
    nonsense nook noose normal nostalgia notch notion nourish novel novice nowhere nozzle nuisance numeral nurture nutmeg nuzzle
    nylon nymph oath oatmeal obedient obese oblige oblong obtain obvious occupy occur odor ogre ointment omen omit ooze opal opera
    opinion opponent oppose optician oracle oral orchestra ordeal organ organize origin ornament orphanage outcome outlaw outline outrage
    outwit overcome oxen oxygen pact pageant pamphlet pansy pant pantomime pantry papyrus parachute paradise paragraph parallel
    parchment pardon parish parka parliament partial particle particular partridge passage passion pasty patience patriot peak peal
    peasant peat peculiar peddle pedestal pelt pendant penetrate peninsula permit perish persist pesky pest petty phantom pheasant
    phoenix phrase physical pier pierce pike pilgrim pillage pine pinnacle pious piston pity pivot plague plaice plaque plasma
    plateau plaza plea plead pledge plight plot plover plume plunder plural plush ply pneumonia poach poetry pole polar politics
    pollen pollute pomegranate ponder populate popular porcelain porcupine pore porous port porter portion portrait portray possess
    postpone potion poultry pout poverty prairie precise predator predict preen preserve president pretense prevent previous prey
    primary prime primrose primitive principal principle prior privilege prize probe proceed process proclaim prod produce
    profession professor profit progress prohibit project promote prompt prone prong pronounce proof prop propel property prophet
    prose prosper protest provide province prow prune pry puck pulley pulp pulse pump punish puny pupa purchase purpose pursue
    putt putty pyramid python quaint quake qualify quality quantity quart quartet quartz quench quest quilt quirk quit quota quote
    rabbi radiant radius rage raid rag rank ransom rapid rapids rare rash rasp rat rate ravine rave ravenous react realm ream reap
    rear reason rebel recall receipt receive recent recite recline recognize recover recruit rectangle reduce reel reeds refer refine reflect
    refresh refrigerator refuge refuse regal regard region register regret rehearse reign relate relay release relic relief
    religion relish reluctant rely remark remedy remote rent repair repay reply report reptile republic repulsive reputation request
    require resent reserve resist resort response restless restore retire retreat retrieve reunion reveal revenge review revolt
    revolve rewrite rhinoceros rhythm rib rickety rid ridge ridiculous rifle rig rigid riot risk ritual rival rivalry rob
    robust rodeo role roam rogue romp rook roster rouse rove royalty ruffle rugged rumor rump rung runt ruse rural ruthless
    sable sabotage sacred sacrifice saint salute sane sapphire sari satchel satellite satisfy saturate savage saunter savory scaffold
    scallop scalp scan scandal scant scarce scarcely scavenge scene scheme scholar scone scoundrel scour scout scrawl screech
    scripture scroll scuffle scurry sea seam seance sear secondary secretary section secure seize seldom select senior sentry separate
    sequence sequin serene series sermon serpent servant session severe shaft sham shard sheaf sheepish sheer shilling shingle shipwreck
    shoal shod shorn shove shred shrewd shrine shrivel shroud shrunk shudder shun siege sieve silhouette sill similar simple sincere
    singe sinister site skeptical skewer skim skirmish skulk sky slain slant slate slaughter sleuth sling slit slogan sloop slosh sloth
    sludge sluggish slumber slump slung smelt smirk smith smock smother smoulder smuggle snare sneer snicker snippet snob snorkel snub
    soar sober society socket soften solar sole solemn solitary somber sombre soothe sore sorrow sorrowful souvenir sow spaniel span
    sparse spawn species specimen spectacle spectator spell sphere spider spindle spire spleen splendid splendor spoke sponsor spontaneous
    spouse sprig sprightly spry spurt squalid squall squander squat squire squirm stack staff stagger stake stalactite stale stamina
    stammer stampede stanza starboard starling startle starvation stately stationary stationery statue status steadfast steed stellar
    stencil sterling stern steward stifle stilt stimulate stingy stirrup stock stocky stoke stomach stonework stool stoop storey storage
    stork stow straddle strait strategy streak strict strife strip stroke structure struggle stubble stun sturdy stutter subtle
    subtract subway suffer suffix prefix suffocate suit suite sullen sultan summit summon sundial superb superior superstition supervise
    supple surge surgery surly surplus surrender surround survey survive suspend suspense suspicion sustain swarm swarthy swat sway
    swell swelter swerve swindle swine swipe switch swivel swoon sycamore syllable symbol sympathy symphony symptom syringe tabernacle
    talon tally tan tangle tankard tantrum taper tapestry tar tariff tarnish tarpaulin tart taunt tavern tawny teak tedious teem
    telegram telegraph temperature tempest temporary tempt tenant tend tender tendril tense tension term terminal termite
    tern terrace terrain terrier territory terror text textile texture thatch theft theme theory thicket thigh thinker thorough
    thrash threat threaten thrift throng throttle thrust thwart thyme tiara tick tier tiller tilt tinder tint tiresome titan toil
    token toll tome tone tonic topaz topic topsoil torment torpedo torrent torso torture toss tot totem tottery tournament tow toxic
    trachea traction tradition tragedy tragic trait traitor trance tranquil transfer transform transparent transport trapper traverse
    treachery tread treason trek tremendous trench trespass trestle tribute trident trifle trigger trio triplet triumph trivial troll
    trombone troop trough trousseau truce trudge trunk truss tug tumult tundra turbulent turmoil turquoise turret tusk twilight
    twine tycoon typhoon typical tyranny udder ultimate uncanny underground understudy undertake uneasy unify union unique unit unite
    universe unload unruly unveil upbeat upheaval uphill uplift upper uproar upstream urban urchin urge urgent urn utensil utmost utter
    vacant vacuum vague valiant valid value valve van vane vapor vapour vary vast vault veal venom vent venture verdict verge verify
    vermin verse vertical vessel veteran vex vibrate victim victor victory vigor vigorous vile villa villain vine vineyard vintage viola
    violent viper virtue virus visible vision visual vital vivid vixen vocal volume volunteer vow vowel consonant vulnerable wager
    wage wail wallow ward warden warehouse warfare warp warrant warren wary wasteland waterfowl waver wayward weakness wealth weary
    weave wedge weevil weir weld welfare welt wench whelk whence whereas whereby whet whey whiff whim whimsical whirlpool whirlwind
    whisker whittle wicket wig wilderness wile wily wince winch wisp wistful wit wither withdraw witty woe wont woo worship worthy
    wrath wreckage wreak wren wretch wretched wriggle writhe wry wrought yarn yearn yeoman yield yoke yore youth zeal zenith zephyr
    zest zinc zither zodiac adverb verb noun pronoun hyphen comma phonics thesis apostrophe dialogue
    actually agreeable barefoot bitterly blissful boldness brightness darkest deafen deepen dizziness dullness earthworm evenly
    fearful fondness forgetful freely goodness graceful happiness harmless hopeless illness jobless joyful kindness lengthen
    lifeless lightly likeness madness mouthful nearest neatness nightly peaceful plainly pointless proudly rarely restless rightful
    roughly ruthless sadness sharpen shameful shapeless sickness sleepless softness speechless spiteful spotless stillness
    tasteless tenderness thankless thickness thoughtful timely tireless toothless truthful unwell wakeful wasteful watchful
    weekly wishful witless worthless wordless youthful yearly
    sandstone sunbeam sundown teacup teardrop textbook thunderstorm tidal timetable toadstool toothpick topcoat touchdown townsfolk
    trademark trailer treadmill tribesman tugboat turnstile turtleneck undergrowth upstairs viewpoint walkway wallpaper washcloth
    watchdog watchman waterfront waterway weekday wetland whiplash wildlife windpipe wingspan woodpile woodwork workbench workbook workman
    worksheet yardstick yearbook
    aeroplane airfield airline airplane airport anthill armchair backbone backyard backwards ballroom barnyard baseline bathrobe beanstalk bedspread
    beeswax birdcage birdseed birdhouse blackberry blackbird blackboard blueprint bluejay boathouse bookmark bookshelf bookstore bookworm boxcar
    breakthrough bridegroom broomstick bulldog bulldozer bullfrog butterfly campfire campground campsite cardboard carefree chalkboard checkmate
    chopsticks clothesline clubhouse coastline cobblestone cornfield cowgirl craftsman crossroad crossword dashboard daybreak daydream dishwasher
    doorknob doormat dragonfly driftwood drumbeat earache eardrum earthen earthworm eggshell eyeball eyesight fairground farmhouse farmyard firefighter
    fireproof firewood fishbowl flagpole flashback flowerpot folktale foothill footpath footstool foxglove frostbite fruitcake gemstone
    gingerbread goalpost graveyard greyhound guidebook hailstone hairpin handcuff handlebar handmade handshake handwriting hardware haystack
    headfirst headlight headline headphone headquarters heartbeat hilltop homeland homemade homesick honeycomb horseback horsefly hourglass
    household housewife icebox iceberg jackpot keyhole keystroke landlady landmark landslide laptop lawnmower lifetime lighthouse lipstick
    lookout mailbox mainland milestone moonbeam moonstone motorbike mousetrap necktie nightgown nutcracker oatmeal offspring outcast outlook
    outskirts overcoat overlook overnight oxcart paintbrush passageway passport password peacock pigtail pinpoint pinwheel playhouse ponytail popgun
    quicksand racehorse railroad rainbow rainstorm rattlesnake ringmaster riverbed roadside rowboat runaway sailboat sandbag sandbar
    sandpaper sandpit scarecrow schoolhouse schoolroom seahorse seaport seashore shipyard shoehorn shoreline shortcut showdown sideways
    skylark skyline skyscraper slingshot snapdragon snowdrift snowdrop snowfall snowplow snowshoe soapsuds softball soundproof southpaw spellbound
    spotlight springtime stagecoach staircase stairway starlight steamboat steamship stepladder stopwatch storybook storyteller
    summertime sunbathe sunlight sunroof tablecloth tapeworm
  `,
};

const LEVEL_OF = new Map<string, 1 | 2 | 3>();
for (const level of [1, 2, 3] as const)
  for (const word of LEVELS[level].split(/\s+/)) if (word && !LEVEL_OF.has(word)) LEVEL_OF.set(word, level);

/** Endings that make a new word of a known one: it is met a little later. */
const DERIVED = /(?:er|est|ly|y|ful|less|ness)$/;

const levelOf = (words: readonly string[]): number =>
  Math.min(...words.map((word) => LEVEL_OF.get(word) ?? Number.POSITIVE_INFINITY));

/**
 * @param bases words of which this may be a form, the likeliest first
 * @returns the familiarity of a word of one or two syllables; a comparative and the like, one more than its base's
 */
export function familiarityOf(word: string, bases: readonly string[]): 1 | 2 | 3 | 4 {
  const own = levelOf([word, ...bases]);
  if (own <= 4) return own as 1 | 2 | 3 | 4;
  const stem = word.replace(DERIVED, "");
  if (stem === word || stem.length < 2) return 4;
  const undoubled = stem.replace(/([a-z])\1$/, "$1");
  const base = levelOf([stem, `${stem}e`, undoubled, stem.replace(/i$/, "y")]);
  return Math.min(4, base + 1) as 1 | 2 | 3 | 4;
}
