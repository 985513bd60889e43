import { z } from "zod";

interface NumberRule {
  readonly kind: "number";
  readonly label: string;
  readonly unit: string;
  readonly default: number;
  readonly minimum: number;
  readonly maximum: number;
  readonly reason: string;
}

interface ChoiceRule<Option extends string = string> {
  readonly kind: "choice";
  readonly label: string;
  readonly options: readonly Option[];
  readonly default: Option;
  readonly reason: string;
}

const number = (
  label: string,
  unit: string,
  value: number,
  range: [number, number],
  reason: string,
): NumberRule => ({
  kind: "number",
  label,
  unit,
  default: value,
  minimum: range[0],
  maximum: range[1],
  reason,
});

const choice = <const Option extends string>(
  label: string,
  options: readonly Option[],
  value: NoInfer<Option>,
  reason: string,
): ChoiceRule<Option> => ({ kind: "choice", label, options, default: value, reason });

/** The first set: every number and school an organisation owns, with default, range and reason. */
export const houseRuleDefinitions = {
  pressureMargin: number(
    "Pressure margin wanted",
    "%",
    10,
    [0, 50],
    "Below it a limit that holds is called tight: gauges, relief settings and later uprating eat it first.",
  ),
  torqueMargin: number(
    "Torque margin wanted",
    "%",
    10,
    [0, 100],
    "Over and above the service factor; below it a drive that holds is called tight.",
  ),
  temperatureMarginC: number(
    "Temperature margin wanted",
    "K",
    10,
    [0, 100],
    "Distance to a seal's or a grade's limit below which it is called tight.",
  ),
  seatHeadroomC: number(
    "Seat headroom",
    "K",
    20,
    [0, 100],
    "A seat rated to a temperature is not chosen to sit there: sustained load flows it out.",
  ),
  serviceFactor: number(
    "Service factor",
    "",
    1.2,
    [1, 2],
    "Scatter of friction between one valve and the next of the same kind.",
  ),
  emergencyIncrement: number(
    "Increment, emergency valves",
    "",
    0.3,
    [0, 1],
    "An emergency valve must move at the first call; with the base it gives at least 1.5.",
  ),
  throttlingIncrement: number("Increment, throttling", "", 0.1, [0, 1], "Stick and slip at small movements."),
  dryGasIncrement: number("Increment, dry gas", "", 0.1, [0, 1], "Nothing wets the seat; friction rises."),
  seldomIncrement: number(
    "Increment, seldom moved",
    "",
    0.1,
    [0, 1],
    "Fewer than two strokes a year let deposits build.",
  ),
  sizingBasis: choice(
    "Differential for sizing",
    ["actual", "rated"],
    "actual",
    "Actual: the worst stated differential. Rated: the highest the maker tabulates, as price books do; larger drives.",
  ),
  largestFloatingDnClass150: number(
    "Largest floating ball, class 150",
    "DN",
    200,
    [0, 600],
    "Seat load grows with area: beyond it the weight of the ball and the torque call for a trunnion.",
  ),
  largestFloatingDnClass300: number(
    "Largest floating ball, class 300",
    "DN",
    150,
    [0, 600],
    "As class 150, at the higher differential.",
  ),
  largestFloatingDnClass600: number(
    "Largest floating ball, class 600",
    "DN",
    100,
    [0, 600],
    "As class 150, at the higher differential.",
  ),
  largestFloatingDnAbove: number(
    "Largest floating ball, above class 600",
    "DN",
    40,
    [0, 600],
    "Small forged valves only.",
  ),
  limitedSuitability: choice(
    "Suitable with limits counts as",
    ["tight", "fails"],
    "tight",
    "B in the suitability tables: usable inside limits the table does not state.",
  ),
  assumedAirMinimumBarG: number(
    "Assumed lowest air supply",
    "bar g",
    4,
    [2, 8],
    "Used only where the duty does not say; low on purpose.",
  ),
  assumedAirMaximumBarG: number(
    "Assumed highest air supply",
    "bar g",
    8,
    [3, 16],
    "Used only where the duty does not say; high on purpose.",
  ),
  assumedLongestShutDays: number(
    "Assumed longest shut",
    "days",
    90,
    [0, 3650],
    "Used only where the duty does not say.",
  ),
  assumedAmbientMaximumC: number(
    "Assumed highest ambient",
    "°C",
    40,
    [0, 60],
    "Used only where the duty does not say.",
  ),
  solarRiseK: number(
    "Sun on bare metal",
    "K",
    25,
    [0, 60],
    "A shut-in valve in the sun is warmer than the air: its cavity warms with it.",
  ),
  cavityLimit: choice(
    "Limit for a trapped cavity",
    ["1.0 × rating", "1.33 × rating"],
    "1.0 × rating",
    "Not above the rating at the temperature reached (ASME B16.34 2.3.3), or pipeline practice's third above it.",
  ),
  steamLimitC: number(
    "Soft seats in steam up to",
    "°C",
    185,
    [100, 260],
    "Steam wets, swells and flows a soft seat out sooner than dry heat.",
  ),
  limitedSteamLimitC: number(
    "Seats limited in steam up to",
    "°C",
    150,
    [100, 220],
    "Glass-filled and modified PTFE: low-pressure steam and steam-out only.",
  ),
  stemSealSchool: choice(
    "Stem seal",
    ["either", "live-loaded", "adjustable gland"],
    "either",
    "Live-loaded: constant load, no re-tightening. Adjustable: hotter and simpler, but someone must tighten it on a schedule.",
  ),
  ringJointFromClass: number(
    "Ring joints from class",
    "class",
    900,
    [300, 2500],
    "Raised faces need more bolt load than the flange can give from here up.",
  ),
  softGasketToClass: number(
    "PTFE gaskets up to class",
    "class",
    300,
    [150, 900],
    "Above it the gasket creeps; graphite or a ring joint takes over.",
  ),
  largestThreadedDn: number(
    "Largest threaded end",
    "DN",
    50,
    [0, 100],
    "Threads leak with bending and vibration; larger lines are welded or flanged.",
  ),
  bypassFromDn: number(
    "Equalising bypass from",
    "DN",
    200,
    [50, 1200],
    "Opening against a large differential tears soft seats; equalise first.",
  ),
  bypassFromBar: number(
    "Equalising bypass from differential",
    "bar",
    50,
    [5, 400],
    "As above, with the size; in oxygen always.",
  ),
  decompressionFromBarG: number(
    "Rapid decompression from",
    "bar g",
    50,
    [10, 200],
    "Above it gas taken up by an elastomer bursts it when pressure is let off.",
  ),
  softSeatSolidsPercent: number(
    "Solids a soft seat stands",
    "%",
    0.5,
    [0, 10],
    "Hard particles embed in polymer and score ball and seat.",
  ),
  setAfterDays: number(
    "Seat sets after",
    "days",
    30,
    [1, 3650],
    "A soft seat held shut takes a permanent set; reversed pressure then leaks past it.",
  ),
  lowDifferentialBar: number(
    "Low differential below",
    "bar",
    2,
    [0, 20],
    "Below it a floating ball seals by preload alone; hard seats may pass.",
  ),
  lethalBodyJoints: number(
    "Body joints in lethal service",
    "",
    1,
    [0, 3],
    "Each joint is a place to leak from.",
  ),
  sourFromKPa: number(
    "Sour service from H₂S",
    "kPa",
    0.3,
    [0.01, 5],
    "Partial pressure from which ISO 15156 applies; some owners start lower.",
  ),
  discClearanceMm: number(
    "Disc to pipe clearance",
    "mm",
    3,
    [0, 20],
    "A disc swings into the pipe: schedule and lining take room from it.",
  ),
} as const;

