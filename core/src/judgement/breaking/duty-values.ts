import { valueOnCurve } from "../../basis/reference/curve.ts";
import type { Quantity } from "../../basis/units/definitions.ts";
import { dutyFields } from "../../duty/fields/duty-fields.ts";
import { type AnyField, inSentence, lastOf } from "../../duty/fields/field.ts";
import { vacuumBarG } from "../../duty/fields/limits.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { OperatingCase } from "../../duty/statement/case.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { valueAt, withValueAt } from "../../duty/statement/shape.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";

/** A number of the duty that may move, with the range to search. */
export interface DutyValue {
  /** Path in the duty; a case by its id: `cases.<id>.<part>`. */
  readonly path: string;
  readonly label: string;
  readonly caseName: string | null;
  readonly quantity: Quantity | "number";
  /** Unit of a plain number, "" otherwise. */
  readonly unit: string;
  /** The stated value, or the assumed one while the duty states none. */
  readonly value: number;
  readonly assumed: boolean;
  /** Range searched: nothing in a catalogue or a table changes beyond it. */
  readonly least: number;
  readonly most: number;
  /** Values at which a limit may bend or end. */
  readonly knots: readonly number[];
  /** Points at which only the flow rules are examined. */
  readonly narrow: readonly number[];
  readonly at: (duty: Duty, value: number) => Duty;
}

