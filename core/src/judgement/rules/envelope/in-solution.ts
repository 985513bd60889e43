import { type CorrosionBand, corrosionBands } from "../../../basis/reference/corrosion.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Solution } from "../../../duty/settling/solution.ts";
import { carriesFluid } from "../../../duty/statement/case-kinds.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { gravityOf, type Used, type Verdict } from "../finding.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { hottestWithFluid } from "../worst.ts";
import type { WettedPart } from "./wetted.ts";

/** The strengths of a solution that count, as inputs of a finding. */
export const strengthsUsed = ({ strengths }: Solution): Used[] =>
  strengths.length === 0
    ? [used("strength of the solution", "not stated: every strength", "assumed")]
    : strengths.map(({ percent, from }) => used("strength of the solution", percent, from, "%"));

const moistureUsed = ({ wet }: Solution): Used =>
  wet === null
    ? used("free water", "not stated: dry and wet", "assumed")
    : used("free water", wet ? "yes" : "no", "entered");

/** Bands that the duty leaves possible: those of its strength and moisture, or all where it states none. */
function possible(bands: readonly CorrosionBand[], { strengths, wet }: Solution): CorrosionBand[] {
  return bands.filter(
    (band) =>
      (strengths.length === 0 ||
        strengths.some(
          ({ percent: p }) =>
            p <= band.toPercent && (p > band.abovePercent || (p === 0 && band.abovePercent === 0)),
        )) &&
      (wet === null || band.wet === null || band.wet === wet),
  );
}

/** What a band says of the hottest fluid. */
function verdictIn({ resists, holdsToC, tightToC }: CorrosionBand, c: number | null): Verdict {
  if (resists === "never") return "fails";
  if (resists === "unlisted" || c === null) return "cannot tell";
  if (holdsToC !== null && c <= holdsToC) return "holds";
  return c <= tightToC! ? "tight" : "fails";
}

const gravestFirst = (a: { verdict: Verdict }, b: { verdict: Verdict }) =>
  gravityOf(b.verdict) - gravityOf(a.verdict);

/** The value that would decide between bands of which one fails and another does not. */
function undecidedBy({
  strengths,
  dependsOnStrength,
  dependsOnMoisture,
  wet,
  name,
}: Solution): string | null {
  if (dependsOnStrength && strengths.length === 0) return "strength of the solution";
  return dependsOnMoisture && wet === null ? `free water (dry or wet ${name})` : null;
}

/**
 * Judges a part in the solution of a duty, by strength, moisture and temperature. Only cases that carry the fluid
 * count. A strength that is not stated counts as every strength; where the name of the substance contradicts the
 * stated one, both count.
 *
 * @param part wetted part
 * @param solution the duty's solution
 * @param duty its cases
 * @returns the outcome; null where the table does not list the material
 * @source reference/corrosion.csv (indicative)
 */
export function inSolution(part: WettedPart, solution: Solution, duty: SettledDuty): Outcome | null {
  const bands = part.material === null ? null : corrosionBands(solution.name, part.material);
  if (bands === null) return null;
  const carrying = duty.cases.filter((c) => carriesFluid(c.kind));
  const hot = hottestWithFluid(duty);
  const unknown = carrying.find((c) => c.temperatureC === null);
  const judged = possible(bands, solution)
    .map((band) => ({ band, verdict: verdictIn(band, hot?.temperatureC ?? null) }))
    .sort(gravestFirst);
  const worst = judged[0]!;
  const uses = () => [
    used("solution", solution.name, duty.substance === null ? "entered" : "reference"),
    ...(solution.dependsOnStrength ? strengthsUsed(solution) : []),
    ...(solution.dependsOnMoisture ? [moistureUsed(solution)] : []),
    ...(hot === null ? [] : temperatureOf(hot)),
    used(part.part, part.name, "catalogue"),
    used("mechanism", worst.band.mechanism, "reference"),
  ];
  const missing = undecidedBy(solution);
  const either = missing !== null && worst.verdict === "fails" && judged.at(-1)!.verdict !== "fails";
  if (either) return cannotTell(missing, { value: part.name, uses });
  if (worst.band.resists === "unlisted")
    return cannotTell(`evidence for ${part.name} in ${solution.name}`, { value: part.name, uses });
  if (worst.verdict !== "fails" && (hot === null || unknown !== undefined))
    return cannotTell(`temperature${unknown === undefined ? "" : ` of ${unknown.name}`}`, {
      value: part.name,
      uses,
    });
  const atStrength = solution.dependsOnStrength ? " at this strength" : "";
  return worst.band.resists === "never"
    ? plain(
        "fails",
        `${part.name} does not resist the fluid${atStrength}. Mechanism: ${worst.band.mechanism}.`,
        {
          value: part.name,
          limit: solution.dependsOnStrength ? "not at this strength" : "unsuitable",
          remedy: "Use another material.",
          uses,
        },
      )
    : byTemperature(part, solution, worst.band, worst.verdict, hot!, uses);
}

function byTemperature(
  { name }: WettedPart,
  { dependsOnStrength }: Solution,
  { holdsToC, tightToC, mechanism }: CorrosionBand,
  verdict: Verdict,
  hot: SettledCase,
  uses: () => readonly Used[],
): Outcome {
  const here = dependsOnStrength ? "at this strength and temperature" : "at this temperature";
  const limit = verdict === "holds" ? holdsToC! : tightToC!;
  return plain(
    verdict as "holds" | "tight" | "fails",
    verdict === "holds"
      ? `${name} resists the fluid ${here}.`
      : verdict === "tight"
        ? `${name} has limited resistance ${here}. Mechanism: ${mechanism}.`
        : `${name} does not resist the fluid at this temperature. Mechanism: ${mechanism}.`,
    {
      value: hot.temperatureC,
      limit,
      unit: "°C",
      sense: "≤",
      caseId: hot.id,
      caseName: hot.name,
      remedy:
        verdict === "tight"
          ? "Get the maker's written confirmation for this fluid, strength and temperature."
          : "Use another material, or a cooler line.",
      uses,
    },
    inMargin(kelvinTo(hot.temperatureC!, limit, "≤", 0), "K", false),
  );
}
