import type { Assembly, SealPlace } from "../../construction/bodies/assembly/model.ts";
import type { Block } from "./printed.ts";

const roles = ["primary", "secondary", "fire", "injected"] as const satisfies readonly SealPlace["role"][];

/**
 * Every joint of a valve with its seals, as an order and a spare-parts list need them.
 *
 * @param assembly pieces and joints of the valve
 * @returns a table, a joint a row; a dash where it has no seal of a kind
 * @source the assembly of the construction
 */
export function sealBlock({ pieces, joints }: Assembly): Block {
  const named = new Map(pieces.map(({ id, name }) => [id, name]));
  const column = { share: 88, figures: false };
  return {
    kind: "table",
    name: "Joints and their seals",
    columns: [
      { heading: "joint", share: 120, figures: false },
      { heading: "parts", share: 105, figures: false },
      ...roles.map((heading) => ({ ...column, heading })),
    ],
    rows: joints.map(({ name, between, seals }) => [
      name,
      between.join(" from "),
      ...roles.map(
        (role) =>
          seals
            .filter((seal) => seal.role === role)
            .map(({ piece }) => named.get(piece)!)
            .join(", ") || "–",
      ),
    ]),
  };
}
