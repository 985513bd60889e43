import type { Picking } from "../../../equipment/catalogue/parts/part.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Pairing } from "../pairing.ts";
import type { Block } from "../sharing/block.ts";
import type { Shared } from "../sharing/shared-findings.ts";

/** Order in which picks are tried: cheap rules first, torque demand late. */
export const picking = [
  "size",
  "grade",
  "trim",
  "seat",
  "cavity",
  "drive",
  "seals",
] as const satisfies Picking[];

/** Findings known after a pick, and which of them were counted with earlier picks. */
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
 * Orders the tree of rules by picks, so that everything a pick settles is counted once after it.
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
 * What each pick settles together with the size, whatever the other picks are.
 *
 * @param tops of the tree
 * @returns for each pick the uppermost nodes that depend on it and on the size only
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
 * Shortfall of a block or a candidate.
 *
 * @param of how many findings fail, and by how much together
 * @returns 0 where nothing fails, else fails and shortfall together, as candidates are ranked by
 * @source ranking of the product
 * @example missedIn({ fails: 2, shortfall: 0.5 }) // → 2.5
 */
export const missedIn = ({ fails, shortfall }: Pick<Block, "fails" | "shortfall">): number =>
  fails > 0 ? fails + shortfall : 0;

/**
 * Shortfall that one pick adds to a candidate.
 *
 * @param step what the pick settles
 * @param valve any valve with this pick and those before it
 * @param pairing the operator; null before it is known
 * @param maximum the sum is abandoned above this and returned as it is by then
 * @returns 0 or more
 * @source counts of blocks add
 */
export function addedBy(
  step: readonly Counted[],
  valve: Valve,
  pairing: Pairing | null,
  maximum: number,
): number {
  let added = 0;
  for (let i = 0; i < step.length; i++) {
    const { node, before } = step[i]!;
    for (let j = 0; j < before.length; j++) added -= missedIn(before[j]!.of(valve, pairing));
    added += missedIn(node.of(valve, pairing));
    if (added > maximum) return added;
  }
  return added;
}
