import type { BoilingResistance } from "../../../basis/reference/metals.ts";
import type { FlowOfCase } from "../../../mechanics/flow/assess.ts";
import { used } from "../inputs.ts";
import type { Measured } from "./flow-rule.ts";

/** How boiling flow is judged on a wall: by how the metal resists it. */
type Judged = Readonly<Record<BoilingResistance, Measured["verdict"]>>;

/**
 * Flashing or constant cavitation against the metal of a wall.
 *
 * @param c the case; a liquid
 * @param judged verdict by the resistance of the metal
 * @param metal metal and its resistance, as one input
 * @returns ratio of the pressure drop against the onset of constant cavitation; null for another fluid
 * @source constant cavitation at 0.8·F_L², as `flow/cavitation`
 */
export function boilingOn(
  c: FlowOfCase,
  judged: Judged,
  {
    resistance,
    uses,
  }: { readonly resistance: BoilingResistance; readonly uses: NonNullable<Measured["uses"]> },
): Measured | null {
  const { cavitation: thresholds, ratio, boiling } = c.figures;
  if (thresholds === null) return null;
  const limit = thresholds.constantFrom;
  const harms = ratio >= limit || boiling === "flashing";
  const verdict = harms ? judged[resistance] : "holds";
  return {
    value: ratio,
    limit,
    margin: limit / Math.max(ratio, 1e-9) - 1,
    verdict,
    ...(harms && verdict !== "fails" && { decides: "by its metal" }),
    uses: [...uses, used("constant cavitation from", limit, "estimate")],
  };
}
