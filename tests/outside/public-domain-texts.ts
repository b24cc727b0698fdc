/**
 * Two poems that are in the public domain, written down from memory: "Who Has Seen the Wind?" by Christina Rossetti
 * (Sing-Song, 1872) and the first verses of "The Star" by Jane Taylor (Rhymes for the Nursery, 1806).
 */
export const WIND = `Who has seen the wind?
Neither I nor you:
But when the leaves hang trembling,
The wind is passing through.

Who has seen the wind?
Neither you nor I:
But when the trees bow down their heads,
The wind is passing by.`;

export const STAR = `Twinkle, twinkle, little star,
How I wonder what you are!
Up above the world so high,
Like a diamond in the sky.

When the blazing sun is gone,
When he nothing shines upon,
Then you show your little light,
Twinkle, twinkle, all the night.`;
