import { hasMotor, type SupplyKind } from "./supplies.ts";

/** Temperatures that equipment withstands in its standard, low- and high-temperature execution, °C (indicative). */
export interface ExecutionRanges {
  readonly standard: { readonly fromC: number; readonly toC: number };
  readonly lowFromC: number;
  readonly highToC: number;
}

/** Piston seals and grease. */
const seals: ExecutionRanges = { standard: { fromC: -20, toC: 80 }, lowFromC: -50, highToC: 150 };
/** Motors with their electronics, capacitors and grease. */
const motors: ExecutionRanges = { standard: { fromC: -20, toC: 60 }, lowFromC: -40, highToC: 70 };
/** Coils, electronics and switches on an actuator. */
export const electricalFittings: ExecutionRanges = {
  standard: { fromC: -20, toC: 60 },
  lowFromC: -40,
  highToC: 80,
};
/** Boosters, regulators, breathers: diaphragms and seats. */
export const airFittings: ExecutionRanges = {
  standard: { fromC: -20, toC: 60 },
  lowFromC: -50,
  highToC: 120,
};

/**
 * Temperatures an actuator withstands, by the kind of its supply.
 *
 * @param supply of its kind
 * @returns standard range and the ends of the other executions, °C
 * @source usual ranges of makers, indicative
 * @example rangesOf("electric").standard.toC // → 60
 */
export const rangesOf = (supply: SupplyKind): ExecutionRanges => (hasMotor(supply) ? motors : seals);
