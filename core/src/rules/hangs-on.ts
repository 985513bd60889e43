import type { Judged } from "./judged.ts";

/** Parts a candidate's findings are gathered by; the kit is trim and seals. */
export const candidateParts = ["body", "kit", "seat and drive", "seat and body", "seat and trim"] as const;
export type CandidatePart = (typeof candidateParts)[number];

interface Dependence {
  readonly part: CandidatePart;
  /** Candidates with equal keys under one duty share the finding. */
  readonly key: (judged: Judged) => number | string;
}

/**
 * What a finding may hang on besides the duty and the house rules. Keys are ready-made
 * numbers on the valve.
 */
export const dependences = {
  line: { part: "body", key: ({ valve }) => valve.alike.line },
  "line and cavity": { part: "body", key: ({ valve }) => valve.alike.lineCavity },
  "line and class": { part: "body", key: ({ valve }) => valve.alike.lineClass },
  size: { part: "body", key: ({ valve }) => valve.alike.size },
  grade: { part: "body", key: ({ valve }) => valve.alike.grade },
  "line and grade": { part: "body", key: ({ valve }) => valve.alike.lineGrade },
  "grade in class": { part: "body", key: ({ valve }) => valve.alike.gradeClass },
  body: { part: "body", key: ({ valve }) => valve.alike.body },
  trim: { part: "kit", key: ({ valve }) => valve.alike.trim },
  seals: { part: "kit", key: ({ valve }) => valve.alike.seals },
  "seals in class": { part: "kit", key: ({ valve }) => valve.alike.sealsClass },
  "seat material": { part: "seat and drive", key: ({ valve }) => valve.alike.seatMaterial },
  "seat curve": { part: "seat and drive", key: ({ valve }) => valve.alike.seatCurve },
  "line and seat": { part: "seat and drive", key: ({ valve }) => valve.alike.lineSeat },
  "seat at size": { part: "seat and drive", key: ({ valve }) => valve.alike.torque },
  "drive family": { part: "seat and drive", key: ({ drive }) => drive?.family.id ?? "none" },
  "action on supply loss": { part: "seat and drive", key: ({ drive }) => drive?.onSupplyLoss ?? "none" },
  "seat at size with drive": { part: "seat and drive", key: ({ pair }) => pair },
  "trim and seat": { part: "seat and trim", key: ({ valve }) => valve.alike.trimSeat },
  "body and seat": { part: "seat and body", key: ({ valve }) => valve.alike.bodySeat },
} as const satisfies Record<string, Dependence>;

export type HangsOn = keyof typeof dependences;
