import type { Picking } from "../../../equipment/catalogue/parts/part.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Pairing } from "../pairing.ts";
import type { Block } from "../sharing/block.ts";
import type { Shared } from "../sharing/shared-findings.ts";

/** The order picks are tried in: what is cheap to judge first, what needs a torque demand late. */
export const picking = [
  "size",
  "grade",
  "trim",
  "seat",
  "cavity",
  "drive",
  "seals",
] as const satisfies Picking[];

/** What is found once a pick is made, and what of it was counted with the picks before. */
interface Counted {
  readonly node: Shared;
  readonly before: readonly Shared[];
}

/** What each pick settles, in the order of `picking`. */
export type Steps = readonly (readonly Counted[])[];

const lastOf = (node: Shared): number =>
  Math.max(0, ...[...node.pickedWith].map((pick) => picking.indexOf(pick)));

/** The uppermost nodes below one that are settled before a step. */
const settledBefore = (node: Shared, step: number): Shared[] =>
  node.below.flatMap((below) => (lastOf(below) < step ? [below] : settledBefore(below, step)));

/**
 * Lays the tree of rules out along the picks, so that after each of them everything it settles is counted once.
 *
 * @param tops of the tree, or single nodes
 * @returns for each pick the uppermost nodes it settles
 */
export function stepsOf(tops: readonly Shared[]): Steps {
  const steps: Counted[][] = picking.map(() => []);
  const place = (node: Shared, above: number): void => {
    const step = lastOf(node);
    if (step < above) steps[step]!.push({ node, before: settledBefore(node, step) });
    for (const below of node.below) place(below, Math.min(step, above));
  };
  for (const top of tops) place(top, picking.length);
  return steps;
}

/**
 * What each pick settles with the size alone, whatever else is picked.
 *
 * @param tops of the tree
 * @returns for each pick the uppermost nodes that hang on it and on nothing but the size besides
 */
export function stepsAlone(tops: readonly Shared[]): Steps {
  return picking.map((pick) => {
    const alone: Counted[] = [];
    const look = (node: Shared): void => {
      if ([...node.pickedWith].every((other) => other === pick || other === "size")) {
        if (node.pickedWith.has(pick)) alone.push({ node, before: settledBefore(node, 1) });
      } else for (const below of node.below) look(below);
    };
    for (const top of tops) look(top);
    return alone;
  });
}

/**
 * How far a block or a candidate is from standing.
 *
 * @param of how many of its findings fail, and what they miss by together
 * @returns 0 where nothing fails, else fails and shortfall together, as candidates are ranked by
 * @source ranking of the product
 * @example missedIn({ fails: 2, shortfall: 0.5 }) // → 2.5
 */
export const missedIn = ({ fails, shortfall }: Pick<Block, "fails" | "shortfall">): number =>
  fails > 0 ? fails + shortfall : 0;

/**
 * What one pick adds to how far a candidate is from standing.
 *
 * @param step what the pick settles
 * @param valve any valve with this pick and those before it
 * @param pairing what turns it; null before that is known
 * @param most given up where it is more than this: what was added by then is given back
 * @returns 0 or more
 * @source counts of blocks add
 */
export function addedBy(
  step: readonly Counted[],
  valve: Valve,
  pairing: Pairing | null,
  most: number,
): number {
  let added = 0;
  for (let i = 0; i < step.length; i++) {
    const { node, before } = step[i]!;
    for (let j = 0; j < before.length; j++) added -= missedIn(before[j]!.of(valve, pairing));
    added += missedIn(node.of(valve, pairing));
    if (added > most) return added;
  }
  return added;
}
