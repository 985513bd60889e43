import { figureText, marginWords, type Reading } from "@proven-seat/core/basis/units";
import type { OperatingCase } from "@proven-seat/core/duty";
import type { Envelope } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";

export interface CasePoint {
  readonly id: string;
  readonly name: string;
  readonly temperature: number;
  readonly pressure: number;
  readonly verdict: Verdict;
  readonly label: string;
  /** Limit of the assembly there, and the part with that limit. */
  readonly governed: string;
}

/** Cases as points of the picture; the part with the least margin decides for each. */
export function casePoints(
  cases: readonly OperatingCase[],
  envelope: Envelope,
  verdicts: Readonly<Record<string, Verdict>>,
  reading: Reading,
  t: (c: number) => number,
  p: (bar: number) => number,
): CasePoint[] {
  return cases.flatMap((c) => {
    const sides = [c.upstreamBarG, c.downstreamBarG].filter((v) => v !== null);
    if (sides.length === 0 || c.temperatureC === null) return [];
    const limit = envelope.byCase.find((l) => l.caseId === c.id);
    const verdict = verdicts[c.id] ?? "not asked";
    const margin = limit?.margin == null ? "" : ` ${marginWords(limit.margin, "%", reading)}`;
    return [
      {
        id: c.id,
        name: c.name,
        temperature: t(c.temperatureC),
        pressure: p(Math.max(...sides)),
        verdict,
        // A case outside a part's temperatures has no margin in pressure worth reading.
        label: `${c.name}${limit && limit.limitBar > 0 ? margin : ""}`,
        governed:
          limit === undefined
            ? "not part of the envelope"
            : limit.limitBar > 0
              ? `limited by ${limit.part} (${limit.governs}): ${figureText(limit.valueBar, "bar", reading)} of ${figureText(limit.limitBar, "bar", reading)}${margin}`
              : `outside the temperature range of the ${limit.part} (${limit.governs})`,
      },
    ];
  });
}

/** The limit at a temperature: the lowest line and its part; null outside every line. */
export function heldAt(
  envelope: Envelope,
  temperatureC: number,
): { bar: number; name: string; passing: boolean } | null {
  const { lowestC, highestC, excursionC, lines } = envelope;
  if (temperatureC < lowestC || temperatureC > excursionC) return null;
  let least: { bar: number; name: string } | null = null;
  for (const { name, points } of lines) {
    const after = points.findIndex(([x]) => x >= temperatureC);
    const [x1, y1] = points[Math.max(after, 0)] ?? points.at(-1)!;
    const [x0, y0] = points[Math.max(after - 1, 0)]!;
    const bar =
      after < 0 ? points.at(-1)![1] : x1 === x0 ? y1 : y0 + ((y1 - y0) * (temperatureC - x0)) / (x1 - x0);
    if (least === null || bar < least.bar) least = { bar, name };
  }
  return least && { ...least, passing: temperatureC > highestC };
}
