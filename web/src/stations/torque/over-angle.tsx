import { angles, type OverStroke, type Profile, scaled, together } from "@proven-seat/core/basis/stroke";
import { convertUnit, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import { memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { Chart } from "../../parts/chart.tsx";
import type { PageColours } from "../../parts/charts.ts";
import { strokeFrame } from "../../parts/stroke-axis.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import type { CandidateDetail } from "../../workers/views.ts";

type Known = CandidateDetail["torque"]["cases"][number] & { readonly profile: Profile };

/** The least or the greatest of several strokes at every angle. */
const edge = (strokes: readonly OverStroke[], pick: (...nm: number[]) => number) =>
  angles.map((_, i) => pick(...strokes.map((s) => s[i]!)));

const flowPart = "dynamic torque";

function overAngleOptions(
  cases: readonly Known[],
  hardest: string | null,
  units: Reading,
  colours: PageColours,
): Record<string, unknown> {
  const unit = shownUnit("torque", units);
  const torque = (nm: number) => convertUnit(nm, "torque", "N·m", unit);
  const { along, frame } = strokeFrame(colours, unit);
  const band = (pick: (...nm: number[]) => number): Profile => ({
    opening: edge(
      cases.map((c) => c.profile.opening),
      pick,
    ),
    closing: edge(
      cases.map((c) => c.profile.closing),
      pick,
    ),
  });
  const [least, profile] = [band(Math.min), band(Math.max)];
  const between = together(profile, scaled(least, -1));
  const worst = cases.find((c) => c.id === hardest);
  const silent = {
    type: "line",
    symbol: "none",
    silent: true,
    lineStyle: { width: 0 },
    tooltip: { show: false },
  };
  return {
    ...frame,
    series: [
      { ...silent, name: "", stack: "band", data: along(least, torque) },
      {
        ...silent,
        name: "",
        stack: "band",
        data: along(between, torque),
        areaStyle: { color: colours.second, opacity: 1 },
      },
      ...(worst?.flow
        ? [
            {
              ...silent,
              name: "",
              stack: "flow",
              data: along(together(worst.profile, scaled(worst.flow, -1)), torque),
            },
            {
              ...silent,
              name: flowPart,
              stack: "flow",
              data: along(worst.flow, torque),
              areaStyle: { color: colours.ink, opacity: 0.2 },
            },
          ]
        : []),
      ...cases.map((c) => ({
        type: "line",
        name: c.name,
        data: along(c.profile, torque),
        symbol: "none",
        lineStyle: {
          color: c.id === hardest ? colours.ink : colours.dim,
          width: c.id === hardest ? 2.2 : 1,
        },
        itemStyle: { color: c.id === hardest ? colours.ink : colours.dim },
      })),
    ],
  };
}

/** Demand of the valve over the angle in both directions: a line per case, a band for all. */
const OverAngle = memo(function OverAngle({ view }: { view: BenchView }) {
  const units = useUnits();
  const { torque, byConstruction } = view.selected!;
  const options = useCallback(
    (colours: PageColours) =>
      overAngleOptions(
        torque.cases.filter((c): c is Known => c.profile !== null),
        torque.hardest,
        units,
        colours,
      ),
    [torque, units],
  );
  const flows = torque.cases.some((c) => c.id === torque.hardest && (c.flow?.mostNm ?? 0) > 0);
  if (byConstruction || torque.cases.every((c) => c.profile === null))
    return (
      <p className="p-2 text-dim">
        No torque to show: the maker does not state it, or no case states a differential pressure.
      </p>
    );
  return (
    <section aria-label="Over the travel" className="flex min-h-0 flex-1 flex-col">
      <p className="text-dim">
        With growth over the time closed, before the service factor. The thick line is the case with the
        highest breakaway torque
        {flows && "; the shaded part is the dynamic torque"}.
      </p>
      <div className="min-h-0 flex-1">
        <Chart
          options={options}
          says="Torque over the travel, opening then closing, with a line for each case and a band over all cases."
        />
      </div>
    </section>
  );
});

export default OverAngle;
