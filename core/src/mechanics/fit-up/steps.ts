import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Unit } from "../../basis/units/unit.ts";
import type { SupplyKind } from "../../equipment/drives/supplies.ts";
import { isByHand } from "../../equipment/drives/supplies.ts";
import type { FitUp } from "./fit-up.ts";
import type { Screws } from "./screws.ts";

/** One step of mounting an actuator. Figures are separate from the words, so that every reader gets chosen units. */
export interface Step {
  readonly does: string;
  readonly figures: readonly {
    readonly what: string;
    readonly value: number | string;
    readonly unit: Unit;
  }[];
  /** Caution where a person may be hurt. */
  readonly caution: string | null;
}

/** Properties of an actuator that decide how it is mounted. */
export interface PutOn {
  readonly onSupplyLoss: "closes" | "opens" | "stays";
  readonly springSet: string | null;
  readonly supply: SupplyKind;
  /** How far its stops can be set past either end; null where its maker states nothing. */
  readonly stopsDegrees: number | null;
}

type Tightening = Pick<HouseRules, "tighteningPasses" | "stopsDegrees">;

const step = (does: string, figures: Step["figures"] = [], caution: string | null = null): Step => ({
  does,
  figures,
  caution,
});

const torques = ({ pad, grade, lubricatedNm, dryNm }: Screws): Step["figures"] => [
  { what: "screws", value: `${pad.boltCount} × ${pad.bolt}, ${grade}`, unit: "" },
  { what: "torque, lubricated", value: lubricatedNm, unit: "N·m" },
  { what: "torque, dry", value: dryNm, unit: "N·m" },
];

const tightened = (what: string, screws: Screws, passes: number): Step =>
  step(
    `Tighten the ${screws.pad.boltCount} screws of the ${what} crosswise in ${passes} passes, with lubricant on the threads and under the heads.`,
    [
      ...torques(screws),
      {
        what: "angle from snug tight if no torque wrench fits, estimated",
        value: Math.round(screws.fromSnugDegrees),
        unit: "°",
      },
    ],
  );

/** The previous operator of the valve, and what remains of it. */
const leverOff = step(
  "Remove the lever, stop plate and earth spring, if fitted. Leave the gland as it is.",
  [
    { what: "kept", value: "gland and gland nuts, contacts between stem and body", unit: "" },
    { what: "not refitted", value: "lever, stop plate, earth spring", unit: "" },
  ],
  "Without its stops the valve can turn past its end positions. Hold the stem and watch the bore.",
);

/** Last steps of an actuator with a supply: function test with and without supply, and settings. */
function proved(
  { onSupplyLoss, supply, stopsDegrees }: PutOn,
  drawn: readonly (readonly [where: string, screws: Screws])[],
  house: Tightening,
): Step[] {
  const fails = {
    closes: "the valve closes",
    opens: "the valve opens",
    stays: "the valve stays in position",
  }[onSupplyLoss];
  const byHand = isByHand(supply);
  return [
    step(
      "Set the open stop by the bore. Set the closed stop where the leak is least, not by eye. Then turn the valve once by hand through its travel.",
      [
        { what: "tolerance of the quarter turn", value: house.stopsDegrees, unit: "°" },
        stopsDegrees === null
          ? { what: "stop adjustment", value: "not stated by the maker", unit: "" }
          : { what: "stop adjustment", value: stopsDegrees, unit: "°" },
      ],
    ),
    byHand
      ? step("Stroke the valve three times. Compare the indicator with the bore at both ends.")
      : step(
          "Apply the supply slowly. Stroke the valve three times. Compare indicator, switches and bore at both ends.",
          [],
          "Moving parts can amputate fingers. Keep hands out of the bore, the bracket and the spring housing.",
        ),
    ...(byHand
      ? []
      : [
          step(
            "Shut off the supply in mid-travel. Check what the valve does.",
            [{ what: "expected in the proof", value: fails, unit: "" }],
            onSupplyLoss === "stays"
              ? null
              : "The valve moves by itself and at once. Stand clear of all moving parts.",
          ),
        ]),
    step(
      "Tighten the screws again after these strokes, because faces and paint have settled.",
      drawn.map(([where, { lubricatedNm }]) => ({
        what: `torque, lubricated, ${where}`,
        value: lubricatedNm,
        unit: "N·m",
      })),
    ),
    ...(byHand
      ? []
      : [step("Set the switches and, if fitted, the positioner at both stops. Refit every cover and plug.")]),
  ];
}

