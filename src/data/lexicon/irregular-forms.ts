/**
 * Forms that no ending makes: each past with its base, each plural with its one. Those that children know, from memory;
 * common practice, no source.
 */
export const IRREGULAR_PASTS: ReadonlyMap<string, string> = new Map(
  `ate eat began begin bent bend bit bite bled bleed blew blow bought buy broke break brought bring built build burnt burn
  came come caught catch chose choose crept creep cut cut dealt deal did do dug dig drank drink drew draw drove drive
  dreamt dream fed feed fell fall felt feel fled flee flew fly flung fling forgot forget fought fight found find froze freeze
  gave give got get grew grow ground grind had have heard hear held hold hid hide hit hit hung hang hurt hurt kept keep
  knelt kneel knew know laid lay leapt leap learnt learn led lead left leave lent lend let let lit light lost lose made
  make meant mean met meet paid pay put put ran run rang ring read read rode ride rose rise said say sang sing sank sink
  sat sit saw see sent send set set shone shine shook shake shot shoot shrank shrink shut shut slept sleep slid slide
  smelt smell sold sell spelt spell spent spend spilt spill split split spoke speak spread spread sprang spring spun spin
  stank stink stole steal stood stand stuck stick stung sting swam swim swept sweep swung swing taught teach thought think
  threw throw told tell took take tore tear understood understand went go wept weep woke wake won win wore wear wove weave
  wrote write`
    .trim()
    .split(/\s+/)
    .flatMap((form, k, all): [string, string][] => (k % 2 === 0 ? [[form, all[k + 1] as string]] : [])),
);

export const IRREGULAR_PLURALS: ReadonlyMap<string, string> = new Map(
  `children child men man women woman feet foot teeth tooth mice mouse geese goose people person sheep sheep fish fish
  deer deer`
    .trim()
    .split(/\s+/)
    .flatMap((form, k, all): [string, string][] => (k % 2 === 0 ? [[form, all[k + 1] as string]] : [])),
);

/** What is said after "has" where it is neither the base nor the past (sung, done): children take them for pasts. */
export const IRREGULAR_PARTICIPLES: ReadonlySet<string> = new Set(
  `been begun bitten blown broken chosen done drawn drunk driven eaten fallen flown forgotten frozen given gone grown
  hidden known lain ridden risen rung seen shaken shown shrunk spoken sprung stolen stunk sung sunk swum taken thrown torn
  woken worn woven written`
    .split(/\s+/)
    .filter(Boolean),
);
