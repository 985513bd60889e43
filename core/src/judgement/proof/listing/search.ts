import type { OfferedSize } from "../../../equipment/catalogue/shelf.ts";
import { picksOf } from "../../../equipment/catalogue/valve.ts";
import { CountedCandidate } from "../candidate.ts";
import type { Pairing } from "../pairing.ts";
import type { Pairings } from "../pairings.ts";
import type { Found } from "../sharing/shared-findings.ts";
import { addedBy, missedIn, picking, type Steps, stepsAlone, stepsOf } from "./steps.ts";

/** One figure is the sum of many, in an order of its own: what differs by less than this may be equal. */
const rounding = 1e-9;

/** A size with what can be told of it before anything is put together. */
interface Outlook {
  readonly size: OfferedSize;
  /** How far the size alone is from standing. */
  readonly missed: number;
}

type Visit = (candidate: CountedCandidate) => void;

/** Looks for candidates part by part: what cannot come out within the limit is never put together. */
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

  /** Sizes by how far they are from standing whatever is picked of them, the nearest first. */
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

  /** Where none stands: those that miss by least, alike in what they miss by. */
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

  /** Visits what of a size comes out within a limit, which may sink meanwhile. */
  #within({ size, missed }: Outlook, most: () => number, visit: Visit): void {
    const picks = this.#worthPicking(size, missed, most());
    if (picks === null) return;
    const { valves } = size;
    const steps = this.#steps;
    const last = picking.length - 1;
    const walk = (at: number, index: number, pairing: Pairing | null, so: number): void => {
      const { values, rest } = picks[at]!;
      const on = (next: number, turned: Pairing | null) => {
        const left = most() - so - rest;
        const added = addedBy(steps[at]!, valves[next]!, turned, left);
        if (added > left) return;
        if (at === last) visit(new CountedCandidate(valves[next]!, turned!, this.#found));
        else walk(at + 1, next, turned, so + added);
      };
      if (picking[at] === "drive")
        for (const turned of this.#pairings.picked(valves[index]!)) on(index, turned);
      else
        for (const { offset } of values) {
          const next = index + offset;
          // Torque hangs on nothing picked later, and any drive is asked the same.
          on(next, picking[at] === "cavity" ? this.#pairings.picked(valves[next]!)[0]! : pairing);
        }
    };
    walk(1, 0, null, missed);
  }

  /**
   * Values of each pick that may come out within the limit by themselves, the nearest first, and what the picks after
   * it miss by at least; null where one pick has none.
   */
  #worthPicking({ line, valves }: OfferedSize, missed: number, most: number) {
    const counts = picksOf(line);
    const offsetOf = (name: string) => {
      const at = counts.findIndex(([pick]) => pick === name);
      return counts.slice(at + 1).reduce((product, [, count]) => product * count, 1);
    };
    const picks: { values: { offset: number; missed: number }[]; rest: number }[] = [];
    for (let at = 0; at < picking.length; at++) {
      const count = counts.find(([pick]) => pick === picking[at])?.[1];
      if (count === undefined) {
        picks.push({ values: [], rest: 0 });
        continue;
      }
      const step = offsetOf(picking[at]!);
      const values: { offset: number; missed: number }[] = [];
      for (let value = 0; value < count; value++) {
        const offset = value * step;
        const alone = addedBy(this.#alone[at]!, valves[offset]!, null, most - missed);
        if (missed + alone <= most) values.push({ offset, missed: alone });
      }
      if (values.length === 0) return null;
      picks.push({ values: values.sort((a, b) => a.missed - b.missed), rest: 0 });
    }
    let rest = 0;
    for (let at = picks.length - 1; at >= 0; at--) {
      picks[at]!.rest = rest;
      rest += picks[at]!.values[0]?.missed ?? 0;
    }
    return missed + rest > most ? null : picks;
  }
}
