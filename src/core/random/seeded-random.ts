/**
 * A small seeded generator (mulberry32, Tommy Ettinger 2017, public domain): the same seed gives the
 * same numbers on every machine. Returns numbers from 0 up to, not including, 1.
 *
 * @param seed a whole number; only its lowest 32 bits count
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
