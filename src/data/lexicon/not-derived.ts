/**
 * Words that only look as if they were another word with -er, -est, -ly, -y, un-, re- or dis-: every word the rule
 * finds was read by eye, November 2026. A form of one of them is not derived either.
 */
export const NOT_DERIVED: ReadonlySet<string> = new Set(
  `after archer banner barber barter batter beaker bitter bower buffer butter canter caper capper cater center charter
  clover coaster cooper copper corner cotter counter cower cracker crater dagger damper dinner dodger draper easter fender
  fester filter flatter flicker former founder foyer gutter halter hammer hunker inner jester kinder ladder larder latter
  ledger lesser letter lister liter litter liver loafer manner master matter miter muster mutter nutter number offer
  otter outer pager patter pepper pester poker ponder porter poster potter pucker purser putter quarter rafter ranger rapper render
  roster router rubber rudder saucer scatter shatter shutter sister skewer skipper slobber splatter splinter spatter
  spanner stagger stranger suffer summer supper tamper tanner taper temper tender tenner tiller timber toner totter tower
  trigger tripper tuber upper user utter voucher wager waiver wander water weber whisker whisper wicker winter wither wonder
  bummer chipper clipper foyer glazer goner guilder girder kipper lancer lender lifer linger mugger mummer nester nipper plier
  pounder primer proper punter quaker quilter sander scalper scooter shocker slacker slammer slugger sniper snapper
  sticker stinger stringer sucker tinker topper twister waltzer whacker whopper winner ringer hooker hacker hitter
  earnest forest tempest honest modest harvest interest
  comely crawly curly gangly sparkly belly jelly smelly ugly daily
  army baby bally balmy bandy belly biddy bitty body bonny booty brandy bratty buddy bully bunny busy cabby caddy carry catty chippy
  copy corny county cruddy daddy daisy dally dandy deary dilly dippy ditty dolly dotty dowdy early eighty fairy fancy fanny filly
  fifty forty gawky goosey granny gravy gully gunny heady hobby hockey holly holy homey hooky hubby huffy hunky husky jaunty jelly
  jetty jolly kiddy kitty lady lefty lobby lolly loony marry matey moly mommy mummy musky musty nanny nasty naughty navy nobody
  pansy party patsy patty penny perky petty phoney phony picky piggy pinky pity plenty pony poppy potty pouty preppy pretty punky
  puppy putty racy ratty ready really ruby ruddy rummy sassy saucy scanty screwy shanty silly sleazy slurry smarty snoopy sorry
  storey story study tabby tacky tally tarty telly teeny testy tidy tinny tippy tipsy treaty tubby tummy twenty wary weary whisky
  yucky yummy zippy easy kidney
  unless unto undue unquote unit uncle
  react recall recite recline recoil recourse recur recap recast redeem redress refine reflex reflux refrain refresh refund
  refuse regale rehearse relapse relate relax relay release relent relied relies relieve rely remain remark remiss remind
  remote remove repair repeal repeat replied replies reply report repose repress repulse request research resound resource
  restore restrain restrict retail retire retract retreat return reveal reverse review revile revolt reward reform rebound
  renew resolve remand repute rehash
  discard discharge disclose discord discount discourse discuss disguise disgust dismay dismiss dispatch display dispose
  distaste distend distill distract distress disperse display`
    .split(/\s+/)
    .filter(Boolean),
);
