import type { LeakPath } from "../construction.ts";
import type { Assembly, Joint, Space } from "./model.ts";

/** Whether a joint has a seal: where it has none, its two spaces are one. */
const seals = ({ pieces }: Assembly, joint: Joint): boolean =>
  joint.seals.some(({ piece }) => pieces.some((p) => p.id === piece && p.role !== "closing member"));

/**
 * Leak paths of a valve, to the outside and through it, as readers see them.
 *
 * @param assembly pieces and joints
 * @returns each joint with its seals by name, the first of them first; joints between spaces that are one are left out
 * @source the joints of the construction
 */
export const leakPathsOf = (assembly: Assembly): LeakPath[] =>
  assembly.joints
    .filter((joint) => seals(assembly, joint))
    .map((joint) => ({
      path: joint.name,
      place: joint.between.includes("outside") ? "external" : "internal",
      seals: joint.seals.map(({ piece }) => assembly.pieces.find(({ id }) => id === piece)!.name),
      pieces: joint.seals.map(({ piece }) => piece),
    }));

/**
 * The joints a fluid passes from one space to another.
 *
 * @param assembly pieces and joints
 * @param from space it is in
 * @param to space it shows in
 * @returns every way, each a list of joints in the order it passes them; none passes a space twice
 * @source search through the joints
 */
export function waysThrough({ joints }: Assembly, from: Space, to: Space): Joint[][] {
  const ways: Joint[][] = [];
  const walk = (space: Space, passed: readonly Joint[], been: ReadonlySet<Space>): void => {
    if (space === to) {
      ways.push([...passed]);
      return;
    }
    for (const joint of joints) {
      const [a, b] = joint.between;
      const next = a === space ? b : b === space ? a : null;
      if (next === null || been.has(next)) continue;
      walk(next, [...passed, joint], new Set([...been, next]));
    }
  };
  walk(from, [], new Set([from]));
  return ways;
}
