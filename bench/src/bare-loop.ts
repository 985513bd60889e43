import { cavityRise, seatRelief } from "@proven-seat/core/basis/calc";
import type { HouseRules } from "@proven-seat/core/basis/house";
import { metalLimits, padOf, valueOnCurve } from "@proven-seat/core/basis/reference";
import { angles, type Profile, profileThrough, scaled } from "@proven-seat/core/basis/stroke";
import { type Duty, type SettledDuty, settle } from "@proven-seat/core/duty";
import { parts, type Shelf, type Valve } from "@proven-seat/core/equipment/catalogue";
import { type Drive, suppliedDrive } from "@proven-seat/core/equipment/drives";
import { trimsOf } from "@proven-seat/core/equipment/trims";
import { seatLoad } from "@proven-seat/core/judgement/rules";
import { fitUpOf } from "@proven-seat/core/mechanics/fit-up";
import { flowAround, trimInDuty } from "@proven-seat/core/mechanics/flow";
import { breakGrowth, flowTorque, tableTorque } from "@proven-seat/core/mechanics/torque";

/**
 * The simpler loop that the prover is measured against: for every candidate the same interpolations of body rating and
 * seat limit at every case, the same torque table and the same walk through the actuators, and nothing else: no
 * findings, no chemistry, no words, no sharing between candidates except the actuators' output. With `whole` it also
 * does the arithmetic of the other rules: trapped cavity, seat stress at every case, metal limits, flow torque, every
 * case in every trim of a size, the actuator mounted on its valve. Without, it is the loop of the time when there were
 * two dozen rules.
 */
export function bareLoop(duty: Duty, shelf: Shelf, house: HouseRules, whole: boolean): number {
  const settled = settle(duty, house);
  const wanted =
    settled.operator === "any" ? shelf.families : shelf.families.filter((f) => f.supply === settled.operator);
  const families = settled.operator === "bare stem" ? [] : wanted.map((f) => supplied(f.drives, settled));
  const picks = new Map<number, number>();
  const sizes = new Set<Valve["size"]>();
  let sum = 0;
  for (const valve of shelf.valvesFor(duty.dn!)) {
    for (const c of settled.cases) {
      if (c.temperatureC === null || c.pressureBarG === null) continue;
      sum += valueOnCurve(valve.ratingCurve, c.temperatureC) - c.pressureBarG;
      if (valve.seat.curve) sum += valueOnCurve(valve.seat.curve, c.temperatureC) - c.closedDifferentialBar!;
    }
    if (whole) {
      sum += furtherArithmetic(valve, settled, house);
      if (!sizes.has(valve.size)) sum += flowArithmetic(valve, settled, house);
      sizes.add(valve.size);
    }
    // The prover also computes a demand and walks through the actuators once for each torque.
    const torque = torqueKey(valve);
    let picked = picks.get(torque);
    if (picked === undefined) {
      const demand = hardest(valve, settled);
      if (whole) sum += flowing(valve, settled, house);
      picked = 0;
      for (const drives of demand === null ? [] : families) {
        const found = firstStrongEnough(drives, demand!, valve);
        picked += found?.peakNm ?? 0;
        if (whole && found && valve.construction.stroke === "quarter turn")
          picked += fitUpOf(valve.size, found.drive, found.peakNm, settled, house).weakest.carriesNm;
      }
      picks.set(torque, picked);
    }
    sum += picked;
  }
  return sum;
}

const [size, cavity, seat] = ["size", "cavity", "seat"].map((path) =>
  parts.findIndex((part) => part.path === path),
) as [number, number, number];

/** Valves with the same size, cavity and seat need the same torque. */
function torqueKey({ identity: { numbers } }: Valve): number {
  return (numbers[size]! * 64 + numbers[cavity]!) * 4096 + numbers[seat]!;
}