/**
 * Steps to mount an actuator on a valve, in order.
 *
 * @param fitUp joint and parts between
 * @param drive action on supply failure, supply, springs, range of the stops
 * @param house passes screws are tightened in, how far stops are set
 * @returns steps with their figures and cautions; none where it is not known how the two meet
 * @source practice: valve open and seen through the bore, drive at the matching end of its stroke
 */
export function assemblySteps(
  { joint, bracket, coupling, meeting, lowerScrews, upperScrews, moment }: FitUp,
  drive: PutOn,
  house: Tightening,
): Step[] {
  if (joint === "not known") return [];
  const failsShut = drive.onSupplyLoss === "closes";
  const loaded =
    drive.springSet === null
      ? null
      : "Springs under load. They can eject and kill. Never open the spring housing. Keep hands off the stem until the actuator is at rest.";
  const steps = [
    step(
      "Depressurise, drain and vent the line. Vent and drain the body cavity. Lock off the actuator supply.",
      [],
      "A valve under pressure, or an actuator whose supply returns, moves without warning and can amputate fingers.",
    ),
    step("Open the valve and look through the bore. Align the marks on the stem end with the bore."),
    ...(joint === "on the stem" ? [] : [leverOff]),
    step("Clean pad and flange to bare metal. The joint holds by friction between the faces."),
  ];
  if (joint === "on the stem")
    return [
      ...steps,
      step("Fit the lever on the stem end in line with the open bore. Secure it so that it cannot lift off."),
      step("Turn the valve once through its travel. It must reach both stops with free space for the hand."),
    ];
  if (bracket && coupling && lowerScrews && upperScrews) {
    steps.push(
      step("Put the bracket on the pad with its legs beside the pipe. Start its screws by hand.", [
        { what: "height of the bracket", value: bracket.heightMm, unit: "mm" },
      ]),
      tightened("pad", lowerScrews, house.tighteningPasses),
      step("Put the coupling on the stem with its deeper socket down.", [
        { what: "socket on the stem", value: coupling.socketDepthMm, unit: "mm" },
        { what: "end in the actuator", value: coupling.end.heightMm, unit: "mm" },
      ]),
    );
  } else if (meeting?.sleeve) steps.push(step("Press the sleeve into the actuator bore."));
  if (meeting && !bracket)
    steps.push(
      step("Check the engagement of the stem in the actuator bore.", [
        { what: "engagement", value: meeting.engagementMm, unit: "mm" },
        { what: "at least", value: meeting.leastEngagementMm, unit: "mm" },
      ]),
    );
  const screws = bracket ? upperScrews! : lowerScrews!;
  steps.push(
    step(
      failsShut
        ? "Close the valve. The actuator is closed without its supply. Mount it with its indicator across the pipe."
        : drive.onSupplyLoss === "opens"
          ? "Leave the valve open. The actuator is open without its supply. Mount it with its indicator along the pipe."
          : "Move the actuator to open. Mount it with its indicator along the pipe.",
      [],
      loaded,
    ),
    tightened(bracket ? "drive" : "pad", screws, house.tighteningPasses),
  );
  if (moment !== null && moment.momentNm > moment.limitNm)
    steps.push(
      step(
        "The valve neck does not carry the actuator. Support the actuator separately before you remove the lifting gear.",
        [
          { what: "moment on the pad", value: moment.momentNm, unit: "N·m" },
          { what: "pad limit", value: moment.limitNm, unit: "N·m" },
        ],
        "The actuator can break off and fall. Keep it slung until its own support is fitted.",
      ),
    );
  const drawn = bracket
    ? ([
        ["pad", lowerScrews!],
        ["drive", upperScrews!],
      ] as const)
    : ([["pad", screws]] as const);
  return [...steps, ...proved(drive, drawn, house)];
}
