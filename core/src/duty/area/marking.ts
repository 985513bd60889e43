import { remembering } from "../../basis/text/remembering.ts";
import { withoutAmbient } from "./ambient-range.ts";
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

/** What equipment is marked for: the severest zone, the groups covered, the highest surface temperature. */
export interface Marking {
  readonly system: AreaSystem;
  readonly gas: Atmosphere | null;
  readonly dust: Atmosphere | null;
}

const levels: Readonly<Record<string, Level>> = { a: 0, b: 1, c: 2 };

/** Groups covered when several are marked: up to the least of them. */
function covered(words: readonly string[], groups: readonly string[]): readonly string[] {
  const [least] = groupsAmong(words, groups);
  return least === undefined ? [] : groups.slice(0, groups.indexOf(least) + 1);
}

/** The hottest of several: equipment is as hot as the hottest of its classes. */
const hottest = (words: readonly string[]): number | null =>
  words
    .map(surfaceOf)
    .reduce<number | null>((maximum, c) => (c === null ? maximum : Math.max(maximum ?? c, c)), null);

/**
 * Protection levels keep their small letter (Gb is neither G nor B); else the category: 1G for zone 0, 2D for zone 21.
 */
function levelIn(written: string, hazard: "G" | "D"): Level | null {
  const stated = [...written.matchAll(new RegExp(`(?<![A-Za-z])${hazard}([abc])(?![A-Za-z])`, "g"))].map(
    (m) => levels[m[1]!]!,
  );
  const categories = [...written.matchAll(/(?<![\w/])([123](?:\/[123])*)\s?(GD|G\/D|G|D)(?![A-Za-z])/g)]
    .filter((m) => m[2]!.includes(hazard))
    .flatMap((m) => m[1]!.split("/").map((n) => (Number(n) - 1) as Level));
  const found = stated.length > 0 ? stated : categories;
  // Equipment between two levels, as on a partition, counts as the lesser.
  return found.length === 0 ? null : (Math.max(...found) as Level);
}

function zoneMarking(whole: string): Marking | null {
  // Text in brackets belongs to associated equipment.
  const written = whole.replace(/\[[^\]]*\]|\([^)]*\)/g, " ");
  const words = wordsOf(written);
  const [gas, dust] = [levelIn(written, "G"), levelIn(written, "D")];
  if (gas === null && dust === null) return null;
  const levelOf = (level: Level | null, groups: readonly string[], said: (word: string) => boolean) =>
    level === null ? null : { level, groups: covered(words, groups), surfaceC: hottest(words.filter(said)) };
  return {
    system: "zone",
    gas: levelOf(gas, gasGroups, (word) => !/C$/.test(word) || dust === null),
    dust: levelOf(dust, dustGroups, (word) => /C$/.test(word)),
  };
}

function divisionMarking(written: string): Marking | null {
  const parts = partsByClass(wordsOf(written)).map((words) => {
    const index = words.indexOf("DIV");
    // Equipment for both divisions suits the first; in "1 and 2" the 1 follows the word.
    const number = words[index + 1];
    const named = words.slice(0, Math.max(index, 0));
    const atmosphereOf = (letters: readonly string[]): Atmosphere => ({
      level: Number(number) as Level,
      groups: groupsAmong(words.slice(index + 2), letters),
      surfaceC: hottest(words),
    });
    return number === "1" || number === "2"
      ? {
          gas: named.includes("I") || named.includes("1") ? atmosphereOf(gasLetters) : null,
          dust: named.includes("II") || named.includes("2") ? atmosphereOf(dustLetters) : null,
        }
      : null;
  });
  const gas = parts.flatMap((part) => part?.gas ?? []);
  const dust = parts.flatMap((part) => part?.dust ?? []);
  return parts.includes(null) || gas.length + dust.length === 0 || gas.length > 1 || dust.length > 1
    ? null
    : { system: "division", gas: gas[0] ?? null, dust: dust[0] ?? null };
}

/**
 * Reads an Ex marking.
 *
 * @param text one marking, or several with semicolons: "II 2G Ex db IIB T4 Gb; II 2D Ex tb IIIC T135°C Db",
 *   "Class I Div 1 Groups C, D T4"
 * @returns each marking, with the least of several values; null where one of them is not understood
 * @source IEC 60079-0, clause 29; 2014/34/EU, annex II; NFPA 70, article 500.8
 * @example readMarkings("II 2G Ex db IIB T4 Gb")[0].gas.level // → 1
 */
export const readMarkings = remembering((text): readonly Marking[] | null => {
  const read = withoutAmbient(text)
    .split(";")
    .map((part) => part.replace(/[\s,]+$/, "").trim())
    .filter(Boolean)
    .map((part) => (/\bdiv/i.test(part) ? divisionMarking(part) : zoneMarking(part)));
  return read.length === 0 || read.includes(null) ? null : (read as Marking[]);
});
