/** Turns of phrase that need a second reading, with what to write instead. */
const turns: readonly (readonly [phrase: RegExp, instead: string])[] = [
  [/\b(anew|whoever|spoken of|in vain|of old|be it)\b/i, "plain words"],
  [/\b(nobody|somebody) (states?|says|offers|knows)\b/i, "not stated, not offered, not known"],
  [/\b(is|are|was|were) (made|on offer|there|asked|known) no more\b/i, "no longer"],
  [/\bstands? already\b/i, "already installed"],
  [/\bheld back\b/i, "limited by"],
  [/\b(candidate|valve|drive|body) in hand\b/i, "selected"],
  [/\bwaits for\b/i, "name the missing value"],
  [/\bstrip it\b|\bput it together\b|\bfit the drive\b/i, "strip down, reassemble, mount the actuator"],
  [/\b(bring|brought|take|taken) (a project |it )?(in|out) (as|from|with)\b/i, "import, export"],
  [/\bmore than the house (likes|allows)\b/i, "exceeds the house rule"],
  [/\bfrom hands\b/i, "keep hands clear"],
  [/\bwho works\b/i, "technician"],
  [/\b(not|no|never) (un|in)\w+ (no|not|never)\b/i, "no double negative"],
];

/** Phrases that readers of code and of the manual should not meet either. */
const turnsInProse: typeof turns = [
  ...turns.filter(([phrase]) => !/waits for|nobody/.test(phrase.source)),
  [/\b(nobody|somebody) (states?|says|knows)\b/i, "not stated, not known"],
  [/\b(hangs?|hanging) (on|upon)\b/i, "depends on"],
  [/\b(lets?|letting) go\b(?! of (the|its) key)/i, "close, delete, drop"],
  [/\b(nobody|somebody) (has|had) said\b/i, "not stated"],
  [/\bgoes by\b/i, "uses"],
  [/\bin hand of\b/i, "margin to"],
  [/\b(is|are) had (of|from|by)\b/i, "subject, verb, object"],
  [/\b(stands?|standing) for nobody\b/i, "say what it is"],
];

/** Names in stored documents and in the API. Readers see a title instead. */
const storedNames: ReadonlySet<string> = new Set(["waits for", "fit the drive"]);

/** Most words of a sentence that is read on a screen. */
const mostWords = 25;

const found = (phrases: typeof turns, text: string): string[] =>
  phrases.flatMap(([phrase, instead]) => {
    const match = phrase.exec(text);
    return match === null ? [] : [`"${match[0]}": ${instead}`];
  });

const sentences = (text: string): string[] => text.split(/(?<=[.!?])\s+/);
const wordsIn = (sentence: string): number => sentence.match(/[A-Za-z][A-Za-z'’-]*/g)?.length ?? 0;

/**
 * Faults of a text against plain English.
 *
 * @param text as a reader sees it; a value in `${…}` counts as one word
 * @returns each fault with what to write instead; none where it is plain
 * @example faultsOf("The line is made no more.") // → ['"is made no more": no longer']
 */
export function faultsOf(text: string): string[] {
  if (storedNames.has(text)) return [];
  const shown = text.replace(/\$\{[^}]*\}/g, "X");
  return [
    ...found(turns, shown),
    ...sentences(shown)
      .filter((sentence) => wordsIn(sentence) > mostWords)
      .map((sentence) => `${wordsIn(sentence)} words in one sentence: ${sentence.slice(0, 60)} …`),
  ];
}

/**
 * Phrases of a comment, a test title or a page of the manual that are not plain English.
 *
 * @param text prose of any length; text in backticks is a name and is not read
 * @returns each fault with what to write instead; none where it is plain
 * @example faultsOfProse("A rule that hangs on nothing") // → ['"hangs on": depends on']
 */
export const faultsOfProse = (text: string): string[] =>
  found(turnsInProse, text.replace(/```[\s\S]*?```|`[^`]*`/g, "X"));
