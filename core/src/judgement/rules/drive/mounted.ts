import { type Fitted, placeNamed } from "../../../equipment/accessories/fittings.ts";
import type { AccessoryName } from "../../../equipment/accessories/kinds.ts";
import type { Judged } from "../judged.ts";
import { timed } from "./on-air.ts";

type On = Pick<Judged, "drive" | "demand" | "duty" | "house" | "fittings">;

/** Kinds of which the way the air is led decides the item. */
const ledBy: ReadonlySet<string> = new Set<AccessoryName>([
  "filter-regulator",
  "solenoid valve",
  "quick exhaust",
  "volume booster",
]);

/** The smallest volume tank that is large enough, by price; null where none is needed, or none is large enough. */
function bottle(on: On): Fitted | null {
  const place = placeNamed(on.fittings, "volume bottle");
  if (!place) return null;
  const litres = timed(on)?.bottleL(on.duty.strokesInReserve) ?? null;
  if (litres === null) return null;
  return place.fit.find(({ item }) => item.litres >= litres) ?? null;
}

/**
 * Everything mounted on a drive on its valve.
 *
 * @param on actuator, demand, duty, house rules and the accessories of the shelf
 * @returns the accessories that stay mounted, with the air arrangement and the volume tank the duty asks for
 */
export function mounted(on: On): readonly Fitted[] {
  const { fittings, duty } = on;
  if (fittings === null) return [];
  const { standing } = fittings;
  const { opensWithinS, closesWithinS } = duty.stated;
  const air = opensWithinS === null && closesWithinS === null ? null : timed(on);
  const led = air?.led().fitted ?? [];
  // A positioner may lead the air itself: then it comes with the way.
  const own = new Set(led.map(({ kind }) => kind));
  const kept =
    led.length === 0
      ? standing
      : [...standing.filter(({ kind }) => !ledBy.has(kind) && !own.has(kind)), ...led];
  const reserve = duty.strokesInReserve > 0 ? bottle(on) : null;
  return reserve === null ? kept : [...kept, reserve];
}
