import type { HouseRules } from "../house/house-rules.ts";
import type { Fluid } from "../reference/fluids.ts";
import type { SettledCase } from "./settle.ts";

/**
 * Liquid a duty shuts into a cavity, and how warm it gets there; what is missing to say so; null where no
 * liquid is shut in. The same for every valve proved in the duty.
 */
export type ShutIn =
  | {
      readonly from: SettledCase;
      readonly fluid: Fluid;
      readonly end: { readonly c: number; readonly name: string };
    }
  | { readonly missing: string }
  | null;

interface Around {
  readonly installation: string;
  readonly ambientMaximumC: number;
  readonly substance: Fluid | null;
}

/** Where a shut-in valve may warm to: its hottest shut case, or the sun on an idle line. */
function warmest(shut: readonly SettledCase[], around: Around, house: HouseRules) {
  const exposed = around.installation === "outdoor" || around.installation === "marine air";
  const sun = exposed ? house.solarRiseK : 0;
  let end = { c: around.ambientMaximumC + sun, name: sun > 0 ? "sun on an idle line" : "highest ambient" };
  for (const { temperatureC, name } of shut)
    if (temperatureC !== null && temperatureC > end.c) end = { c: temperatureC, name };
  return end;
}

/**
 * What liquid a duty shuts into a cavity, and how warm it gets there.
 *
 * @param shut cases the valve is shut in
 * @param around installation, highest ambient (°C) and substance
 * @param house the sun's share
 * @returns where it is shut in and where it ends; what is missing; null where no liquid is shut in
 * @source the duty; the coldest shut case that is not gas or steam
 */
export function shutInBy(shut: readonly SettledCase[], around: Around, house: HouseRules): ShutIn {
  const wet = shut.filter((c) => c.phase !== "gas" && c.phase !== "steam");
  if (wet.length === 0) return null;
  if (wet.every((c) => c.phase === null)) return { missing: "the fluid's phase" };
  const from = wet.reduce<SettledCase | null>(
    (a, c) => (c.temperatureC !== null && (a === null || c.temperatureC < a.temperatureC!) ? c : a),
    null,
  );
  if (from === null) return { missing: "a temperature" };
  if (from.pressureBarG === null) return { missing: `pressure of ${from.name}` };
  const fluid = around.substance;
  if (fluid === null || fluid.expansionPerK === null || fluid.compressibilityPerBar === null)
    return { missing: "the substance, for its thermal expansion" };
  return { from, fluid, end: warmest(shut, around, house) };
}
