import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Piece, PieceRole } from "../../construction/bodies/assembly/model.ts";
import { attacksCopper } from "../../duty/settling/copper.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Measure, StepFigure } from "./step.ts";

/** What to look at, by what a piece is. */
const looks: Readonly<Record<PieceRole, readonly string[]>> = {
  shell: ["joint faces: scratches across them, pitting", "wall: corrosion, erosion behind the seat"],
  "closing member": ["sealing face: scratches, pitting, coating lifted", "slot or drive face: rounded edges"],
  seat: ["sealing face: cuts, set, extrusion", "its back and its ring grooves: wear, deposit"],
  seal: ["extruded, hard or blistered edges: they say why it failed"],
  spring: ["all there, none broken, all of one height"],
  stem: ["straight, seal tracks without grooves", "keys, flats and shoulder: cracks, rounded edges"],
  bearing: ["lining worn through or lifted"],
  gland: ["bore not oval, follower not bent"],
  bolting: ["threads: picked up, stretched, corroded"],
  retainer: ["threads and faces: picked up, bent"],
  fitting: ["check holds, thread whole, cap there"],
};

/** What of a piece goes into the next assembly. */
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

/** What a piece is taken off or put back with, by what it is. */
const tools: Readonly<Record<PieceRole, string>> = {
  shell: "sling, and wedges driven evenly",
  "closing member": "soft sling through its bore, wood under it",
  seat: "puller or soft drift, nothing hard on its face",
  seal: "hook of brass or plastic",
  spring: "fingers, and a magnet for what falls",
  stem: "soft mallet",
  bearing: "extractor or soft drift",
  gland: "two bars under its flange, evenly",
  bolting: "ring spanner or socket",
  retainer: "bit or pin spanner that fills its slots",
  fitting: "socket, and a second spanner against it",
};

/** What a piece is put back with, where it is not what it was taken off with. */
const toolsBack: Partial<Record<PieceRole, string>> = {
  shell: "sling, and two long studs to guide it",
  seat: "fingers or a press ring, nothing hard on its face",
  seal: "fingers, a sleeve over sharp edges, a wooden tamper",
  bearing: "press or soft drift",
};

/**
 * What a piece is handled with.
 *
 * @param piece of an assembly
 * @param back whether it is put back
 * @param duty settled duty: none of brass where the fluid attacks copper
 * @returns the tool as a figure of a step
 * @source practice
 */
export const toolOf = ({ role }: Pick<Piece, "role">, back: boolean, duty: SettledDuty): StepFigure => {
  const value = (back ? toolsBack[role] : undefined) ?? tools[role];
  // What is scraped off a brass hook stays in the valve.
  return { what: "tool", value: attacksCopper(duty) ? value.replace("brass or ", "") : value, unit: "" };
};

/**
 * Whether seat and closing member are tight by what was lapped together.
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
 * What is looked at on a piece.
 *
 * @param piece of an assembly
 * @returns what to look at, and whether it is renewed
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
 * What is measured on a piece.
 *
 * @param piece of an assembly
 * @param valve its dimensions, mm
 * @param house what may be worn off
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
    return [worn("diameter where it is sealed", stemDiameterMm, "stem of the catalogue, less wear")];
  if (role === "closing member" && valve.construction.closure === "ball")
    return [
      worn(
        "diameter across its sealing face",
        geometry.closureDiameterMm,
        "ball of the catalogue, less wear",
      ),
    ];
  if (role === "spring")
    return [{ what: "springs counted", unit: "", least: count, most: count, source: "the assembly" }];
  return [];
}
