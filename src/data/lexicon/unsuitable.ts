/**
 * Words kept off screens and printouts, with the reason. Two levels:
 *
 *   never             no setting shows them
 *   not-every-school  off unless the workspace allows the level (a setting); the school's own rules win
 *
 * Started from npm `naughty-words` (CC-BY-4.0), which the build adds to the never list except for the
 * ordinary words in SPARED below; then the whole one-syllable list was read by eye, November 2026.
 */
export type UnsuitableLevel = "never" | "not-every-school";

export interface UnsuitableGroup {
  readonly level: UnsuitableLevel;
  readonly reason: string;
  readonly words: string;
}

export const UNSUITABLE: readonly UnsuitableGroup[] = [
  {
    level: "never",
    reason: "a slur or an insult to a group of people",
    words: `chink chinks gook gooks gyp gypped gyps wop wops kraut krauts nips queer queers dyke dykes
      dike dikes spic spics kike kikes coon coons jap japs paki pakis mick micks yid yids tranny retard
      retards spaz spastic mong mongs cripple nance nances midget midgets redskin redskins honky gringo gringos injun injuns ponce poof poofs fag fags hick hicks squaw dago`,
  },
  {
    level: "never",
    reason: "sexual",
    words: `sex sexed sexes sexy porn porns rape raped rapes pimp pimps lube lubes thong thongs groped grope
      gropes crotch groin groins lewd boned boner dong dongs cock cocks cocked knockers shag shagged
      shags slut sluts whore whores ho hos wench tush lust lusts stripper strippers sperm semen spunk
      horny kinky kink kinks boob boobs tit tits titty nipple nipples penis vagina nude nudes naked
      erotic orgasm incest womanizer condom condoms spank spanked spanks bonk bonked screwing hooker
      hookers brothel harlot busty clit cum dick dicks prick pricks schlong dildo topless molest molested molesting
      lustful lusty orgies orgasms fetish foreplay foreskin pubic penile prostate rectal gonads herpes cervix
      sphincter tampon tampons hooters groping fondle fondled pimping spanking pervert perverts raping
      sexist incest nudist nudists bondage lewdness slutty skanky harem hooter brothels wenches hymen phallic harlots smut
      butch flasher flashers climax climaxed climaxes castrate castrated castration gigolo gigolos`,
  },
  {
    level: "never",
    reason: "bodily and crude",
    words: `arse arsed ass asses crap craps crapped fart farts farted pee peed pees piss pissed poo poos
      poop pooped poops shit shits turd turds snot snots pus puke puked pukes damn damned dammit
      bollocks bugger buggers sod sods bastard bastards bitch bitches fuck fucks wank wanks twat twats
      cunt cunts slag slags schmuck putz wuss puss douche git gits prat prats bloody tosser arsehole butthole dumbass crappy
      jackass badass scumbag scumbags frigging freaking crapping pissing farting peeing puking pissy
      goddamn goddamned shitty damning anus anal rectum heil lynch lynched berk
      balling`,
  },
  {
    level: "never",
    reason: "drugs",
    words: `drug drugs drugged coke cokes meth bong bongs dope doped dopes stoned narc narcs heroin cocaine
      crackhead druggie druggies stoner stoners opium hashish ganja doobie junkie junkies morphine reefer
      crackheads steroid steroids addict addicts drugging druggist junky`,
  },
  {
    level: "not-every-school",
    reason: "weapons, killing and violence",
    words: `gun guns gunned kill killed kills stab stabbed stabs bomb bombs bombed shoot shoots gore slain
      corpse hearse morgue hanged nuke nukes slave slaves whipped noose maim maimed slay snuff snuffed
      bullet bullets pistol pistols rifle rifles murder murders murdered killer killers killing shooting
      shooter shotgun gunman gunmen gunshot handgun sniper snipers torture tortured suicide hostage
      hostages bomber bombing bombings assault grenade missile missiles dagger daggers slaughter
      stabbing strangle strangled execute massacre violence violent homicide slavery warhead warheads ammo weapon
      weapons gunpoint gunfight gunning gunner gunners gunboat gunmen gunshots handguns shotguns bloodshed
      bloodbath slaughtered butchered strangler shrapnel grenades assaults hanging hangman gallows napalm
      corpses killings shootings hijack hijacked kidnap kidnaps kidnapped abduct lynching arson torment
      ambush ambushed nazi fascist fascists jihad anthrax terror terrors gory gangrene impale impaled
      beheaded guillotine deathbed coffin coffins casket caskets autopsy enslave enslaved 
      slayer slaying slasher slashing switchblade carjack carjacked carjacking cutthroat shootout shooters gangster gangsters
      gangsta mobster mobsters strychnine bloodstain bloodstains bloodstained bloodied scalped scalping
      sniped musket muskets
      slash slashed slashes gash gashed gashes gored cremate cremated zombie zombies`,
  },
  {
    level: "not-every-school",
    reason: "alcohol, smoking and drugs by another name",
    words: `ale beer beers booze gin rum wine wines hooch pub pubs drunk drunks keg kegs mead brandy whisky
      whiskey vodka liquor liquors sherry cider drunken hangover bourbon martini tequila cigar cigars
      tobacco smoker smokers smoking boozing cocktail cocktails brewery saloon bartender boozer drunkard
      tipsy tavern vermouth lager ashtray ashtrays cigars casino brewer brewing casinos champagne liqueur liqueurs wino winos drinker drinkers barroom barman barmen
      weed weeds crack cracks`,
  },
  {
    level: "not-every-school",
    reason: "swearing by religion, or belief",
    words:
      "hell heck god gods sin sins sinned lord lords devil devils demon demons satan damnation hellish hellfire demonic godless occult seance heathen voodoo tarot pagan",
  },
  {
    level: "not-every-school",
    reason: "the body: mild, or private",
    words: `bra bras breast breasts bum bums bummed butt butts burp burps belch barf hump humps bust busts
      rump womb strip stripped strips stud studs hoes hash knob knobs nymph nymphs flirt flirts flirting
      screwed suck sucks sucked snatch scat panties underwear bikini lover lovers lingerie virgin virgins
      pregnant vomit vomited urine bladder armpit booty bosom divorce affair affairs mistress
      undressed undressing seduce seduced aroused arouse erect erects cleavage hickey hickeys buttock buttocks
      pelvic pelvis bladders urine hormone hormones caress caressed smooching booby bosoms boudoir virile
      seducing childbirth labia divorced bodice burping barfing snotty striptease fingering swinger intimate kissing
      jugs seamen seaman wiener wieners stripping petting wanton manhood sleazy raunchy racy corset corsets girdle garter
      garters showgirl showgirls belched belching wee bummer sucking suckered virile fetal fetus
      tumor tumors tumour hots screw screws`,
  },
  {
    level: "not-every-school",
    reason: "unkind about a person",
    words: `fat fats dumb lame lisp scum jerk jerks punk punks spook spooks spooked tramp trumps trump freak
      freaks moron morons idiot idiots stupid cretin loser losers sucker suckers ugly dummy dummies crazy
      lunatic maniac maniacs psycho cripples crippled hag hags wimp wimps nerd nerds geek geeks
      goon goons weirdo bitchy fatty gay gays lesbian homo bigot aids dumber dumbest loony wacko wackos weirdos
      sissy pansy pansies savage savages leper lepers gypsy gypsies insane hobo geeky nerdy chubby flabby
      fatter fattest obese imbecile insanely nutcase redneck rednecks bimbo hussy psychos crazies 
      hunchback nutter nutters looney tubby pudgy porky porker blockhead airhead racist racists skinhead skinheads commie
      commies freaky bozo bozos dopey brainless ghetto homely
      babe babes hunk hunks tart tarts dame dames broad broads chick chicks cocky`,
  },
  {
    level: "not-every-school",
    reason: "gambling",
    words: `poker gamble gambled gambler gamblers gambles gambling jackpot blackjack roulette betting bookie bookies
      bettor bettors`,
  },
];

/** Ordinary words that `naughty-words` lists for one of their senses. */
export const SPARED: readonly string[] = [
  "butt",
  "suck",
  "sucks",
  "snatch",
  "scat",
  "skeet",
  "escort",
  "domination",
  "fingering",
  "swinger",
  "undressing",
  "tied",
];
