import { remembering } from "../../basis/text/remembering.ts";
import type { installations } from "../fields/words.ts";

/** Enclosure codes of IEC 60529 that a place requires, and enclosure types of the other standard beside them. */
const asked = {
  indoor: { water: 4, types: ["1", "2", "12", "3", "3R", "3X", "4", "4X", "6", "6P"], says: "IP54" },
  outdoor: { water: 5, types: ["3", "3X", "4", "4X", "6", "6P"], says: "IP65" },
  "marine air": { water: 6, types: ["4X", "6P"], says: "IP66" },
  // The valve is buried; its operator is above ground.
  buried: { water: 5, types: ["3", "3X", "4", "4X", "6", "6P"], says: "IP65" },
} as const;

type Installation = (typeof installations)[number];

const codes = remembering((text) =>
  [...text.matchAll(/IP\s?(\d)(\d)(?:\s?\/\s?(?:IP)?\s?\d?(\d))?/gi)].flatMap((m) =>
    [m[2], m[3]].filter(Boolean).map((water) => ({ dust: Number(m[1]), water: Number(water) })),
  ),
);
const types = remembering((text) =>
  [...text.matchAll(/type\s+([\dA-Z, ]+)/gi)]
    .flatMap((m) => m[1]!.toUpperCase().split(/[ ,]+/))
    .filter(Boolean),
);

/**
 * The code an enclosure must have at a place.
 *
 * @param installation the place
 * @returns the code as people say it
 * @source IEC 60529
 * @example codeWanted("outdoor") // → "IP65"
 */
export const codeWanted = (installation: Installation): string => asked[installation].says;

/**
 * Whether an enclosure protects against the conditions of a place.
 *
 * @param text codes and types as on the plate
 * @param installation the place
 * @returns true where one of them does; a code for immersion does not cover jets
 * @source IEC 60529 (IP) and NEMA 250 (type); neither is converted into the other
 * @example keepsOut("IP67", "marine air") // → false
 */
export function keepsOut(text: string, installation: Installation): boolean {
  const place = asked[installation];
  const byCode = codes(text).some(
    ({ dust, water }) =>
      dust >= (place.water > 4 ? 6 : 5) && (water === place.water || (water > place.water && water < 7)),
  );
  return byCode || types(text).some((type) => (place.types as readonly string[]).includes(type));
}
