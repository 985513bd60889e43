import { faceToFaceFlangedBall } from "./tables/face-to-face-flanged-ball.ts";
import { minimumBoreFullOpening } from "./tables/minimum-bore-full-opening.ts";

/**
 * Face-to-face length of a flanged ball valve, raised face.
 *
 * @param classNumber 150, 300, 600, 900, 1500 or 2500
 * @param dn nominal size, DN
 * @param pattern long or short
 * @returns millimetres, or null when the table has none
 * @source ASME B16.10 / API 6D pattern lengths (indicative)
 * @example faceToFaceMm(150, 50, "long") // → 178
 */
export function faceToFaceMm(classNumber: number, dn: number, pattern: "long" | "short"): number | null {
  const row = faceToFaceFlangedBall.rows.find(
    (r) => r[0] === String(classNumber) && r[1] === pattern && r[2] === dn,
  );
  return (row?.[3] as number | undefined) ?? null;
}

/**
 * Smallest bore that still counts as full opening.
 *
 * @param classNumber 150–2500
 * @param dn nominal size, DN
 * @returns millimetres, or null when the table does not list the size
 * @source API 6D minimum bores (indicative)
 * @example minimumBoreMm(900, 350) // → 322
 */
export function minimumBoreMm(classNumber: number, dn: number): number | null {
  const band = classNumber <= 600 ? "150-600" : String(classNumber);
  const row = minimumBoreFullOpening.rows.find((r) => r[0] === band && r[1] === dn);
  return (row?.[2] as number | undefined) ?? null;
}
