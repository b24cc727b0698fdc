/** A term as it is used on these screens. */
export interface Term {
  readonly term: string;
  /** One or two plain sentences. */
  readonly meaning: string;
}

/** The words that teachers read here and may know by another name, by what they are about. */
export const GLOSSARY: readonly { readonly about: string; readonly terms: readonly Term[] }[] = [
  {
    about: "Sounds and letters",
    terms: [
      {
        term: "Sound",
        meaning:
          "One sound of speech, a phoneme. Written as your school writes sounds, with a key word: short i as in pin.",
      },
      { term: "Spelling", meaning: "One or more letters that stand for a sound, a grapheme: s, sh, igh, a-e." },
      { term: "Split digraph", meaning: "Two letters for one sound with another letter between them: a-e in cake." },
      {
        term: "Beginning and ending of a word",
        meaning:
          "What comes before the vowel (the onset), and the vowel with all that follows (the rime): sh and op in shop.",
      },
      { term: "Cluster", meaning: "Consonants that stand together and are each heard: st, mp." },
      { term: "Tap", meaning: "One touch for each sound of a word, or for sounds that your school keeps together." },
      { term: "Weak vowel", meaning: "The vowel of a part of a word that is not stressed: a in about." },
      {
        term: "Accent",
        meaning:
          "Which sounds are said, and said alike, where you are. A difference of accent is never scored as an error.",
      },
    ],
  },
  {
    about: "What is taught",
    terms: [
      { term: "Order of teaching", meaning: "The order in which spellings, patterns and irregular words come." },
      {
        term: "Step",
        meaning: "In an order of teaching: what is taught together. In a chain: the way from one word to the next.",
      },
      { term: "Taught so far", meaning: "Everything up to a group's step, with what was ticked or unticked by hand." },
      { term: "Pattern", meaning: "What a word needs besides its spellings: a cluster, an ending, two syllables." },
      {
        term: "Decodable",
        meaning: "Every spelling and every pattern of the word has been taught: it can be read without guessing.",
      },
      { term: "Irregular word", meaning: "A word learnt whole, because part of it is not taught yet: said, was." },
      {
        term: "Nonsense word",
        meaning: "Letters that can be read and mean nothing: vop. It shows whether a word is read or only known.",
      },
      {
        term: "Words kept out",
        meaning: "Words that never come up, and lists that come up only where a school lets them in.",
      },
      {
        term: "Known by five, by seven, by nine",
        meaning: "How old most children are who know a word: a judgement, to choose words by.",
      },
    ],
  },
  {
    about: "Words put together",
    terms: [
      {
        term: "Chain",
        meaning: "Words in which exactly one spelling and one sound changes at each step: ship, chip, chop.",
      },
      { term: "Meet", meaning: "Spellings that a chain or a lesson is to bring up." },
      {
        term: "Tell apart",
        meaning: "Two sounds or spellings that are mixed up: words come in which only they differ.",
      },
      { term: "Family", meaning: "Words with the same ending or the same beginning: hop, shop, drop." },
      {
        term: "False friend",
        meaning: "A word that looks like the family and does not sound like it: low beside cow.",
      },
      { term: "Sort", meaning: "Words to be put under headings, with a few that belong under none." },
      { term: "Pairs", meaning: "Words that differ in one sound: pin and pen." },
      { term: "Ears only", meaning: "Work with sounds and no letters: first sound, blend, take one away." },
      { term: "Routine", meaning: "Ears-only work in a fixed order, filled with other words each day." },
      {
        term: "Zip",
        meaning: "A word with its sounds as teeth: apart while they are tapped, shut when the word is read.",
      },
    ],
  },
  {
    about: "Lessons",
    terms: [
      { term: "Plan", meaning: "The next lesson of a group: activities in order, with their minutes." },
      {
        term: "My turn, together, your turn",
        meaning: "The teacher does a word, then everybody, then a learner alone.",
      },
      { term: "Help", meaning: "How much a word is helped: tapped aloud, tapped silently, read at sight." },
      {
        term: "Kept back",
        meaning: "A word not met in the lesson until its end, to see whether the sound carries over.",
      },
      { term: "Learners' view", meaning: "A second window for the wall: the word, and nothing that tells the answer." },
      { term: "Counters", meaning: "Blank discs, one a sound: no letters. The one whose sound changes is lifted." },
      {
        term: "Rehearsal",
        meaning: "A lesson answered by made-up learners, to try it without children. Nothing of it is counted.",
      },
      { term: "Pack", meaning: "A learner's own cards, chosen by what they know and what is due." },
    ],
  },
  {
    about: "Records",
    terms: [
      {
        term: "Mark",
        meaning: "What one learner answered to one word. A correction is added to it; nothing is written over.",
      },
      {
        term: "Chance",
        meaning:
          "A spelling that could have been read right or wrong. “3 of 10 chances” leaves out what could not go wrong.",
      },
      { term: "Read as, built as", meaning: "What was said or built in place of what was asked: e read as short i." },
      { term: "Way of working", meaning: "Read, built or written, or by ear: each is counted by itself." },
      {
        term: "Written again",
        meaning: "Wrong at first, then written again underneath from the model: what came first counts.",
      },
      { term: "36 to 77 in 100", meaning: "Where the true share lies, as far as so few answers can tell." },
      {
        term: "Secure",
        meaning: "Right often enough, on enough days, by the rule in Settings; looked at again later.",
      },
      { term: "Put off", meaning: "A proposal of what to work on that you do not want: it stays off." },
      { term: "Put away", meaning: "Out of sight, with all records kept." },
      { term: "Erase", meaning: "Every row of a learner is taken away. For ten minutes it can be taken back." },
    ],
  },
];
