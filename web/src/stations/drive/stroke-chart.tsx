import type { Profile } from "@proven-seat/core/basis/stroke";
import { convertUnit, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import { memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { Chart } from "../../parts/chart.tsx";
import { axisText, chartFont, type PageColours } from "../../parts/charts.ts";
import { across, strokeFrame } from "../../parts/stroke-axis.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { lineStyles } from "./stroke-lines.tsx";

/** The stroke picture of a candidate as a chart. */
function strokeOptions(
  detail: CandidateDetail,
  units: Reading,
  colours: PageColours,
): Record<string, unknown> {
  const { stroke } = detail;
  const unit = shownUnit("torque", units);
  const torque = (nm: number) => convertUnit(nm, "torque", "N·m", unit);
  const { along: laid, frame } = strokeFrame(colours, unit);
  const along = (profile: Profile | null) => laid(profile, torque);
  const needed = along(stroke.needed);
  const low = along(stroke.atMinimum);
  const strength = detail.candidate.findings.find((f) => f.rule === "drive/strength");
  const { weakest: least } = stroke;
  const weakest = least && needed.find(([x]) => x === across(least));
  const _text = axisText(colours);
  const highest = Math.max(...[...needed, ...low, ...along(stroke.atMaximum)].map(([, nm]) => Number(nm)), 1);
  const stem = torque(stroke.stemLimitNm);
  const stemShown = stem < highest * 2.2;
  const series = (
    curve: keyof typeof lineStyles,
    data: (readonly [number, number | null])[],
    more: object = {},
  ) => {
    const { name, width, type, colour } = lineStyles[curve];
    return {
      type: "line",
      name,
      data,
      symbol: "none",
      lineStyle: { color: colours[colour], width, type },
      itemStyle: { color: colours[colour] },
      ...more,
    };
  };
  return {
    ...frame,
    yAxis: { ...frame.yAxis, max: (stemShown ? Math.max(stem, highest) : highest) * 1.1 },
    series: [
      series("needed", needed, {
        areaStyle: { color: colours.second, opacity: 0.8 },
        markPoint:
          weakest && strength
            ? {
                symbol: "circle",
                symbolSize: 9,
                itemStyle: { color: colours[strength.verdict] },
                data: [
                  {
                    coord: weakest,
                    label: {
                      show: true,
                      formatter: "weakest",
                      position: weakest[0] < 20 ? "right" : weakest[0] > 200 ? "left" : "bottom",
                      color: colours[strength.verdict],
                      fontFamily: chartFont,
                      fontSize: 12,
                      fontWeight: 600,
                      textBorderColor: colours.paper,
                      textBorderWidth: 3,
                    },
                  },
                ],
              }
            : undefined,
        markLine: {
          silent: true,
          symbol: "none",
          lineStyle: { color: colours.fails, type: "dashed" },
          data: stemShown
            ? [
                {
                  yAxis: stem,
                  label: {
                    formatter: "stem limit",
                    position: "insideStartTop",
                    color: colours.fails,
                    fontFamily: chartFont,
                    fontSize: 11,
                  },
                },
              ]
            : [],
        },
      }),
      series("demand", along(stroke.demand)),
      series("low", low),
      series("high", along(stroke.atMaximum)),
    ],
  };
}

/** Demand over the stroke in both directions against the actuator's output; the stem limit as ceiling. */
const StrokeChart = memo(function StrokeChart({ detail }: { detail: CandidateDetail }) {
  const units = useUnits();
  const options = useCallback(
    (colours: PageColours) => strokeOptions(detail, units, colours),
    [detail, units],
  );
  return (
    <Chart
      options={options}
      says="Torque demand × service factor and actuator output over both strokes. The findings use the same values."
    />
  );
});

export default StrokeChart;
