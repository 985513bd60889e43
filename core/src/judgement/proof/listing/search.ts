import type { OfferedSize } from "../../../equipment/catalogue/shelf.ts";
import { picksOf } from "../../../equipment/catalogue/valve.ts";
import { CountedCandidate } from "../candidate.ts";
import type { Pairing } from "../pairing.ts";
import type { Pairings } from "../pairings.ts";
import type { Found } from "../sharing/shared-findings.ts";
import { addedBy, missedIn, picking, type Steps, stepsAlone, stepsOf } from "./steps.ts";

/** One figure is a sum in another order: differences below this are rounding. */
const rounding = 1e-9;

/** A size with everything known before parts are combined. */
interface Outlook {
  readonly size: OfferedSize;
  /** Shortfall of the size alone. */
  readonly missed: number;
}

type Visit = (candidate: CountedCandidate) => void;

/** Searches candidates part by part: combinations that cannot come within the limit are never assembled. */
export class Search {
  readonly #found: Found;
  readonly #pairings: Pairings;
  readonly #steps: Steps;
  readonly #alone: Steps;

  constructor(found: Found, pairings: Pairings) {
    this.#found = found;
    this.#pairings = pairings;
    this.#steps = stepsOf(found.tops);
    this.#alone = stepsAlone(found.tops);
  }

  /** Sizes by their least possible shortfall, the nearest first. */
  outlooks(sizes: readonly OfferedSize[]): Outlook[] {
    return sizes
      .map((size) => ({
        size,
        missed: addedBy(this.#steps[0]!, size.valves[0]!, null, Number.POSITIVE_INFINITY),
      }))
      .sort((a, b) => a.missed - b.missed);
  }

  /** Every candidate nothing fails on. */
  standing(outlooks: readonly Outlook[]): CountedCandidate[] {
    const standing: CountedCandidate[] = [];
    for (const outlook of outlooks) {
      if (outlook.missed > 0) break;
      this.#within(
        outlook,
        () => 0,
        (candidate) => standing.push(candidate),
      );
    }
    return standing;
  }

  /** Where none is suitable: the candidates with the least shortfall. */
  nearest(outlooks: readonly Outlook[]): CountedCandidate[] {
    let least = Number.POSITIVE_INFINITY;
    let nearest: CountedCandidate[] = [];
    for (const outlook of outlooks) {
      if (outlook.missed > least + rounding) break;
      this.#within(
        outlook,
        () => least + rounding,
        (candidate) => {
          const missed = missedIn(candidate);
          if (missed > least) return;
          if (missed < least) nearest = [];
          least = missed;
          nearest.push(candidate);
        },
      );
    }
    return nearest;
  }

  /** Visits candidates of a size within a limit, which may become lower during the visit. */
  #within({ size, missed }: Outlook, limit: () => number, visit: Visit): void {
    const picks = this.#worthPicking(size, missed, limit());
    if (picks === null) return;
    const { valves } = size;
    const steps = this.#steps;
    const last = picking.length - 1;
    const walk = (depth: number, index: number, pairing: Pairing | null, reached: number): void => {
      const { values, rest } = picks[depth]!;
      const on = (next: number, turned: Pairing | null) => {
        const left = limit() - reached - rest;
        const added = addedBy(steps[depth]!, valves[next]!, turned, left);
        if (added > left) return;
        if (depth === last) visit(new CountedCandidate(valves[next]!, turned!, this.#found));
        else walk(depth + 1, next, turned, reached + added);
      };
      if (picking[depth] === "drive")
        for (const turned of this.#pairings.picked(valves[index]!)) on(index, turned);
      else
        for (const { offset } of values) {
          const next = index + offset;
          // Torque depends on no later pick, and every actuator sees the same demand.
          on(next, picking[depth] === "cavity" ? this.#pairings.picked(valves[next]!)[0]! : pairing);
        }
    };
    walk(1, 0, null, missed);
  }

  /**
   * Values of each pick that may come within the limit, the nearest first, and the least shortfall of the picks after
   * it; null where one pick has no such value.
   */
  #worthPicking({ line, valves }: OfferedSize, missed: number, maximum: number) {
    const counts = picksOf(line);
    const offsetOf = (name: string) => {
      const index = counts.findIndex(([pick]) => pick === name);
      return counts.slice(index + 1).reduce((product, [, count]) => product * count, 1);
    };
    const picks: { values: { offset: number; missed: number }[]; rest: number }[] = [];
    for (let index = 0; index < picking.length; index++) {
      const count = counts.find(([pick]) => pick === picking[index])?.[1];
      if (count === undefined) {
        picks.push({ values: [], rest: 0 });
        continue;
      }
      const step = offsetOf(picking[index]!);
      const values: { offset: number; missed: number }[] = [];
      for (let value = 0; value < count; value++) {
        const offset = value * step;
        const alone = addedBy(this.#alone[index]!, valves[offset]!, null, maximum - missed);
        if (missed + alone <= maximum) values.push({ offset, missed: alone });
      }
      if (values.length === 0) return null;
      picks.push({ values: values.sort((a, b) => a.missed - b.missed), rest: 0 });
    }
    let rest = 0;
    for (let index = picks.length - 1; index >= 0; index--) {
      picks[index]!.rest = rest;
      rest += picks[index]!.values[0]?.missed ?? 0;
    }
    return missed + rest > maximum ? null : picks;
  }
}
