/** Contractions that children read and write, as the dictionary lists them. Common practice, from memory. */
export const CONTRACTIONS =
  `i'm i've i'll i'd you're you've you'll you'd he's he'll he'd she's she'll she'd it's it'll it'd we're
  we've we'll we'd they're they've they'll they'd that's that'll there's here's what's who's who'll where's how's when's
  why's let's isn't aren't wasn't weren't don't doesn't didn't haven't hasn't hadn't can't couldn't won't wouldn't
  shouldn't mustn't mightn't needn't shan't could've should've would've o'clock`
    .split(/\s+/)
    .filter(Boolean);
