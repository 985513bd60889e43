import { type Construction, commonParts } from "../construction.ts";

/** What every ball in a body of its own has in common. */
export const wholeBall = {
  closure: "ball",
  flows: "ball bore",
  stroke: "quarter turn",
  throttling: "no",
  cutsFibres: false,
  bodyWetted: true,
  holdsCavity: true,
  sealantMaximumC: null,
  standsVacuum: true,
  direction: "both ways",
  parts: [
    commonParts.body,
    commonParts.ball,
    commonParts.stem,
    commonParts.packing,
    commonParts.gland,
    commonParts.seats,
  ],
} as const satisfies Partial<Construction>;
