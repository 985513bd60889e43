import { type Joint, waysThrough } from "../../bodies/index.ts";
import { assemblyOf, type Valve } from "../../catalogue/valve.ts";
import type { SettledDuty } from "../../duty/settle.ts";
import type { HouseRules } from "../../house/house-rules.ts";
import { type Allowed, allowedThrough } from "./allowed.ts";
import { causesOf, type LeakPlace } from "./causes.ts";
import type { Check } from "./check.ts";
import { type Observation, type Ranked, type Reasoned, traceLeak } from "./finder.ts";

/** A check as it is shown. */
export interface CheckShown
  extends Pick<Check, "id" | "asks" | "answers" | "effortMin" | "risk" | "caution"> {
  readonly expectedBits: number;
}

/** A leak as far as it is traced. */
export interface LeakPicture {
  readonly place: LeakPlace;
  readonly ranked: readonly Ranked[];
  readonly reasoning: readonly Reasoned[];
  readonly proposed: readonly CheckShown[];
  readonly contradictions: readonly string[];
  /** The ways the fluid may take, joint by joint with the seals in each. */
  readonly ways: readonly (readonly {
    readonly id: string;
    readonly name: string;
    readonly seals: readonly string[];
    readonly pieces: readonly string[];
  }[])[];
  /** What it may let through; null of a leak to the outside, of which nothing is allowed here. */
  readonly allowed: Allowed | null;
  /** Why it is to be taken out of service at once; null where nothing says so. */
  readonly outOfService: string | null;
}

/**
 * A leak of a valve, as far as it is traced.
 *
 * @param valve construction, arrangement, seat
 * @param duty settled duty
 * @param house what picks the trim a class of shut-off goes by
 * @param place where it shows
 * @param seen observations in the order they were made
 * @returns causes, reasoning, next checks, ways of the fluid, and whether it may stay in service
 * @source `traceLeak`, `waysThrough`
 */
export function leakPicture(
  valve: Valve,
  duty: SettledDuty,
  house: HouseRules,
  place: LeakPlace,
  seen: readonly Observation[],
): LeakPicture {
  const assembly = assemblyOf(valve);
  const { ranked, reasoning, proposed, contradictions } = traceLeak(
    causesOf(assembly, valve, duty, place),
    { valve, assembly },
    place,
    seen,
  );
  const nameOf = (id: string) => assembly.pieces.find((piece) => piece.id === id)!.name;
  const shown = ({ id, name, seals }: Joint) => ({
    id,
    name,
    seals: seals.map(({ piece }) => nameOf(piece)),
    pieces: seals.map(({ piece }) => piece),
  });
  const bad = (["lethal", "toxic", "flammable"] as const).find((hazard) => duty.hazards.has(hazard));
  return {
    place,
    ranked,
    reasoning,
    proposed: proposed.map(({ check, expectedBits }) => ({
      id: check.id,
      asks: check.asks,
      answers: check.answers,
      effortMin: check.effortMin,
      risk: check.risk,
      caution: check.caution,
      expectedBits,
    })),
    contradictions,
    ways: waysThrough(assembly, "upstream", place === "outside" ? "outside" : "downstream").map((way) =>
      way.map(shown),
    ),
    allowed: place === "outside" ? null : allowedThrough(valve, duty, house),
    outOfService:
      place === "outside" && bad !== undefined
        ? `What leaks out is ${bad}: take it out of service at once where the leak can be seen or grows.`
        : null,
  };
}
