import type { Contrast, PlantedSubstitution, SimulatedLearner } from "../../core/light.ts";

/**
 * The demo: the volunteer-run reading room of Farrow Quay, a harbour town that does not exist. Learners
 * are invented, under nicknames, each with substitutions planted for the evidence to find. Its eight weeks tell a whole
 * story: what Heron did with b and d was found, worked on and is gone; Sandpiper's short e is still open; Whimbrel reads
 * with the Redshanks, needs what Sandpiper needs, and is to be moved.
 */
export interface DemoWeek {
  readonly step: number;
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  /** One a lesson, words apart by spaces: made by the planner, some changed by hand, checked by `demo.test.ts`. */
  readonly chains: readonly string[];
}

export interface DemoLearner extends SimulatedLearner {
  readonly nickname: string;
  /** A substitution that was made in the first weeks only: its share in each of them. */
  readonly gone?: Omit<PlantedSubstitution, "share"> & { readonly shares: readonly number[] };
}

export interface DemoGroup {
  readonly name: string;
  readonly sequenceId: string;
  /** The step the group stands at today. */
  readonly step: number;
  readonly learners: readonly DemoLearner[];
  /** Oldest first; the last one is the week before this. */
  readonly weeks: readonly DemoWeek[];
}

const calm = { tapping: 0.12, selfCorrecting: 0.15, notTrying: 0.02 };

