import { placeNamed } from "../../../equipment/accessories/fittings.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand, usesAir } from "../../../equipment/drives/supplies.ts";
import { stated, used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { rule } from "../rule.ts";
import { timed } from "./on-air.ts";

/** A drive on air without springs lives on a bottle. */
function byBottle(judged: Judged, asked: ReturnType<typeof stated>): Outcome {
  const { demand, duty, fittings } = judged;
  if (demand.covering === null || demand.unknown) return cannotTell("torque demand");
  const place = placeNamed(fittings, "volume bottle");
  const litres = timed(judged)?.bottleL(duty.strokesInReserve) ?? null;
  if (litres === null)
    return plain(
      "fails",
      "At the lowest air pressure the actuator has no torque reserve: no volume tank can complete the stroke.",
      {
        uses: [asked, used("lowest air supply", duty.airMinimumBarG, "entered", "bar g")],
        remedy: "Use a larger actuator or a higher air pressure.",
      },
    );
  const uses = [
    asked,
    used("lowest filling pressure of the volume tank", duty.airMinimumBarG, "entered", "bar g"),
  ];
  const wanted = `Add a volume tank of ${Math.ceil(litres)} litres behind a check valve.`;
  if (!place || (place.fit.length === 0 && place.refused.length === 0))
    return cannotTell("volume tank (the shelf has none)", { uses, remedy: wanted });
  const sizes = place.fit.map(({ item }) => item.litres);
  const limit = sizes.find((size) => size >= litres) ?? Math.max(0, ...sizes);
  const enough = limit >= litres;
  return plain(
    enough ? "holds" : "fails",
    enough
      ? "A volume tank on the shelf holds the air for the required strokes."
      : "No volume tank on the shelf holds enough air.",
    {
      value: litres,
      limit,
      sense: "≤",
      unit: "litres",
      uses,
      remedy: enough ? null : wanted,
    },
  );
}

/** Strokes left in an actuator when its supply has failed. */
export const strokesInReserve = rule({
  id: "drive/strokes-in-reserve",
  asks: "Strokes after loss of supply",
  source:
    "A spring gives one stroke. Each further stroke fills the actuator from the volume tank at constant temperature: p·(V/(V + v))ⁿ must still turn the valve",
  inputs: [
    "strokes after loss of supply",
    "lowest air supply",
    "torque demand",
    "actuator volume",
    "accessories",
  ],
  dependsOn: ["size", "cavity", "seat", "drive"],
  notApplicableBecause: ({ strokesInReserve: asked }) =>
    asked > 0 ? null : "The duty asks for no strokes after loss of supply.",
  examine: (judged) => {
    const { drive, duty } = judged;
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { supply } = kindOf(drive.family);
    if (isByHand(supply)) return notAsked("The valve has a manual operator.");
    const asked = stated("strokes required", duty.strokesInReserve, duty.stated.strokesInReserve);
    if (usesAir(supply) && drive.springSet === null) return byBottle(judged, asked);
    const has = drive.strokesLeft ?? (drive.onSupplyLoss === "stays" ? 0 : 1);
    const enough = has >= duty.strokesInReserve;
    return plain(
      enough ? "holds" : "fails",
      enough
        ? "After loss of supply the actuator gives the required strokes."
        : "After loss of supply the actuator does not give the required strokes.",
      {
        value: has,
        limit: duty.strokesInReserve,
        sense: "≥",
        unit: "",
        uses: [asked],
        remedy: enough
          ? null
          : "Use an actuator with stored energy, or a pneumatic actuator with a volume tank.",
      },
    );
  },
});
