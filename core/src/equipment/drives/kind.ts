import type { z } from "zod";
import type { Action } from "../../basis/calc/actuator-margin.ts";
import type { Profile } from "../../basis/stroke/profile.ts";
import type { Unit } from "../../basis/units/unit.ts";
import type { DriveEnd, DriveOutside } from "../../construction/ends/forms.ts";
import type { SupplyKind } from "./supplies.ts";

/** Values of every family of a maker, of actuators and accessories. */
export interface OfMaker {
  readonly id: string;
  readonly maker: string;
  readonly name: string;
  readonly kind: string;
  readonly lowTemperature: boolean | null;
  readonly highTemperature: boolean | null;
  /** How it is marked for explosive atmospheres, and how tight its enclosure is; null where nothing is stated. */
  readonly marking: string | null;
  readonly enclosure: string | null;
}

/** Values of every family of actuators, of any kind. */
export interface AnyFamily extends OfMaker {
  readonly handOverride: boolean | null;
  readonly stopsDegrees: number | null;
  readonly sizes: readonly AnySize[];
}

export interface AnySize {
  readonly id: string;
  readonly flange: string;
  readonly alsoFlange: string | null;
  readonly end: DriveEnd | null;
  readonly outside: DriveOutside | null;
  readonly strokeSeconds: number | null;
  readonly springSeconds: number | null;
  readonly weightKg: number;
  readonly price: number;
}

/** One drive that can be ordered: a size of a family with its action and spring set. */
export interface Drive {
  readonly key: string;
  readonly family: AnyFamily;
  readonly sizeId: string;
  readonly action: Action;
  /** Action on supply failure. */
  readonly onSupplyLoss: "closes" | "opens" | "stays";
  readonly springSet: string | null;
  /** Name of the variant among others of its size. */
  readonly variant: string;
  readonly flange: string;
  readonly alsoFlange: string | null;
  readonly end: DriveEnd | null;
  readonly outside: DriveOutside | null;
  /** Stroking time on its own supply, and by its springs, s; null where the maker states none. */
  readonly strokeSeconds: number | null;
  readonly springSeconds: number | null;
  readonly weightKg: number;
  readonly price: number;
  /** Length of a lever, turns of a handwheel, gearbox rating, stored strokes: where they apply. */
  readonly leverMm?: number;
  readonly wheelTurns?: number | null;
  readonly ratedTorqueNm?: number;
  readonly strokesLeft?: number;
  /** Output over both strokes, N·m, at the lowest or the highest of the supply it uses. */
  readonly outputAt: (supplies: Supplies, end: SupplyEnd) => Profile;
}

/** The lowest supply, for strength, or the highest, for the stem limit. */
export type SupplyEnd = "lowest" | "highest";

/** Supplies of a duty, and which of them are stated. */
export interface Supplies {
  readonly airMinimumBarG: number;
  readonly airMaximumBarG: number;
  readonly oilMinimumBarG: number;
  readonly oilMaximumBarG: number;
  /** Gas pressure in the line over its cases; null where it holds no gas, or its pressure is not known. */
  readonly lineGas: { readonly lowestBarG: number; readonly highestBarG: number } | null;
  /** Continuous and short-time force of a hand, N. */
  readonly hand: { readonly steadyN: number; readonly hardestN: number };
  readonly stated: {
    readonly airMinimumBarG: number | null;
    readonly airMaximumBarG: number | null;
    readonly oilMinimumBarG: number | null;
    readonly oilMaximumBarG: number | null;
  };
}

/** The supply a finding names beside a drive's output. */
export interface NamedSupply {
  readonly what: string;
  readonly value: number | string;
  readonly unit: Unit;
  readonly origin: "entered" | "assumed" | "catalogue" | "house rule" | "computed";
}

/**
 * A kind of drive: all that is particular to it. Functions that take a family are methods, because the list of kinds holds
 * kinds of different families.
 */
export interface DriveKind<Family extends AnyFamily = AnyFamily> {
  readonly kind: Family["kind"];
  /** Which operator of a duty asks for it. */
  readonly supply: SupplyKind;
  /** Stroke of the valves it turns; a quarter turn by default. */
  readonly turns?: "quarter turn" | "rising stem";
  /** Where it is mounted; on the pad by default. */
  readonly sits?: "on the stem";
  /** Whether it can modulate; by default it needs a positioner or cannot. */
  readonly modulates?: true;
  readonly schema: z.ZodType<Family>;
  /**
   * Its own headings in the tables of families and sizes: numbers, words with "$", lists with ";", yes and no with "?".
   */
  readonly columns: { readonly family: readonly string[]; readonly size: readonly string[] };
  /** Whether its sizes come with spring sets. */
  readonly sprung: boolean;
  drivesOf(family: Family): Drive[];
  /** Its rated pressure, and the highest of a duty; null where it uses none, or none is known. */
  pressureRating?(
    family: Family,
    supplies: Supplies,
  ): { readonly ratedBarG: number; readonly broughtBarG: number } | null;
  /** The supply for strength, and the one for peak torque. */
  readonly suppliedAt: (supplies: Supplies, end: SupplyEnd) => NamedSupply;
  /** Contradictions within a size. */
  faultsOf(size: Family["sizes"][number]): readonly { readonly field: string; readonly reason: string }[];
}
