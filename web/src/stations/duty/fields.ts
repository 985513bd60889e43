import {
  type Duty,
  emissionClasses,
  endConnections,
  flowDirections,
  installations,
  operators,
  phases,
  ports,
  shutOffRates,
  supplyLossActions,
  valveFunctions,
} from "@proven-seat/core/duty";
import { serviceFamilies } from "@proven-seat/core/reference";
import type { Quantity } from "@proven-seat/core/units";

/** A field of the duty that is not a case: what it is called, where it lives, how it is stated. */
export type DutyField =
  | {
      readonly kind: "choice";
      readonly label: string;
      readonly path: string;
      readonly options: readonly (readonly [value: string, label: string])[];
    }
  | { readonly kind: "yes or no"; readonly label: string; readonly path: string }
  | { readonly kind: "quantity"; readonly label: string; readonly path: string; readonly quantity: Quantity }
  | { readonly kind: "number"; readonly label: string; readonly path: string; readonly unit: string }
  | { readonly kind: "text"; readonly label: string; readonly path: string }
  | {
      readonly kind: "range";
      readonly label: string;
      readonly paths: readonly [low: string, high: string];
      readonly names: readonly [low: string, high: string];
      readonly quantity: Quantity;
    };

const choice = (
  label: string,
  path: string,
  values: readonly string[],
  name = (v: string) => v,
): DutyField => ({
  kind: "choice",
  label,
  path,
  options: values.map((v) => [v, name(v)] as const),
});
const yesNo = (label: string, path: string): DutyField => ({ kind: "yes or no", label, path });
const quantity = (label: string, path: string, of: Quantity): DutyField => ({
  kind: "quantity",
  label,
  path,
  quantity: of,
});
const number = (label: string, path: string, unit: string): DutyField => ({
  kind: "number",
  label,
  path,
  unit,
});

export interface FieldGroup {
  readonly name: string;
  readonly fields: readonly DutyField[];
}

/** What the fluid carries, below its name and substance. */
export const fluidFields: readonly DutyField[] = [
  choice("family", "fluid.family", serviceFamilies),
  choice("phase", "fluid.phase", phases),
  quantity("density", "fluid.densityKgM3", "density"),
  quantity("viscosity", "fluid.viscosityMPaS", "viscosity"),
  quantity("vapour pressure", "fluid.vapourPressureBarA", "vapour pressure"),
  number("Z", "fluid.compressibility", ""),
  number("k", "fluid.isentropicExponent", ""),
  quantity("H₂S partial", "fluid.h2sKPa", "partial pressure"),
  number("chlorides", "fluid.chloridesMgL", "mg/l"),
  yesNo("free water", "fluid.freeWater"),
  number("solids", "fluid.solidsPercent", "%"),
  yesNo("hard solids", "fluid.solidsHard"),
  yesNo("fibres", "fluid.fibres"),
];

/** Everything else an order needs, in the order people state it; size and line class stand above. */
export const dutyGroups: readonly FieldGroup[] = [
  {
    name: "Line",
    fields: [
      choice("ends", "endConnection", endConnections),
      { kind: "text", label: "schedule", path: "pipeSchedule" },
      quantity("pipe bore", "pipeBoreMm", "length"),
      choice("port", "port", ports),
      yesNo("end of line", "deadEnd"),
      quantity("line test", "lineTestBarG", "pressure"),
    ],
  },
  {
    name: "Task",
    fields: [
      choice("function", "function", valveFunctions),
      choice("pressure from", "flowDirection", flowDirections),
      choice("shut-off", "shutOff", shutOffRates, (v) => `ISO 5208 rate ${v}`),
      choice("stem tightness", "emissionClass", emissionClasses, (v) => `class ${v}`),
      yesNo("fire-safe", "fireSafe"),
      yesNo("in-line repair", "inLineRepair"),
      yesNo("bypass fitted", "equalisingBypass"),
      yesNo("cavity relief", "cavityRelief"),
      number("longest shut", "longestShutDays", "days"),
      number("strokes", "strokesPerYear", "a year"),
    ],
  },
  {
    name: "Drive",
    fields: [
      choice("operator", "operator", operators),
      choice("on supply loss", "onSupplyLoss", supplyLossActions),
      {
        kind: "range",
        label: "air supply",
        paths: ["airMinimumBarG", "airMaximumBarG"],
        names: ["lowest air supply", "highest air supply"],
        quantity: "pressure",
      },
    ],
  },
  {
    name: "Site",
    fields: [
      choice("installation", "installation", installations),
      {
        kind: "range",
        label: "ambient",
        paths: ["ambientMinimumC", "ambientMaximumC"],
        names: ["lowest ambient", "highest ambient"],
        quantity: "temperature",
      },
      { kind: "text", label: "area", path: "area" },
      quantity("jacket", "jacketBarG", "pressure"),
      quantity("jacket steam", "jacketC", "temperature"),
    ],
  },
];

/** Value at a path of the duty: the fluid's are one step down. */
export function valueAt(duty: Duty, path: string): unknown {
  const [first, second] = path.split(".") as [string, string?];
  const value = duty[first as keyof Duty];
  return second === undefined ? value : (value as Record<string, unknown>)[second];
}

/** The change that sets a path of the duty. */
export function changeAt(duty: Duty, path: string, value: unknown): Partial<Duty> {
  const [first, second] = path.split(".") as [string, string?];
  return second === undefined
    ? ({ [first]: value } as Partial<Duty>)
    : ({ [first]: { ...(duty[first as "fluid"] as object), [second]: value } } as Partial<Duty>);
}
