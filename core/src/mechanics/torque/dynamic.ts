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

/** What flow adds to the torque of a case, N·m at every angle of both strokes. */
export interface FlowTorque extends Profile {
  readonly mostNm: number;
  readonly at: { readonly stroke: StrokeName; readonly degrees: number };
  /** True where nobody states the flow, and the velocity lines are laid out for is taken. */
  readonly assumed: boolean;
}

const referenceDensity = 999.1;
/** Of the pressure upstream, beyond which a gas flows no faster; and what its expansion leaves of the flow there. */
const gasLimits = { ratio: 0.4, expansion: 2 / 3 } as const;
/** Heavy enough that what nobody states pushes no less. */
const unknownMolarMass = 60;

/** Of anything that flows and nobody describes, as heavy as water. */
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

/** Of its nominal size, the bore of the thinnest pipe that is usual (ASME B36.19M, schedule 5S). */
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
  // Below its first point a curve goes to nothing, and so does what flow does to it.
  const at = trimAt(trim, first);
  const share = percent / first;
  const least = (torque: number | null) => (torque === null ? null : torque * share);
  return {
    kv: at.kv * share,
    torque: least(at.torque),
    closingTorque: least(at.closingTorque),
  };
};

const openingAt = (degrees: number) => (degrees / 90) * 100;

/** A trim at each of `angles`, which every case of every duty asks for. */
const strokes = new WeakMap<TrimInBody, readonly ReturnType<typeof below>[]>();
function strokeOf(trim: TrimInBody) {
  const had = strokes.get(trim);
  if (had) return had;
  const made = angles.map((degrees) => below(trim, openingAt(degrees)));
  strokes.set(trim, made);
  return made;
}

/** What flow does against closing by the kind of passage, C_t over the stroke: for trims that do not state it. */
const typicalClosing = new WeakMap<Construction, OverStroke>();
function closingByKind({ construction, size }: Valve): OverStroke {
  const had = typicalClosing.get(construction);
  if (had) return had;
  const trim = typicalTrim(construction, size);
  const made = overStroke((degrees) => below(trim, openingAt(degrees)).closingTorque!);
  typicalClosing.set(construction, made);
  return made;
}

/** The widest trim of a body that states what flow does to it as it opens. */
function widest({ line, construction, size }: Valve): TrimInBody {
  const trims = trimsOf(line.flowTrims, construction, size).filter(({ trim }) =>
    trim.curve.every(({ torque }) => torque !== null),
  );
  return trims.at(-1) ?? trimsOf([], construction, size)[0]!;
}

/**
 * What flow adds to a valve's torque in a case.
 *
 * @param valve its trim's C_t over the opening, its bore or disc, mm
 * @param c settled case; null for the rated differential, which no case states a flow for
 * @param differentialBar it is opened against, bar
 * @param duty settled duty
 * @param house velocity taken where nobody states a flow
 * @returns N·m at every angle of both strokes; null where nothing flows or its stem rises. Flow tends to shut a ball, and
 *   may push a disc or an eccentric plug open, by which way round it stands: nothing is relieved of what helps it
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
  const had = ofSize.get(c);
  if (had?.differentialBar === differentialBar) return had.flow;
  const flow = reckoned(valve, c, differentialBar, duty, house);
  ofSize.set(c, { differentialBar, flow });
  return flow;
}

interface Reckoned {
  readonly differentialBar: number;
  readonly flow: FlowTorque | null;
}
/** Seats and arrangements of a size share what flow does to it. */
const known = new WeakMap<SettledDuty, Map<Valve["size"], Map<SettledCase | null, Reckoned>>>();

function reckoned(
  valve: Valve,
  c: SettledCase | null,
  differentialBar: number,
  duty: SettledDuty,
  house: HouseRules,
): FlowTorque | null {
  const { construction, size } = valve;
  // Torques typed from a valve that stands are whole.
  if (duty.stated.onSite === true) return null;
  if (construction.stroke !== "quarter turn" || differentialBar <= 0) return null;
  const at = c === null ? -1 : duty.cases.indexOf(c);
  const stated = at < 0 ? null : duty.stated.cases[at]!;
  const of = c ?? duty.cases[0];
  if (of === undefined) return null;
  const gas = of.phase === "gas" || of.phase === "steam";
  const density = densityOf(of, duty);
  const flow = flowM3h(stated, density, gas, size.dn, house, duty);
  if (flow === null) return null;
  const trim = widest(valve);
  const upstreamBarA = Math.max(differentialBar, (of.pressureBarG ?? 0) + atmosphereBar);
  const driving = gas ? Math.min(differentialBar, gasLimits.ratio * upstreamBarA) : differentialBar;
  const whole =
    (flow.m3h * Math.sqrt(density / referenceDensity / driving)) / (gas ? gasLimits.expansion : 1);
  // So little that it pushes nothing.
  if (!(whole > 1e-9 * trim.kv)) return null;
  // The line alone; none where the valve takes all there is.
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
