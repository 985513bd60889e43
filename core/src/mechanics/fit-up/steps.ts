import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Unit } from "../../basis/units/unit.ts";
import type { SupplyKind } from "../../equipment/drives/supplies.ts";
import { isByHand } from "../../equipment/drives/supplies.ts";
import type { FitUp } from "./fit-up.ts";
import type { Screws } from "./screws.ts";

/** One step of putting a drive on. Figures stand beside the words, so that every reader has own units. */
export interface Step {
  readonly does: string;
  readonly figures: readonly {
    readonly what: string;
    readonly value: number | string;
    readonly unit: Unit;
  }[];
  /** Said where somebody may be hurt. */
  readonly caution: string | null;
}

/** What of a drive says how it is put on. */
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
    `Tighten the ${screws.pad.boltCount} screws of the ${what} crosswise in ${passes} passes, with paste on thread and head.`,
    [
      ...torques(screws),
      {
        what: "from snug without a wrench, estimated",
        value: Math.round(screws.fromSnugDegrees),
        unit: "°",
      },
    ],
  );

/** What the valve was turned by till now, and what of it stays. */
const leverOff = step(
  "Take off lever, stop plate and earth spring, where it has them; the gland stays as it is.",
  [
    { what: "kept", value: "gland and its nuts, contacts between stem and body", unit: "" },
    { what: "not put back", value: "lever, stop plate, earth spring", unit: "" },
  ],
  "Without its stops it turns on past its ends: hold the stem where the bore is seen.",
);

/** Last steps of what has a supply: what it does with it and without it, and what is set by it. */
function proved(
  { onSupplyLoss, supply, stopsDegrees }: PutOn,
  drawn: readonly (readonly [where: string, screws: Screws])[],
  house: Tightening,
): Step[] {
  const fails = {
    closes: "it shuts",
    opens: "it opens",
    stays: "it stays where it is",
  }[onSupplyLoss];
  const byHand = isByHand(supply);
  return [
    step(
      "Set the open stop by the bore, and the shut stop by what leaks and not by the eye; then turn it by hand once through the stroke.",
      [
        { what: "quarter turn, give or take", value: house.stopsDegrees, unit: "°" },
        stopsDegrees === null
          ? { what: "stops can be set", value: "its maker does not say how far", unit: "" }
          : { what: "stops can be set by", value: stopsDegrees, unit: "°" },
      ],
    ),
    byHand
      ? step("Stroke it three times, and compare indicator and bore at both ends.")
      : step(
          "Give it its supply slowly, stroke it three times, and compare indicator, switches and bore at both ends.",
          [],
          "Nobody has fingers in the bore, the bracket or the spring side while it moves.",
        ),
    ...(byHand
      ? []
      : [
          step(
            "Take its supply off in the middle of a stroke, and see what it does without it.",
            [{ what: "the proof counts on it that", value: fails, unit: "" }],
            onSupplyLoss === "stays"
              ? null
              : "It moves by itself, and at once: stand clear of all that turns.",
          ),
        ]),
    step(
      "Tighten the screws once more after these strokes: faces and paint have set.",
      drawn.map(([where, { lubricatedNm }]) => ({
        what: `torque, lubricated, ${where}`,
        value: lubricatedNm,
        unit: "N·m",
      })),
    ),
    ...(byHand
      ? []
      : [
          step(
            "Set switches, and the positioner where there is one, at both stops; put every cover and plug back on.",
          ),
        ]),
  ];
}

/**
 * How a drive is put on a valve, in order.
 *
 * @param fitUp joint and what stands between
 * @param drive what it does on loss of supply, what it is supplied with, whether springs are in it, how far its stops go
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
      : "The drive holds wound springs. Never open its spring side; keep hands out of the stem until it is at rest.";
  const steps = [
    step(
      "Take pressure off the line, drain and vent it, let the body's cavity empty, and lock the supply of the drive off.",
      [],
      "A valve under pressure, and a drive that gets its supply back, move without warning.",
    ),
    step("Open the valve and look through the bore: stand the marks on the stem's end along it."),
    ...(joint === "on the stem" ? [] : [leverOff]),
    step("Clean pad and flange to bare metal: the screws hold by the friction of the faces."),
  ];
  if (joint === "on the stem")
    return [
      ...steps,
      step("Set it on the stem's end in line with the open bore, and secure it against lifting off."),
      step("Turn the valve once through its stroke: both stops are met, nothing is in the way of the hand."),
    ];
  if (bracket && coupling && lowerScrews && upperScrews) {
    steps.push(
      step("Set the bracket on the pad, legs beside the pipe, and enter its screws by hand.", [
        { what: "height of the bracket", value: bracket.heightMm, unit: "mm" },
      ]),
      tightened("pad", lowerScrews, house.tighteningPasses),
      step("Set the coupling on the stem, its deeper side below.", [
        { what: "socket on the stem", value: coupling.socketDepthMm, unit: "mm" },
        { what: "end in the drive", value: coupling.end.heightMm, unit: "mm" },
      ]),
    );
  } else if (meeting?.sleeve) steps.push(step("Press the sleeve into the bore of the drive."));
  if (meeting && !bracket)
    steps.push(
      step("Check that the stem enters the bore of the drive far enough.", [
        { what: "engagement", value: meeting.engagementMm, unit: "mm" },
        { what: "at least", value: meeting.leastEngagementMm, unit: "mm" },
      ]),
    );
  const screws = bracket ? upperScrews! : lowerScrews!;
  steps.push(
    step(
      failsShut
        ? "Close the valve: the drive stands shut without its supply. Set it on with its indicator across the pipe."
        : drive.onSupplyLoss === "opens"
          ? "Leave the valve open: the drive stands open without its supply. Set it on with its indicator along the pipe."
          : "Bring the drive to open and set it on with its indicator along the pipe.",
      [],
      loaded,
    ),
    tightened(bracket ? "drive" : "pad", screws, house.tighteningPasses),
  );
  if (moment !== null && moment.momentNm > moment.limitNm)
    steps.push(
      step(
        "Carry the drive by a support of its own before the lifting gear is taken off.",
        [
          { what: "moment on the pad", value: moment.momentNm, unit: "N·m" },
          { what: "what the pad may carry", value: moment.limitNm, unit: "N·m" },
        ],
        "The neck of the valve does not carry it.",
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
