import type { Valve } from "../catalogue/valve.ts";
import type { OperatingCase } from "../duty/case.ts";
import type { Duty } from "../duty/duty.ts";
import { vacuumBarG } from "../duty/limits.ts";
import type { SettledDuty } from "../duty/settle.ts";
import { valueOnCurve } from "../reference/curve.ts";
import type { Quantity } from "../units/definitions.ts";

/** A figure of the duty that may move, with how far it is sensible to look. */
export interface DutyValue {
  /** Path in the duty; a case by its id: `cases.<id>.<part>`. */
  readonly path: string;
  readonly label: string;
  readonly caseName: string | null;
  readonly quantity: Quantity | "number";
  /** Unit of a plain number, "" otherwise. */
  readonly unit: string;
  /** As stated, or as assumed while the duty does not say. */
  readonly value: number;
  readonly assumed: boolean;
  /** Range searched: nothing in a catalogue or a table changes beyond it. */
  readonly least: number;
  readonly most: number;
  /** Values at which a limit may bend or end. */
  readonly knots: readonly number[];
  readonly at: (duty: Duty, value: number) => Duty;
}

/** Keys of the duty that hold a figure. */
type FigureKey = {
  [Key in keyof Duty]-?: Duty[Key] extends number | null ? Key : never;
}[keyof Duty];

/** A value that is no part of a case. */
interface PlainValue {
  readonly path: Exclude<FigureKey, "dn" | "pipeBoreMm">;
  readonly label: string;
  readonly quantity: DutyValue["quantity"];
  readonly unit: string;
  readonly range: readonly [least: number, most: number];
  /** What is assumed while the duty does not say; null where the question is then not raised. */
  readonly assumed: (settled: SettledDuty) => number | null;
}

const nothing = () => null;
const plain = (
  quantity: DutyValue["quantity"],
  path: PlainValue["path"],
  label: string,
  range: PlainValue["range"],
  assumed: PlainValue["assumed"] = nothing,
  unit = "",
): PlainValue => ({ path, label, quantity, unit, range, assumed });

const plainValues: readonly PlainValue[] = [
  plain("pressure", "airMinimumBarG", "lowest air supply", [0, 16], (d) => d.airMinimumBarG),
  plain("pressure", "airMaximumBarG", "highest air supply", [0, 16], (d) => d.airMaximumBarG),
  plain("number", "longestShutDays", "longest shut", [0, 20_000], (d) => d.longestShutDays, "days"),
  plain("number", "strokesPerYear", "strokes a year", [0, 1_000_000], (d) => d.strokesPerYear),
  plain("temperature", "ambientMinimumC", "lowest ambient", [-196, 60]),
  plain("temperature", "ambientMaximumC", "highest ambient", [-60, 120], (d) => d.ambientMaximumC),
  plain("pressure", "jacketBarG", "jacket pressure", [vacuumBarG, 100]),
  plain("temperature", "jacketC", "jacket temperature", [-196, 600]),
  plain("pressure", "lineTestBarG", "line test", [0, 1000]),
];

const fluidValues: readonly {
  path: "h2sKPa" | "chloridesMgL" | "solidsPercent";
  label: string;
  quantity: DutyValue["quantity"];
  unit: string;
  most: number;
}[] = [
  {
    path: "h2sKPa",
    label: "partial pressure of H₂S",
    quantity: "partial pressure",
    unit: "",
    most: 10_000,
  },
  { path: "chloridesMgL", label: "chlorides", quantity: "number", unit: "mg/l", most: 400_000 },
  { path: "solidsPercent", label: "solids", quantity: "number", unit: "%", most: 80 },
];

const bounded = (least: number, value: number, most: number) => ({
  least: Math.min(least, value),
  most: Math.max(most, value),
});

/** Temperatures at which something of the valve bends or ends, with the house's distances from it. */
function temperatureKnots(valve: Valve): number[] {
  const ends = [
    valve.grade.minimumC,
    valve.grade.maximumC,
    valve.seat.material.minimumC,
    valve.seat.material.continuousMaximumC,
    valve.seat.material.excursionMaximumC,
    ...valve.seals.parts.flatMap(({ material }) => [material.minimumC, material.maximumC]),
  ];
  return [
    ...new Set([...ends, ...valve.ratingCurve.temperatureC, ...(valve.seat.curve?.temperatureC ?? [])]),
  ];
}

