import { CalculationError } from "../../basis/calc/calculation.ts";
import { type JointBolting, jointBolting, jointLoads } from "../../basis/calc/joint-bolting.ts";
import { boltingProofMPa, screwThread } from "../../basis/calc/screw.ts";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import { boltingNamed } from "../../basis/reference/bolting.ts";
import { isPressureBolting, type Piece } from "../../construction/bodies/assembly/model.ts";
import { constructionNamed } from "../../construction/bodies/constructions.ts";
import type { BoltedJoint, ProductLine } from "./schema.ts";

/** Test pressure of a shell test, as a multiple of the rating at 38 °C (API 598, ISO 5208). */
const shellTest = 1.5;

/**
 * Bolted pressure joints of a line's construction.
 *
 * @param line its construction and arrangements
 * @returns the bolting pieces of its assembly; none for a body without bolted joints
 * @source the assembly of the construction
 */
export const boltedJoints = ({
  construction,
  cavities,
}: Pick<ProductLine, "construction" | "cavities">): Piece[] =>
  constructionNamed(construction)!.assembly(cavities[0]!.arrangement).pieces.filter(isPressureBolting);

/**
 * Grade of a joint's studs in the calculation.
 *
 * @param joint its own grade, if stated
 * @param line bolting of the line
 * @returns grade of `joint-bolting`; null where the reference table has no proof stress for the line's bolting
 * @source the catalogue, else reference/bolting.csv (indicative)
 */
export const gradeOfJoint = (
  joint: Pick<BoltedJoint, "grade">,
  line: Pick<ProductLine, "bolting">,
): string | null => joint.grade ?? boltingNamed(line.bolting)?.proofGrade ?? null;

/**
 * Fault in thread and grade of a joint.
 *
 * @param joint stated bolting
 * @param line bolting of the line
 * @returns field and reason; null where both are known
 * @source `joint-bolting`
 */
export function boltingFault(
  joint: BoltedJoint,
  line: Pick<ProductLine, "bolting">,
): { readonly field: string; readonly reason: string } | null {
  try {
    const thread = screwThread(joint.thread);
    const grade = gradeOfJoint(joint, line);
    if (grade !== null) boltingProofMPa(grade, thread);
    return null;
  } catch (error) {
    if (!(error instanceof CalculationError)) throw error;
    return { field: error.field ?? "thread", reason: error.message };
  }
}

/** Share of the proof stress that no tightening and no shell test may exceed. */
export const mostUsed = 0.9;

/**
 * Bolting of a stated joint at rating and in the shell test.
 *
 * @param joint stated bolting
 * @param line bolting of the line
 * @param ratedBarG rating of the body at 38 °C, bar g
 * @param house lubricated friction, usual share of the proof stress
 * @returns loads, preload, torque and margins, tightened to the usual share, or to more where the shell test needs it, up to
 *   90 % of the proof stress; null where the grade has no proof stress
 * @source `joint-bolting`, with a shell test at 1.5 times the rating
 */
export function boltingOfJoint(
  joint: Pick<BoltedJoint, "thread" | "bolts" | "grade" | "gasket">,
  line: Pick<ProductLine, "bolting">,
  ratedBarG: number,
  house: Pick<HouseRules, "screwFrictionLubricated" | "screwUtilisationPercent">,
): JointBolting | null {
  const grade = gradeOfJoint(joint, line);
  if (grade === null) return null;
  const tightenedTo = (utilisation: number) =>
    jointBolting({
      gasketMeanDiameterMm: joint.gasket.meanDiameterMm,
      effectiveWidthMm: joint.gasket.effectiveWidthMm,
      gasketFactor: joint.gasket.factor,
      seatingStressMPa: joint.gasket.seatingStressMPa,
      pressureBarG: ratedBarG,
      testPressureBarG: shellTest * ratedBarG,
      thread: joint.thread,
      grade,
      bolts: joint.bolts,
      frictionThread: house.screwFrictionLubricated,
      frictionHead: house.screwFrictionLubricated,
      utilisation,
    });
  const usual = tightenedTo(house.screwUtilisationPercent / 100);
  return usual.sufficient ? usual : tightenedTo(Math.min(mostUsed, 1.05 * usual.leastUtilisation));
}

/**
 * Least load that the bolting of an unstated joint must hold.
 *
 * @param closureDiameterMm diameter the gasket cannot be smaller than, mm
 * @param ratedBarG rating of the body at 38 °C, bar g
 * @returns N for the whole joint in the shell test, without the load of the gasket: a lower bound
 * @source π/4·D²·1.5·p
 * @example leastJointLoadN(100, 0) // → 0
 */
export const leastJointLoadN = (closureDiameterMm: number, ratedBarG: number): number =>
  jointLoads({
    gasketMeanDiameterMm: closureDiameterMm,
    effectiveWidthMm: 0,
    gasketFactor: 0,
    seatingStressMPa: 0,
    pressureBarG: ratedBarG,
    testPressureBarG: shellTest * ratedBarG,
  }).testLoadN;
