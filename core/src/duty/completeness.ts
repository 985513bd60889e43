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

/** A gap an order feels. */
interface Question {
  field: string;
  label: string;
  why: string;
  isMissing: (duty: Duty) => boolean;
  /** What is used meanwhile; null where nothing may be assumed. */
  assumption: (house: HouseRules) => string | null;
  /** What else it could be: proving with each shows how much hangs on it. */
  alternatives?: (duty: Duty) => Duty[];
}

const needsAir = (duty: Duty) => duty.operator !== "electric" && duty.operator !== "bare stem";
const drives = (duty: Duty) => duty.operator !== "bare stem";
const wet = new Set(["water", "hot water above 90 C", "seawater and brine", "amine solution", "caustic"]);
const withFluid = (duty: Duty, change: Partial<Duty["fluid"]>): Duty => ({
  ...duty,
  fluid: { ...duty.fluid, ...change },
});
const stops = () => null;

/** In the order of their usual effect: first what stops the proof, then what an assumption covers. */
const questions: readonly Question[] = [
  {
    field: "dn",
    label: "Size",
    why: "No candidate can be drawn up without it.",
    isMissing: (d) => d.dn === null,
    assumption: stops,
  },
  {
    field: "cases",
    label: "Operating cases",
    why: "Class, seat, seals and torque are judged case by case.",
    isMissing: (d) => d.cases.length === 0,
    assumption: stops,
  },
  {
    field: "fluid.family",
    label: "Service family",
    why: "Decides whether seat, seals and metals stand the fluid.",
    isMissing: (d) => d.fluid.family === null,
    assumption: stops,
  },
  {
    field: "lineDesignation",
    label: "Line class",
    why: "The valve's flanges must match the line's.",
    isMissing: (d) => d.lineDesignation === null,
    assumption: stops,
  },
  {
    field: "onSupplyLoss",
    label: "On supply loss",
    why: "Decides between spring, double-acting and electric drives.",
    isMissing: (d) => d.onSupplyLoss === null && drives(d),
    assumption: stops,
  },
  {
    field: "fluid.h2sKPa",
    label: "Partial pressure of H₂S",
    why: "Decides sour-service trim, bolting and hardness.",
    isMissing: (d) => d.fluid.h2sKPa === null && d.fluid.family === "sour hydrocarbon",
    assumption: stops,
  },
  {
    field: "airMinimumBarG",
    label: "Lowest air supply",
    why: "The drive is sized at it.",
    isMissing: (d) => needsAir(d) && d.airMinimumBarG === null,
    assumption: (h) => `${h.assumedAirMinimumBarG} bar g`,
    alternatives: (d) => [{ ...d, airMinimumBarG: 3 }],
  },
  {
    field: "airMaximumBarG",
    label: "Highest air supply",
    why: "The stem and the pad must stand the drive's peak at it.",
    isMissing: (d) => needsAir(d) && d.airMaximumBarG === null,
    assumption: (h) => `${h.assumedAirMaximumBarG} bar g`,
    alternatives: (d) => [{ ...d, airMaximumBarG: 10 }],
  },
  {
    field: "flowDirection",
    label: "Flow direction",
    why: "One-way valves fall where pressure can come from both sides.",
    isMissing: (d) => d.flowDirection === null,
    assumption: () => "both ways",
    alternatives: (d) => [{ ...d, flowDirection: "one way" }],
  },
  {
    field: "function",
    label: "Function",
    why: "Decides barriers and service factor.",
    isMissing: (d) => d.function === null,
    assumption: () => "on-off isolation",
    alternatives: (d) => [
      { ...d, function: "double block and bleed" },
      { ...d, function: "emergency shut-down" },
    ],
  },
  {
    field: "fluid.chloridesMgL",
    label: "Chlorides",
    why: "Austenitic steels crack and pit in warm chlorides.",
    isMissing: (d) => d.fluid.chloridesMgL === null && wet.has(d.fluid.family ?? ""),
    assumption: () => "none",
    alternatives: (d) => [withFluid(d, { chloridesMgL: 20_000 })],
  },
  {
    field: "fluid.hazards",
    label: "Hazards of the fluid",
    why: "Decide anti-static, stem seal, body joints and materials.",
    isMissing: (d) => d.fluid.hazards === null,
    assumption: () => "those of the substance, else none",
    alternatives: (d) => [withFluid(d, { hazards: ["flammable", "toxic"] })],
  },
  {
    field: "fluid.solidsPercent",
    label: "Solids",
    why: "Hard solids wear soft seats and pack into cavities.",
    isMissing: (d) => d.fluid.solidsPercent === null && d.fluid.phase !== "steam",
    assumption: () => "none",
    alternatives: (d) => [withFluid(d, { solidsPercent: 2, solidsHard: true })],
  },
  {
    field: "ambientMaximumC",
    label: "Highest ambient",
    why: "Sun and ambient warm a cavity shut in cold.",
    isMissing: (d) => d.ambientMaximumC === null,
    assumption: (h) => `${h.assumedAmbientMaximumC} °C`,
    alternatives: (d) => [{ ...d, ambientMaximumC: Math.max(60, d.ambientMinimumC ?? 60) }],
  },
  {
    field: "ambientMinimumC",
    label: "Lowest ambient",
    why: "Body and seals must stand it when the line is cold.",
    isMissing: (d) => d.ambientMinimumC === null,
    assumption: () => "no colder than the cases",
    alternatives: (d) => [{ ...d, ambientMinimumC: Math.min(-40, d.ambientMaximumC ?? -40) }],
  },
  {
    field: "endConnection",
    label: "End connection",
    why: "The valve must fit the line.",
    isMissing: (d) => d.endConnection === null,
    assumption: () => "flanged RF",
    alternatives: (d) => [{ ...d, endConnection: "flanged RTJ" }],
  },
  {
    field: "longestShutDays",
    label: "Longest shut",
    why: "A soft seat held shut needs more torque to break.",
    isMissing: (d) => d.longestShutDays === null,
    assumption: (h) => `${h.assumedLongestShutDays} days`,
    alternatives: (d) => [{ ...d, longestShutDays: 730 }],
  },
  {
    field: "operator",
    label: "Operator",
    why: "Decides which drives are offered.",
    isMissing: (d) => d.operator === null,
    assumption: () => "pneumatic or electric",
    alternatives: (d) => [{ ...d, operator: "electric" }],
  },
  {
    field: "installation",
    label: "Installation",
    why: "Buried valves want extensions; marine air eats bolting.",
    isMissing: (d) => d.installation === null,
    assumption: () => "outdoor",
    alternatives: (d) => [{ ...d, installation: "marine air" }],
  },
  {
    field: "deadEnd",
    label: "End of line",
    why: "A wafer body falls where nothing is bolted behind it.",
    isMissing: (d) => d.deadEnd === null && (d.endConnection === "wafer" || d.endConnection === "lug"),
    assumption: () => "piped on both sides",
    alternatives: (d) => [{ ...d, deadEnd: true }],
  },
  {
    field: "port",
    label: "Port",
    why: "Pigs and drains want the full bore.",
    isMissing: (d) => d.port === null,
    assumption: () => "reduced accepted",
    alternatives: (d) => [{ ...d, port: "full" }],
  },
  {
    field: "fireSafe",
    label: "Fire-safe",
    why: "Rules out seats without a metal back-up.",
    isMissing: (d) => d.fireSafe === null,
    assumption: () => "not asked",
    alternatives: (d) => [{ ...d, fireSafe: true }],
  },
  {
    field: "shutOff",
    label: "Shut-off rate",
    why: "Metal seats and control seats pass what soft seats do not.",
    isMissing: (d) => d.shutOff === null,
    assumption: () => "the maker's standard",
    alternatives: (d) => [{ ...d, shutOff: "A" }],
  },
  {
    field: "emissionClass",
    label: "Stem tightness",
    why: "Toxic and volatile service wants a class for the stem seal.",
    isMissing: (d) =>
      d.emissionClass === null && (d.fluid.hazards?.some((h) => h === "toxic" || h === "lethal") ?? false),
    assumption: () => "none asked",
    alternatives: (d) => [{ ...d, emissionClass: "B" }],
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
  const gaps: Missing[] = [];
  duty.cases.forEach((c, at) => {
    const driving = c.flow === "reverse" ? "downstreamBarG" : "upstreamBarG";
    const vented = c.flow === "reverse" ? "upstreamBarG" : "downstreamBarG";
    if (c[driving] === null) {
      gaps.push({
        field: `cases.${at}.${driving}`,
        label: `Pressure of ${c.name}`,
        why: "The case cannot be judged without it.",
        assumption: null,
      });
    }
    if (c.temperatureC === null) {
      gaps.push({
        field: `cases.${at}.temperatureC`,
        label: `Temperature of ${c.name}`,
        why: "Every limit falls with temperature.",
        assumption: null,
      });
    }
    if (c[vented] === null && c[driving] !== null) {
      gaps.push({
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
  const all = [...asked, ...gaps];
  return [...all.filter((m) => m.assumption === null), ...all.filter((m) => m.assumption !== null)];
}

/**
 * What a missing item could turn out to be.
 *
 * @param field path of the field, as `missingFrom` names it
 * @param duty the duty that leaves it open
 * @returns duties with the gap filled one way or another; none where nothing may be presumed
 * @throws never
 * @source the values that usually decide
 * @example dutiesOtherwise("flowDirection", emptyDuty).length // → 1
 */
export function dutiesOtherwise(field: string, duty: Duty): Duty[] {
  const far = /^cases\.(\d+)\.(upstream|downstream)BarG$/.exec(field);
  if (far) {
    // The far side may be at line pressure just as well as vented.
    const at = Number(far[1]);
    const c = duty.cases[at];
    const driving = c && (far[2] === "downstream" ? c.upstreamBarG : c.downstreamBarG);
    if (!c || driving === null || driving === undefined) return [];
    const cases = duty.cases.map((one, i) => (i === at ? { ...one, [`${far[2]}BarG`]: driving * 0.9 } : one));
    return [{ ...duty, cases }];
  }
  return questions.find((q) => q.field === field)?.alternatives?.(duty) ?? [];
}
