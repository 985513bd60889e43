import type { AreaSystem } from "./place.ts";
import {
  type DustGroup,
  divisionDusts,
  dustGroups,
  type GasGroup,
  gasGroups,
  type Level,
  lettersIn,
  surfaceIn,
  type TemperatureClass,
  temperatureClassIn,
  wordsOf,
} from "./words.ts";

/** What equipment is marked fit for. */
export interface Marking {
  readonly system: AreaSystem;
  /** The severest place it may stand in; null where it may stand in none. */
  readonly gas: {
    readonly level: Level;
    readonly groups: readonly string[];
    readonly temperatureClass: TemperatureClass | null;
  } | null;
  readonly dust: {
    readonly level: Level;
    readonly groups: readonly string[];
    readonly surfaceC: number | null;
  } | null;
}

const levels: Readonly<Record<string, Level>> = { a: 0, b: 1, c: 2 };

/** Groups a marked one covers: itself and those before it. */
const upTo = <G extends string>(groups: readonly G[], marked: G | undefined): readonly G[] =>
  marked === undefined ? [] : groups.slice(0, groups.indexOf(marked) + 1);

/** Category of the directive: 1G stands for zone 0, 2D for zone 21; GD for both. */
function category(words: readonly string[], of: "G" | "D"): Level | undefined {
  const word = words.find((w) => /^[123](G|D|GD|G\/D)$/.test(w) && w.includes(of));
  return word ? ((Number(word[0]) - 1) as Level) : undefined;
}

function zoneMarking(written: string): Marking | null {
  const words = wordsOf(written);
  const level = (letter: "G" | "D") => {
    // Equipment protection levels keep their small letter: Gb is no G and no B.
    const epl = new RegExp(`(?:^|\\s)${letter}([abc])(?=\\s|$|/)`).exec(written)?.[1];
    return epl ? levels[epl] : category(words, letter);
  };
  const [gasLevel, dustLevel] = [level("G"), level("D")];
  const gasGroup = words.find((w): w is GasGroup => (gasGroups as readonly string[]).includes(w));
  const dustGroup = words.find((w): w is DustGroup => (dustGroups as readonly string[]).includes(w));
  if (gasLevel === undefined && dustLevel === undefined) return null;
  return {
    system: "zone",
    gas:
      gasLevel === undefined
        ? null
        : {
            level: gasLevel,
            groups: upTo(gasGroups, gasGroup),
            temperatureClass: temperatureClassIn(words),
          },
    dust:
      dustLevel === undefined
        ? null
        : { level: dustLevel, groups: upTo(dustGroups, dustGroup), surfaceC: surfaceIn(words) },
  };
}

function divisionMarking(written: string): Marking | null {
  const words = wordsOf(written);
  const number = words[words.indexOf("DIV") + 1];
  if (number !== "1" && number !== "2") return null;
  const level = Number(number) as Level;
  const letters = lettersIn(words);
  const gases = letters.filter((l) => !(l in divisionDusts));
  const dusts = letters.filter((l) => l in divisionDusts);
  const classes = words.flatMap((word, i) => (words[i - 1] === "CLASS" ? word.split("/") : []));
  return {
    system: "division",
    gas: classes.includes("I") ? { level, groups: gases, temperatureClass: temperatureClassIn(words) } : null,
    dust: classes.includes("II") ? { level, groups: dusts, surfaceC: surfaceIn(words) } : null,
  };
}

/**
 * Reads what equipment is marked with.
 *
 * @param text one marking, or several with semicolons: "II 2G Ex db IIB T4 Gb; II 2D Ex tb IIIC T135°C Db",
 *   "Class I Div 1 Groups C, D T4"
 * @returns what each says; null where one of them is not understood
 * @source IEC 60079-0, clause 29; 2014/34/EU, annex II; NFPA 70, article 500.8
 * @example readMarkings("II 2G Ex db IIB T4 Gb")[0].gas.level // → 1
 */
export function readMarkings(text: string): readonly Marking[] | null {
  const read = text
    .split(";")
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => (/\bdiv/i.test(one) ? divisionMarking(one) : zoneMarking(one)));
  return read.length === 0 || read.includes(null) ? null : (read as Marking[]);
}
