import type { HouseRules } from "../../basis/house/house-rules.ts";
import { fluidOfFamily } from "../../basis/reference/families.ts";
import { type Fluid, fluidNamed } from "../../basis/reference/fluids.ts";
import { familiesIn } from "../fields/families-in.ts";
import { lastOf } from "../fields/field.ts";
import type { Hazard } from "../fields/words.ts";
import type { OperatingCase } from "../statement/case.ts";
import { type Duty, type DutyField, fieldsOfDuty } from "../statement/duty.ts";
import { isWater, metalFamiliesOf, softFamiliesOf, withComponents } from "./families.ts";
import { hazardsInUse } from "./hazards-in-use.ts";
import { mixtureIn, withPartials } from "./mixed.ts";
import type { DutyOrigin, SettledCase } from "./settled-case.ts";
import type { SettledDuty } from "./settled-duty.ts";
import { type ShutIn, shutInBy } from "./shut-in.ts";
import { solutionOf } from "./solution.ts";
import { turnedAgainstBar } from "./turned-against.ts";

type Writable<T> = { -readonly [Key in keyof T]: T[Key] };

function settleCase(c: OperatingCase, ofFluid: SettledCase["phase"], watery: boolean): Writable<SettledCase> {
  const { upstreamBarG: up, downstreamBarG: down } = c;
  // In a reverse case the driving side must be stated; in a forward one a blank downstream means vented.
  const driving = c.flow === "reverse" ? down : up;
  const known = driving !== null;
  const upstream = c.flow === "reverse" ? (up ?? 0) : up;
  const downstream = down ?? 0;
  const phase = c.phase ?? ofFluid;
  return {
    id: c.id,
    kind: c.kind,
    name: c.name,
    upstreamBarG: upstream,
    downstreamBarG: downstream,
    downstreamOrigin: (c.flow === "reverse" ? up : down) === null ? "assumed" : "entered",
    temperatureC: c.temperatureC,
    shut: c.mayBeShut && c.kind !== "fire",
    moved: c.moved,
    phase,
    pressureBarG: known ? Math.max(upstream!, downstream) : null,
    differentialBar: known ? Math.abs(upstream! - downstream) : null,
    closedDifferentialBar: known
      ? Math.max(Math.abs(upstream!), Math.abs(downstream), Math.abs(upstream! - downstream))
      : null,
    turnedAgainstBar: null,
    steamy: phase === "steam" || (watery && c.temperatureC !== null && c.temperatureC > 100),
  };
}

function lineGasIn(cases: readonly SettledCase[]): SettledDuty["lineGas"] {
  const pressures = cases
    .filter((c) => c.kind !== "fire")
    .map((c) => (c.phase === "gas" ? (c.upstreamBarG === null ? null : c.pressureBarG) : null));
  const known = pressures.filter((bar) => bar !== null);
  return known.length === 0 || known.length < pressures.length
    ? null
    : { lowestBarG: Math.max(0, Math.min(...known)), highestBarG: Math.max(0, ...known) };
}

/** How a field that may be assumed is settled, under the name the rules know it by. */
interface Settling {
  readonly name: string;
  readonly settle: (duty: Duty, house: HouseRules) => unknown;
}

/** Keys are cut out of paths once, not for every duty. */
const settlingOf = (fields: readonly DutyField[]): readonly Settling[] =>
  fields.flatMap((field) => ("settle" in field ? [{ name: lastOf(field.path), settle: field.settle }] : []));

const settlings = settlingOf(fieldsOfDuty);

/**
 * A class, so that every duty's has the same shape: rules read it hundreds of thousands of times.
 */
class Settled {
  readonly stated: Duty;
  readonly cases: readonly SettledCase[];
  readonly shutCases: readonly SettledCase[];
  readonly substance: Fluid | null;
  readonly fluid: Fluid | null;
  readonly hazards: ReadonlySet<Hazard>;
  readonly hazardsOrigin: DutyOrigin | "reference";
  readonly shutIn: ShutIn;
  readonly families: ReadonlySet<string>;
  readonly softFamilies: readonly string[];
  readonly metalFamilies: readonly string[];
  readonly solution: SettledDuty["solution"];
  readonly hand: SettledDuty["hand"];
  readonly lineGas: SettledDuty["lineGas"];

  constructor(duty: Duty, house: HouseRules, by: readonly Settling[]) {
    const { fluid } = duty;
    this.stated = duty;
    this.substance = fluid.substance === null ? null : (fluidNamed(fluid.substance) ?? null);
    const ofSubstance = this.substance;
    this.fluid = mixtureIn(duty) ?? ofSubstance ?? fluidOfFamily(fluid.family);
    const phase = fluid.phase ?? ((ofSubstance?.phase as Duty["fluid"]["phase"]) || null);
    this.families = new Set(withComponents(familiesIn(fluid), duty));
    this.softFamilies = withComponents(softFamiliesOf(duty, ofSubstance), duty);
    this.metalFamilies = withComponents(metalFamiliesOf(duty, ofSubstance), duty);
    this.solution = solutionOf(duty);
    const cases = duty.cases.map((c) => settleCase(c, phase, isWater(duty, ofSubstance)));
    // A valve that is moved in no case at all is moved in one that is not listed.
    if (cases.every((c) => c.moved === false)) for (const c of cases) c.moved = null;
    for (const c of cases) c.turnedAgainstBar = turnedAgainstBar(c, cases);
    this.cases = cases;
    this.shutCases = this.cases.filter((c) => c.shut);
    this.hazards = hazardsInUse(duty, ofSubstance, house);
    this.hazardsOrigin = fluid.hazards !== null ? "entered" : ofSubstance !== null ? "reference" : "assumed";
    this.hand = { steadyN: house.handForceN, hardestN: Math.max(house.handForceN, house.hardestPullN) };
    this.lineGas = lineGasIn(this.cases);
    const own = this as unknown as Record<string, unknown>;
    for (const { name, settle } of by) own[name] = settle(duty, house);
    this.shutIn = shutInBy(this.shutCases, this as unknown as SettledDuty, house);
  }
}

/**
 * Fills a duty's gaps with the assumptions in use. Where assuming could hurt (size, pressure,
 * temperature, fluid family, fail action) nothing is assumed and the rules say *cannot tell*.
 *
 * @param duty as entered: bar g, °C; null where unknown
 * @param house house rules; they hold the assumed air supply, ambient and time closed
 * @param fields fields of the duty
 * @returns the duty for the rules; assumptions show by comparison with `stated`
 * @source house rules; completeness lists each assumption with its reason
 * @example settle(emptyDuty, defaultHouseRules()).flowDirection // → "both ways"
 */
export function settle(
  duty: Duty,
  house: HouseRules,
  fields: readonly DutyField[] = fieldsOfDuty,
): SettledDuty {
  const by = fields === fieldsOfDuty ? settlings : settlingOf(fields);
  return new Settled(withPartials(duty), house, by) as unknown as SettledDuty;
}
