import type { HouseRules } from "../../basis/house/house-rules.ts";
import { type Pad, padOf } from "../../basis/reference/pads.ts";
import { keysCarryNm } from "../../construction/ends/keys.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Stock } from "../../equipment/accessories/stock.ts";
import type { ProductSize } from "../../equipment/catalogue/schema.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { between, nothingInSeries } from "./between.ts";
import type { Bracket } from "./bracket.ts";
import type { Coupling } from "./coupling.ts";
import { type Meeting, meetingOf, type Obstacle } from "./joint.ts";
import { riseWantedMm } from "./room.ts";
import { type Screws, screwsOf } from "./screws.ts";
import { acrossTheStem, gravity, type Moment, momentOn } from "./weigh.ts";

/** How a drive comes onto a valve. */
export type Joint = "on the pad" | "on the stem" | "over a bracket" | "not known";

/** A part in the torque path, and its capacity, N·m. */
export interface Member {
  readonly what: string;
  readonly carriesNm: number;
  readonly from: "catalogue" | "ISO 5211" | "computed";
  /** The rule that sets it against the drive's peak. */
  readonly rule: string;
}

/** An actuator on a valve: the parts between them, with the capacity of each. */
export interface FitUp {
  readonly joint: Joint;
  /** Why not as it is; null where it sits on the valve, or the ends are not stated. */
  readonly obstacle: Obstacle | null;
  readonly pad: Pad;
  readonly flange: Pad;
  readonly meeting: Meeting | null;
  readonly bracket: Bracket | null;
  readonly coupling: Coupling | null;
  /** From the valve's mounting pad to the actuator flange. */
  readonly riseMm: number;
  /** Height that flange bolts or insulation require; null where too little is stated. */
  readonly riseWantedMm: number | null;
  /** Screws into the valve and, over a bracket, into the actuator; none for an operator on the stem. */
  readonly lowerScrews: Screws | null;
  readonly upperScrews: Screws | null;
  /** From the actuator down to the stem. */
  readonly members: readonly Member[];
  readonly weakest: Member;
  /** Null where the drive's outside is not stated. */
  readonly moment: Moment | null;
  /** Parts between: bracket, coupling or sleeve. */
  readonly betweenKg: number;
  readonly price: number;
}

/** What accessories add to an actuator on its valve. */
export interface Brought {
  readonly between: Stock;
  readonly carriedKg: number;
}

/** A shelf without accessories. */
const nothingBrought: Brought = { between: nothingInSeries, carriedKg: 0 };

type OfDuty = Pick<SettledDuty, "laggingMm" | "stemStands">;

const member = (
  what: string,
  rule: string,
  carriesNm: number | null | undefined,
  from: Member["from"] = "computed",
): Member[] => (carriesNm === null || carriesNm === undefined ? [] : [{ what, carriesNm, from, rule }]);

type Between = Pick<FitUp, "pad" | "flange" | "bracket" | "coupling" | "lowerScrews" | "upperScrews"> & {
  readonly onStem: boolean;
  readonly stemNm: number | null;
  readonly keyNm: number | null;
};

/** Members that carry the torque, from the actuator down to the stem; members without data are left out. */
function membersOf(between: Between): Member[] {
  const { pad, flange, bracket, coupling, lowerScrews, upperScrews, onStem, stemNm, keyNm } = between;
  return [
    ...member(
      `flange ${flange.flange} of the actuator`,
      "fit-up/drive-flange",
      onStem ? null : flange.maximumTorqueNm,
      "ISO 5211",
    ),
    ...member("screws of the actuator", "fit-up/screws", upperScrews?.transmissibleNm),
    ...member("legs of the bracket", "fit-up/bracket", bracket?.carriesNm),
    ...member(`coupling, ${coupling?.weakest}`, "fit-up/coupling", coupling?.carriesNm),
    ...member("stem key", "fit-up/key", keyNm),
    ...member("screws of the pad", "fit-up/screws", lowerScrews?.transmissibleNm),
    ...member(`pad ${pad.flange}`, "fit-up/pad-torque", onStem ? null : pad.maximumTorqueNm, "ISO 5211"),
    ...member("stem", "drive/stem-limit", stemNm, "catalogue"),
  ];
}

