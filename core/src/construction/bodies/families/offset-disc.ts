import { type Construction, commonParts } from "../construction.ts";

/** A disc on a shaft behind the seat and beside the middle of the bore. */
export const offsetDisc = {
  closure: "disc",
  flows: "disc",
  support: "disc",
  rubbing: { by: "rim of a disc", arm: 1 },
  stroke: "quarter turn",
  ways: 2,
  parts: [
    commonParts.body,
    commonParts.packing,
    commonParts.gland,
    { id: "shaft", shows: ["stem"], does: "Behind the seat and off the bore centre." },
  ],
  cavities: ["none"],
  repairInLine: false,
  bodyJoints: 1,
  throttling: "coarse",
  dirtyService: 1,
  cutsFibres: false,
  bodyWetted: true,
  holdsCavity: false,
  fullBore: false,
  sealantMaximumC: null,
  standsVacuum: true,
} as const satisfies Partial<Construction>;