/** Highest pressure worth looking at: well above anything the body holds cold. */
const searchedBarG = (valve: Valve) => 1.6 * valueOnCurve(valve.ratingCurve, 20) + 10;

function caseValue(
  c: OperatingCase,
  part: "upstreamBarG" | "downstreamBarG" | "temperatureC",
  valve: Valve,
): DutyValue | null {
  const value = c[part];
  if (value === null) return null;
  const knots = temperatureKnots(valve);
  const other = part === "upstreamBarG" ? c.downstreamBarG : c.upstreamBarG;
  // The driving side stays the higher one: the other order is another case, marked as reverse.
  const drives = (c.flow === "forward") === (part === "upstreamBarG");
  const range =
    part === "temperatureC"
      ? bounded(-200, value, Math.max(...knots) + 60)
      : drives
        ? bounded(other ?? vacuumBarG, value, Math.max(searchedBarG(valve), 1.5 * value))
        : bounded(vacuumBarG, value, other ?? Math.max(searchedBarG(valve), 1.5 * value));
  const most = part === "temperatureC" ? Math.min(range.most, 1200) : Math.min(range.most, 1000);
  return {
    path: `cases.${c.id}.${part}`,
    label: { upstreamBarG: "upstream", downstreamBarG: "downstream", temperatureC: "temperature" }[part],
    caseName: c.name,
    quantity: part === "temperatureC" ? "temperature" : "pressure",
    unit: "",
    value,
    assumed: false,
    least: range.least,
    most,
    knots: part === "temperatureC" ? knots : [0],
    at: (d, x) => ({ ...d, cases: d.cases.map((one) => (one.id === c.id ? { ...one, [part]: x } : one)) }),
  };
}

/**
 * Every figure of a duty that may move: pressures and temperatures of the cases, supply, ambient, time
 * shut and what the fluid carries.
 *
 * @param duty as entered: bar g, °C
 * @param settled the same with assumptions filled in
 * @param valve the valve in hand: its curves and ends say where to look
 * @returns values in the order of the duty; what is blank and not assumed is left out
 * @throws never
 * @source the duty's schema; ranges end where no table or curve changes any more
 * @example dutyValues(duty, settle(duty, house), valve)[0].path // → "cases.c1.upstreamBarG"
 */
export function dutyValues(duty: Duty, settled: SettledDuty, valve: Valve): DutyValue[] {
  const ofCases = duty.cases
    .filter((c) => c.kind !== "fire")
    .flatMap((c) =>
      (["upstreamBarG", "downstreamBarG", "temperatureC"] as const).map((part) => caseValue(c, part, valve)),
    )
    .filter((v) => v !== null);
  const plain = plainValues.flatMap((p): DutyValue[] => {
    const value = duty[p.path] ?? p.assumed(settled);
    if (value === null) return [];
    const least =
      p.path === "airMaximumBarG"
        ? settled.airMinimumBarG
        : p.path === "ambientMaximumC"
          ? (duty.ambientMinimumC ?? p.range[0])
          : p.range[0];
    const most =
      p.path === "airMinimumBarG"
        ? settled.airMaximumBarG
        : p.path === "ambientMinimumC"
          ? (duty.ambientMaximumC ?? p.range[1])
          : p.range[1];
    return [
      {
        path: p.path,
        label: p.label,
        caseName: null,
        quantity: p.quantity,
        unit: p.unit,
        value,
        assumed: duty[p.path] === null,
        ...bounded(least, value, most),
        knots: p.quantity === "temperature" ? temperatureKnots(valve) : [0],
        // The other end of the range is pinned, so that an assumed one does not move along.
        at: (d, x) => ({
          ...d,
          ...(p.path.startsWith("air")
            ? { airMinimumBarG: settled.airMinimumBarG, airMaximumBarG: settled.airMaximumBarG }
            : {}),
          [p.path]: x,
        }),
      },
    ];
  });
  const ofFluid = fluidValues.flatMap((f): DutyValue[] => {
    const value = duty.fluid[f.path];
    if (value === null) return [];
    return [
      {
        path: `fluid.${f.path}`,
        label: f.label,
        caseName: null,
        quantity: f.quantity,
        unit: f.unit,
        value,
        assumed: false,
        ...bounded(0, value, f.most),
        knots: [0],
        at: (d, x) => ({ ...d, fluid: { ...d.fluid, [f.path]: x } }),
      },
    ];
  });
  return [...ofCases, ...plain, ...ofFluid];
}
