import type { Fluid } from "../../basis/reference/fluids.ts";
import type { dutyFields } from "../fields/duty-fields.ts";
import type { Hazard } from "../fields/words.ts";
import type { Duty } from "../statement/duty.ts";
import type { DutyOrigin, SettledCase } from "./settled-case.ts";
import type { ShutIn } from "./shut-in.ts";
import type { Solution } from "./solution.ts";

type Fields = (typeof dutyFields)[number];
type LastOf<Path> = Path extends `${string}.${infer Rest}` ? Rest : Path;

/** Settled values of every field that may be assumed, by the last part of its path. */
type SettledFields = {
  readonly [F in Extract<Fields, { settle: unknown }> as LastOf<F["path"]>]: ReturnType<F["settle"]>;
};

/** The duty the rules see: assumptions in use are filled in and named. */
export interface SettledDuty extends SettledFields {
  readonly stated: Duty;
  readonly cases: readonly SettledCase[];
  /** Cases in which the valve may be shut, without fire, which decides neither seat nor cavity nor torque. */
  readonly shutCases: readonly SettledCase[];
  readonly shutIn: ShutIn;
  /** Every service family of the fluid: stated, of its substance, and of its components. */
  readonly families: ReadonlySet<string>;
  /** Service families for seats and seals; none where not stated. */
  readonly softFamilies: readonly string[];
  readonly metalFamilies: readonly string[];
  /** Null where the fluid is none of the acids, alkalis and acid gases of the table of corrosion. */
  readonly solution: Solution | null;
  readonly substance: Fluid | null;
  /**
   * The mixture stated, else the substance; where none is selected, the fluid that the family names, such as steam for
   * water.
   */
  readonly fluid: Fluid | null;
  readonly hazards: ReadonlySet<Hazard>;
  readonly hazardsOrigin: DutyOrigin | "reference";
  /** Continuous and short-time force of a hand, N. */
  readonly hand: { readonly steadyN: number; readonly hardestN: number };
  /** Gas pressure in the line over its cases; null where one of them holds none, or does not state it. */
  readonly lineGas: { readonly lowestBarG: number; readonly highestBarG: number } | null;
}
