import type { z } from "zod";
import type { Action, DriveOutput } from "../calc/actuator-margin.ts";
import type { Unit } from "../units/unit.ts";

/** What every family of drives has, whatever its kind. */
export interface AnyFamily {
  readonly id: string;
  readonly maker: string;
  readonly name: string;
  readonly kind: string;
  readonly lowTemperature: boolean | null;
  readonly highTemperature: boolean | null;
  readonly sizes: readonly AnySize[];
}

export interface AnySize {
  readonly id: string;
  readonly flange: string;
  readonly weightKg: number;
  readonly price: number;
}

/** One drive that can be ordered: a size of a family with its action and spring set. */
export interface Drive {
  readonly key: string;
  readonly family: AnyFamily;
  readonly sizeId: string;
  readonly action: Action;
  /** What it does when its supply fails. */
  readonly onSupplyLoss: "closes" | "opens" | "stays";
  readonly springSet: string | null;
  /** How the variant is told from others of its size. */
  readonly variant: string;
  readonly flange: string;
  readonly weightKg: number;
  readonly price: number;
  /** Output at a supply pressure, bar g; a drive that uses no air answers the same at any. */
  readonly outputAt: (airBarG: number) => DriveOutput;
  readonly outputAtMaximum: (airBarG: number) => DriveOutput;
}

/** Air a duty brings, bar g, and which of it is assumed. */
export interface AirSupply {
  readonly airMinimumBarG: number;
  readonly airMaximumBarG: number;
  readonly stated: { readonly airMinimumBarG: number | null; readonly airMaximumBarG: number | null };
}

/** The supply a finding names beside a drive's output. */
export interface NamedSupply {
  readonly what: string;
  readonly value: number | string;
  readonly unit: Unit;
  readonly origin: "entered" | "assumed" | "catalogue";
}

/** A kind of drive: all that is particular to it. */
export interface DriveKind<Family extends AnyFamily = AnyFamily> {
  readonly kind: Family["kind"];
  /** Which operator of a duty asks for it. */
  readonly supply: "pneumatic" | "electric";
  readonly schema: z.ZodType<Family>;
  /** Headings of its own in the tables of families and of sizes; all figures. */
  readonly columns: { readonly family: readonly string[]; readonly size: readonly string[] };
  /** Whether its sizes come with spring sets. */
  readonly sprung: boolean;
  readonly drivesOf: (family: Family) => Drive[];
  /** Highest air it stands, bar g; null where it uses none. */
  readonly maximumAirBarG: (family: Family) => number | null;
  /** The supply its strength is judged at, and the one its peak is taken at. */
  readonly suppliedAt: (duty: AirSupply, end: "lowest" | "highest") => NamedSupply;
  /** What of a size contradicts itself. */
  readonly faultsOf: (
    size: Family["sizes"][number],
  ) => readonly { readonly field: string; readonly reason: string }[];
}
