/**
 * What the mouth does for a sound, in words a child can follow: one sound a line. Common practice, no source; places
 * and manners as in core/sounds/phonemes.ts. Teachers word these in their own way; a school's own practice wins.
 */
const LINES = `
  p | lips together, then a puff of air; no voice
  b | lips together, then let go, with voice
  t | tongue tip behind the top teeth, then a puff of air; no voice
  d | tongue tip behind the top teeth, then let go, with voice
  k | back of the tongue up, then a puff of air; no voice
  g | back of the tongue up, then let go, with voice
  f | top teeth on the bottom lip, blow; no voice
  v | top teeth on the bottom lip, with voice: it tickles
  θ | tongue between the teeth, blow; no voice
  ð | tongue between the teeth, with voice: it tickles
  s | teeth together, air hisses over the tongue; no voice
  z | teeth together, tongue as for a hiss, with voice: it buzzes
  ʃ | lips pushed forward, soft air; no voice
  ʒ | lips pushed forward, soft air, with voice
  h | mouth open, a warm breath; no voice
  tʃ | lips forward, tongue up, then a short burst; no voice
  dʒ | lips forward, tongue up, then a short burst with voice
  m | lips together, hum through the nose
  n | tongue tip behind the top teeth, hum through the nose
  ŋ | back of the tongue up, hum through the nose
  l | tongue tip up behind the top teeth, voice flows round it
  r | tongue drawn back, lips a little rounded, with voice
  w | lips in a small circle, then open, with voice
  j | tongue high and smiling lips, then open, with voice
  æ | mouth wide open, tongue low and forward
  e | mouth half open, lips a little spread
  ɪ | mouth nearly closed, lips loose
  ɒ | mouth open, lips rounded
  ʌ | mouth half open, everything loose, a short push
  ʊ | lips a little rounded, short
  iː | smiling lips, tongue high, hold it
  uː | lips in a tight circle, hold it
  ɔː | lips rounded, jaw low, hold it
  ɑː | mouth wide open, tongue low at the back, hold it
  eɪ | mouth half open, gliding into a smile
  aɪ | mouth wide open, gliding into a smile
  ɔɪ | lips rounded, gliding into a smile
  oʊ | lips round, closing to a small circle
  aʊ | mouth wide open, closing to a small circle
  ɜːr | lips loose, tongue in the middle, hold it
  ɑːr | mouth wide open, then as for r where it is said
  ɔːr | lips rounded, then as for r where it is said
  er | mouth half open, then as for r where it is said
  ɪr | lips spread, then as for r where it is said
  ʊr | lips rounded, then as for r where it is said
  ə | everything loose, very short
  ər | everything loose, then as for r where it is said
`;

export const MOUTH_CUES: ReadonlyMap<string, string> = new Map(
  LINES.split("\n")
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line): [string, string] => {
      const [sound = "", cue = ""] = line.split("|").map((part) => part.trim());
      return [sound, cue];
    }),
);
