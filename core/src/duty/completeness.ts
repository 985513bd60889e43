import type { HouseRules } from "../house/house-rules.ts";
import type { Duty } from "./duty.ts";

/** Something an order needs and the duty does not say. */
export interface Missing {
  /** Path of the field in the duty. */
  readonly field: string;
  readonly label: string;
  readonly why: string;
  /** What is used meanwhile; null where nothing may be assumed. */
  readonly assumption: string | null;
}

interface Question {
  field: string;
  label: string;
  why: string;
  isMissing: (duty: Duty) => boolean;
  assumption: (house: HouseRules) => string | null;
}

const needsAir = (duty: Duty) => duty.operator !== "electric" && duty.operator !== "bare stem";
const drives = (duty: Duty) => duty.operator !== "bare stem";

/** In the order of their effect on the verdict: first what stops it, then what an assumption covers. */
const questions: readonly Question[] = [
  {
    field: "dn",
    label: "Size",
    why: "No candidate can be drawn up without it.",
    isMissing: (d) => d.dn === null,
    assumption: () => null,
  },
  {
    field: "cases",
    label: "Operating cases",
    why: "Class, seat, seals and torque are judged case by case.",
    isMissing: (d) => d.cases.length === 0,
    assumption: () => null,
  },
  {
    field: "fluid.family",
    label: "Service family",
    why: "Decides whether seat, seals and metals stand the fluid.",
    isMissing: (d) => d.fluid.family === null,
    assumption: () => null,
  },
  {
    field: "lineDesignation",
    label: "Line class",
    why: "The valve's flanges must match the line's.",
    isMissing: (d) => d.lineDesignation === null,
    assumption: () => null,
  },
  {
    field: "onSupplyLoss",
    label: "On supply loss",
    why: "Decides between spring, double-acting and electric drives.",
    isMissing: (d) => d.onSupplyLoss === null && drives(d),
    assumption: () => null,
  },
  {
    field: "airMinimumBarG",
    label: "Lowest air supply",
    why: "The drive is sized at it.",
    isMissing: (d) => needsAir(d) && d.airMinimumBarG === null,
    assumption: (h) => `${h.assumedAirMinimumBarG} bar g`,
  },
  {
    field: "airMaximumBarG",
    label: "Highest air supply",
    why: "The stem and the pad must stand the drive's peak at it.",
    isMissing: (d) => needsAir(d) && d.airMaximumBarG === null,
    assumption: (h) => `${h.assumedAirMaximumBarG} bar g`,
  },
  {
    field: "flowDirection",
    label: "Flow direction",
    why: "One-way valves fall where pressure can come from both sides.",
    isMissing: (d) => d.flowDirection === null,
    assumption: () => "both ways",
  },
  {
    field: "function",
    label: "Function",
    why: "Decides barriers and service factor.",
    isMissing: (d) => d.function === null,
    assumption: () => "on-off isolation",
  },
  {
    field: "endConnection",
    label: "End connection",
    why: "The valve must fit the line.",
    isMissing: (d) => d.endConnection === null,
    assumption: () => "flanged RF",
  },
  {
    field: "longestShutDays",
    label: "Longest shut",
    why: "A soft seat held shut needs more torque to break.",
    isMissing: (d) => d.longestShutDays === null,
    assumption: (h) => `${h.assumedLongestShutDays} days`,
  },
  {
    field: "operator",
    label: "Operator",
    why: "Decides which drives are offered.",
    isMissing: (d) => d.operator === null,
    assumption: () => "pneumatic or electric",
  },
  {
    field: "ambientMinimumC",
    label: "Lowest ambient",
    why: "Body and seals must stand it when the line is cold.",
    isMissing: (d) => d.ambientMinimumC === null,
    assumption: () => "no colder than the cases",
  },
  {
    field: "fireSafe",
    label: "Fire-safe",
    why: "Rules out seats without a metal back-up.",
    isMissing: (d) => d.fireSafe === null,
    assumption: () => "not asked",
  },
  {
    field: "shutOff",
    label: "Shut-off rate",
    why: "Goes on the sheet and into the test.",
    isMissing: (d) => d.shutOff === null,
    assumption: () => "the maker's standard",
  },
];

/**
 * What a duty leaves open, why it matters and what is assumed meanwhile.
 *
 * @param duty as entered
 * @param house house rules, which hold some of the assumptions
 * @returns missing items, the gravest first; blank pressures and temperatures are named by case
 * @throws never
 * @source what an order needs: size, pressure, temperature, ends, port, materials, soft goods, operator
 * @example missingFrom(emptyDuty, defaultHouseRules())[0].field // → "dn"
 */
export function missingFrom(duty: Duty, house: HouseRules): Missing[] {
  const stops: Missing[] = [];
  duty.cases.forEach((c, at) => {
    const driving = c.flow === "reverse" ? "downstreamBarG" : "upstreamBarG";
    const vented = c.flow === "reverse" ? "upstreamBarG" : "downstreamBarG";
    if (c[driving] === null) {
      stops.push({
        field: `cases.${at}.${driving}`,
        label: `Pressure of ${c.name}`,
        why: "The case cannot be judged without it.",
        assumption: null,
      });
    }
    if (c.temperatureC === null) {
      stops.push({
        field: `cases.${at}.temperatureC`,
        label: `Temperature of ${c.name}`,
        why: "Every limit falls with temperature.",
        assumption: null,
      });
    }
    if (c[vented] === null && c[driving] !== null) {
      stops.push({
        field: `cases.${at}.${vented}`,
        label: `Pressure on the far side, ${c.name}`,
        why: "Sets the torque differential.",
        assumption: "vented, 0 bar g",
      });
    }
  });
  const asked = questions
    .filter((q) => q.isMissing(duty))
    .map((q) => ({ field: q.field, label: q.label, why: q.why, assumption: q.assumption(house) }));
  const all = [...asked, ...stops];
  return [...all.filter((m) => m.assumption === null), ...all.filter((m) => m.assumption !== null)];
}
