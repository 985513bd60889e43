import type { Fluid } from "../../basis/reference/fluids.ts";
import type { dutyFields } from "../fields/duty-fields.ts";
import type { Hazard } from "../fields/words.ts";
import type { Duty } from "../statement/duty.ts";
import type { JudgedIn } from "./families.ts";
import type { DutyOrigin, SettledCase } from "./settled-case.ts";
import type { ShutIn } from "./shut-in.ts";

type Fields = (typeof dutyFields)[number];
type LastOf<Path> = Path extends `${string}.${infer Rest}` ? Rest : Path;

/** What the rules go by of every field that may be assumed, by the last part of its path. */
type SettledFields = {
  readonly [F in Extract<Fields, { settle: unknown }> as LastOf<F["path"]>]: ReturnType<F["settle"]>;
};

/** The duty the rules see: assumptions in use are filled in and named. */
export interface SettledDuty extends SettledFields {
  readonly stated: Duty;
  readonly cases: readonly SettledCase[];
  /** Cases the valve may be shut in; fire is none, for it governs neither seat nor cavity nor torque. */
  readonly shutCases: readonly SettledCase[];
  readonly shutIn: ShutIn;
  /** Service families seats and seals are judged in; none where it is not stated. */
  readonly softFamilies: readonly string[];
  readonly metalFamilies: JudgedIn;
  readonly substance: Fluid | null;
  /** The mixture stated, else the substance; where none is picked, the fluid the family is the name of, as steam is water. */
  readonly fluid: Fluid | null;
  readonly hazards: ReadonlySet<Hazard>;
  readonly hazardsOrigin: DutyOrigin | "reference";
  /** What a hand keeps up, and what it can do when it must, N. */
  readonly hand: { readonly steadyN: number; readonly hardestN: number };
  /** Gas pressure in the line over its cases; null where one of them holds none, or does not say. */
  readonly lineGas: { readonly lowestBarG: number; readonly highestBarG: number } | null;
}
