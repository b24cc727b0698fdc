/**
 * Words kept off screens and printouts, with the reason:
 *
 *   never                 no setting shows them
 *   not-every-school      off unless the workspace allows the list (a setting); the school's own rules win
 *   weapons-and-fighting  likewise, by a switch of its own
 *   death-and-alcohol     likewise
 *
 * Started from npm `naughty-words` (CC-BY-4.0), which the build adds to the never list except for the
 * ordinary words in SPARED below; then the whole one-syllable list was read by eye, November 2026.
 */
export type UnsuitableLevel = "never" | "not-every-school" | "weapons-and-fighting" | "death-and-alcohol";

export interface UnsuitableGroup {
  readonly level: UnsuitableLevel;
  readonly reason: string;
  readonly words: string;
}

export const UNSUITABLE: readonly UnsuitableGroup[] = [
  {
    level: "never",
    reason: "a slur or an insult to a group of people",
    words: `mongoloid retarded chink chinks gook gooks gyp gypped gyps wop wops kraut krauts nips queer queers dyke dykes
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
      aphrodisiac bisexual chlamydia circumcised circumcision contraception contraband cervical enema enemas genital
      genitals genitalia gonorrhea homosexual homosexuals homosexuality heterosexual transsexual transvestite
      transvestites homophobic hysterectomy insemination libido molester nymphomaniac promiscuous promiscuity
      prophylactic prostitute prostitutes prostitution sexual sexually sexuality sexier sexiest sensual sensuality
      sensuous vasectomy venereal menstrual menopause impotence impotent erection erections concubine concubines
      adultery adulterer abortion abortions aborted centerfold pornography pornographic striptease syphilis testicle
      testicles vaginal urinate urinating urinary ovaries ovary ovulation uterus lascivious lecherous voluptuous
      undergarments masturbate masturbating masturbation sodomy pedophile pedophiles incestuous conjugal seduction
      seductive seducer virginal virginity virility womanhood infidelity orgasmic
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
      diarrhea excrement constipated constipation laxative poppycock nincompoop bellyaching keister hemorrhoids
      goddamn goddamned shitty damning damnation anus anal rectum heil lynch lynched berk
      balling gooch skank skanky smeg smegma nonce nonces bellend munter slapper slappers spunky todger tosspot willy
      willies chav pikey gimp gimps jizz muff muffs frig fap chong fing effing minger minging
      ming pube pubes lez lezzer mofo felch queef scrote scrot scrotum fud vag vadge skag scag poon punani cooch`,
  },
  {
    level: "never",
    reason: "drugs",
    words: `drug drugs drugged coke cokes meth bong bongs dope doped dopes stoned narc narcs heroin cocaine
      crackhead druggie druggies stoner stoners opium hashish ganja doobie junkie junkies morphine reefer
      marijuana mescaline methadone narcotic narcotics opiate opiates peyote psychedelic cannabis amphetamines
      addiction addictions addictive addicting
      crackheads steroid steroids addict addicts drugging druggist junky`,
  },
  {
    level: "not-every-school",
    reason: "cruelty and violence",
    words: `slave slaves whipped noose maim maimed nuke nukes snuff snuffed murder murders murdered murdering torture
      tortured torturing suicide suicides hostage hostages assault assaults assaulted assaulting slaughter slaughtered
      slaughtering strangle strangled strangling strangler execute executed massacre massacred massacres violence violent
      violently homicide homicides slavery bloodshed bloodbath butchered lynching hanging hanged hangman gallows napalm
      hijack hijacked hijacking hijacker hijackers kidnap kidnaps kidnapped kidnapping kidnappings kidnapper kidnappers
      abduct abducted abduction abductions abductee arson arsonist torment tormented tormenting terror terrors terrorism
      terrorist terrorists terrorize terrorized gory gangrene impale impaled beheaded behead guillotine enslave enslaved
      slayer slaying slasher slashing carjack carjacked carjacking cutthroat gangster gangsters gangsta mobster mobsters
      strychnine bloodstain bloodstains bloodstained bloodied scalped scalping slash slashed slashes gash gashed gashes
      gored gore zombie zombies nazi fascist fascists fascism jihad anthrax genocide holocaust manslaughter murderer
      murderers murderous homicidal assassin assassins assassinate assassinated assassination assassinations assailant
      assailants executioner execution executions executing electrocute electrocuted electrocution strangulation mutilate
      mutilated mutilation dismembered decapitated brutality brutally annihilate annihilated annihilation atrocity
      atrocities exterminate exterminated extermination exterminator exterminators bloodthirsty cannibal cannibals
      cannibalism rapist rapists harassment harass harassed harassing battering persecute persecuted persecution
      persecuting cyanide arsenic suicidal hostility hostilities infanticide`,
  },
  {
    level: "weapons-and-fighting",
    reason: "weapons and fighting",
    words: `gun guns gunned kill killed kills killer killers killing killings stab stabs stabbed stabbing bomb bombs
      bombed bomber bombers bombing bombings shoot shoots shooting shootings shooter shooters shot shots slain slay bullet
      bullets pistol pistols rifle rifles shotgun shotguns gunman gunmen gunshot gunshots handgun handguns sniper snipers
      sniped grenade grenades missile missiles dagger daggers warhead warheads ammo weapon weapons weaponry gunpoint
      gunfight gunfire gunning gunner gunners gunboat gunship shrapnel ambush ambushed ambushes switchblade shootout
      musket muskets musketeer musketeers sword swords spear spears spearing cannon cannons cannonball fight fights
      fighting fighter fighters fought war wars warfare battle battles battled battling duel duels brawl brawls combat
      warrior warriors machete bayonet bayonets bazooka revolver revolvers torpedo torpedoes torpedoed firearm firearms
      firepower gunfighter gunslinger gunnery gunpowder ammunition artillery armament armaments arsenal ballistic
      ballistics bombard bombarded bombardment bombardier detonate detonated detonating detonation detonator detonators
      dynamite explosive explosives battlefield battlefields battleground battleship battleships munitions militia
      sharpshooter sharpshooters crossbow holster holsters bullfighter lance lances sabre sabres saber thug thugs gangster
      gangsters hitman attacker attackers mugger muggers mugged mugging brutal brutality`,
  },
  {
    level: "death-and-alcohol",
    reason: "death and dying",
    words: `dead death deaths die died dies dying deadly deadliest deathbed corpse corpses hearse morgue coffin coffins
      casket caskets autopsy autopsies grave graves graveyard graveyards gravestone gravestones tomb tombs tombstone
      tombstones crypt crypts cremate cremated cremates cremation funeral funerals burial burials bury buried buries
      burying drown drowned drowns drowning perish perished mourn mourned mourns mourning mourner mourners widow widows
      widower widowed poison poisoned poisons poisoning poisonous cadaver cadavers cemetery cemeteries mausoleum mortuary
      mortician coroner undertaker embalming embalmed postmortem euthanasia overdose overdosed fatal fatality fatalities
      fatally stillborn obituary obituaries bereavement carcass carcasses undying doomed`,
  },
  {
    level: "death-and-alcohol",
    reason: "alcohol, smoking and drugs by another name",
    words: `ale ales beer beers booze gin gins rum wine wines hooch pub pubs drunk drunks keg kegs mead brandy whisky
      whiskey vodka liquor liquors sherry cider drunken hangover hangovers bourbon martini martinis tequila cigar cigars
      tobacco smoker smokers smoking boozing cocktail cocktails brewery saloon saloons bartender bartenders boozer
      drunkard drunkards tipsy tavern vermouth lager ashtray ashtrays brewer brewing champagne liqueur liqueurs wino
      winos drinker drinkers barroom barman barmen weed weeds crack cracks alcohol alcoholic alcoholics alcoholism
      amaretto bootlegger cigarette cigarettes nicotine margarita margaritas daiquiri daiquiris intoxicated intoxicating
      drunkenness casino casinos`,
  },
  {
    level: "not-every-school",
    reason: "swearing by religion, or belief",
    words:
      "hell heck god gods sin sins sinned lord lords devil devils demon demons satan satanic exorcism exorcist blasphemy hellish hellfire demonic crucifixion crucify crucified atheist diabolical hallelujah godless occult seance heathen voodoo tarot pagan",
  },
  {
    level: "not-every-school",
    reason: "the body: mild, or private",
    words: `fanny fannies bra bras breast breasts bum bums bummed butt butts burp burps belch barf hump humps bust busts
      rump womb strip stripped strips stud studs hoes hash knob knobs nymph nymphs flirt flirts flirting
      screwed suck sucks sucked snatch scat panties underwear bikini lover lovers lingerie virgin virgins
      pregnant vomit vomited urine bladder armpit booty bosom divorce affair affairs mistress
      undressed undressing seduce seduced aroused arouse erect erects cleavage hickey hickeys buttock buttocks
      pelvic pelvis bladders urine hormone hormones caress caressed smooching booby bosoms boudoir virile
      seducing childbirth labia divorced bodice burping barfing snotty striptease fingering swinger intimate kissing
      jugs seamen seaman wiener wieners stripping petting wanton manhood sleazy raunchy racy corset corsets girdle garter
      garters showgirl showgirls belched belching wee bummer sucking suckered virile fetal fetus
      tumor tumors tumour hots screw screws bikinis vomiting pregnancy pregnancies intimacy intimately lingerie
      harem amorous pantyhose pussycat hymnal aroused arousing waterbed estrogen testosterone umbilical afterbirth
      puberty fertility insinuate flirtation adulterous divorcee divorces divorcing mistresses underpants menopausal`,
  },
  {
    level: "not-every-school",
    reason: "unkind about a person",
    words: `bender benders scrubber scrubbers swarthy fat fats dumb lame lisp scum jerk jerks punk punks spook spooks spooked tramp trumps trump freak
      freaks moron morons idiot idiots stupid cretin loser losers sucker suckers ugly dummy dummies crazy
      lunatic maniac maniacs psycho cripples crippled hag hags wimp wimps nerd nerds geek geeks
      goon goons weirdo bitchy fatty gay gays lesbian homo bigot aids dumber dumbest loony wacko wackos weirdos
      sissy pansy pansies savage savages leper lepers gypsy gypsies insane hobo geeky nerdy chubby flabby
      fatter fattest obese imbecile insanely nutcase redneck rednecks bimbo hussy psychos crazies 
      hunchback nutter nutters looney tubby pudgy porky porker blockhead airhead racist racists skinhead skinheads commie
      commies freaky bozo bozos dopey brainless ghetto homely
      stupider stupidest stupidity stupidly uglier ugliest ugliness crazier craziest craziness idiotic idiocy lunacy
      imbeciles lunatics maniacs maniacal handicap handicapped crippling paraplegic albino hillbilly
      hillbillies racism bigotry psychopath psychopaths psychopathic psychotic sociopath schizophrenic barbarian
      barbarians barbaric hooligan hooligans anorexic bulimic hypocrite hypocrites imbecilic neanderthal neanderthals
      babe babes hunk hunks tart tarts dame dames broad broads chick chicks cocky`,
  },
  {
    level: "not-every-school",
    reason: "gambling",
    words: `poker gamble gambled gambler gamblers gambles gambling jackpot blackjack roulette betting bookie bookies
      bettor bettors baccarat gambling jackpots lottery`,
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