const bounded = (least: number, value: number, maximum: number) => ({
  least: Math.min(least, value),
  most: Math.max(maximum, value),
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
  throttles: boolean,
): DutyValue | null {
  const value = c[part];
  if (value === null) return null;
  const knots = temperatureKnots(valve);
  const other = part === "upstreamBarG" ? c.downstreamBarG : c.upstreamBarG;
  // Keeps the driving side the higher one: the other order is another case, marked as reverse.
  const drives = (c.flow === "forward") === (part === "upstreamBarG");
  const range =
    part === "temperatureC"
      ? bounded(-200, value, Math.max(...knots) + 60)
      : drives
        ? bounded(other ?? vacuumBarG, value, Math.max(searchedBarG(valve), 1.5 * value))
        : bounded(vacuumBarG, value, other ?? Math.max(searchedBarG(valve), 1.5 * value));
  const maximum = part === "temperatureC" ? Math.min(range.most, 1200) : Math.min(range.most, 1000);
  return {
    path: `cases.${c.id}.${part}`,
    label: { upstreamBarG: "upstream", downstreamBarG: "downstream", temperatureC: "temperature" }[part],
    caseName: c.name,
    quantity: part === "temperatureC" ? "temperature" : "pressure",
    unit: "",
    value,
    assumed: false,
    least: range.least,
    most: maximum,
    knots: part === "temperatureC" ? knots : [0],
    narrow: throttles ? finely(value, range.least, maximum) : [],
    at: (d, x) => ({
      ...d,
      cases: d.cases.map((operatingCase) =>
        operatingCase.id === c.id ? { ...operatingCase, [part]: x } : operatingCase,
      ),
    }),
  };
}

/**
 * Two hundred points on either side: boiling, choking and a change of trim happen within narrow windows, and a finding
 * that fails inside one may hold again beyond it.
 */
const finely = (value: number, least: number, maximum: number): number[] =>
  [least, maximum].flatMap((end) =>
    Array.from({ length: 199 }, (_, i) => value + ((end - value) * (i + 1)) / 200),
  );

const rateQuantity = { "m³/h": "volume flow", "Nm³/h": "gas flow", "kg/h": "mass flow" } as const;

/** Flow of a case. No flow at all is a different case. */
function rateValue(c: OperatingCase, throttles: boolean): DutyValue[] {
  const { rate } = c;
  if (rate === null || rate <= 0 || c.kind === "fire") return [];
  return [
    {
      path: `cases.${c.id}.rate`,
      label: "flow",
      caseName: c.name,
      quantity: rateQuantity[c.rateBasis],
      unit: "",
      value: rate,
      assumed: false,
      least: rate / 100,
      most: Math.min(1e9, rate * 10),
      knots: [],
      narrow: throttles ? finely(rate, rate / 100, Math.min(1e9, rate * 10)) : [],
      at: (d, x) => ({
        ...d,
        cases: d.cases.map((operatingCase) =>
          operatingCase.id === c.id ? { ...operatingCase, rate: x } : operatingCase,
        ),
      }),
    },
  ];
}

/** The value in use: stated, or settled where the rules assume one. */
function inUse(field: AnyField, duty: Duty, settled: SettledDuty): number | null {
  const stated = valueAt(duty, field.path);
  const value = stated ?? ("settle" in field ? valueAt(settled, lastOf(field.path)) : null);
  return typeof value === "number" ? value : null;
}

/** The field at the other end of a range. */
const otherEnd = (field: AnyField, fields: readonly AnyField[]) =>
  field.range && fields.find((f) => f.range?.name === field.range!.name && f.range.end !== field.range!.end);

function fieldValue(
  field: AnyField,
  duty: Duty,
  settled: SettledDuty,
  valve: Valve,
  fields: readonly AnyField[],
): DutyValue[] {
  const { path, label, holds, moves, range } = field;
  if (moves === undefined || (holds.kind !== "quantity" && holds.kind !== "number")) return [];
  const stated = valueAt(duty, path);
  // Chlorides and solids that are not stated cannot move.
  const assumable = field.path.includes(".") ? null : inUse(field, duty, settled);
  const value = (stated as number | null) ?? assumable;
  if (value === null) return [];
  const pair = otherEnd(field, fields);
  const limit = pair ? inUse(pair, duty, settled) : null;
  const quantity = holds.kind === "quantity" ? holds.quantity : "number";
  return [
    {
      path,
      label: inSentence(label),
      caseName: null,
      quantity,
      unit: holds.kind === "number" && !label.endsWith(holds.unit) ? holds.unit : "",
      value,
      assumed: stated === null,
      ...bounded(
        range?.end === "high" ? (limit ?? moves[0]) : moves[0],
        value,
        range?.end === "low" ? (limit ?? moves[1]) : moves[1],
      ),
      knots: quantity === "temperature" ? temperatureKnots(valve) : [0],
      narrow: [],
      // The other end of the range is fixed, so that an assumed one does not move along.
      at: (d, x) =>
        withValueAt(
          pair && limit !== null && "settle" in pair ? withValueAt(d, pair.path, limit) : d,
          path,
          x,
        ),
    },
  ];
}

/**
 * Every number of a duty that may move: pressures and temperatures of the cases, supply, ambient, time shut and
 * contents of the fluid.
 *
 * @param duty as entered: bar g, °C
 * @param settled the same with assumptions filled in
 * @param valve the selected valve: its curves and ends give the range to search
 * @param fields fields of the duty
 * @returns values in the order of the duty; blank values that are not assumed are left out
 * @source the fields that move; ranges end where no table or curve changes any more
 */
export function dutyValues(
  duty: Duty,
  settled: SettledDuty,
  valve: Valve,
  fields: readonly AnyField[] = dutyFields,
): DutyValue[] {
  const throttles = settled.function.has("throttling");
  const ofCases = duty.cases
    .filter((c) => c.kind !== "fire")
    .flatMap((c) =>
      (["upstreamBarG", "downstreamBarG", "temperatureC"] as const).map((part) =>
        caseValue(c, part, valve, throttles),
      ),
    )
    .filter((v) => v !== null);
  // Contents of the fluid come after supply and surroundings.
  const inOrder = [
    ...fields.filter((f) => f.group !== "fluid"),
    ...fields.filter((f) => f.group === "fluid"),
  ];
  return [
    ...ofCases,
    ...duty.cases.flatMap((c) => rateValue(c, throttles)),
    ...inOrder.flatMap((field) => fieldValue(field, duty, settled, valve, fields)),
  ];
}
