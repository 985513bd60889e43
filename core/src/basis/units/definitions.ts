export const quantities = [
  "pressure",
  "differential",
  "temperature",
  "temperature difference",
  "torque",
  "length",
  "volume flow",
  "gas flow",
  "mass flow",
  "density",
  "viscosity",
  "partial pressure",
  "vapour pressure",
  "stress",
  "velocity",
  "mass",
  "volume",
  "vessel volume",
  "flow coefficient",
] as const;
export type Quantity = (typeof quantities)[number];

/** Cv for every Kv: the ratio of the two definitions. */
export const cvPerKv = 1.1560992283536566;

/** Standard atmosphere: gauge zero above absolute zero. */
export const atmosphereBar = 1.01325;

/** A unit people write. In the home unit a figure is `times` × figure + `plus`. */
export interface WrittenUnit {
  readonly label: string;
  readonly times: number;
  readonly plus: number;
  readonly alsoWritten: readonly string[];
}