/**
 * Mounts an actuator on a valve: directly where flange, stem and bore fit and nothing is in the way, otherwise over a
 * bracket and a coupling.
 *
 * @param size the valve's size: pad, stem end, height of the pad, mm
 * @param drive the drive: flange, bore, outside, mm
 * @param peakNm highest output at highest supply, N·m: all parts between must carry it
 * @param duty insulation, direction of the stem
 * @param house screws, stresses, room
 * @param brought standard brackets and couplings, the cheapest first, preferred to parts made to order; weight of the
 *   accessories, kg, assumed to act at the actuator's centre of gravity
 * @returns joint, parts between, members with capacities in N·m, moment on the pad, weight in kg and price
 * @source ISO 5211 pads; `meetingOf`, `bracketFor`, `couplingFor`, `screwsOf`, `momentOn`
 */
export function fitUpOf(
  size: ProductSize,
  drive: Drive,
  peakNm: number,
  duty: OfDuty,
  house: HouseRules,
  brought: Brought = nothingBrought,
): FitUp {
  const pad = padOf(size.pad)!;
  // An actuator drilled for two flanges uses the one that fits.
  const flange = padOf(drive.alsoFlange === size.pad ? size.pad : drive.flange)!;
  const { end: bore, outside } = drive;
  const { stemEnd: stem } = size;
  const onStem = kindOf(drive.family).sits === "on the stem";
  const meeting = stem && bore ? meetingOf(stem, bore, house.engagementShare) : null;
  const wanted = onStem ? 0 : riseWantedMm(size, outside, duty, house);
  const obstacle: Obstacle | null =
    !onStem && pad.flange !== flange.flange
      ? "the flanges differ"
      : (meeting?.obstacle ?? ((wanted ?? 0) > 0 ? "the actuator touches flange bolts or lagging" : null));
  const over = obstacle !== null && !onStem;
  const drivenKg = drive.weightKg + brought.carriedKg;
  const hung = {
    forceN: drivenKg * gravity * acrossTheStem(duty.stemStands, house),
    // If the centre of gravity is not stated, the load on the neck is not known either.
    centreMm: outside?.centreMm ?? 0,
  };
  const ofTwo = { lower: pad, upper: flange, leastHeightMm: wanted ?? 0 };
  const stands =
    over && stem && bore ? between(stem, bore, ofTwo, hung, peakNm, house, brought.between) : null;
  const { bracket, coupling } = stands ?? { bracket: null, coupling: null };
  const joint: Joint = onStem
    ? "on the stem"
    : bracket
      ? "over a bracket"
      : obstacle === null && meeting !== null
        ? "on the pad"
        : "not known";
  const lowerScrews = onStem ? null : screwsOf(pad, house);
  const upperScrews = bracket && screwsOf(flange, house);
  const keyNm =
    !bracket && stem?.form === "keyed" && meeting
      ? keysCarryNm(
          stem.keys ?? 1,
          stem.acrossMm,
          meeting.engagementMm,
          (house.stressSharePercent / 100) * house.couplingYieldMPa,
        )
      : null;
  const members = membersOf({
    pad,
    flange,
    onStem,
    stemNm: size.maximumStemTorqueNm,
    keyNm,
    bracket,
    coupling,
    lowerScrews,
    upperScrews,
  });
  const riseMm = bracket?.heightMm ?? 0;
  const betweenKg = (bracket?.weightKg ?? 0) + (coupling?.weightKg ?? 0);
  return {
    joint,
    obstacle,
    pad,
    flange,
    meeting,
    bracket,
    coupling,
    riseMm,
    riseWantedMm: wanted,
    lowerScrews,
    upperScrews,
    members,
    weakest: members.reduce((least, member) => (member.carriesNm < least.carriesNm ? member : least)),
    moment:
      outside && lowerScrews
        ? momentOn(
            {
              driveKg: drivenKg,
              outside,
              betweenKg,
              riseMm,
              screws: lowerScrews,
              stands: duty.stemStands,
            },
            house,
          )
        : null,
    betweenKg,
    price: stands ? stands.price : joint === "on the pad" && meeting?.sleeve ? house.sleevePrice : 0,
  };
}