export const READING_ROOM: readonly DemoGroup[] = [
  {
    name: "Plovers",
    sequenceId: "short-vowels-first",
    step: 13,
    learners: [
      { ...calm, nickname: "Sandpiper", substitutions: [{ gpc: "e=e", said: ["ɪ"], share: 0.45 }] },
      {
        ...calm,
        nickname: "Heron",
        substitutions: [{ gpc: "sh=ʃ", said: ["tʃ"], share: 0.4 }],
        gone: { gpc: "b=b", said: ["d"], shares: [0.75, 0.6, 0.3] },
      },
      { ...calm, nickname: "Eider", substitutions: [{ gpc: "u=ʌ", said: ["ɒ"], share: 0.45 }] },
      { ...calm, nickname: "Knot", substitutions: [{ gpc: "ch=tʃ", said: ["ʃ"], share: 0.5 }] },
    ],
    weeks: [
      {
        step: 6,
        focus: ["b=b"],
        contrasts: [{ a: "a=æ", b: "e=e" }],
        chains: [
          "pet pat bat bad bed beg bag tag",
          "lab tab tan ten pen pan man men",
          "mat met set sat cat cab cub tub",
        ],
      },
      {
        step: 7,
        focus: ["w=w"],
        contrasts: [{ a: "b=b", b: "d=d" }],
        chains: [
          "bit wit wet web wed bed bad dad",
          "wag bag bug dug dig big wig win",
          "mud mad had hid rid rib rub tub",
        ],
      },
      {
        step: 8,
        focus: ["x=k+s"],
        contrasts: [{ a: "b=b", b: "d=d" }],
        chains: ["bob box ox ax am dam dad bad", "bug dug dig big bit fit fix six", "tax tab tub rub rib rid red bed"],
      },
      {
        step: 9,
        focus: ["ll=l"],
        contrasts: [{ a: "i=ɪ", b: "e=e" }],
        chains: [
          "till tell sell sill fill fell well will",
          "pill pig peg beg big bill bell yell",
          "pin pen pet pit quit quill hill ill",
        ],
      },
      {
        step: 10,
        focus: ["sh=ʃ"],
        contrasts: [{ a: "s=s", b: "sh=ʃ" }],
        chains: [
          "shed shell sell sill sip ship dip dish",
          "shell sell sill sip ship dip dish fish",
          "shop ship sip sill sell shell shed fed",
        ],
      },
      {
        step: 11,
        focus: ["ck=k"],
        contrasts: [{ a: "o=ɒ", b: "u=ʌ" }],
        chains: [
          "rock dock duck dug dog log lock luck",
          "tub tuck buck but bug dug dog dock",
          "sock shock shop hop hog hug jug jog",
        ],
      },
      {
        step: 12,
        focus: ["ch=tʃ"],
        contrasts: [{ a: "sh=ʃ", b: "ch=tʃ" }],
        chains: [
          "rich rip ship chip chin fin fill chill",
          "chop shop ship chip chill fill fin chin",
          "bet bit bat chat chap chip ship shop",
        ],
      },
      {
        step: 13,
        focus: ["th=θ"],
        contrasts: [{ a: "i=ɪ", b: "e=e" }],
        chains: [
          "neck nick thick thin tin ten tell till",
          "pin pen pet pit pick pack path bath",
          "bed bid big pig peg beg bet bit",
        ],
      },
    ],
  },
  {
    name: "Redshanks",
    sequenceId: "short-vowels-first",
    step: 15,
    learners: [
      {
        ...calm,
        nickname: "Avocet",
        substitutions: [
          { gpc: "ng=ŋ", said: ["n"], share: 0.45 },
          // Not sure yet: the records call for more chances.
          { gpc: "u=ʌ", said: ["ɒ"], share: 0.5 },
        ],
      },
      { ...calm, nickname: "Curlew", substitutions: [{ gpc: "ng=ŋ", said: ["n"], share: 0.5 }] },
      { ...calm, nickname: "Whimbrel", substitutions: [{ gpc: "e=e", said: ["ɪ"], share: 0.5 }] },
    ],
    weeks: [
      {
        step: 12,
        focus: ["ch=tʃ"],
        contrasts: [{ a: "s=s", b: "sh=ʃ" }],
        chains: [
          "ship sip chip chin chill sill sell shell",
          "chat sat sit sick sock shock shop chop",
          "shed shell sell set sat chat chap chip",
        ],
      },
      {
        step: 13,
        focus: ["th=θ"],
        contrasts: [{ a: "i=ɪ", b: "e=e" }],
        chains: [
          "till tell ten tin thin thick nick neck",
          "path pan pen pin pit pet set sit",
          "pig peg beg big bit bat bath math",
        ],
      },
      {
        step: 14,
        focus: ["ng=ŋ"],
        contrasts: [{ a: "n=n", b: "ng=ŋ" }],
        chains: [
          "sung sun run rung rang ran fan fang",
          "sang bang bing bin win wing thing thin",
          "pen pin pit pet set sit sing wing",
        ],
      },
      {
        step: 15,
        focus: ["ng=ŋ"],
        contrasts: [{ a: "n=n", b: "ng=ŋ" }],
        chains: [
          "runs rungs rings things thins wins wings kings",
          "bin bing wing win thin thing sing song",
          "fan fang rang ran run rung sung sun",
        ],
      },
    ],
  },
  {
    name: "Turnstones",
    sequenceId: "phased",
    step: 48,
    learners: [
      { ...calm, nickname: "Dunlin", substitutions: [{ gpc: "a-e=eɪ", said: ["æ"], share: 0.5 }] },
      { ...calm, nickname: "Puffin", substitutions: [{ gpc: "i-e=aɪ", said: ["ɪ"], share: 0.4 }] },
      { ...calm, nickname: "Tern", substitutions: [{ gpc: "oa=oʊ", said: ["ɒ"], share: 0.4 }] },
    ],
    weeks: [
      {
        step: 40,
        focus: [],
        contrasts: [{ a: "o=ɒ", b: "u=ʌ" }],
        chains: [
          "jog jug hug hog hot hut nut not",
          "doll dull dug dog dock duck luck lock",
          "mom mum gum gut got cot cut cub",
        ],
      },
      {
        step: 41,
        focus: [],
        contrasts: [{ a: "a=æ", b: "e=e" }],
        chains: [
          "pen pan pat pet met mat mass mess",
          "send sand and end bend band bad bed",
          "shall shell sell set sat that than then",
        ],
      },
      {
        step: 42,
        focus: [],
        contrasts: [{ a: "i=ɪ", b: "e=e" }],
        chains: [
          "tell till tin ten pen pin pit pet",
          "peg pig big beg bell bill will well",
          "spills spells sells sills fills fells wells wills",
        ],
      },
      {
        step: 43,
        focus: ["oa=oʊ"],
        contrasts: [{ a: "o=ɒ", b: "oa=oʊ" }],
        chains: [
          "cost coast coat cot got goat boat but",
          "toast toaster toasts coasts costs cots coats goats",
          "rock rod road load loader loads roads rods",
        ],
      },
      {
        step: 45,
        focus: ["a-e=eɪ"],
        contrasts: [{ a: "a=æ", b: "a-e=eɪ" }],
        chains: [
          "canes cans vans vanes panes pans plans planes",
          "made mad man mane pane pan plan plane",
          "mats mates makes takes tapes taps caps capes",
        ],
      },
      {
        step: 46,
        focus: ["a-e=eɪ"],
        contrasts: [{ a: "ai=eɪ", b: "a=æ" }],
        chains: [
          "plains plans planes panes pans pains paint pant",
          "plate plane plan plain pain pan pad paid",
          "wake make mane man ran rain grain gran",
        ],
      },
      {
        step: 47,
        focus: ["i-e=aɪ"],
        contrasts: [{ a: "i=ɪ", b: "i-e=aɪ" }],
        chains: [
          "spines spins pins pines tines tins fins fines",
          "kite kit sit site quite quit bit bite",
          "spite spit spin spine pine pin fin fine",
        ],
      },
      {
        step: 48,
        focus: ["o-e=oʊ"],
        contrasts: [{ a: "i=ɪ", b: "i-e=aɪ" }],
        chains: [
          "hide hid rid ride rode rope rip ripe",
          "pins pines fines fins tins tines tones phones",
          "fine fin pin pine pile pole hole hope",
        ],
      },
    ],
  },
];
