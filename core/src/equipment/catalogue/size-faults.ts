import { bodyGrade } from "../../basis/reference/grades.ts";
import { padOf } from "../../basis/reference/pads.ts";
import { parseDesignation, ratingCurve } from "../../basis/reference/pressure-temperature.ts";
import type { FaultInFile } from "./fault.ts";
import { jointFaults } from "./joint-faults.ts";
import type { ProductLine } from "./schema.ts";

/**
 * Whether figures rise.
 *
 * @param values any figures
 * @returns true where each value is larger than the one before
 * @example rising([1, 2, 2]) // → false
 */
export const rising = (values: readonly number[]): boolean =>
  values.every((v, i) => i === 0 || v > values[i - 1]!);

/**
 * Contradictions of a line's sizes with the reference tables, the line's seats and grades, or within itself.
 *
 * @param line a line of the right shape
 * @returns faults with row and field, one by one
 * @source ISO 5211 pads, ratings by class and PN; a torque table rises with the differential
 */
export function* sizeFaults(line: ProductLine): Generator<FaultInFile> {
  const seen = new Set<string>();
  for (const [i, size] of line.sizes.entries()) {
    const row = i + 1;
    const field = `sizes.${i}`;
    const key = `${size.dn}|${size.designation}`;
    if (seen.has(key))
      yield { row, field: `${field}.dn`, reason: `DN ${size.dn} ${size.designation} occurs twice` };
    seen.add(key);
    const designation = parseDesignation(size.designation);
    if (!designation)
      yield { row, field: `${field}.designation`, reason: `"${size.designation}" is not a class or PN` };
    else {
      const without = line.grades.find(
        ({ grade }) => bodyGrade(grade) && !ratingCurve(designation, bodyGrade(grade)!.group),
      );
      if (without)
        yield {
          row,
          field: `${field}.designation`,
          reason: `grade ${without.grade} has no rating for ${size.designation}`,
        };
    }
    const { seatSealDiameterMm, seatContactDiameterMm } = size.geometry;
    if (seatSealDiameterMm !== null && seatSealDiameterMm <= seatContactDiameterMm)
      yield {
        row,
        field: `${field}.geometry.seatSealDiameterMm`,
        reason: "the seal circle of the seat must be larger than its contact circle",
      };
    const { liveLoading } = size;
    if (liveLoading !== null && liveLoading.toleranceMm >= liveLoading.heightMm)
      yield {
        row,
        field: `${field}.liveLoading.toleranceMm`,
        reason: "the height of the live-loading must be larger than its tolerance",
      };
    yield* jointFaults(line, i);
    if (!padOf(size.pad))
      yield { row, field: `${field}.pad`, reason: `"${size.pad}" is not an ISO 5211 flange` };
    if (!rising(size.torque.differentialBar))
      yield { row, field: `${field}.torque.differentialBar`, reason: "differentials must increase" };
    for (const { seat } of line.seats) {
      if (size.geometry.seatLoadN[seat] === undefined)
        yield {
          row,
          field: `${field}.geometry.seatLoadN.${seat}`,
          reason: "seat load for this seat is missing",
        };
      const torques = size.torque.breakToOpenNm[seat];
      if (!torques)
        yield {
          row,
          field: `${field}.torque.breakToOpenNm.${seat}`,
          reason: "torque for this seat is missing",
        };
      else if (torques.length !== size.torque.differentialBar.length) {
        yield {
          row,
          field: `${field}.torque.breakToOpenNm.${seat}`,
          reason: `${size.torque.differentialBar.length} torques are needed, ${torques.length} are stated`,
        };
      } else if (torques.some((t, index) => index > 0 && t < torques[index - 1]!)) {
        yield {
          row,
          field: `${field}.torque.breakToOpenNm.${seat}`,
          reason: "torque decreases while the differential increases",
        };
      }
    }
  }
}
