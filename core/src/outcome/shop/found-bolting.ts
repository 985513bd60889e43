import { CalculationError } from "../../basis/calc/calculation.ts";
import { boltingOfJoint } from "../../equipment/catalogue/joints.ts";
import type { BoltingToFind, StepFigure } from "./step.ts";

/** Bolting of one joint as the fitter finds it. */
export interface FoundBolting {
  readonly thread: string;
  readonly grade: string;
  readonly bolts: number;
}

/** What found bolting carries: figures and cautions, or the field that is not understood. */
export interface FoundTightening {
  readonly figures: readonly StepFigure[];
  readonly cautions: readonly string[];
  readonly fault: { readonly field: keyof FoundBolting; readonly reason: string } | null;
}

const gasketNotKnown =
  "The joint can leak or open if its gasket needs more load. The gasket is not stated, so its load is not in this calculation. Compare the torque with the maker's drawing before you pressurise the valve.";
const marksOnly =
  "Studs without a mark can break: their strength is not known. Read the grade from the marks. Do not calculate a torque for unmarked studs.";

const fault = (field: keyof FoundBolting, reason: string): FoundTightening => ({
  figures: [],
  cautions: [],
  fault: { field, reason },
});

/**
 * Tightening of a joint whose bolting the maker does not state, from the bolting as found.
 *
 * @param toFind least gasket diameter, mm; rating, bar g; friction; share of the proof stress, percent
 * @param found thread M5 … M52, grade of `joint-bolting`, studs of one joint 2–200
 * @returns least load and preload of a stud, and the torque only where the studs carry the shell test; the fault where a
 *   field is not understood
 * @source `joint-bolting` with a shell test at 1.5 times the rating, without the load of the gasket
 * @example tighteningFound({ innerMm: 100, ratedBarG: 50, friction: 0.12, utilisationPercent: 70 }, { thread: "M7", grade: "B7", bolts: 8 }).fault.field // → "thread"
 */
export function tighteningFound(toFind: BoltingToFind, found: FoundBolting): FoundTightening {
  const { thread, grade, bolts } = found;
  if (!Number.isInteger(bolts) || bolts < 2 || bolts > 200)
    return fault("bolts", "Count the studs of one joint: a whole number from 2 to 200.");
  const { innerMm: meanDiameterMm, ratedBarG, friction, utilisationPercent } = toFind;
  const gasket = { kind: "not stated", meanDiameterMm, effectiveWidthMm: 0, factor: 0, seatingStressMPa: 0 };
  try {
    const house = { screwFrictionLubricated: friction, screwUtilisationPercent: utilisationPercent };
    const carried = boltingOfJoint({ thread, grade, bolts, gasket }, { bolting: "" }, ratedBarG, house)!;
    const loads: StepFigure[] = [
      {
        what: "load of each stud in the shell test, at least",
        value: carried.leastPreloadN / 1000,
        unit: "kN",
      },
      { what: "preload of each stud", value: carried.preloadN / 1000, unit: "kN" },
    ];
    if (!carried.sufficient)
      return {
        figures: loads,
        cautions: [
          "The joint can open under pressure. These studs do not carry the shell test, so no torque is calculated. Count them and read their marks again. Do not pressurise the joint before the maker has confirmed the bolting.",
        ],
        fault: null,
      };
    return {
      figures: [
        {
          what: `torque, lubricated, friction ${friction}, calculated`,
          value: carried.torqueNm,
          unit: "N·m",
        },
        ...loads,
      ],
      cautions: [marksOnly, gasketNotKnown],
      fault: null,
    };
  } catch (error) {
    if (!(error instanceof CalculationError)) throw error;
    return fault(error.field === "thread" ? "thread" : "grade", error.message);
  }
}
