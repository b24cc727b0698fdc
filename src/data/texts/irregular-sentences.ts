/**
 * Sentences for irregular words that frames seldom hold, in the fewest and easiest other words, so that a group can read one
 * soon after the word is taught. The first that can be read is taken. Judgement, no source.
 */
export const IRREGULAR_SENTENCES: ReadonlyMap<string, readonly string[]> = new Map(
  `
  the: Tim sat on the mat. | Sam is in the pit.
  to: Pat ran to Sam. | Sam ran to the bus.
  i: I sat. | I am Sam. | I am sad.
  no: No, it is in the bin. | No, Sam is not in bed.
  go: I go to the den. | Sam can go in.
  into: Sam ran into the hut. | A pin fell into the tin.
  he: He is sad. | He ran to the bus.
  she: She is hot. | She had a nap.
  of: It is a bag of nuts. | I had a cup of milk. | It is a tin of ham.
  we: We sat. | We had fun.
  me: Tim fed me. | The dog ran to me.
  be: It can be fun. | It will be hot.
  was: Sam was sad. | It was hot.
  my: My hat is red. | My cat naps. | My pin is on the mat.
  by: Sam sat by the dog. | The cup is by the pan.
  you: Can you hop? | You can sit.
  they: They sat. | They had fun.
  her: Her hat is red. | Her dog ran.
  all: All the pigs ran. | We all sat.
  are: The dogs are big. | The men are sad. | Sam and Pat are sad.
  said: Mum said no. | Sam said it is hot. | Pat said, “Sit.”
  so: I am so hot. | The dog is so big.
  have: I have a dog. | I have a pin.
  like: I like jam. | I like ham.
  some: I had some jam. | Sam had some ham.
  come: Come in. | Come and sit. | Come to me.
  were: The men were sad. | The dogs were big. | Sam and Pat were sad.
  there: Sit there. | The dog is there.
  little: A little dog ran. | It is a little bug.
  one: One dog ran. | One pin is on the mat.
  do: Do not sit. | I do not nap. | Do not tap it.
  when: When can I go? | When is it hot?
  out: Sam ran out. | Let the dog out.
  what: What is it? | What is in the bag?
  been: It has been hot. | Sam has been in bed. | Sam has been sad.
  who: Who is it? | Who sat on the mat?
  once: We had a dog once. | I had a cat once. | Sit once.
  oh: Oh, it is wet. | Oh, it is hot.
  their: Their dog is big. | It is their mat.
  people: Ten people sat. | Six people ran to the bus.
  called: The dog is called Max. | Mum called Sam.
  looked: I looked in the bag. | Sam looked at the dog.
  asked: Sam asked Mum. | I asked Tim.
  could: I could hop. | Sam could not nap.
  should: Sam should sit. | I should nap.
  would: I would run. | Sam would not sit.
  friend: Sam is my friend. | A friend sat on the mat.
  friends: Sam and Tim are friends. | Ten friends sat.
  through: I ran through the mud. | The dog ran through the grass.
  eye: His eye is wet. | Sam has sand in his eye.
  eyes: The cat has big eyes. | His eyes are wet.
  shoe: His shoe is wet. | The dog had a shoe.
  shoes: The shoes are big. | His shoes are wet.
  does: Does it hop? | Does Sam run?
  any: Is any jam in the tin? | Can any pig run?
  many: Many men ran. | Sam has many pets.
  busy: Mum is busy. | A busy bug ran.
  business: It is not his business. | Mum has a business.
  two: Two dogs ran. | Two men sat.
  laugh: Mum can laugh. | Sam and Pat laugh.
  laughed: Mum laughed. | Sam laughed a lot.
  laughing: Sam is laughing. | Mum was laughing.
  because: Sam is hot because he ran. | I am sad because it is wet.
  aunt: His aunt has a cat. | My aunt is in bed.
  aunts: His aunts have cats. | The aunts sat.
  auntie: His auntie has a cat. | My auntie is in bed.
  blood: Blood is red. | His blood is red.
  flood: The flood was bad. | It was a big flood.
  your: Is it your hat? | Your hat is wet.
  again: Sam ran again. | It is wet again.
  says: Mum says no. | Sam says it is hot.
  axe: The axe is in the shed. | Dad has an axe.
  garage: The van is in the garage. | His truck is in the garage.
  handsome: The king is handsome. | A handsome man sat.
  awesome: The trip was awesome. | It was awesome.
  choir: The choir sang a song. | We sing in a choir.
  choirs: The choirs sang a song. | Two choirs sang.
  yacht: The yacht is in the dock. | He has a yacht.
  yachts: The yachts are in the dock. | He has two yachts.
  moustache: The man has a moustache. | His moustache is black.
  restaurant: We had lunch in a restaurant. | The restaurant is shut.
  restaurants: The restaurants are shut. | We went to two restaurants.
  tortoise: A tortoise is not quick. | The tortoise had a nap.
  anxious: The rabbit was anxious. | Mum is anxious.
  handkerchief: His handkerchief is red. | I have a handkerchief.
  sundae: I had a sundae for lunch. | We had a sundae.
  suede: His shoes are suede. | The bag is suede.
  mansion: It is a big mansion. | The king has a mansion.
  mansions: The mansions are big. | The king has ten mansions.
  throughout: It was hot throughout the trip. | We sang throughout.
  plaid: She has a plaid skirt. | His hat is plaid.
  aisle: We ran up the aisle. | Mum sat by the aisle.
  aisles: The shop has ten aisles. | The aisles are long.
  marriage: The marriage was long. | It was a good marriage.
  marriages: The marriages were long. | Those were good marriages.
`
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line): [string, readonly string[]] => {
      const [word = "", sentences = ""] = line.split(/: (.*)/);
      return [word, sentences.split(" | ")];
    }),
);
