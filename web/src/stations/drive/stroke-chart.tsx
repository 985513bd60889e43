import type { StrokeTorque } from "@proven-seat/core/proof";
import { convertUnit, figure, shownUnit } from "@proven-seat/core/units";
import { memo, useEffect, useRef } from "react";
import { useReading, useUnits } from "../../app/reading.ts";
import { chartFont, pageColours, startChart } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { lineStyles } from "./stroke-lines.tsx";

/** Opening runs from 0 to 90°, closing back from 90 to 0: drawn side by side with a gap between. */
const angles = ["0°", "45°", "90°", "", "90° ", "45° ", "0° "];

/** Demand over the stroke both ways against what the drive gives; the stem limit as ceiling. */
function StrokeChart({ detail }: { detail: CandidateDetail }) {
  const element = useRef<HTMLDivElement>(null);
  const chart = useRef<ReturnType<typeof startChart> | null>(null);
  const theme = useReading((s) => s.theme);
  const units = useUnits();
  useEffect(() => {
    chart.current = startChart(element.current!);
    return () => chart.current?.end();
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the theme changes the colours read from the page
  useEffect(() => {
    const { stroke } = detail;
    const colours = pageColours();
    const unit = shownUnit("torque", units);
    const torque = (nm: number) => convertUnit(nm, "torque", "N·m", unit);
    const along = (both: { opening: StrokeTorque; closing: StrokeTorque } | null) =>
      both ? [...both.opening.map(torque), null, ...both.closing.map(torque)] : [];
    const needed = along(stroke.needed);
    const low = along(stroke.atMinimum);
    const strength = detail.candidate.findings.find((f) => f.rule === "drive/strength");
    const { weakest: least } = stroke;
    // Closing stands right of opening, a gap between.
    const weakest = least ? least.at + (least.stroke === "closing" ? 4 : 0) : -1;
    const text = { color: colours.dim, fontFamily: chartFont, fontSize: 11 };
    const highest = Math.max(...[...needed, ...low, ...along(stroke.atMaximum)].map(Number), 1);
    const stem = torque(stroke.stemLimitNm);
    const stemShown = stem < highest * 2.2;
    const series = (of: keyof typeof lineStyles, data: (number | null)[], more: object = {}) => {
      const { name, width, type, colour } = lineStyles[of];
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
    chart.current?.chart.setOption(
      {
        animation: false,
        grid: { left: 54, right: 16, top: 30, bottom: 38 },
        tooltip: {
          trigger: "axis",
          renderMode: "richText",
          backgroundColor: colours.paper,
          borderColor: colours.ink,
          borderRadius: 0,
          textStyle: { color: colours.ink, fontFamily: chartFont, fontSize: 12 },
          valueFormatter: (v: unknown) => (v == null ? "–" : `${figure(Number(v))} ${unit}`),
        },
        xAxis: {
          type: "category",
          data: angles,
          boundaryGap: false,
          axisLabel: text,
          axisLine: { lineStyle: { color: colours.rule } },
          axisTick: { show: false },
          splitLine: { show: true, lineStyle: { color: colours.grid } },
          name: "opening 0 to 90°, then closing back",
          nameLocation: "middle",
          nameGap: 22,
          nameTextStyle: text,
        },
        yAxis: {
          type: "value",
          min: 0,
          max: (stemShown ? Math.max(stem, highest) : highest) * 1.1,
          name: unit,
          nameTextStyle: { ...text, align: "right" },
          axisLabel: { ...text, showMaxLabel: false, formatter: figure },
          splitLine: { lineStyle: { color: colours.grid } },
        },
        series: [
          series("needed", needed, {
            areaStyle: { color: colours.second, opacity: 0.8 },
            markPoint:
              weakest >= 0 && strength
                ? {
                    symbol: "circle",
                    symbolSize: 9,
                    itemStyle: { color: colours[strength.verdict] },
                    data: [
                      {
                        coord: [weakest, needed[weakest]],
                        label: {
                          show: true,
                          formatter: "weakest",
                          position: weakest === 0 ? "right" : "bottom",
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
      },
      { notMerge: true },
    );
  }, [detail, units, theme]);
  return (
    <div
      ref={element}
      className="h-full w-full"
      role="img"
      aria-label="Torque demand times service factor against drive output over the stroke both ways. The findings carry the same figures."
    />
  );
}

export default memo(StrokeChart);
