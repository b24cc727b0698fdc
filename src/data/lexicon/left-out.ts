/**
 * Words of the sources that are not words for a learner to read, by reason. Read by eye, the whole
 * one-syllable list, November 2026. One reason a block; words in alphabetical order.
 */
export const LEFT_OUT: Readonly<Record<string, string>> = {
  "a name, or a word met almost only as one": `
    ab ae ag al alf als alps ann ares bach bates beck ben berg bey beth blume bo bock bos bourne brad
    brant brent brit brits britt brock brooks burg burke cain carl carr cates chad chang chao cher clem
    cleve clint cobb cole coles colt conn coombs craig cray crewe crick cris croft dan deb dee del dev
    dex di dirk dom donne dow dowd dutch ed eng eve fay fayed fisk fitch flor foss french fritz gant
    garth gere goss goth graham greece greek griff grimes grinch gump hanks hank hao hap hart harts hays
    hecht herm hertz hing hogg hong horst howe hoyle hurst jake james jane jean jeff jess jew jews jill
    jo jock joe joes john johns jon jones josh joss jun kai kam kane kang kat kay kemp ken kent kern khan
    kip kirk kraft kris kyle lang lars lear lee leng lev lew lex ley li liang lin ling lis lowe loy luce
    luke mac mack madge mae marc marge mars matt maud max mays meg mel merl merle mets mick mig migs
    mike mikes milt mim ming mitch moe moll morse mort mott mu muir nam nat neal ness noll nome ord pam
    paul pearce pell phi polk rach raff raines raj ralph rance rand reeves reg ren rex rhine rick ritz
    roque rudd ruth sal salle sam san sark saul scotch scots scrooge sears seine sha shaw shawn shay shea
    shire sloan slade smee snell sol spain spence starr stein stiles stoke stokes stroud swede swiss syed
    sykes tae tai taj tam tao tate ted tex thorpe tod tom toms troy tung turk turks twain vail val vin
    virge wales welch welk welsh wynn xi yale yang yanks yin york zack tim   dean ford fords
    frank franks   kirsch bos bel brooke lars lats noir pol psi rem sai sears st sri
    chi hun dell jin jacks milles lynne lac tor gage bree les ged lep tait`,
  "an abbreviation or a clipped form": `
     bi biz bro cam comm comp cos coz doc docs eds est ex feds fess gen gov grad hon id lib med
    mic mil mod mon mos op ops pac pic lat ne han conn rad re rec rep reps res rev revs rom sarge sec sim sims sis sync
    synch staph strep tech techs tel trans tux tho thru nite lite cant wont whats hols hep lam mag mags
    mans maxed mo ko mas pas pre prepped psych psyched po shan en em el ell ee es et er ers eng ins ons ole`,
  "an interjection or a noise": `
    aargh argh bam aw ay aye bah blah dang doo duh dah eh gee gees geez gosh hah haw heh   hoo
    hoy huh jeez nah naw nay nope oi om ooh oomph ow oy pooh pow pows rah shucks ta ugh uh um
    umm ur vroom wham whew whoa whoops ya yah yay yea yeah yeh yep yikes yip yo yow yuk yup na ar ish ting`,
  "not English, or no longer English": `
    ai ake angst auld beau bein bon bonne borscht chai chez cha chou ciao cinque cirque creme da das de
    donne dort dos dost doth duce dux eau ere erk faux fe femme frau gauche grande hades hast hath haute
    hoi hoke ich ja jour jus ka ki la lar las laird lei loch lor mein mensch mi mille mis moi morn mun nee
    nene nous nu oft os pap pax roque sans schist schmuck schnapps schnell segue sen shah sheik sheikh si
    sic sui sup sur swink te tete thane thar thee thine thou thy ti til tis touche trey trois troth twas
    un vive wat wen whit wo ye yon yous youse spiel shtick klutz nance rouge bien hors sous mal che`,
  "rare, or spelt in a way that would mislead": `
    batts bloods boned bronc bub burke butte cann chow conk crick doer drey diss dis duff dweeb fife fink
    flack fro fugue gad gat geek geeks gob gook goop grange guff gulch gung gu hales hock hag hick
    hicks hilts hoss juke kook kooks knifed kinks lox lucked lea leach lien lo lobs mach mead
    mee milles nix non olds prig prude putz quark quint quist ruff rove scrip scud serge shad
     smalls sod stiffed stiffs stooge swank tad tat tete tuff tush vamp wack wile wiles wimp
    wimps wiz wright zee zig goon goons nerd nerds         
          coed    forte skier   sirs
    bink tong lode carte knowns ands shalt damme hume drey vise whiz slough cleaves brig lum tryst`,
  "too rare, or a name, among the words that came in when the floor became one (read November 2026)": `
    ankh aught baht barbe bast bate baye beare becks bilk boff bosh bott brut buss chas coms corp coste cox crim cripe
    crise crosse dal debs dink doh dol dram dun durn fain fete fil fitt flam fop gaus gauss gib gild goe goy grunge hade
    hemp hoc hom huck jibe jilt jink kis lade lande leas liv longe los lou luge lux maile masse matte mete mils min
    mol molt mor mose nett nom oop parr poss pott prob puls pur qua raine rales ranke rappe reeve rigg ripp roc sasse
    schlepp schmaltz schmooze schnook scow selle sens sot spay spie stipe sump suss swales tak teat tec tine toff torte
    tort trie tromp tums vers vert vox wack wale winge winn wis wrack yapp yaw zine qua bung skeet
    dink pyre rime spake thence thieve trow yore`,
};