/** Arithmetic of the rules beyond ratings, seats and torque. */
function furtherArithmetic(valve: Valve, settled: ReturnType<typeof settle>, house: HouseRules): number {
  let sum = 0;
  const { material } = valve.seat;
  const { at23C, atMaximum } = material.allowableStressMPa;
  for (const c of settled.cases) {
    if (c.closedDifferentialBar === null || c.temperatureC === null) continue;
    const share = Math.min(1, Math.max(0, (c.temperatureC - 23) / (material.continuousMaximumC - 23)));
    sum += at23C + share * (atMaximum - at23C) - seatLoad(valve, c.closedDifferentialBar).stressMPa;
  }
  for (const metal of [valve.grade.metal, valve.trim.ball, valve.trim.stem, valve.trim.spring]) {
    const limits = metal === null ? undefined : metalLimits(metal);
    if (limits) sum += settled.chloridesMgL + (limits.h2sLimitKPa ?? 0) - settled.h2sKPa;
  }
  const [first] = settled.cases;
  const fluid = settled.substance;
  if (!first || first.temperatureC === null || first.pressureBarG === null || !fluid?.expansionPerK)
    return sum;
  const { seatSealDiameterMm, seatContactDiameterMm, sealDragN, seatLoadN } = valve.size.geometry;
  const endTemperatureC = Math.max(first.temperatureC, settled.ambientMaximumC + house.solarRiseK);
  sum += cavityRise({
    startPressureBarG: first.pressureBarG,
    startTemperatureC: first.temperatureC,
    endTemperatureC,
    fluidExpansionPerK: fluid.expansionPerK,
    fluidCompressibilityPerBar: fluid.compressibilityPerBar ?? 0.0001,
    bodyLinearExpansionPerK: 0.000012,
    bodyCompliancePerBar: 0.00001,
    linePressureBarG: first.downstreamBarG,
    ratingAtEndBarG: valueOnCurve(valve.ratingCurve, endTemperatureC),
    limitFactor: 1,
    reliefBarAboveLine:
      seatSealDiameterMm === null
        ? null
        : seatRelief({
            springLoadN: seatLoadN[material.id]!,
            seatSealDiameterMm,
            seatContactDiameterMm,
            sealDragN,
          }).reliefBar,
  }).peakBarG;
  return sum;
}

type Supplied = ReturnType<typeof suppliedDrive>;

function supplied(drives: readonly Drive[], settled: ReturnType<typeof settle>): Supplied[] {
  const { onSupplyLoss } = settled.stated;
  const acting = drives.filter((d) => onSupplyLoss === null || d.onSupplyLoss === onSupplyLoss);
  return (acting.length > 0 ? acting : [...drives])
    .sort((a, b) => a.price - b.price)
    .map((d) => suppliedDrive(d, settled));
}

function hardest(valve: Valve, settled: ReturnType<typeof settle>): Profile | null {
  const { differentialBar, breakToOpenNm } = valve.size.torque;
  let table = 0;
  for (const c of settled.cases)
    table = Math.max(
      table,
      tableTorque(differentialBar, breakToOpenNm[valve.seat.material.id]!, c.differentialBar ?? 0) ?? 0,
    );
  if (table === 0) return null;
  const s = valve.line.stroke;
  const growth = breakGrowth(valve.seat.material.breakGrowthPerDecade, settled.longestShutDays);
  const share = profileThrough({
    breakToOpenNm: growth,
    runToOpenNm: s.runToOpen,
    endToOpenNm: s.endToOpen,
    breakToCloseNm: s.breakToClose,
    runToCloseNm: s.runToClose,
    endToCloseNm: s.endToClose,
  });
  return scaled(share, table);
}

function firstStrongEnough(drives: readonly Supplied[], demand: Profile, valve: Valve): Supplied | null {
  const pad = padOf(valve.size.pad)!.maximumTorqueNm;
  for (const drive of drives) {
    const { lowest, peakNm } = drive;
    if (
      peakNm <= pad &&
      peakNm <= valve.size.maximumStemTorqueNm &&
      angles.every(
        (_, i) =>
          lowest.opening[i]! >= 1.2 * demand.opening[i]! && lowest.closing[i]! >= 1.2 * demand.closing[i]!,
      )
    )
      return drive;
  }
  return null;
}

/** Every case in every trim of a size. */
function flowArithmetic(
  { line, construction, size }: Valve,
  settled: SettledDuty,
  house: HouseRules,
): number {
  const around = flowAround(size, settled, house);
  let sum = 0;
  for (const trim of trimsOf(line.flowTrims, construction, size))
    for (const { kvNeeded, figures } of trimInDuty(trim, around).cases)
      sum += kvNeeded + (figures.noiseDbA ?? 0);
  return sum;
}

/** Torque added by flow, for every case. */
function flowing(valve: Valve, settled: SettledDuty, house: HouseRules): number {
  let sum = 0;
  for (const c of settled.cases)
    sum += flowTorque(valve, c, c.turnedAgainstBar ?? 0, settled, house)?.mostNm ?? 0;
  return sum;
}
