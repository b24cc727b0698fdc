/**
 * A sentence for each of some words that sound the same, in one accent or another, so that a child who hears it knows which
 * is meant: the word first, then its sentence. Words of a line sound alike somewhere; whether they do in the school's
 * accent is asked of the word list. Chosen from what children of five to eight know. Judgement, no source.
 */
export const SOUND_ALIKE_SENTENCES: readonly (readonly { readonly word: string; readonly sentence: string }[])[] = `
  to: We went to the shop. | too: The bag is too big. | two: Sam has two cats.
  for: This is for Mum. | four: A cat has four legs.
  no: There is no milk left. | know: I know his name.
  be: I will be six. | bee: The bee is on the rose.
  not: I am not sad. | knot: Tie a knot in the string.
  here: Come here to me. | hear: Can you hear the bell?
  so: I am so hot. | sew: Gran can sew a hat. | sow: Sow the seeds in the mud.
  there: Sit over there. | their: They fed their dog.
  right: Lift your right hand. | write: Write it with a pen.
  see: I can see a ship. | sea: We swam in the sea.
  been: Where have you been? | bin: Put the bag in the bin. | bean: I ate a green bean.
  or: Is it a cat or a dog? | oar: He lost an oar from the boat.
  some: I had some milk. | sum: Six and two is a simple sum.
  where: Where is the cat? | wear: I wear a red hat.
  would: I would like a bun. | wood: The box is made of wood.
  by: The cat sat by me. | buy: We buy milk at the shop. | bye: He said bye and left.
  our: This is our dog. | hour: We slept for an hour.
  way: Show me the way home. | weigh: Weigh the bag of sand.
  need: I need a hat. | knead: Knead the dough with your hands.
  great: We had a great time. | grate: Grate the cheese.
  night: It is dark at night. | knight: The knight rode a horse.
  wait: Wait for me. | weight: He can lift a big weight.
  new: I got a new bag. | knew: He knew my name.
  hi: Hi, how are you? | high: The kite is high up.
  made: Mum made a cake. | maid: The maid swept the steps.
  through: The train went through a tunnel. | threw: He threw the ball.
  might: It might rain. | mite: A mite is smaller than an ant.
  heard: I heard a bell. | herd: A herd of cows is on the hill.
  son: The king had a son. | sun: The sun is hot.
  whole: He ate the whole cake. | hole: The dog dug a hole.
  meet: Meet me at the park. | meat: The dog ate the meat.
  knows: She knows the way. | nose: My nose is cold.
  read: I like to read a book. | reed: A reed grows in the pond.
  week: It rained all week. | weak: The cup of tea is weak.
  break: Do not break the cup. | brake: The brake on my bike is stiff.
  dear: Dear Gran, we are well. | deer: A deer ran in the woods.
  side: It is on the left side. | sighed: He sighed and sat down.
  hair: Brush your hair. | hare: The hare ran fast.
  sent: Gran sent me a card. | cent: A cent is a small coin. | scent: The rose has a sweet scent.
  past: We went past the shop. | passed: Sam passed me the ball.
  piece: I had a piece of cake. | peace: The cat wants some peace and quiet.
  road: Look before you cross the road. | rode: She rode a horse. | rowed: We rowed the boat.
  blue: The sky is blue. | blew: The wind blew.
  eight: A spider has eight legs. | ate: I ate a plum.
  fair: We had fun at the fair. | fare: Pay your fare on the bus.
  horse: He rode a horse. | hoarse: I shouted until I was hoarse.
  pain: I have a pain in my leg. | pane: Clean the pane of glass.
  plane: The plane is in the sky. | plain: A plain bun has no jam in it.
  ring: Ring the bell. | wring: Wring out the wet cloth.
  missed: I missed the bus. | mist: The hills are hidden in the mist.
  board: Write it on the board. | bored: I am bored and want to play.
  aunt: My aunt came for tea. | ant: An ant is very small.
  bear: The bear slept in a cave. | bare: His feet were bare.
  hall: We sang in the hall. | haul: Haul the boat up the beach.
  raise: Raise your hand. | rays: The rays of the sun are warm.
  rose: I smelled a rose. | rows: We sat in rows.
  steal: Foxes steal eggs. | steel: The bridge is made of steel.
  waste: Do not waste the water. | waist: Tie the rope around your waist.
  choose: You can choose a book. | chews: The dog chews a bone.
  rain: The rain made us wet. | reign: The queen had a long reign. | rein: Hold the rein and sit still.
  allowed: Dogs are not allowed in the shop. | aloud: Read it aloud.
  mail: The mail came at ten. | male: A male duck is a drake.
  pair: I have a pair of boots. | pear: I ate a ripe pear.
  tail: The dog wags its tail. | tale: Tell me a tale about a fox.
  sail: The boat has a red sail. | sale: I got this hat in the sale.
  stairs: Go up the stairs. | stares: The cat stares at the bird.
  stair: Sit on the bottom stair. | stare: Do not stare at him.
  tied: He tied up his boat. | tide: The tide comes in.
  warn: Warn them that the tea is hot. | worn: My boots are worn out.
  weather: The weather is cold. | whether: Ask whether we can go.
  wade: We wade in the pond. | weighed: Mum weighed the fish.
  wrap: Wrap the gift. | rap: I heard a rap on the door.
  dough: Roll out the dough. | doe: A doe is a deer.
  flew: The bird flew off. | flu: I was ill with flu.
  sore: My leg is sore. | soar: Gulls soar in the sky. | saw: I saw a ship.
  toe: I hurt my toe. | tow: The truck can tow a van.
  heal: The cut will heal soon. | heel: My heel hurts in this boot.
  whale: A whale swims in the sea. | wail: I heard the baby wail.
  leak: The pipe has a leak. | leek: Put a leek in the soup.
  creak: I heard the door creak. | creek: We went across the creek.
  peak: There is snow on the peak of the hill. | peek: Do not peek at the gift.
  pale: He was pale and ill. | pail: Fill the pail with milk.
  pause: Pause for a rest. | paws: The cat licks its paws.
  paw: The dog has mud on its paw. | pour: Pour the milk.
  toad: A toad sat on the log. | towed: The van was towed away.
  flea: The dog had a flea. | flee: The birds flee from the cat.
  sight: The sea was a fine sight. | site: The site of the camp is by the wood.
  beach: We played on the beach. | beech: A beech is a big tree.
  flower: I picked a flower. | flour: Mix the flour and the eggs.
  main: This is the main road. | mane: The horse has a long mane.
  fir: A fir is a tree. | fur: The cat has soft fur.
  court: We play on the tennis court. | caught: I caught the ball.
  stalk: A rose has a long stalk. | stork: A stork is a tall bird.
  grown: I have grown tall. | groan: We heard him groan.
  him: Give it to him. | hymn: We sang a hymn.
  in: The cat is in the box. | inn: We slept at the inn.
  moose: A moose is as big as a horse. | mousse: I had mousse after lunch.
  pier: We went along the pier. | peer: Peer through the hole.
  roll: Roll the ball to me. | role: I have a role in the play.
  root: The root of a tree is in the mud. | route: Which route is the shortest?
  seen: I have seen that film. | scene: The last scene of the play was funny.
  seem: You seem sad. | seam: The seam of my coat has split.
  sole: The sole of my shoe has split. | soul: There was not a soul in the shop.
  thrown: He has thrown the ball. | throne: The king sat on his throne.
  you: You can come in. | ewe: The ewe has a lamb.
  guest: We had a guest for tea. | guessed: She guessed my name.
  band: The band played a song. | banned: Bikes are banned in the park.
  real: Is the gem real? | reel: Wind the string on the reel.
  purr: I can hear the cat purr. | per: We get two buns per child.
  muscle: My leg muscle is sore. | mussel: The mussel has a black shell.
  pole: The flag is on a pole. | poll: We took a poll to choose a name.
  claws: The cat has sharp claws. | clause: This clause has a verb.
`
  .split("\n")
  .map((line) => line.trim())
  .filter(Boolean)
  .map((line) =>
    line.split(" | ").map((one) => {
      const [word = "", sentence = ""] = one.split(": ");
      return { word, sentence };
    }),
  );
