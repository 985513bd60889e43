import type { HouseRules } from "../../basis/house/house-rules.ts";
import {
  angles,
  type OverStroke,
  overStroke,
  type Profile,
  type StrokeName,
} from "../../basis/stroke/profile.ts";
import { atmosphereBar } from "../../basis/units/definitions.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import { estimateState } from "../../duty/fluid/estimate.ts";
import type { SettledCase } from "../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { OperatingCase } from "../../duty/statement/case.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { type TrimInBody, trimAt, trimsOf, typicalTrim } from "../../equipment/trims/trim.ts";

/** Torque added by flow in a case, N·m at every angle of both strokes. */
export interface FlowTorque extends Profile {
  readonly mostNm: number;
  readonly at: { readonly stroke: StrokeName; readonly degrees: number };
  /** True where no flow is stated and the design velocity of lines is used. */
  readonly assumed: boolean;
}

const referenceDensity = 999.1;
/** Share of the upstream pressure beyond which gas flow chokes, and the density factor there. */
const gasLimits = { ratio: 0.4, expansion: 2 / 3 } as const;
/** Heavy enough that an unstated fluid pushes no harder. */
const unknownMolarMass = 60;

/** Density for a fluid without data: that of water. */
const heavy = 1000;

function densityOf(c: SettledCase, duty: SettledDuty): number {
  const found = estimatedDensity(c, duty);
  return found > 0 && Number.isFinite(found) ? found : heavy;
}

function estimatedDensity(c: SettledCase, duty: SettledDuty): number {
  const { fluid } = duty;
  const temperatureC = c.temperatureC ?? 15;
  const barA = Math.max(0.05, (c.pressureBarG ?? 0) + atmosphereBar);
  if (c.phase === "gas" || c.phase === "steam") {
    const mass = c.phase === "steam" ? 18.015 : (fluid?.molarMassKgKmol ?? unknownMolarMass);
    const z = duty.stated.fluid.compressibility ?? 1;
    const estimate = c.phase === "gas" && fluid ? estimateState(fluid, temperatureC, barA).densityKgM3 : null;
    const ideal = (barA * mass) / (0.0831446 * Math.max(0.05, z) * Math.max(1, temperatureC + 273.15));
    return Math.max(estimate?.value ?? 0, ideal);
  }
  const stated = duty.stated.fluid.densityKgM3;
  if (stated !== null && stated > 0) return stated;
  return (fluid && estimateState(fluid, temperatureC, barA).densityKgM3?.value) ?? heavy;
}

/** Share of the nominal size: bore of the thinnest usual pipe (ASME B36.19M, schedule 5S). */
const widestBoreOf = (dn: number) => dn * (dn < 40 ? 1.2 : 1.1);

/** Flow of a case, m³/h as it is upstream; null where it is stated that nothing flows. */
function flowM3h(
  stated: OperatingCase | null,
  density: number,
  gas: boolean,
  dn: number,
  house: HouseRules,
  duty: SettledDuty,
): { readonly m3h: number; readonly assumed: boolean } | null {
  if (stated?.rate === 0) return null;
  if (stated === null || stated.rate === null) {
    const pipeMm = duty.stated.pipeBoreMm ?? widestBoreOf(dn);
    const velocity = gas ? house.openGasMS : house.openLiquidMS;
    return { m3h: velocity * 3600 * (Math.PI / 4) * (pipeMm / 1000) ** 2, assumed: true };
  }
  if (stated.rateBasis === "m³/h") return { m3h: stated.rate, assumed: false };
  const mass =
    stated.rateBasis === "kg/h"
      ? stated.rate
      : (stated.rate * (duty.fluid?.molarMassKgKmol ?? unknownMolarMass)) / 22.414;
  return { m3h: mass / density, assumed: false };
}

const below = (trim: TrimInBody, percent: number) => {
  const first = trim.trim.curve[0]!.openingPercent;
  if (percent >= first) return trimAt(trim, percent);
  // Below its first point a curve falls to zero, and the flow torque with it.
  const trimPoint = trimAt(trim, first);
  const share = percent / first;
  const least = (torque: number | null) => (torque === null ? null : torque * share);
  return {
    kv: trimPoint.kv * share,
    torque: least(trimPoint.torque),
    closingTorque: least(trimPoint.closingTorque),
  };
};

const openingAt = (degrees: number) => (degrees / 90) * 100;

/** A trim at each of `angles`, which every case of every duty asks for. */
const strokes = new WeakMap<TrimInBody, readonly ReturnType<typeof below>[]>();
function strokeOf(trim: TrimInBody) {
  const cached = strokes.get(trim);
  if (cached) return cached;
  const made = angles.map((degrees) => below(trim, openingAt(degrees)));
  strokes.set(trim, made);
  return made;
}

