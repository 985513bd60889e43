import type { Assembly, Piece } from "../../construction/bodies/assembly/model.ts";
import { loosenedBy, stripOrder } from "../../construction/bodies/assembly/strip-order.ts";
import { assemblyOf } from "../../equipment/catalogue/valve.ts";
import { isLapped, lookAt } from "./looking.ts";
import { makeSafe } from "./make-safe.ts";
import { readied } from "./readied.ts";
import { countOf, handInBore, type ShopStep, step } from "./step.ts";
import { apart, together } from "./strip-down.ts";
import { turnAndTest } from "./turn-and-test.ts";
import type { Work } from "./work.ts";

export const planKinds = ["strip", "reseat", "put together", "fit the drive"] as const;
export type PlanKind = (typeof planKinds)[number];

const byName: Readonly<Record<string, PlanKind>> = {
  strip: "strip",
  reseat: "reseat",
  together: "put together",
  drive: "fit the drive",
};

/**
 * A kind of plan by the word it has in addresses.
 *
 * @param word strip, reseat, together or drive
 * @returns the kind; null where there is none of that word
 * @example planNamed("together") // → "put together"
 */
export const planNamed = (word: string): PlanKind | null =>
  Object.hasOwn(byName, word) ? byName[word]! : null;

/** A piece that is laid out and counted back in. */
export interface Counted {
  readonly id: string;
  readonly name: string;
  /** 0 where only the fitter can count them. */
  readonly count: number;
  readonly renew: "always" | "if worn" | null;
}

/** Work on one valve, step by step. */
export interface ShopPlan {
  readonly kind: PlanKind;
  readonly steps: readonly ShopStep[];
  readonly count: readonly Counted[];
  /** Why there is no such plan, or why it stops early; null where it is complete. */
  readonly limits: string | null;
}

function marked({ valve, drive }: Work, assembly: Assembly): ShopStep[] {
  const oriented = assembly.pieces.filter(({ oriented: how, out }) => how !== null && out !== "stays");
  return [
    step(
      "mark",
      "Before you loosen anything, mark the flow direction, the upstream side, and the position of the body against every cover and end.",
      {
        look: [
          ...oriented.map(({ name, oriented: how }) => `${name}: ${how}`),
          ...(isLapped(valve)
            ? [
                "mark which seat belongs to which face: metal seats are lapped in pairs and must stay in pairs",
              ]
            : []),
        ],
      },
    ),
    step("mark", "Photograph the marks, the stem indicator line against the bore, and both stops.", {
      look: valve.cavity.oneWay
        ? ["The seat arrangement makes the valve unidirectional: keep the upstream side marked."]
        : [],
    }),
    ...(drive === null
      ? [step("drive off", "Remove the lever and stop plate, if fitted.", { cautions: [handInBore] })]
      : [
          step("drive off", "Sling the actuator. Remove its screws. Lift it off in line with the stem.", {
            figures: [{ what: "actuator weight", value: drive.weightKg, unit: "kg" }],
            cautions: [handInBore],
          }),
        ]),
  ];
}

const counted = (pieces: readonly Piece[]): Counted[] =>
  pieces.map((piece) => ({
    id: piece.id,
    name: piece.name,
    count: countOf(piece),
    renew: lookAt(piece).renew,
  }));

const countStep = (count: readonly Counted[]): ShopStep =>
  step("lay out and count", "Lay the parts out in the order of removal. Count them against the list.", {
    look: count.map(({ name, count: n }) =>
      n === 0 ? `every one of the ${name}: write down how many` : `${n} ${name}`,
    ),
  });

function stripped(work: Work, assembly: Assembly): ShopPlan {
  const { valve, drive, duty } = work;
  const count = counted(stripOrder(assembly));
  return {
    kind: "strip",
    steps: [
      ...makeSafe(valve, drive, duty, assembly.sealed !== null || valve.construction.repairInLine),
      ...marked(work, assembly),
      ...apart(work, assembly),
      countStep(count),
    ],
    count,
    limits: assembly.sealed,
  };
}

const notReseated =
  "The seats of this valve cannot be renewed alone: they hold the closing member, or one is behind it. Use the strip-down plan.";

function reseated(work: Work, assembly: Assembly): ShopPlan {
  const { valve, drive, duty } = work;
  const { reseat } = assembly;
  if (reseat === null)
    return {
      kind: "reseat",
      steps: [],
      count: [],
      limits: assembly.sealed ?? notReseated,
    };
  const fromOutside = reseat.pieces.length > 0;
  const off = loosenedBy(assembly, reseat.pieces);
  const count = fromOutside ? counted(stripOrder(assembly, off)) : [];
  return {
    kind: "reseat",
    steps: [
      // Sealant is injected from outside while the valve stays in the line.
      ...(fromOutside ? makeSafe(valve, drive, duty, valve.construction.repairInLine) : []),
      // A spring would turn it back: nothing is turned by hand with a drive on it.
      ...(fromOutside ? marked(work, assembly) : []),
      ...(fromOutside ? apart(work, assembly, off) : []),
      ...reseat.instead.map((does) => step("put together", does, { cautions: [handInBore] })),
      ...(fromOutside ? [countStep(count), ...readied(work), ...together(work, assembly, off, true)] : []),
      ...turnAndTest(work),
    ],
    count,
    limits: null,
  };
}

function putTogether(work: Work, assembly: Assembly): ShopPlan {
  const count = counted(stripOrder(assembly));
  return {
    kind: "put together",
    steps: [...readied(work), ...together(work, assembly), ...turnAndTest(work)],
    count,
    limits: assembly.sealed,
  };
}

/**
 * A plan of work on a valve.
 *
 * @param kind of work
 * @param work valve, actuator, duty, house rules, and the mounting of the actuator
 * @returns its steps, the pieces to count, and why it stops early where it does. No step is written for a product:
 *   order, position, cautions and figures follow from the pieces and the duty
 * @source `stripOrder`, practice; the maker's instructions, the site's permit and local law prevail
 */
export function shopPlan(kind: PlanKind, work: Work): ShopPlan {
  const assembly = assemblyOf(work.valve);
  switch (kind) {
    case "strip":
      return stripped(work, assembly);
    case "reseat":
      return reseated(work, assembly);
    case "put together":
      return putTogether(work, assembly);
    case "fit the drive":
      return {
        kind,
        steps: work.fitting.map(({ does, figures, caution }) =>
          step("put the drive on", does, { figures, cautions: caution === null ? [] : [caution] }),
        ),
        count: [],
        limits:
          work.fitting.length === 0
            ? "No mounting plan: the valve has a bare stem, or the catalogue does not state the stem end or the actuator bore."
            : null,
      };
  }
}
