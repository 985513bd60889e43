import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Piece, PieceRole } from "../../construction/bodies/assembly/model.ts";
import { attacksCopper } from "../../duty/settling/copper.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Measure, StepFigure } from "./step.ts";

/** Points to inspect, by kind of piece. */
const looks: Readonly<Record<PieceRole, readonly string[]>> = {
  shell: ["joint faces: scratches across them, pitting", "wall: corrosion, erosion behind the seat"],
  "closing member": ["sealing face: scratches, pitting, coating lifted", "slot or drive face: rounded edges"],
  seat: ["sealing face: cuts, set, extrusion", "back and ring grooves: wear, deposits"],
  seal: ["edges: extrusion, hardening, blisters (they show why the seal failed)"],
  spring: ["count, breakage, equal height"],
  stem: ["straightness; no grooves in the seal tracks", "keys, flats and shoulder: cracks, rounded edges"],
  bearing: ["lining: worn through or lifted"],
  gland: ["bore round, follower straight"],
  bolting: ["threads: galling, stretch, corrosion"],
  retainer: ["threads and faces: galling, bending"],
  fitting: ["check valve holds, thread undamaged, cap fitted"],
};

/** Which pieces are used again. */
const renews: Readonly<Record<PieceRole, "always" | "if worn" | null>> = {
  shell: null,
  "closing member": "if worn",
  seat: "if worn",
  seal: "always",
  spring: "if worn",
  stem: "if worn",
  bearing: "if worn",
  gland: "if worn",
  bolting: "if worn",
  retainer: "if worn",
  fitting: "if worn",
};

/** Tools for removing or fitting a piece, by kind. */
const tools: Readonly<Record<PieceRole, string>> = {
  shell: "sling, and jacking screws or levers used evenly, never a wedge on a gasket face",
  "closing member": "soft sling through the bore, wooden support",
  seat: "puller or soft drift, no hard tool on the sealing face",
  seal: "brass or plastic hook",
  spring: "fingers, and a magnet for dropped parts",
  stem: "soft mallet",
  bearing: "extractor or soft drift",
  gland: "two bars under the flange, lifted evenly",
  bolting: "ring spanner or socket",
  retainer: "bit or pin spanner that fits the slots",
  fitting: "socket, and a second spanner against it",
};

/** Tools for fitting a piece, where they differ from those for removing it. */
const toolsBack: Partial<Record<PieceRole, string>> = {
  shell: "sling, and two long guide studs",
  seat: "fingers or a press ring, no hard tool on the sealing face",
  seal: "fingers, a sleeve over sharp edges, a wooden tamper",
  bearing: "press or soft drift",
};

/**
 * Tools for handling a piece.
 *
 * @param piece of an assembly
 * @param back whether it is fitted
 * @param duty settled duty: none of brass where the fluid attacks copper
 * @returns the tool as a figure of a step
 * @source practice
 */
export const toolOf = ({ role }: Pick<Piece, "role">, back: boolean, duty: SettledDuty): StepFigure => {
  const value = (back ? toolsBack[role] : undefined) ?? tools[role];
  // Particles scraped off a brass hook stay in the valve.
  return { what: "tool", value: attacksCopper(duty) ? value.replace("brass or ", "") : value, unit: "" };
};

/**
 * Whether seat and closure are lapped together.
 *
 * @param valve its seat and its closing member
 * @returns true of metal on a ball or segment
 * @source practice; the ring of a disc finds its cone by itself
 */
export const isLapped = ({
  seat,
  construction: { closure },
}: Pick<Valve, "seat" | "construction">): boolean =>
  seat.material.kind === "metal" &&
  seat.offer.execution !== "clearance" &&
  (closure === "ball" || closure === "segment");

/**
 * Points to inspect on a piece.
 *
 * @param piece of an assembly
 * @returns points to inspect, and whether it is replaced
 * @source practice
 */
export const lookAt = ({
  role,
  alwaysNew,
}: Piece): { readonly look: readonly string[]; readonly renew: "always" | "if worn" | null } => ({
  look: looks[role],
  renew: alwaysNew ? "always" : renews[role],
});

/**
 * Measurements on a piece.
 *
 * @param piece of an assembly
 * @param valve its dimensions, mm
 * @param house allowed wear
 * @returns measures with their limits; none where no dimension of it is known
 * @source dimensions of the catalogue less what the house lets wear off
 */
export function measuresOf({ id, role, count }: Piece, valve: Valve, house: HouseRules): Measure[] {
  const { stemDiameterMm, geometry } = valve.size;
  const worn = (what: string, nominal: number, source: string): Measure => ({
    what,
    unit: "mm",
    least: Number((nominal - house.wornOffMm).toFixed(3)),
    most: null,
    source,
  });
  if (id === "stem")
    return [
      worn(
        "diameter at the stem seal",
        stemDiameterMm,
        "stem diameter in the catalogue minus permitted wear",
      ),
    ];
  if (role === "closing member" && valve.construction.closure === "ball")
    return [
      worn(
        "diameter across the sealing face",
        geometry.closureDiameterMm,
        "ball diameter in the catalogue minus permitted wear",
      ),
    ];
  if (role === "spring")
    return [
      { what: "number of springs", unit: "", least: count, most: count, source: "number in the assembly" },
    ];
  return [];
}
