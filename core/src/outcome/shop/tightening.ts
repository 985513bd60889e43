import { boltTightening } from "../../basis/calc/bolt-tightening.ts";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Piece } from "../../construction/bodies/assembly/model.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { StepFigure } from "./step.ts";

const threads = ["M8", "M10", "M12", "M16", "M20", "M24", "M30", "M36", "M42"] as const;

/** A bushing or a cover round a stem is sealed on about twice its diameter. */
const aroundStem = 2;

/** A gasket needs this much more than the pressure load. */
const seating = 1.5;

/**
 * Screws of a joint of the body, where no maker states them: the smallest that carry it.
 *
 * @param valve seat and stem, mm
 * @param screws their count, and the area that pressure acts on
 * @param ratedBarG rating of the body, bar g
 * @param house grade, share of the proof stress, frictions
 * @returns thread and tightening torques, N·m, each an estimate; none where no usual thread carries it
 * @source `bolt-tightening`; load p·π/4·D²·1.5, shared by the screws, on the circle of the seat or twice the stem
 */
export function jointTorque(
  valve: Valve,
  { count, holds }: Pick<Piece, "count" | "holds">,
  ratedBarG: number | null,
  house: HouseRules,
): StepFigure[] {
  if (ratedBarG === null || holds === "nothing") return [];
  const { geometry, stemDiameterMm } = valve.size;
  const across = holds === "the bore" ? geometry.seatContactDiameterMm : aroundStem * stemDiameterMm;
  const each = (ratedBarG * 0.1 * (Math.PI / 4) * across * across * seating) / count;
  const tightened = (thread: string, friction: number) =>
    boltTightening({
      thread,
      grade: house.screwGrade,
      utilisation: house.screwUtilisationPercent / 100,
      frictionThread: friction,
      frictionHead: friction,
    });
  const thread = threads.find((t) => tightened(t, house.screwFrictionLubricated).preloadN >= each);
  if (thread === undefined) return [];
  return [
    { what: "bolting, estimated", value: `${count} × ${thread}, ${house.screwGrade}`, unit: "" },
    {
      what: "torque, lubricated, estimated",
      value: tightened(thread, house.screwFrictionLubricated).torqueNm,
      unit: "N·m",
    },
    {
      what: "torque, dry, estimated",
      value: tightened(thread, house.screwFrictionDry).torqueNm,
      unit: "N·m",
    },
  ];
}
