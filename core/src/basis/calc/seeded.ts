/**
 * Numbers that come again with the same seed, the same in every engine: thirty-two bits of whole-number arithmetic.
 *
 * @param seed a whole number
 * @returns a function that gives the next number, at least 0 and below 1
 * @source mulberry32
 * @example seeded(1)() === seeded(1)() // → true
 */
export function seeded(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
