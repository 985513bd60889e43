import type { Fluid } from "../../basis/reference/fluids.ts";
import { type Component, mixtureOf, readComposition } from "../../basis/reference/mixture.ts";
import { atmosphereBar } from "../../basis/units/definitions.ts";
import type { Duty } from "../statement/duty.ts";

/** Values of a duty that define the composition of its fluid. */
interface Composed {
  readonly fluid: Pick<Duty["fluid"], "composition">;
}

/** Components of a duty's fluid; none without a composition. */
export function componentsOf({ fluid: { composition } }: Composed): readonly Component[] {
  if (composition === null) return [];
  const read = readComposition(composition);
  return "fault" in read ? [] : read.components;
}

/**
 * The mixture a duty states.
 *
 * @param duty as entered
 * @returns the fluid by Kay's rule; null where no composition is stated
 */
export function mixtureIn(duty: Composed): Fluid | null {
  const components = componentsOf(duty);
  return components.length === 0 ? null : mixtureOf(components);
}

const kPaPerBar = 100;

/**
 * Derives partial pressures from a composition where they are not stated.
 *
 * @param duty as entered
 * @returns hydrogen sulphide, hydrogen and carbon dioxide at their share of the highest pressure of the cases; the duty
 *   itself where its composition names none of them
 * @source Dalton: share of the moles times the pressure
 */
export function withPartials(duty: Duty): Duty {
  const components = componentsOf(duty);
  if (components.length === 0) return duty;
  const highest = Math.max(
    0,
    ...duty.cases.flatMap((c) =>
      c.kind === "fire" ? [] : [c.upstreamBarG ?? 0, c.downstreamBarG ?? 0].map((bar) => bar + atmosphereBar),
    ),
  );
  const partial = (id: string) => {
    const share = components.find(({ fluid }) => fluid.id === id)?.share;
    return share === undefined ? null : share * highest;
  };
  const h2s = partial("hydrogen-sulphide");
  return {
    ...duty,
    fluid: {
      ...duty.fluid,
      h2sKPa: duty.fluid.h2sKPa ?? (h2s === null ? null : h2s * kPaPerBar),
      hydrogenBarA: duty.fluid.hydrogenBarA ?? partial("hydrogen"),
      carbonDioxideBarA: duty.fluid.carbonDioxideBarA ?? partial("carbon-dioxide"),
    },
  };
}
