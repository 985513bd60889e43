import { CalculationError } from "../../../core/src/basis/calc/calculation.ts";
import { jointLoads } from "../../../core/src/basis/calc/joint-bolting.ts";
import { boltingProofMPa, type ScrewThread, screwThread } from "../../../core/src/basis/calc/screw.ts";
import { bodyGrade } from "../../../core/src/basis/reference/grades.ts";
import { parseDesignation, ratingCurve } from "../../../core/src/basis/reference/pressure-temperature.ts";
import { boltedJoints, gradeOfJoint } from "../../../core/src/equipment/catalogue/joints.ts";
import type { BoltedJoint, ProductLine } from "../../../core/src/equipment/catalogue/schema.ts";
import type { Geometry } from "../geometry.ts";

const threads = ["M8", "M10", "M12", "M16", "M20", "M24", "M30", "M36", "M42", "M48", "M52"] as const;
const counts = [4, 6, 8, 12, 16, 20, 24, 28, 32, 36, 40, 44, 48] as const;

/** Spiral-wound with graphite: factor and seating stress, MPa. */
const gasket = { kind: "spiral wound, graphite", factor: 3, seatingStressMPa: 69 };

/** Share of the proof stress that the shell test may use, so that tightening to more leaves a margin. */
const used = 0.6;

/** Distance between bolts, in bolt diameters, that a spanner needs. */
const spacing = 2.2;

/** Bolt circle for each four bolts, mm, as bodies usually have them. */
const perFour = 110;

/** A flange wider than this for its bolts' sake takes the next thread. */
const widest = 1.15;

/** Load of a stud at its proof stress, N; nothing where its grade is not made that thick. */
function carriedN(grade: string, thread: ScrewThread): number {
  try {
    return boltingProofMPa(grade, thread) * thread.stressMm2;
  } catch (error) {
    if (error instanceof CalculationError) return 0;
    throw error;
  }
}

const highestRating = ({ grades }: Pick<ProductLine, "grades">, designation: string): number =>
  Math.max(
    ...grades.map(
      ({ grade }) => ratingCurve(parseDesignation(designation)!, bodyGrade(grade)!.group)!.value[0]!,
    ),
  );

/** Bolting of every bolted joint of a size: the smallest studs that carry the shell test and leave room for a spanner. */
export function jointsOf(
  line: Pick<ProductLine, "construction" | "cavities" | "bolting" | "grades">,
  designation: string,
  geometry: Geometry,
  stemDiameterMm: number,
): BoltedJoint[] {
  const grade = gradeOfJoint({ grade: null }, line);
  // The maker of alloy studs keeps them on the drawing.
  if (grade === null) return [];
  const pressureBarG = highestRating(line, designation);
  return boltedJoints(line).map((piece): BoltedJoint => {
    const inner = piece.holds === "the bore" ? geometry.closureDiameterMm : 1.7 * stemDiameterMm;
    const effectiveWidthMm = inner < 80 ? 3 : 5;
    const meanDiameterMm = Math.round(1.06 * inner + 8 + 2 * effectiveWidthMm);
    const { testLoadN, seatingLoadN } = jointLoads({
      gasketMeanDiameterMm: meanDiameterMm,
      effectiveWidthMm,
      gasketFactor: gasket.factor,
      seatingStressMPa: gasket.seatingStressMPa,
      pressureBarG,
      testPressureBarG: 1.5 * pressureBarG,
    });
    const load = Math.max(testLoadN, seatingLoadN);
    const least = piece.id === "body-bolts" && piece.name === "tie bolts" ? 4 : piece.count / piece.joints;
    for (const name of piece.holds === "the bore" ? threads.slice(1) : threads) {
      const thread = screwThread(name);
      const each = carriedN(grade, thread);
      const around = meanDiameterMm + 2 * effectiveWidthMm + 1.6 * thread.d + 4;
      const most = Math.max(least, 4 * Math.ceil(around / perFour));
      const bolts = counts.find((n) => n >= least && n <= most && n * used * each >= load);
      if (bolts === undefined) continue;
      const boltCircleMm = Math.ceil(Math.max(around, (bolts * spacing * thread.d) / Math.PI));
      if (boltCircleMm <= widest * around)
        return {
          bolting: piece.id,
          thread: name,
          bolts,
          grade: null,
          boltCircleMm,
          gasket: { ...gasket, meanDiameterMm, effectiveWidthMm },
          torqueNm: null,
        };
    }
    throw new Error(`No bolting carries ${piece.name} of a ${line.construction} in ${designation}.`);
  });
}
