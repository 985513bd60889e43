import { type Construction, commonParts } from "../construction.ts";

/** Features of every ball valve with a body of its own. */
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
