import type { DriveTrain } from "./drive-train.ts";
import { parts, trainParts, valveParts } from "./parts/parts.ts";
import type { UnnumberedValve } from "./unnumbered-valve.ts";

/**
 * Numbers the parts of candidates: equal parts have equal numbers, equal combinations equal keys. Proofs look findings
 * up by key thousands of times; comparing the parts themselves would cost more than examining the rules. Numbers of two
 * numberings cannot be compared.
 */
export interface Numbering {
  readonly ofValve: (valve: UnnumberedValve) => Identity;
  readonly ofTrain: (train: Pick<DriveTrain, "drive" | "fittings">) => Identity;
  /** A column of keys for several parts together, by their indexes among all parts. */
  readonly column: (places: readonly number[]) => number;
  /** The key of a column: small whole numbers, one per combination. */
  readonly key: (identity: Identity, column: number) => number;
}

/** Numbers of a valve's or an actuator's parts, and the keys made so far. */
export interface Identity {
  readonly by: Numbering;
  readonly numbers: readonly number[];
  /** By column; undefined before first use. */
  readonly keys: (number | undefined)[];
}

/** Numbers values: equal ones get the same number, the first is 0. */
function counting(): (thing: unknown) => number {
  const known = new Map<unknown, number>();
  return (thing) => {
    let number = known.get(thing);
    if (number === undefined) {
      number = known.size;
      known.set(thing, number);
    }
    return number;
  };
}

/**
 * A new numbering.
 *
 * @returns numbers for valves and drive trains, the same for parts that are alike
 */
export function numbering(): Numbering {
  const ofPart = parts.map(counting);
  const columns: { readonly places: readonly number[]; readonly count: (thing: unknown) => number }[] = [];
  const columnOf = counting();
  const by: Numbering = {
    ofValve: (valve) => ({
      by,
      numbers: valveParts.map(({ identity }, i) => ofPart[i]!(identity(valve))),
      keys: [],
    }),
    ofTrain: (train) => ({
      by,
      numbers: parts.map((_, i) => {
        const part = trainParts[i - valveParts.length];
        return part === undefined ? 0 : ofPart[i]!(part.identity(train));
      }),
      keys: [],
    }),
    column: (places) => {
      const columnAt = columnOf(places.join());
      columns[columnAt] ??= { places, count: counting() };
      return columnAt;
    },
    key: ({ numbers, keys }, column) => {
      const { places, count } = columns[column]!;
      const key = count(
        places.length === 1 ? numbers[places[0]!] : places.map((place) => numbers[place]).join(),
      );
      keys[column] = key;
      return key;
    },
  };
  return by;
}
