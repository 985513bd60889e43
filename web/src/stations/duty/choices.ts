import {
  type Duty,
  endConnections,
  flowDirections,
  operators,
  phases,
  shutOffRates,
  supplyLossActions,
  valveFunctions,
} from "@proven-seat/core/duty";
import { serviceFamilies } from "@proven-seat/core/reference";

export interface ChoiceRow {
  readonly label: string;
  readonly path: string;
  readonly options: readonly (readonly [value: string, label: string])[];
  readonly get: (duty: Duty) => string;
  readonly set: (duty: Duty, value: string) => Partial<Duty>;
}

const plain = (values: readonly string[]) => values.map((v) => [v, v] as const);

function ofField<Key extends keyof Duty>(
  label: string,
  key: Key,
  values: readonly string[],
  name = (v: string) => v,
): ChoiceRow {
  return {
    label,
    path: key,
    options: values.map((v) => [v, name(v)] as const),
    get: (duty) => String(duty[key] ?? ""),
    set: (_, value) => ({ [key]: value === "" ? null : value }) as Partial<Duty>,
  };
}

const yesNo = (label: string, key: "fireSafe" | "inLineRepair"): ChoiceRow => ({
  label,
  path: key,
  options: plain(["yes", "no"]),
  get: (duty) => (duty[key] === null ? "" : duty[key] ? "yes" : "no"),
  set: (_, value) => ({ [key]: value === "" ? null : value === "yes" }),
});

const ofFluid = (label: string, key: "family" | "phase", values: readonly string[]): ChoiceRow => ({
  label,
  path: `fluid.${key}`,
  options: plain(values),
  get: (duty) => duty.fluid[key] ?? "",
  set: (duty, value) => ({ fluid: { ...duty.fluid, [key]: value === "" ? null : value } }) as Partial<Duty>,
});

export const serviceFamily = ofFluid("family", "family", serviceFamilies);
export const phase = ofFluid("phase", "phase", phases);
export const endConnection = ofField("ends", "endConnection", endConnections);
export const valveFunction = ofField("function", "function", valveFunctions);
export const flowDirection = ofField("pressure from", "flowDirection", flowDirections);
export const shutOff = ofField("shut-off", "shutOff", shutOffRates, (v) => `ISO 5208 rate ${v}`);
export const fireSafe = yesNo("fire-safe", "fireSafe");
export const inLineRepair = yesNo("in-line repair", "inLineRepair");
export const operator = ofField("operator", "operator", operators);
export const onSupplyLoss = ofField("on supply loss", "onSupplyLoss", supplyLossActions);
