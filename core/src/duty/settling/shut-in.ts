import type { HouseRules } from "../../basis/house/house-rules.ts";
import { liquidsOfFamily } from "../../basis/reference/families.ts";
import { type Fluid, fluidNamed } from "../../basis/reference/fluids.ts";
import { atmosphereBar } from "../../basis/units/definitions.ts";
import { saturation } from "../fluid/saturation.ts";
import type { SettledCase } from "./settled-case.ts";

/** A liquid as far as it expands; null where a figure is not known. */
export interface Expanding {
  readonly name: string;
  readonly expansionPerK: number | null;
  readonly compressibilityPerBar: number | null;
}

/** One way liquid comes to be shut in: a case, and how cold the cavity is when it closes over it. */
export interface Filling {
  readonly from: SettledCase;
  readonly startC: number;
  readonly liquid: Expanding;
  /** A vapour that fills the cavity with liquid as it cools. */
  readonly condensed: boolean;
}

/**
 * Liquid shut into a cavity, and its highest temperature; the missing value; or null where no liquid is shut in. The
 * same for every valve in the duty.
 */
export type ShutIn =
  | {
      readonly fillings: readonly Filling[];
      readonly end: { readonly c: number; readonly name: string };
      /** Value that a shut case lacks, which could make it the worst. */
      readonly missing: string | null;
    }
  | { readonly missing: string }
  | null;

interface Around {
  readonly installation: string;
  readonly ambientMaximumC: number;
  readonly fluid: Fluid | null;
  readonly stated: {
    readonly ambientMinimumC: number | null;
    readonly fluid: {
      readonly family: string | null;
      readonly name: string | null;
      readonly expansionPerK: number | null;
      readonly compressibilityPerBar: number | null;
    };
  };
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

const isVapour = ({ phase }: SettledCase) => phase === "gas" || phase === "steam";

/** Idle, a line cools to this where the lowest ambient is not stated, °C. */
const idleC = 0;

/** Temperature an idle line cools to with liquid in it. */
const idleOf = (fluid: Fluid | null, { stated }: Around): number =>
  Math.max(stated.ambientMinimumC ?? idleC, fluid?.triplePointC ?? Number.NEGATIVE_INFINITY);

/** Temperature at which a vapour, cooled while shut, has become liquid; null where it stays a gas. */
function condensesAt(c: SettledCase, fluid: Fluid, around: Around): number | null {
  if (c.pressureBarG === null) return null;
  const cooledC = Math.max(
    fluid.triplePointC,
    Math.min(c.temperatureC ?? Number.POSITIVE_INFINITY, idleOf(fluid, around)),
  );
  const boils = saturation(fluid, cooledC);
  return boils !== null && c.pressureBarG + atmosphereBar > boils.barA ? cooledC : null;
}

/** Whether a vapour of a family with several fluids may condense: at least one of its fluids does. */
const mayCondense = (c: SettledCase, around: Around): boolean =>
  liquidsOfFamily(around.stated.fluid.family).some((fluid) => condensesAt(c, fluid, around) !== null);

/** The liquid a case's fluid is or becomes, whose expansion counts: a steam line's condensate is hot water. */
const liquidOf = ({ phase }: SettledCase, fluid: Fluid | null): Fluid | null =>
  phase === "steam" || fluid?.id === "steam" ? fluidNamed("hot-water")! : fluid;

/** What is stated of the liquid counts before the table. */
const expandingOf = (fluid: Fluid | null, { stated: { fluid: own } }: Around): Expanding => ({
  name: fluid?.name ?? own.name ?? "the liquid",
  expansionPerK: own.expansionPerK ?? fluid?.expansionPerK ?? null,
  compressibilityPerBar: own.compressibilityPerBar ?? fluid?.compressibilityPerBar ?? null,
});

/**
 * Finds the liquid that a duty shuts into a cavity, and its highest temperature.
 *
 * @param shut cases the valve is shut in
 * @param around installation, ambient (°C) and the fluid
 * @param house the sun's share
 * @returns every way to fill it with its end state; the missing value; null where no liquid is shut in
 * @source the duty; a line is filled and shut while it idles as well as when it is warm, and vapour condenses in it
 */
export function shutInBy(shut: readonly SettledCase[], around: Around, house: HouseRules): ShutIn {
  const fillings: Filling[] = [];
  let missing: string | null = null;
  for (const from of shut) {
    const fluid = liquidOf(from, around.fluid);
    const condensed = isVapour(from);
    const condensedC = condensed && fluid !== null ? condensesAt(from, fluid, around) : null;
    if (condensed && condensedC === null) {
      if (fluid === null && mayCondense(from, around))
        missing ??= "substance (vapours of this family condense in an idle line)";
      continue;
    }
    if (from.phase === null) missing ??= "phase of the fluid";
    else if (from.temperatureC === null) missing ??= `temperature of ${from.name}`;
    else if (from.pressureBarG === null) missing ??= `pressure of ${from.name}`;
    else {
      const startC = condensedC ?? Math.min(from.temperatureC, idleOf(fluid, around));
      fillings.push({ from, liquid: expandingOf(fluid, around), startC, condensed });
    }
  }
  if (fillings.length > 0) return { fillings, end: warmest(shut, around, house), missing };
  return missing === null ? null : { missing };
}