type Definitions = typeof houseRuleDefinitions;
export type HouseRuleId = keyof Definitions;
export type HouseRules = {
  -readonly [Id in HouseRuleId]: Definitions[Id] extends ChoiceRule<infer Option> ? Option : number;
};

/**
 * The first set's values.
 *
 * @returns every house rule at its default
 * @throws never
 * @source houseRuleDefinitions
 * @example defaultHouseRules().serviceFactor // → 1.2
 */
export function defaultHouseRules(): HouseRules {
  return Object.fromEntries(
    Object.entries(houseRuleDefinitions).map(([id, rule]) => [id, rule.default]),
  ) as HouseRules;
}

/**
 * Schema of a whole set: every rule present and inside its range.
 *
 * @returns Zod schema; messages name the rule and its range
 * @throws never
 * @source houseRuleDefinitions
 * @example houseRulesSchema().safeParse({}).success // → false
 */
export function houseRulesSchema(): z.ZodType<HouseRules> {
  const fields = Object.entries(houseRuleDefinitions).map(([id, rule]) => {
    if (rule.kind === "choice") return [id, z.enum(rule.options)];
    const message = `${rule.label} must lie between ${rule.minimum} and ${rule.maximum} ${rule.unit}`.trim();
    return [id, z.number().min(rule.minimum, `${message}.`).max(rule.maximum, `${message}.`)];
  });
  return z.strictObject(Object.fromEntries(fields)) as unknown as z.ZodType<HouseRules>;
}
