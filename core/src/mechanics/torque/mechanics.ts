import { floatingBallTorque } from "../../basis/calc/floating-ball-torque.ts";
import { type PackingInput, packingNm } from "../../basis/calc/stem-packing.ts";
import { trunnionBallTorque } from "../../basis/calc/trunnion-ball-torque.ts";
import type { Rubbing } from "../../construction/bodies/construction.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";

/** Parts of a valve's breakaway torque, N·m. */
export interface BreakParts {
  readonly seatNm: number;
  readonly bearingNm: number;
  readonly offsetNm: number;
  readonly packingNm: number;
  readonly thrustNm: number;
  readonly totalNm: number;
}

/** Stem assumed where the catalogue states its diameter only: estimates. */
const stemOf = (stemDiameterMm: number) => ({
  stemDiameterMm,
  packingHeightMm: 1.1 * stemDiameterMm,
  packingRadialStressMPa: 3.2,
  packingFriction: 0.1,
  thrustWasherMeanDiameterMm: 1.3 * stemDiameterMm,
  thrustFriction: 0.08,
});
/** Bearings of a ball and of a disc's shaft, as a share of the bore: estimates. */
const ballBearing = { friction: 0.055, ofBore: 0.3 };
const shaftFriction = 0.09;

type Parts = Omit<BreakParts, "totalNm">;
type Reckoning<By extends Rubbing["by"]> = (
  valve: Valve,
  differentialBar: number,
  seats: Extract<Rubbing, { by: By }>,
) => Parts | null;

const packingOf = (stem: PackingInput) => packingNm(stem);
const thrustOn = (diameterMm: number, bar: number) => bar * 0.1 * (Math.PI / 4) * diameterMm ** 2;

const seatsUnderThrust: Reckoning<"seats under thrust"> = ({ size, seat }, differentialBar, { seats }) => {
  const g = size.geometry;
  const torque = floatingBallTorque({
    ballDiameterMm: g.closureDiameterMm,
    seatContactDiameterMm: g.seatContactDiameterMm,
    differentialBar,
    seatPreloadN: g.seatLoadN[seat.material.id]!,
    seatFriction: seat.material.friction.design,
    linePressureBarG: differentialBar,
    ...stemOf(size.stemDiameterMm),
  });
  return {
    seatNm: seats * torque.seatNm,
    bearingNm: 0,
    offsetNm: 0,
    packingNm: seats * torque.packingNm,
    thrustNm: seats * torque.thrustNm,
  };
};

const sprungSeats: Reckoning<"sprung seats"> = ({ size, seat }, differentialBar, { count }) => {
  const g = size.geometry;
  if (g.seatSealDiameterMm === null) return null;
  const spring = g.seatLoadN[seat.material.id]!;
  const torque = trunnionBallTorque({
    ballDiameterMm: g.closureDiameterMm,
    seatContactDiameterMm: g.seatContactDiameterMm,
    seatSealDiameterMm: g.seatSealDiameterMm,
    seats: [
      { springLoadN: spring, drivingPressureBar: differentialBar },
      { springLoadN: count === 2 ? spring : 0, drivingPressureBar: 0 },
    ],
    differentialBar,
    seatFriction: seat.offer.execution === "clearance" ? 0 : seat.material.friction.design,
    bearingDiameterMm: ballBearing.ofBore * size.boreMm,
    bearingFriction: ballBearing.friction,
    linePressureBarG: differentialBar,
    ...stemOf(size.stemDiameterMm),
  });
  return { ...torque, offsetNm: 0 };
};

const rimOfADisc: Reckoning<"rim of a disc"> = ({ size, seat }, differentialBar, { arm }) => {
  const g = size.geometry;
  const thrustN = thrustOn(size.boreMm, differentialBar);
  return {
    seatNm: (arm * seat.material.friction.design * g.seatLoadN[seat.material.id]! * size.boreMm) / 2 / 1000,
    bearingNm: (shaftFriction * thrustN * size.stemDiameterMm) / 2 / 1000,
    offsetNm: (thrustN * (g.offsetsMm?.[1] ?? 0)) / 1000,
    packingNm: packingOf(stemOf(size.stemDiameterMm)),
    thrustNm: 0,
  };
};

const sleeve: Reckoning<"sleeve"> = ({ size, seat }, differentialBar, { pressedMPa, easing }) => {
  const g = size.geometry;
  const wrappedN = pressedMPa * Math.PI * g.closureDiameterMm * 1.4 * size.boreMm;
  const friction = easing * seat.material.friction.design;
  const thrustN = thrustOn(g.seatContactDiameterMm, differentialBar);
  return {
    seatNm: (friction * wrappedN * g.closureDiameterMm) / 2 / 1000,
    bearingNm: (friction * thrustN * g.closureDiameterMm) / 2 / 1000,
    offsetNm: 0,
    packingNm: packingOf(stemOf(size.stemDiameterMm)),
    thrustNm: 0,
  };
};

const reckonings: { readonly [By in Rubbing["by"]]: Reckoning<By> } = {
  "seats under thrust": seatsUnderThrust,
  "sprung seats": sprungSeats,
  "rim of a disc": rimOfADisc,
  sleeve,
};

/**
 * Break torque of a valve from its dimensions, clean and just cycled: an estimate beside the maker's table.
 *
 * @param valve dimensions, seat and stem of a catalogue; packing and bearings are estimates
 * @param differentialBar bar ≥ 0
 * @returns N·m part by part; null where the closing member does not rub, or a dimension is missing
 * @source floating-ball, trunnion-ball and butterfly torque of the calculation contract; a plug's sleeve by its pressure
 */
export function breakParts(valve: Valve, differentialBar: number): BreakParts | null {
  const { rubbing } = valve.construction;
  if (rubbing === null) return null;
  const parts = (reckonings[rubbing.by] as Reckoning<Rubbing["by"]>)(
    valve,
    differentialBar,
    rubbing as never,
  );
  if (parts === null) return null;
  const { seatNm, bearingNm, offsetNm, packingNm: packing, thrustNm } = parts;
  return {
    seatNm,
    bearingNm,
    offsetNm,
    packingNm: packing,
    thrustNm,
    totalNm: seatNm + bearingNm + offsetNm + packing + thrustNm,
  };
}
