import { boltTightening, turnFromSnugDegrees } from "../../basis/calc/bolt-tightening.ts";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Pad } from "../../basis/reference/pads.ts";

/** Screws of one pad: tightening and capacity. */
export interface Screws {
  readonly pad: Pad;
  readonly grade: HouseRules["screwGrade"];
  readonly preloadN: number;
  /** With paste on thread and head, and without. */
  readonly lubricatedNm: number;
  readonly dryNm: number;
  /** Turn from snug, where no torque wrench fits: an estimate. */
  readonly fromSnugDegrees: number;
  /** Torque about the stem that friction of the faces passes on. */
  readonly transmissibleNm: number;
  /** Moment across the stem at which the faces would open on one side. */
  readonly opensAtNm: number;
}

/**
 * Screws of a pad as the house tightens them.
 *
 * @param pad ISO 5211 pad
 * @param house grade, share of the proof stress, frictions
 * @returns preload in N, tightening torques, turn from snug, torque by friction n·F·μ·PCD/2 and opening moment n·F·PCD/4, N·m
 * @source `bolt-tightening`, `turnFromSnugDegrees`; a ring of n preloads F opens on one side where M·2/PCD = n·F/2
 * @example Math.round(screwsOf(padOf("F10"), defaultHouseRules()).transmissibleNm) // → 923
 */
export function screwsOf(pad: Pad, house: HouseRules): Screws {
  const grade = house.screwGrade;
  const tightened = (friction: number) =>
    boltTightening({
      thread: pad.bolt,
      grade,
      utilisation: house.screwUtilisationPercent / 100,
      frictionThread: friction,
      frictionHead: friction,
      bolts: pad.boltCount,
      boltCircleMm: pad.pitchCircleDiameterMm,
      jointFriction: house.padFriction,
    });
  const lubricated = tightened(house.screwFrictionLubricated);
  return {
    pad,
    grade,
    preloadN: lubricated.preloadN,
    lubricatedNm: lubricated.torqueNm,
    fromSnugDegrees: turnFromSnugDegrees({
      thread: pad.bolt,
      grade,
      utilisation: house.screwUtilisationPercent / 100,
    }),
    dryNm: tightened(house.screwFrictionDry).torqueNm,
    transmissibleNm: lubricated.transmissibleNm!,
    opensAtNm: (pad.boltCount * lubricated.preloadN * pad.pitchCircleDiameterMm) / 4 / 1000,
  };
}
