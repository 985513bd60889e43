import type { StemForm } from "./forms.ts";
import { keyFor } from "./keys.ts";

/**
 * Smallest circle that an end passes.
 *
 * @param form shape of the end
 * @param acrossMm across its flats, or its diameter, mm
 * @returns diameter, mm; of a square its corners, of a key its top
 * @source geometry; DIN 6885-1 for keys
 * @example throughMm("square parallel", 10) // → 14.142135623730951
 */
export function throughMm(form: StemForm, acrossMm: number): number {
  if (form === "square parallel" || form === "square diagonal" || form === "flat head")
    return acrossMm * Math.SQRT2;
  return form === "keyed" ? acrossMm + 2 * (keyFor(acrossMm)?.standsOutMm ?? 0) : acrossMm;
}

/**
 * Torsional section modulus of an end.
 *
 * @param form shape of the end
 * @param acrossMm across its flats, or its diameter, mm
 * @returns section modulus in torsion, mm³: 0.208·a³ of a square, also used for a flat head; π/16·d³ of a shaft, three
 *   quarters of it behind a keyway, of the root (0.9 d) of teeth
 * @source strength of materials: torsion of a square (Saint-Venant); notch of a keyway as usual
 * @example torsionMm3("square parallel", 10) // → 208
 */
export function torsionMm3(form: StemForm, acrossMm: number): number {
  const shaft = (d: number) => (Math.PI / 16) * d ** 3;
  switch (form) {
    case "keyed":
      return 0.75 * shaft(acrossMm);
    case "serrated":
      return shaft(0.9 * acrossMm);
    default:
      return 0.208 * acrossMm ** 3;
  }
}
