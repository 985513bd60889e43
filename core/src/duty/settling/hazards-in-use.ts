import type { HouseRules } from "../../basis/house/house-rules.ts";
import { hazardsOfFamily } from "../../basis/reference/families.ts";
import type { Fluid } from "../../basis/reference/fluids.ts";
import { atmosphereBar } from "../../basis/units/definitions.ts";
import type { Hazard } from "../fields/words.ts";
import type { OperatingCase } from "../statement/case.ts";
import type { Duty } from "../statement/duty.ts";
import { mixtureIn } from "./mixed.ts";

const drivingBarG = (c: OperatingCase) =>
  c.upstreamBarG === null && c.downstreamBarG === null
    ? null
    : Math.max(c.upstreamBarG ?? -Infinity, c.downstreamBarG ?? -Infinity);

/** Pressure assumed in a vacuum, bar a. */
const leastBarA = 0.01;

/** Cases in which the line does not contain the service fluid at its own pressure. */
const aside = new Set(["fire", "steam-out", "cold soak"]);

/** Pressure for the share of H₂S: the lowest of the service fluid; null where none is stated. */
function sharedBarA({ cases }: Duty): number | null {
  const values = cases.flatMap((c) => {
    const bar = aside.has(c.kind) ? null : drivingBarG(c);
    return bar === null ? [] : [Math.max(leastBarA, bar + atmosphereBar)];
  });
  return values.length === 0 ? null : Math.min(...values);
}

/**
 * Hydrogen sulphide as a share of the fluid.
 *
 * @param duty its partial pressure, kPa, and its cases
 * @returns parts per million; null where no partial pressure is stated. Without a pressure the full concentration
 * @source partial pressure over the lowest pressure of the service fluid
 */
function h2sPpm(duty: Duty): number | null {
  const { h2sKPa } = duty.fluid;
  if (h2sKPa === null) return null;
  const barA = sharedBarA(duty);
  return h2sKPa === 0 ? 0 : barA === null ? 1e6 : Math.min(1e6, (h2sKPa / (100 * barA)) * 1e6);
}

/** Hazards of a duty's fluid, including those set aside; without house rules, only those that need none. */
export function hazardsFound(
  duty: Duty,
  substance: Fluid | null,
  house: Pick<HouseRules, "lethalH2sPpm"> | null,
): Set<Hazard> {
  const { hazards, family } = duty.fluid;
  const found = new Set<Hazard>([
    ...(hazards ?? []),
    ...((substance?.hazards ?? []) as Hazard[]),
    ...((mixtureIn(duty)?.hazards ?? []) as Hazard[]),
    ...(hazardsOfFamily(family) as Hazard[]),
  ]);
  if (house !== null && (h2sPpm(duty) ?? 0) >= house.lethalH2sPpm)
    for (const h of ["toxic", "lethal"] as const) found.add(h);
  return found;
}

/**
 * Hazards the rules go by: those entered, those of substance and family, and lethal where there is enough hydrogen
 * sulphide. One is set aside only with a reason.
 *
 * @param duty as entered
 * @param substance fluid of the table, if selected
 * @param house from how much H₂S a fluid is lethal
 * @returns the hazards in use
 * @source house convention: what is known of the substance is not undone by leaving a box empty
 */
export function hazardsInUse(duty: Duty, substance: Fluid | null, house: HouseRules): Set<Hazard> {
  const found = hazardsFound(duty, substance, house);
  if ((duty.fluid.setAsideBecause ?? "").trim() !== "")
    for (const h of duty.fluid.setAside ?? []) found.delete(h);
  return found;
}
