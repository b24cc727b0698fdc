/**
 * Given names of one syllable, and short forms of names, that a child may bear or know: never offered as nonsense
 * words. Common practice, from memory; the film-speech list of names lacks many of them.
 */
export const GIVEN_NAMES = `
  abe ace al alf ann anne art aud barb bart bas bea beau beck belle ben bert bess bet beth bev bill blair blake blanche
  blue bo bob brad brant brent brett britt brock bruce bryce buck bud burt cal cam carl cass cate cath chad chaz chase
  chet chris chuck claire clark claude clay clem cliff clint clive clyde cole colm con cruz curt dai dale dan dave dawn
  dax dean deb dee del den des dex di dick dirk dom don dot drake drew duke dunc dwayne dwight earl ed elle else em emm
  erl ern eve faith faye fay fern finn fitz fleur flo flor floss ford fran frank fred fritz gabe gail gale gary gav gay
  gaz gem gene geoff george gert gil gill gin ginge glen glenn grace grant greg greer greta gus guy gwen gwyn hal hank
  hans hap harv hart heath herb herm hope hugh huw hugo ian ike ines ing ira isa ive jace jack jade jai jake james jan
  jane jay jazz jean jed jeff jen jess jett jill jim jo joan job joe joel john jon josh joy joyce juan jude jules june
  kai kane karl kat kate kath kay keane keith ken kent kev kim king kip kirk kit klaus kris kurt kye kyle lance lane lars
  laine lee leif leigh len les lex liam lib lil lin lise liv liz lloyd lois lorne lou lowe luc luke luz lyle lyn lynn
  mac mae madge mai marc mark max may meg mel merle mick mike miles milt mim mimi min mitch moe moll morse moss mort
  myf myles nan nash nat ned neil nell nev niall nick nige nils nina noel norm oz paige pam pat paul pearl peg penn
  perce pete phil pip poll prue quinn rae rafe ralph ran raul ray reece reg reid remy rene rex rhett rhys rich rick rob
  rod rolf rolph ron rooke rose ross roy rube rudd rue russ ruth sal sam sand sean seb seth shane shaun shaw shay shawn
  shell sid sim skye sol spence spike stan stew stu sue syd tad tam tash tate taye ted tess tex thad thea theo thom tim
  tish tod todd tom toph trace trent trev trish troy trudge ty val van vern vic vin vince viv wade walt wayne webb wes
  whit will win wynn yann yves zach zack zak zane zeb zeke zoe zed`
  .split(/\s+/)
  .filter(Boolean);
