import type { DriveTrain } from "./drive-train.ts";
import { parts, trainParts, valveParts } from "./parts/parts.ts";
import type { UnnumberedValve } from "./unnumbered-valve.ts";

/**
 * Numbers what candidates are made of: alike in a part, the same number; alike in several, the same key. Proofs
 * look findings up by keys thousands of times over; comparing the parts themselves would cost more than examining
 * the rules. Numbers of two numberings say nothing of one another.
 */
export interface Numbering {
  readonly ofValve: (valve: UnnumberedValve) => Identity;
  readonly ofTrain: (train: Pick<DriveTrain, "drive" | "fittings">) => Identity;
  /** A column of keys for several parts together, by their places among all parts. */
  readonly column: (places: readonly number[]) => number;
  /** The key of a column: small whole numbers, one for each way of being alike in its parts. */
  readonly key: (of: Identity, column: number) => number;
}

/** Numbers of a valve's or a drive train's parts, and the keys made of them so far. */
export interface Identity {
  readonly by: Numbering;
  readonly numbers: readonly number[];
  /** By column; undefined until somebody asked. */
  readonly keys: (number | undefined)[];
}

/** Numbers things: equal ones alike, the first of them 0. */
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
 * A numbering that starts anew.
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
      const at = columnOf(places.join());
      columns[at] ??= { places, count: counting() };
      return at;
    },
    key: ({ numbers, keys }, column) => {
      const { places, count } = columns[column]!;
      const key = count(places.length === 1 ? numbers[places[0]!] : places.map((at) => numbers[at]).join());
      keys[column] = key;
      return key;
    },
  };
  return by;
}
