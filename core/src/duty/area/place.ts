import { remembering } from "../../basis/text/remembering.ts";
import {
  type AreaSystem,
  type Atmosphere,
  dustGroups,
  dustLetters,
  gasGroups,
  gasLetters,
  groupsAmong,
  type Level,
  partsByClass,
  surfaceOf,
  wordsOf,
} from "./words.ts";

/** How a place is classified. */
export interface Place {
  readonly system: AreaSystem;
  readonly gas: Atmosphere | null;
  readonly dust: Atmosphere | null;
}

const safe =
  /^(SAFE|NON[- ]?HAZARDOUS|UN[- ]?CLASSIFIED|NOT CLASSIFIED|NON[- ]?CLASSIFIED|NONE|GENERAL PURPOSE|GP|NH)( AREA)?$/;

/** Filler words without meaning. */
const joining = ["/", "&", "AND", "EX", "GAS", "DUST", "AREA", "HAZARDOUS", "T"];

/** The lowest of several limits: the severest part of a place decides. */
const coolest = (surfaces: readonly number[]): number | null =>
  surfaces.length === 0 ? null : Math.min(...surfaces);

const surfacesAmong = (words: readonly string[]): number[] =>
  words.map(surfaceOf).filter((c): c is number => c !== null);

function zones(words: readonly string[]): Place | null {
  const numbers: number[] = [];
  for (const [i, word] of words.entries()) {
    const joined = /^(?:ZONE|Z)(\d{1,2})$/.exec(word)?.[1];
    const follows = /^(ZONES?|Z)$/.test(words[i - 1] ?? "") || (numbers.length > 0 && words[i - 1] === "/");
    if (joined !== undefined) numbers.push(Number(joined));
    else if (/^\d{1,2}$/.test(word) && follows) numbers.push(Number(word));
    else if (
      !/^(ZONES?|Z|CLASS|I)$/.test(word) &&
      !joining.includes(word) &&
      surfaceOf(word) === null &&
      groupsAmong([word], [...gasGroups, ...dustGroups]).length === 0
    )
      // One word that is not understood may turn the others round.
      return null;
  }
  const gas = numbers.filter((n) => n <= 2);
  const dust = numbers.filter((n) => n >= 20 && n <= 22);
  if (numbers.length === 0 || gas.length + dust.length < numbers.length || gas.length > 1 || dust.length > 1)
    return null;
  // A class belongs to gas and a temperature to dust, unless only one of them is present.
  const classed = surfacesAmong(words.filter((w) => !/C$/.test(w) || dust.length === 0));
  const stated = surfacesAmong(words.filter((w) => /C$/.test(w) || gas.length === 0));
  return {
    system: "zone",
    gas:
      gas.length === 0
        ? null
        : { level: gas[0] as Level, groups: groupsAmong(words, gasGroups), surfaceC: coolest(classed) },
    dust:
      dust.length === 0
        ? null
        : {
            level: (dust[0]! - 20) as Level,
            groups: groupsAmong(words, dustGroups),
            surfaceC: coolest(stated),
          },
  };
}

const numerals = ["I", "II", "1", "2"];

/** One part of the division system: classes, then the division, then groups and a surface. */
function division(words: readonly string[]): Omit<Place, "system"> | null {
  const index = words.indexOf("DIV");
  const number = words[index + 1];
  const named = words.slice(0, index).filter((w) => !joining.includes(w));
  const rest = words.slice(index + 2);
  const strange = rest.some(
    (w) =>
      w !== "GROUP" &&
      !joining.includes(w) &&
      surfaceOf(w) === null &&
      groupsAmong([w], [...gasLetters, ...dustLetters]).length === 0,
  );
  if (index < 1 || (number !== "1" && number !== "2") || strange || !named.every((w) => numerals.includes(w)))
    return null;
  const atmosphereOf = (letters: readonly string[]): Atmosphere => ({
    level: Number(number) as Level,
    groups: groupsAmong(rest, letters),
    surfaceC: coolest(surfacesAmong(rest)),
  });
  return {
    gas: named.includes("I") || named.includes("1") ? atmosphereOf(gasLetters) : null,
    dust: named.includes("II") || named.includes("2") ? atmosphereOf(dustLetters) : null,
  };
}

function divisions(words: readonly string[]): Place | null {
  const parts = words[0] === "CLASS" ? partsByClass(words).map(division) : [];
  const gas = parts.flatMap((part) => part?.gas ?? []);
  const dust = parts.flatMap((part) => part?.dust ?? []);
  return parts.includes(null) || gas.length + dust.length === 0 || gas.length > 1 || dust.length > 1
    ? null
    : { system: "division", gas: gas[0] ?? null, dust: dust[0] ?? null };
}

/**
 * Reads how a place is classified.
 *
 * @param text such as "zone 1 IIB T3", "zone 2 IIC T4 / zone 22 IIIB T135°C", "Class I Div 2 Group D T3", "safe"
 * @returns the place, with the severest of several values; "safe" where no explosive atmosphere is expected; null where
 *   a word is not understood
 * @source IEC 60079-10-1 and -10-2; NFPA 70, articles 500 and 505
 * @example readPlace("zone 1 IIB T3").gas.level // → 1
 */
export const readPlace = remembering((text): Place | "safe" | null => {
  if (safe.test(text.trim().toUpperCase())) return "safe";
  const words = wordsOf(text);
  return words.includes("DIV") ? divisions(words) : zones(words);
});
