/** Ambient temperatures that a certificate covers, °C. */
export interface AmbientRange {
  readonly fromC: number;
  readonly toC: number;
  /** False where the marking states none and the standard's own range applies. */
  readonly stated: boolean;
}

const number = String.raw`([+\-−–]?\s*\d{1,3})\s*(?:°\s*C?|C)?`;
const ambient = String.raw`T\s?a(?:mb)?\.?`;
const upTo = String.raw`\s*(?:≤|<=|<)\s*`;
/** "−40 °C ≤ Ta ≤ +60 °C". */
const between = new RegExp(`${number}${upTo}${ambient}${upTo}${number}`, "gi");
/** "Tamb −40 °C to +60 °C". */
const after = new RegExp(
  String.raw`(?<![A-Za-z])${ambient}\s*[:=]?\s*${number}\s*(?:to|bis|à|a|\.{2,3}|…|–|-|÷|\/)\s*${number}`,
  "gi",
);
const mentioned = /(?<![A-Za-z])T\s?a(?:mb)?(?![A-Za-z])/i;

/** Range of the certificate where the marking states none (IEC 60079-0, clause 5.1.1). */
const standard = { fromC: -20, toC: 40 };

const degreesIn = (written: string): number => Number(written.replace(/\s/g, "").replace(/[−–]/, "-"));

const statedIn = (marking: string) =>
  [...marking.matchAll(between), ...marking.matchAll(after)].map((m) => ({
    fromC: degreesIn(m[1]!),
    toC: degreesIn(m[2]!),
  }));

/**
 * Ambient temperatures an Ex marking covers.
 *
 * @param marking as on the nameplate; several with semicolons
 * @returns what all stated ranges share, °C; −20…40 where none is stated; null where one is written and not understood
 * @source IEC 60079-0, clauses 5.1.1 and 29.3
 * @example markedAmbient("Ex db IIC T5 Gb, Ta -40 °C to +60 °C").toC // → 60
 */
export function markedAmbient(marking: string): AmbientRange | null {
  const ranges = statedIn(marking);
  if (ranges.length === 0) return mentioned.test(marking) ? null : { ...standard, stated: false };
  const shared = {
    fromC: Math.max(...ranges.map(({ fromC }) => fromC)),
    toC: Math.min(...ranges.map(({ toC }) => toC)),
  };
  return shared.fromC > shared.toC ? null : { ...shared, stated: true };
}

/**
 * An Ex marking without its ambient temperatures, which other readers would take for surface temperatures.
 *
 * @param marking as on the nameplate
 * @returns the rest of it
 * @example withoutAmbient("Ex db IIC T5 Gb Ta -40 °C to +60 °C") // → "Ex db IIC T5 Gb "
 */
export const withoutAmbient = (marking: string): string => marking.replace(between, "").replace(after, "");