/** Flow torque against closing by kind of passage, C_t over the travel: for trims that do not state it. */
const typicalClosing = new WeakMap<Construction, OverStroke>();
function closingByKind({ construction, size }: Valve): OverStroke {
  const cached = typicalClosing.get(construction);
  if (cached) return cached;
  const trim = typicalTrim(construction, size);
  const made = overStroke((degrees) => below(trim, openingAt(degrees)).closingTorque!);
  typicalClosing.set(construction, made);
  return made;
}

/** The widest trim of a body that states the flow torque over its travel. */
function widest({ line, construction, size }: Valve): TrimInBody {
  const trims = trimsOf(line.flowTrims, construction, size).filter(({ trim }) =>
    trim.curve.every(({ torque }) => torque !== null),
  );
  return trims.at(-1) ?? trimsOf([], construction, size)[0]!;
}

/**
 * Torque that flow adds to a valve in a case.
 *
 * @param valve its trim's C_t over the opening, its bore or disc, mm
 * @param c settled case; null for the rated differential, which no case states a flow for
 * @param differentialBar it is opened against, bar
 * @param duty settled duty
 * @param house velocity assumed where no flow is stated
 * @returns N·m at every angle of both strokes; null without flow or with a rising stem. Flow tends to shut a ball, and
 *   may push a disc or an eccentric plug open, depending on flow direction; helping torque is never subtracted
 * @source T = C_t·Δp·D³; the valve in series with a line that takes the rest: Δp(φ) = Δp/(1 + (Kv(φ)/Kv_line)²), the
 *   line's Kv from the flow it has with the valve open
 */
export function flowTorque(
  valve: Valve,
  c: SettledCase | null,
  differentialBar: number,
  duty: SettledDuty,
  house: HouseRules,
): FlowTorque | null {
  let ofDuty = known.get(duty);
  if (!ofDuty) {
    ofDuty = new Map();
    known.set(duty, ofDuty);
  }
  let ofSize = ofDuty.get(valve.size);
  if (!ofSize) {
    ofSize = new Map();
    ofDuty.set(valve.size, ofSize);
  }
  const cached = ofSize.get(c);
  if (cached?.differentialBar === differentialBar) return cached.flow;
  const flow = reckoned(valve, c, differentialBar, duty, house);
  ofSize.set(c, { differentialBar, flow });
  return flow;
}

interface Reckoned {
  readonly differentialBar: number;
  readonly flow: FlowTorque | null;
}
/** Seats and arrangements of a size share the flow torque. */
const known = new WeakMap<SettledDuty, Map<Valve["size"], Map<SettledCase | null, Reckoned>>>();

function reckoned(
  valve: Valve,
  c: SettledCase | null,
  differentialBar: number,
  duty: SettledDuty,
  house: HouseRules,
): FlowTorque | null {
  const { construction, size } = valve;
  // Torques entered for an installed valve are totals.
  if (duty.stated.onSite === true) return null;
  if (construction.stroke !== "quarter turn" || differentialBar <= 0) return null;
  const index = c === null ? -1 : duty.cases.indexOf(c);
  const stated = index < 0 ? null : duty.stated.cases[index]!;
  const settledCase = c ?? duty.cases[0];
  if (settledCase === undefined) return null;
  const gas = settledCase.phase === "gas" || settledCase.phase === "steam";
  const density = densityOf(settledCase, duty);
  const flow = flowM3h(stated, density, gas, size.dn, house, duty);
  if (flow === null) return null;
  const trim = widest(valve);
  const upstreamBarA = Math.max(differentialBar, (settledCase.pressureBarG ?? 0) + atmosphereBar);
  const driving = gas ? Math.min(differentialBar, gasLimits.ratio * upstreamBarA) : differentialBar;
  const whole =
    (flow.m3h * Math.sqrt(density / referenceDensity / driving)) / (gas ? gasLimits.expansion : 1);
  // Too little to matter.
  if (!(whole > 1e-9 * trim.kv)) return null;
  // Line resistance alone; none where the valve takes the whole drop.
  const line = whole < trim.kv ? 1 / Math.sqrt(1 / whole ** 2 - 1 / trim.kv ** 2) : null;
  const metres = (construction.closure === "disc" ? size.geometry.closureDiameterMm : size.boreMm) / 1000;
  const byKind = closingByKind(valve);
  let [mostNm, where]: [number, FlowTorque["at"]] = [0, { stroke: "opening", degrees: 0 }];
  const [opening, closing]: [number[], number[]] = [[], []];
  strokeOf(trim).forEach(({ kv, torque, closingTorque }, i) => {
    const degrees = angles[i]!;
    const drop = line === null ? differentialBar : differentialBar / (1 + (kv / line) ** 2);
    const perCoefficient = drop * 1e5 * metres ** 3;
    opening.push((torque ?? 0) * perCoefficient);
    closing.push((closingTorque ?? byKind[i]!) * perCoefficient);
    if (opening[i]! > mostNm) [mostNm, where] = [opening[i]!, { stroke: "opening", degrees }];
    if (closing[i]! > mostNm) [mostNm, where] = [closing[i]!, { stroke: "closing", degrees }];
  });
  return { opening, closing, mostNm, at: where, assumed: flow.assumed };
}
