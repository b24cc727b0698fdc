/**
 * What endings and beginnings mean, and sentences that show it: a base, then the word that is made of it. Written by hand
 * and read by eye; the meanings are common practice, from memory. `of` is what a base has to be: a noun, a verb, an
 * adjective (n, v, a). Where words only look as if they had the part, or have it in another meaning (better, hardly,
 * lately), those that are meant are named: chosen by eye from all that the word list has.
 */
const list = (words: string): readonly string[] => words.split(/\s+/).filter(Boolean);

export const WORD_PARTS = {
  "suffix-s": [
    {
      of: "n",
      meaning: "more than one",
      sentences: [
        "I had a cat. Sam had ten cats.",
        "This is a bug. The bugs run.",
        "Get a cup. Get six cups.",
        "A duck is in the pond. Ten ducks are on the bank.",
        "I had a plum. Then I had six plums.",
        "A boat left. Then ten boats left.",
      ],
    },
    {
      of: "v",
      meaning: "what he, she or it does",
      sentences: [
        "I run. Sam runs.",
        "I can jump. Tom jumps.",
        "Dogs dig. My dog digs.",
        "I help. Pam helps.",
        "I sit. He sits.",
        "We wait. She waits.",
      ],
    },
  ],
  "suffix-es": [
    {
      of: "n",
      meaning: "more than one",
      sentences: [
        "I had a box. Sam had ten boxes.",
        "This is a fox. The foxes run.",
        "Get a dish. Get six dishes.",
        "I had a bus. Sam had ten buses.",
        "He sat on a bench. Ten benches are in the park.",
        "I had a wish. Then I had six wishes.",
      ],
    },
  ],
  "suffix-ed": [
    {
      of: "v",
      meaning: "it is over: it was done before now",
      sentences: [
        "I can jump. I jumped.",
        "I can help him. I helped him.",
        "I can mix it. I mixed it.",
        "We can plant it. We planted it.",
        "I can pack. I packed this bag.",
        "I can wait. I waited for him.",
      ],
    },
  ],
  "suffix-ing": [
    {
      of: "v",
      meaning: "it is going on",
      not: list("need want like love hear see know own smell find"),
      sentences: [
        "I can jump. I am jumping.",
        "Ducks can quack. The ducks are quacking.",
        "I can sing. I am singing.",
        "He can fish. He is fishing.",
        "We can rest. We are resting.",
        "I can sleep. I am sleeping.",
      ],
    },
  ],
  "suffix-er": [
    {
      of: "a",
      meaning: "more so than another",
      sentences: [
        "It is long. This is longer.",
        "It is soft. This is softer.",
        "Tom is quick. I am quicker.",
        "The pond is deep. The well is deeper.",
        "The lamp is dim. This lamp is dimmer.",
        "The nut is hard. This nut is harder.",
      ],
    },
    {
      of: "v",
      meaning: "somebody who does it, or a thing for it",
      words: list(`teacher driver player leader writer hunter dancer singer walker baker painter speaker
        buyer reader rider runner trainer maker swimmer helper jumper farmer keeper caller digger kicker winner skater
        toaster freezer boiler dryer washer cutter beeper zipper roller`),
      sentences: [
        "I can sing. I am a singer.",
        "Sam can jump. Sam is a jumper.",
        "I can help. I am a helper.",
        "I can paint. I am a painter.",
        "He can farm. He is a farmer.",
        "I can teach. I am a teacher.",
      ],
    },
  ],
  "suffix-est": [
    {
      of: "a",
      meaning: "the most so of all",
      sentences: [
        "It is long. This is the longest.",
        "It is soft. This is the softest.",
        "Tom is quick. Sam is the quickest.",
        "The pond is deep. The sea is the deepest.",
        "I am fast. The fox is the fastest.",
        "The nut is hard. This nut is the hardest.",
      ],
    },
  ],
  "suffix-ly": [
    {
      of: "a",
      meaning: "in this way",
      words: list(`quickly clearly badly slowly deeply safely nicely fairly strongly gladly sadly softly freely
        proudly madly roughly firmly smoothly calmly loudly plainly wildly tightly bravely swiftly wisely neatly sweetly
        brightly loosely kindly boldly coldly warmly`),
      sentences: [
        "I am sad. I said it sadly.",
        "He is quick. He ran quickly.",
        "The vet is kind. The vet spoke kindly.",
        "The step is soft. Step softly.",
        "We were loud. We sang loudly.",
        "I am slow. I get up slowly.",
      ],
    },
  ],
  "suffix-y": [
    {
      of: "n",
      meaning: "with a lot of it, or like it",
      words: list(`sandy rocky dirty lucky sunny messy fuzzy hairy dusty noisy chilly juicy sweaty rainy fluffy
        nutty muddy windy frosty furry salty shady cloudy milky speedy bumpy misty foggy stormy lumpy crunchy hilly thirsty
        greasy icy cheesy`),
      sentences: [
        "Sand is in my bag. My bag is sandy.",
        "Mud is on my leg. My leg is muddy.",
        "We had rain. It was a rainy week.",
        "The wind is strong. It is windy.",
        "Dust is on the desk. The desk is dusty.",
        "There is a lot of salt in it. It is salty.",
      ],
    },
  ],
  "suffix-ful": [
    {
      of: "n",
      meaning: "full of it",
      words: list(`painful peaceful cheerful graceful fearful truthful joyful tasteful harmful restful skillful
        playful hopeful helpful useful careful thankful colorful`),
      sentences: [
        "He has hope. He is hopeful.",
        "He will help. He is helpful.",
        "It is in use. It is useful.",
        "We feel joy. We are joyful.",
        "Take care with the glass. Be careful.",
        "I thank him. I am thankful.",
      ],
    },
  ],
  "suffix-less": [
    {
      of: "n",
      meaning: "without it",
      words: list(`harmless endless homeless pointless fearless painless headless nameless lifeless spotless
        breathless hairless toothless weightless jobless seamless cloudless sleepless hopeless useless careless helpless
        treeless speechless fruitless boneless shapeless`),
      sentences: [
        "It has no end. It is endless.",
        "He has no hat. He is hatless.",
        "It is no use. It is useless.",
        "He had no sleep. It was a sleepless night.",
        "He has no hope. He is hopeless.",
        "The sky had no cloud. It was cloudless.",
      ],
    },
  ],
  "suffix-ness": [
    {
      of: "a",
      meaning: "what it is to be so",
      words: list(`darkness weakness sickness illness sadness goodness sweetness brightness freshness softness
        thickness coldness neatness richness quickness smoothness wetness whiteness calmness flatness roughness slowness
        kindness stillness dampness redness hardness loudness fairness`),
      sentences: [
        "I am sad. Sadness will pass.",
        "The vet is kind. I thank him for his kindness.",
        "The hut is dark. Bats like the darkness.",
        "I am ill. I had an illness.",
        "The quilt is soft. I like its softness.",
        "The street is still. I like the stillness.",
      ],
    },
  ],
  "prefix-un": [
    {
      of: "a",
      meaning: "not",
      words: list(`unfair unreal unclear unsafe untrue unkind unwell unhappy unlucky`),
      sentences: [
        "I am well. Tom is unwell.",
        "Sam is kind. The troll is unkind.",
        "This is fair. That is unfair.",
        "I am happy. The king is unhappy.",
        "The shelf is safe. That shelf is unsafe.",
      ],
    },
    {
      of: "v",
      meaning: "the other way round: what was done is taken back",
      words: list(`unlock untie unpack unfold unzip unwrap unroll undo unplug unload unbend`),
      sentences: [
        "I pack my bag. Then I unpack it.",
        "I lock it. Then I unlock it.",
        "I zip it up. Then I unzip it.",
        "I wrap it. Sam will unwrap it.",
        "I plug it in. Then I unplug it.",
        "I do it up. Then I undo it.",
      ],
    },
  ],
  "prefix-re": [
    {
      of: "v",
      meaning: "again",
      words: list(`repay rebuild refill rewrite rejoin replay reheat repack reread reuse retell reload`),
      sentences: [
        "I pack my bag. Then I repack it.",
        "We fill the jug. Then we refill it.",
        "I heat the soup. Then I reheat it.",
        "I read it. Then I reread it.",
        "We use the bag. Then we reuse it.",
        "I play the clip. Then I replay it.",
      ],
    },
  ],
  "prefix-dis": [
    {
      of: "v",
      meaning: "not, or the opposite",
      words: list(`dislike disagree disappear disobey distrust`),
      sentences: [
        "I like plums. I dislike figs.",
        "I trust him. He will distrust me.",
        "I agree with him. Sam and I disagree.",
        "The ship will appear. Then it will disappear.",
        "The cooks obey. The pup will disobey.",
      ],
    },
  ],
} as const;
