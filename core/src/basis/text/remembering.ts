/** Most texts kept: a plant has a few dozen kinds of markings and areas; more than that comes from typing. */
const maximumKept = 500;

/**
 * Reads each text once: the same plates and places are read for thousands of candidates.
 *
 * @param read a pure function of a text
 * @returns the same function, with a memory of its last results
 * @example remembering((text) => text.length)("abc") // → 3
 */
export function remembering<Read>(read: (text: string) => Read): (text: string) => Read {
  const known = new Map<string, Read>();
  return (text) => {
    if (known.has(text)) return known.get(text)!;
    if (known.size >= maximumKept) known.clear();
    const found = read(text);
    known.set(text, found);
    return found;
  };
}
