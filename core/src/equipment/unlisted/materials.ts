/**
 * Parts that a maker could be asked for: the materials for a construction that no product line offers. Cheapest first
 * in each list; dimensions and loads are estimates.
 */

import { boltingNamed } from "../../basis/reference/bolting.ts";
import { bodyGrade } from "../../basis/reference/grades.ts";
import { seatIds, seatMaterial } from "../../basis/reference/seats.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import type { ProductLine } from "../catalogue/schema.ts";

export const usualGrades = [
  "A105",
  "A216 WCB",
  "A350 LF2",
  "A352 LCC",
  "A351 CF8M",
  "A182 F316L",
  "A995 4A",
  "A995 6A",
  "A182 F44",
  "Alloy 400 (M35-1)",
  "Alloy 625",
  "Alloy C-276",
  "1.0619 (GP240GH)",
  "1.4408",
].filter((grade) => bodyGrade(grade) !== undefined);

export const usualBolting = ["b7m", "l7m", "b16", "b8m", "alloy-625"].filter(
  (id) => boltingNamed(id) !== undefined,
);

type Trim = ProductLine["trims"][number];
const trim = (metal: string, spring: string | null, coating: string | null): Omit<Trim, "priceFactor"> => ({
  id: [metal, spring, coating].filter(Boolean).join(" "),
  name: [metal, coating].filter(Boolean).join(", "),
  ball: metal,
  stem: metal,
  spring,
  coating,
});

/**
 * Trims with the springs a construction needs; each coating on a metal that carries it.
 *
 * @param construction the construction
 * @returns trims, cheapest first
 * @source usual pairings of metals and coatings
 */
export function usualTrims(construction: Construction): Trim[] {
  const springs = construction.support === "trunnion" ? "X-750 spring" : null;
  return [
    trim("austenitic 316", springs, null),
    trim("austenitic 316", springs, "cobalt hardfacing"),
    trim("22Cr duplex", springs, null),
    trim("22Cr duplex", springs, "tungsten carbide coating"),
    trim("25Cr super duplex", springs, null),
    trim("alloy 400", springs === null ? null : "alloy 400", null),
    trim("alloy 625 or C-276", springs, null),
    trim("alloy 625 or C-276", springs, "tungsten carbide coating"),
  ].map((t, i) => ({ ...t, priceFactor: 1 + 0.2 * i }));
}

type Seals = ProductLine["seals"][number];
const seals = (
  name: string,
  stemSeal: Seals["stemSeal"],
  emissionClass: Seals["emissionClass"],
  parts: readonly (readonly [part: string, seal: string])[],
): Omit<Seals, "priceFactor" | "id"> => ({
  name,
  stemSeal,
  emissionClass,
  parts: parts.map(([part, seal]) => ({ part, seal, decompressionGrade: true })),
});

export const usualSeals: Seals[] = [
  seals("PTFE packing and gasket", "live-loaded stack", "B", [
    ["packing", "ptfe-chevron"],
    ["body gasket", "ptfe-gasket"],
  ]),
  seals("graphite packing and gasket", "adjustable gland", "C", [
    ["packing", "graphite-packing"],
    ["seat fire rings", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ]),
  seals("live-loaded graphite packing", "live-loaded stack", "B", [
    ["packing", "graphite-packing"],
    ["seat fire rings", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ]),
  seals("double PTFE packing with leak-off", "double packing with leak-off", "A", [
    ["inner packing", "ptfe-chevron"],
    ["outer packing", "ptfe-chevron"],
    ["body gasket", "graphite-gasket"],
  ]),
  seals("live-loaded graphite packing, ring joint", "live-loaded stack", "B", [
    ["packing", "graphite-packing"],
    ["body gasket", "rtj"],
  ]),
  seals("perfluoroelastomer rings, graphite packing", "O-ring and packing", "A", [
    ["stem ring", "ffkm"],
    ["packing", "graphite-packing"],
    ["seat fire rings", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ]),
].map((s, i) => ({ ...s, id: `seals-${i + 1}`, priceFactor: 1 + 0.05 * i }));

/**
 * The generic curves are for balls: another closure counts half until a maker states its own. The curve of a lining was
 * made for discs.
 */
function placeholderCurve(seat: string, share: 0.5 | 1) {
  const curve = seatMaterial(seat)!.curve;
  return (
    curve && {
      name: share === 1 ? "estimate, the generic curve of linings" : "estimate, half the generic curve",
      temperatureC: [...curve.temperatureC],
      pressureBarG: curve.value.map((p) => p * share),
    }
  );
}

/**
 * Seats that suit a construction; linings belong to the lined disc alone.
 *
 * @param construction the construction
 * @returns seats by the table of seats, each with the shut-off the construction reaches
 * @source reference/seat-materials.csv (indicative)
 */
export function usualSeats(construction: Construction): ProductLine["seats"] {
  const lined = construction.id === "butterfly-concentric";
  return seatIds
    .filter((id) => {
      const { kind } = seatMaterial(id)!;
      return construction.seatKinds.includes(kind) && id.startsWith("rubber") === lined;
    })
    .map((seat, i) => ({
      seat,
      priceFactor: 1 + 0.06 * i,
      shutOff: (construction.bestShutOff[seatMaterial(seat)!.kind] ??
        "D") as ProductLine["seats"][number]["shutOff"],
      execution: null,
      curve: construction.closure === "ball" ? null : placeholderCurve(seat, lined ? 1 : 0.5),
    }));
}
