import { seatName } from "@proven-seat/core/equipment/catalogue";
import { heldBy, waitingAmong } from "@proven-seat/core/judgement/proof";
import type { Proving } from "./proving.ts";
import type { ProofOutline } from "./views.ts";

/** Values of a proof as a whole. */
export const outlineOf = ({ proof, milliseconds }: Proving): ProofOutline => ({
  missing: proof.missing,
  dutyVerdict: proof.dutyVerdict,
  considered: proof.candidates.length,
  standing: proof.standing,
  cannotTell: waitingAmong(proof.candidates.slice(0, proof.standing)),
  nearestMisses: proof.nearestMisses.map(({ candidate, misses }) => ({
    key: candidate.key,
    line: candidate.valve.construction.name,
    seat: seatName(candidate.valve.seat),
    designation: candidate.valve.size.designation,
    misses: misses.map((f) => heldBy(f)!),
  })),
  milliseconds,
});
