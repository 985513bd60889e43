import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Piece } from "../../construction/bodies/assembly/model.ts";
import { boltingOfJoint, gradeOfJoint, leastJointLoadN } from "../../equipment/catalogue/joints.ts";
import type { BoltedJoint } from "../../equipment/catalogue/schema.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { BoltingToFind, StepFigure } from "./step.ts";

/** Tightening of a pressure joint: figures, and what must be read before the spanner is set. */
export interface Tightening {
  readonly figures: readonly StepFigure[];
  readonly cautions: readonly string[];
  /** What bolting as found must carry; null where the maker states it. */
  readonly toFind: BoltingToFind | null;
}

const notStated =
  "The bolting of this joint is not stated. A torque from a general table can leave the joint too weak. Use the torque of the maker's drawing.";
const lubricated =
  "The torque is for lubricated threads and nut faces. On dry threads it leaves the joint too weak. Lubricate them with the lubricant of the drawing.";
const tooWeak =
  "These studs do not carry the shell test. The joint can open under pressure. Do not tighten or pressurise it before the maker has confirmed the bolting.";

/** The gasket of a stem joint is at least as wide as the stem. */
const innerMm = ({ geometry, stemDiameterMm }: Valve["size"], holds: Piece["holds"]): number =>
  holds === "the bore" ? geometry.closureDiameterMm : stemDiameterMm;

function fromDrawing(
  valve: Valve,
  { holds, joints }: Pick<Piece, "holds" | "joints">,
  ratedBarG: number,
  house: HouseRules,
): Tightening {
  return {
    figures: [
      { what: "torque", value: "from the maker's drawing", unit: "" },
      {
        what: joints > 1 ? "bolt load of each joint, at least" : "bolt load of the joint, at least",
        value: leastJointLoadN(innerMm(valve.size, holds), ratedBarG) / 1000,
        unit: "kN",
      },
    ],
    cautions: [notStated],
    toFind: {
      innerMm: innerMm(valve.size, holds),
      ratedBarG,
      friction: house.screwFrictionLubricated,
      utilisationPercent: house.screwUtilisationPercent,
    },
  };
}

function computed(valve: Valve, joint: BoltedJoint, ratedBarG: number, house: HouseRules): Tightening | null {
  const found = boltingOfJoint(joint, valve.line, ratedBarG, house);
  if (found === null && joint.torqueNm === null) return null;
  const grade = gradeOfJoint(joint, valve.line) ?? valve.bolting.name;
  const figures: StepFigure[] = [
    { what: "bolting of each joint", value: `${joint.bolts} × ${joint.thread}, ${grade}`, unit: "" },
    joint.torqueNm === null
      ? {
          what: `torque, lubricated, friction ${house.screwFrictionLubricated}, calculated`,
          value: found!.torqueNm,
          unit: "N·m",
        }
      : { what: "torque, lubricated, stated by the maker", value: joint.torqueNm, unit: "N·m" },
  ];
  if (found === null) return { figures, cautions: [lubricated], toFind: null };
  return {
    figures: [
      ...figures,
      { what: "preload of each stud", value: found.preloadN / 1000, unit: "kN" },
      { what: "preload needed for the shell test", value: found.leastPreloadN / 1000, unit: "kN" },
    ],
    cautions: [lubricated, ...(found.sufficient ? [] : [tooWeak])],
    toFind: null,
  };
}

/**
 * Tightening of a pressure joint of the body.
 *
 * @param valve with the bolting its maker states
 * @param piece the bolting: its id, the number of equal joints, and the area that pressure acts on
 * @param ratedBarG rating of the body at 38 °C, bar g; null where it has none
 * @param house lubricated friction, share of the proof stress used
 * @returns thread, grade and torque where the maker states the bolting; otherwise the least bolt load and no torque
 * @source `joint-bolting`
 */
export function tighteningOf(
  valve: Valve,
  piece: Pick<Piece, "id" | "holds" | "joints">,
  ratedBarG: number | null,
  house: HouseRules,
): Tightening {
  if (ratedBarG === null) return { figures: [], cautions: [notStated], toFind: null };
  const joint = valve.size.joints.find(({ bolting }) => bolting === piece.id);
  return (joint && computed(valve, joint, ratedBarG, house)) ?? fromDrawing(valve, piece, ratedBarG, house);
}
