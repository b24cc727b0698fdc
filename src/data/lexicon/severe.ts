/**
 * The words that a nonsense word may not even remind anybody of: neither begin like one, nor differ from one
 * by its vowel only, nor by one sound left off or put on. Read by eye, November 2026; used by
 * core/nonsense/near-rude.ts and nowhere shown.
 */
export const SEVERE =
  `fuck shit cunt cock dick prick tit tits piss wank twat slut whore bitch nigger nigga fag faggot spic kike coon
  gook paki wog rape penis porn sex arse ass fart crap poop cum jizz bastard spunk quim minge bonk shag dyke queer
  tranny spaz retard chink jap nazi nude boob turd pube semen clit gypo golly negro muff bint slag bugger hoe`
    .split(/\s+/)
    .filter(Boolean);
