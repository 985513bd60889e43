import type { ProvenCandidate } from "@proven-seat/core/judgement/proof";

export const valveGroupOf = ({ line, size, cavity, seat }: ProvenCandidate["valve"]) =>
  `${line.id}|${size.designation}|${cavity.id}|${seat.material.id}`;

/** Candidates shown as one row: same line, class, cavity, seat and actuator family. */
export const groupOf = ({ valve, drive }: ProvenCandidate) =>
  `${valveGroupOf(valve)}|${drive?.family.id ?? "bare stem"}`;
