/** Texts kept at most: a plant has a few dozen kinds of plates and places; more than that is somebody typing. */
const most = 500;

/**
 * Reads each text once: the same plates and places are read for thousands of candidates.
 *
 * @param read a pure function of a text
 * @returns the same function, which remembers what it read last
 * @example remembering((text) => text.length)("abc") // → 3
 */
export function remembering<Read>(read: (text: string) => Read): (text: string) => Read {
  const known = new Map<string, Read>();
  return (text) => {
    if (known.has(text)) return known.get(text)!;
    if (known.size >= most) known.clear();
    const found = read(text);
    known.set(text, found);
    return found;
  };
}
