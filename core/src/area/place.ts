import {
  type DustGroup,
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

export type AreaSystem = "zone" | "division";

/** A place where gas may be. */
export interface GasPlace {
  readonly level: Level;
  /** Null where it is not stated. */
  readonly group: GasGroup | string | null;
  readonly temperatureClass: TemperatureClass | null;
}

/** A place where dust may be. */
export interface DustPlace {
  readonly level: Level;
  readonly group: DustGroup | string | null;
  /** Highest surface, °C; null where it is not stated. */
  readonly surfaceC: number | null;
}

/** How a place is classified. */
export interface Place {
  readonly system: AreaSystem;
  readonly gas: GasPlace | null;
  readonly dust: DustPlace | null;
}

const safe =
  /^(SAFE|NON[- ]?HAZARDOUS|UN[- ]?CLASSIFIED|NOT CLASSIFIED|NON[- ]?CLASSIFIED|NONE|GENERAL PURPOSE|GP|NH)( AREA)?$/;

function zones(words: readonly string[]): Place | null {
  const numbers = words.flatMap((word, i) => {
    const joined = /^(?:ZONE|Z)(\d{1,2})$/.exec(word)?.[1];
    if (joined) return [Number(joined)];
    return (words[i - 1] === "ZONE" ||
      words[i - 1] === "ZONES" ||
      words[i - 1] === "Z" ||
      words[i - 1] === "/") &&
      /^\d{1,2}$/.test(word)
      ? [Number(word)]
      : [];
  });
  const gas = numbers.filter((n) => n >= 0 && n <= 2);
  const dust = numbers.filter((n) => n >= 20 && n <= 22);
  if (numbers.length === 0 || gas.length + dust.length < numbers.length || gas.length > 1 || dust.length > 1)
    return null;
  const gasGroup = words.find((w): w is GasGroup => (gasGroups as readonly string[]).includes(w));
  const dustGroup = words.find((w): w is DustGroup => (dustGroups as readonly string[]).includes(w));
  return {
    system: "zone",
    gas:
      gas.length === 0
        ? null
        : { level: gas[0] as Level, group: gasGroup ?? null, temperatureClass: temperatureClassIn(words) },
    dust:
      dust.length === 0
        ? null
        : { level: (dust[0]! - 20) as Level, group: dustGroup ?? null, surfaceC: surfaceIn(words) },
  };
}

function divisions(words: readonly string[]): Place | null {
  const at = words.indexOf("DIV");
  const number = at < 0 ? undefined : words[at + 1];
  const klass = words[words.indexOf("CLASS") + 1];
  if (
    (number !== "1" && number !== "2") ||
    (klass !== "I" && klass !== "II" && klass !== "1" && klass !== "2")
  )
    return null;
  const level = Number(number) as Level;
  // The severest group a place names is what equipment must be fit for.
  const group = [...lettersIn(words)].sort()[0] ?? null;
  return klass === "I" || klass === "1"
    ? { system: "division", gas: { level, group, temperatureClass: temperatureClassIn(words) }, dust: null }
    : {
        system: "division",
        gas: null,
        dust: { level, group, surfaceC: surfaceIn(words) },
      };
}

/**
 * Reads how a place is classified.
 *
 * @param text such as "zone 1 IIB T3", "zone 2 IIC T4 / zone 22 IIIB T135°C", "Class I Div 2 Group D T3", "safe"
 * @returns the place; "safe" where nothing explosive is to be expected; null where it is not understood
 * @source IEC 60079-10-1 and -10-2; NFPA 70, articles 500 and 505
 * @example readPlace("zone 1 IIB T3").gas.level // → 1
 */
export function readPlace(text: string): Place | "safe" | null {
  const trimmed = text.trim().toUpperCase();
  if (safe.test(trimmed)) return "safe";
  const words = wordsOf(text.replace(/\//g, " / "));
  return words.includes("DIV") ? divisions(words) : zones(words);
}
