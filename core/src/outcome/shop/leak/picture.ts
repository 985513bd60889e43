import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { Joint } from "../../../construction/bodies/assembly/model.ts";
import { waysThrough } from "../../../construction/bodies/assembly/paths.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { assemblyOf, type Valve } from "../../../equipment/catalogue/valve.ts";
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
  /** Allowed leakage; null for a leak to the outside, where none is allowed here. */
  readonly allowed: Allowed | null;
  /** When to take it out of service at once; null for a leak through the valve, which stays in the line. */
  readonly outOfService: string | null;
}

const hazardsOutside = ["lethal", "toxic", "oxygen", "hydrogen", "flammable"] as const;
const burnsFromC = 60;

/** When a leak to the outside is no longer traced but shut in. */
function stopping({ hazards, cases }: SettledDuty): string {
  const bad = hazardsOutside.find((hazard) => hazards.has(hazard));
  if (bad !== undefined)
    return `The leaking fluid is ${bad}. If the leak is visible or grows, take the valve out of service at once.`;
  const hottest = Math.max(...cases.filter(({ kind }) => kind !== "fire").map((c) => c.temperatureC ?? 0));
  return hottest >= burnsFromC
    ? "The leaking fluid burns skin. Keep clear of the jet. If the leak grows, take the valve out of service at once."
    : "If the leak grows, take the valve out of service at once.";
}

/**
 * A leak of a valve, as far as it is traced.
 *
 * @param valve construction, arrangement, seat
 * @param duty settled duty
 * @param house rules for selecting the trim that a shut-off class refers to
 * @param place where it shows
 * @param seen observations in order
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
    outOfService: place === "outside" ? stopping(duty) : null,
  };
}
