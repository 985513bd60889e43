import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Verdict } from "../rules/finding.ts";
import type { ProvenCandidate } from "./candidate.ts";
import type { Prover } from "./prover.ts";

/** One seat of the line at this size, with everything else of the candidate unchanged. */
export interface SeatStep {
  readonly key: string;
  readonly seat: string;
  readonly current: boolean;
  readonly continuousMaximumC: number;
  readonly excursionMaximumC: number;
  /** Verdict of the envelope with this seat. */
  readonly envelope: Verdict;
  /** Verdict on torque and actuation with this seat and the selected actuator. */
  readonly drive: Verdict;
  readonly breakNm: number | null;
  /** Break torque over the current seat's; null where either is unknown. */
  readonly torqueRatio: number | null;
  readonly price: number;
  readonly heldBackBy: string | null;
}

/**
 * The seats of a line in order of temperature, with the change in torque and price from one to the next.
 *
 * @param prover prover of the duty
 * @param candidate the selected candidate
 * @param valves valves of the same size, among which those that differ in the seat alone are found
 * @returns one step for each seat offered, by rising continuous maximum
 * @source the maker's torque table for each seat
 */
export function seatLadder(prover: Prover, candidate: ProvenCandidate, valves: readonly Valve[]): SeatStep[] {
  const { valve, drive } = candidate;
  const alike = valves.filter(
    (v) =>
      v.line.id === valve.line.id &&
      v.size === valve.size &&
      v.grade === valve.grade &&
      v.cavity.id === valve.cavity.id &&
      v.trim.id === valve.trim.id &&
      v.seals.id === valve.seals.id,
  );
  return alike
    .map((v) => prover.judge(v, drive))
    .sort((a, b) => a.valve.seat.material.continuousMaximumC - b.valve.seat.material.continuousMaximumC)
    .map((c) => {
      const { material } = c.valve.seat;
      return {
        key: c.key,
        seat: material.name,
        current: c.valve.key === valve.key,
        continuousMaximumC: material.continuousMaximumC,
        excursionMaximumC: material.excursionMaximumC,
        envelope: c.stations.envelope,
        drive: c.stations.drive,
        breakNm: c.breakNm,
        torqueRatio: c.breakNm !== null && candidate.breakNm !== null ? c.breakNm / candidate.breakNm : null,
        price: c.price,
        heldBackBy: c.heldBackBy?.asks ?? null,
      };
    });
}
