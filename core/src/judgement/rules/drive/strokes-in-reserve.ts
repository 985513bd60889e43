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
  if (demand.covering === null || demand.unknown) return cannotTell("the torque demand");
  const place = placeNamed(fittings, "volume bottle");
  const litres = timed(judged)?.bottleL(duty.strokesInReserve) ?? null;
  if (litres === null)
    return plain("fails", "At the lowest air it has nothing over: no bottle carries it through.", {
      uses: [asked, used("lowest air supply", duty.airMinimumBarG, "entered", "bar g")],
      remedy: "A larger drive, or more air.",
    });
  const uses = [asked, used("bottle filled to, at the least", duty.airMinimumBarG, "entered", "bar g")];
  const wanted = `A bottle of ${Math.ceil(litres)} litres behind a check valve.`;
  if (!place || (place.fit.length === 0 && place.refused.length === 0))
    return cannotTell("which bottle keeps its air: the shelf has none", { uses, remedy: wanted });
  const sizes = place.fit.map(({ item }) => item.litres);
  const limit = sizes.find((one) => one >= litres) ?? Math.max(0, ...sizes);
  const enough = limit >= litres;
  return plain(
    enough ? "holds" : "fails",
    enough
      ? "A bottle of the shelf keeps the air for as many strokes as asked."
      : "No bottle of the shelf keeps enough air.",
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

/** What a drive still does when its supply is gone. */
export const strokesInReserve = rule({
  id: "drive/strokes-in-reserve",
  asks: "Strokes with the supply gone",
  source:
    "A spring is one stroke; each stroke takes a chamber of air at the bottle's own pressure, at constant temperature: p·(V/(V + v))ⁿ must still turn the valve",
  inputs: [
    "strokes with the supply gone",
    "lowest air supply",
    "torque demand",
    "drive's volume",
    "accessories",
  ],
  hangsOn: ["size", "cavity", "seat", "drive"],
  unraised: ({ strokesInReserve: asked }) =>
    asked > 0 ? null : "Nothing is asked of it without its supply.",
  examine: (judged) => {
    const { drive, duty } = judged;
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const { supply } = kindOf(drive.family);
    if (isByHand(supply)) return notAsked("A hand moves it.");
    const asked = stated("strokes asked", duty.strokesInReserve, duty.stated.strokesInReserve);
    if (usesAir(supply) && drive.springSet === null) return byBottle(judged, asked);
    const has = drive.strokesLeft ?? (drive.onSupplyLoss === "stays" ? 0 : 1);
    const enough = has >= duty.strokesInReserve;
    return plain(
      enough ? "holds" : "fails",
      enough
        ? "With its supply gone it still strokes as often as asked."
        : "With its supply gone it does not stroke as often as asked.",
      {
        value: has,
        limit: duty.strokesInReserve,
        sense: "≥",
        unit: "",
        uses: [asked],
        remedy: enough ? null : "A drive with a store of its own, or air with a bottle.",
      },
    );
  },
});
