/** Nominal sizes the product knows: DN with its NPS. */
const nominal: readonly (readonly [dn: number, nps: string])[] = [
  [15, "½"],
  [20, "¾"],
  [25, "1"],
  [32, "1¼"],
  [40, "1½"],
  [50, "2"],
  [65, "2½"],
  [80, "3"],
  [100, "4"],
  [125, "5"],
  [150, "6"],
  [200, "8"],
  [250, "10"],
  [300, "12"],
  [350, "14"],
  [400, "16"],
  [450, "18"],
  [500, "20"],
  [600, "24"],
  [650, "26"],
  [700, "28"],
  [750, "30"],
  [800, "32"],
  [900, "36"],
  [1000, "40"],
  [1200, "48"],
];

/** DN numbers in rising order. */
export const nominalSizes: readonly number[] = nominal.map(([dn]) => dn);

const npsOf = new Map(nominal);
const dnOf = new Map<string, number>(
  nominal.flatMap(([dn, nps]) => {
    const plain = nps.replace(/(\d*)([½¼¾])/, (_, whole: string, part: string) =>
      String(Number(whole || 0) + { "½": 0.5, "¼": 0.25, "¾": 0.75 }[part as "½"]),
    );
    const spaced = nps
      .replace(/(\d)([½¼¾])/, "$1 $2")
      .replace("½", "1/2")
      .replace("¼", "1/4")
      .replace("¾", "3/4");
    return [nps, plain, spaced, spaced.replace(" ", "-")].map((text) => [text, dn] as [string, number]);
  }),
);

/**
 * NPS label of a DN size.
 *
 * @param dn nominal size, DN
 * @returns for example "NPS 1½"; "DN 155" when the size is not a nominal one
 * @source ISO 6708 / ASME B36.10 size pairs
 * @example npsLabel(40) // → "NPS 1½"
 */
export function npsLabel(dn: number): string {
  const nps = npsOf.get(dn);
  return nps ? `NPS ${nps}` : `DN ${dn}`;
}

/**
 * Reads a nominal size in either language.
 *
 * @param text "DN 50", "50", "NPS 2", "2\"", "1 1/2 in"
 * @param bare unit of a number without a word: DN or NPS
 * @returns DN, or null when it is not a nominal size
 * @source ISO 6708 / ASME B36.10 size pairs
 * @example parseNominalSize("1 1/2\"", "DN") // → 40
 */
export function parseNominalSize(text: string, bare: "DN" | "NPS"): number | null {
  const trimmed = text.trim();
  const dn =
    /^dn\s*(\d+)$/i.exec(trimmed) ?? (bare === "DN" ? /^(\d+)(?:[.,]0+)?(?:\s*mm)?$/.exec(trimmed) : null);
  if (dn) return nominalSizes.includes(Number(dn[1])) ? Number(dn[1]) : null;
  const inches = trimmed
    .replace(/^nps\s*/i, "")
    .replace(/\s*("|″|in\.?|inch)$/i, "")
    .replace(",", ".")
    .trim();
  if (bare === "DN" && inches === trimmed) return null;
  return dnOf.get(inches) ?? null;
}
