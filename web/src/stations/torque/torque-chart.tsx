import { convertUnit, figure, figureText, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { Chart } from "../../parts/chart.tsx";
import { axisText, boreGraphics, chartFont, type PageColours, pointerNote } from "../../parts/charts.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { lineStyles } from "./torque-lines.tsx";

/** Within which two names of cases would be written over each other, px. */
const labelWidth = 160;
const labelHeight = 15;

/** Places of the case names: below their point, and below any name they would overlap. */
function clearOf(places: readonly (readonly [x: number, y: number])[]): readonly number[] {
  const stand: number[] = [];
  places.forEach(([px, py], index) => {
    let y = py + 4;
    const near = places
      .slice(0, index)
      .flatMap(([ox], i) => (Math.abs(ox - px) < labelWidth ? [stand[i]!] : []));
    for (const position of near.sort((a, b) => a - b))
      if (Math.abs(position - y) < labelHeight) y = position + labelHeight;
    stand.push(y);
  });
  return stand;
}

type Verdicts = Readonly<Record<string, Verdict>>;

/** The torque picture of a candidate as a chart. */
function torqueOptions(
  { torque, candidate }: CandidateDetail,
  verdicts: Verdicts,
  units: Reading,
  colours: PageColours,
): Record<string, unknown> {
  const [barUnit, nmUnit] = [shownUnit("differential", units), shownUnit("torque", units)];
  const x = (bar: number) => convertUnit(bar, "differential", "bar", barUnit);
  const y = (nm: number) => convertUnit(nm, "torque", "N·m", nmUnit);
  const along = (line: readonly (readonly [number, number])[]) => line.map(([bar, nm]) => [x(bar), y(nm)]);
  const known = torque.cases.filter((c) => c.differentialBar !== null && c.breakNm !== null);
  const highest = Math.max(...torque.asked.map(([, nm]) => nm), 1);
  const stemShown = torque.stemLimitNm < highest * 2.2;
  const text = axisText(colours);
  const series = (id: keyof typeof lineStyles, more: object = {}) => ({
    type: "line",
    name: id,
    data: along(torque[id]),
    symbol: "none",
    silent: true,
    lineStyle: {
      color: colours[lineStyles[id].colour],
      width: lineStyles[id].width,
      type: lineStyles[id].type,
    },
    ...more,
  });
  return {
    animation: false,
    grid: { left: 54, right: 24, top: 26, bottom: 38 },
    tooltip: { trigger: "item", ...pointerNote(colours) },
    xAxis: {
      type: "value",
      min: 0,
      max: "dataMax",
      name: `differential when closed, ${barUnit}; maker's table ends at ${figure(x(torque.table.at(-1)![0]))}`,
      nameLocation: "middle",
      nameGap: 22,
      nameTextStyle: text,
      axisLabel: { ...text, formatter: figure, showMaxLabel: false },
      splitLine: { lineStyle: { color: colours.grid } },
      axisLine: { lineStyle: { color: colours.rule } },
      axisTick: { show: false },
    },
    yAxis: {
      type: "value",
      min: 0,
      max: Number((y(stemShown ? Math.max(torque.stemLimitNm, highest) : highest) * 1.1).toPrecision(2)),
      name: nmUnit,
      nameTextStyle: { ...text, align: "right" },
      axisLabel: { ...text, showMaxLabel: false, formatter: figure },
      splitLine: { lineStyle: { color: colours.grid } },
    },
    series: [
      series("asked", {
        areaStyle: { color: colours.second, opacity: 0.8 },
        markLine: {
          silent: true,
          symbol: "none",
          lineStyle: { color: colours.fails, type: "dashed" },
          data: stemShown
            ? [
                {
                  yAxis: y(torque.stemLimitNm),
                  label: {
                    formatter: `stem limit ${figureText(torque.stemLimitNm, "N·m", units)}`,
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
      series("grown"),
      series("table"),
      {
        type: "custom",
        name: "cases",
        z: 5,
        data: known.map((c, index) => ({ value: [x(c.differentialBar!), y(c.breakNm!), index] })),
        tooltip: {
          formatter: ({ dataIndex }: { dataIndex: number }) => {
            const c = known[dataIndex]!;
            return [
              c.name,
              `differential ${figureText(c.differentialBar, "bar", units)}`,
              `breakaway at ${figureText(c.breakNm, "N·m", units)}`,
              `required of the actuator ${figureText(c.breakNm! * torque.appliedFactor, "N·m", units)}`,
            ].join("\n");
          },
        },
        renderItem: (
          _: unknown,
          api: { value: (i: number) => number; coord: (v: number[]) => number[]; getWidth: () => number },
        ) => {
          const c = known[api.value(2)]!;
          const places = known.map(
            (operatingCase) =>
              api.coord([x(operatingCase.differentialBar!), y(operatingCase.breakNm!)]) as [number, number],
          );
          const [px, py] = places[api.value(2)]!;
          const labelY = clearOf(places)[api.value(2)]!;
          const leftwards = px > api.getWidth() - 150;
          const verdict = verdicts[c.id] ?? candidate.stations.torque;
          return {
            type: "group",
            children: [
              { type: "circle", shape: { cx: px, cy: py, r: 9 }, style: { fill: colours.paper } },
              boreGraphics(verdict, px, py, 7, colours),
              {
                type: "text",
                style: {
                  text: `${c.name} ${figureText(c.breakNm, "N·m", units)}`,
                  x: leftwards ? px - 12 : px + 12,
                  y: labelY,
                  align: leftwards ? "right" : "left",
                  verticalAlign: "top",
                  fill: c.id === torque.hardest ? colours.ink : colours.dim,
                  font: `${c.id === torque.hardest ? 600 : 400} 12px ${chartFont}`,
                  stroke: colours.paper,
                  lineWidth: 3,
                },
              },
            ],
          };
        },
      },
    ],
  };
}

/** Break-to-open torque over the differential: the maker's table, its growth with time shut, and the demand. */
const TorqueChart = memo(function TorqueChart({
  detail,
  verdicts,
}: {
  detail: CandidateDetail;
  verdicts: Verdicts;
}) {
  const units = useUnits();
  const options = useCallback(
    (colours: PageColours) => torqueOptions(detail, verdicts, units, colours),
    [detail, verdicts, units],
  );
  if (detail.byConstruction)
    return <p className="p-2 text-dim">Generic construction: only the maker can state its torque.</p>;
  const [beyond] = detail.torque.cases.filter((c) => c.breakNm === null);
  return (
    <div className="flex h-full flex-col">
      {beyond && (
        <p className="text-[12px] text-cannot">
          No torque for {beyond.name}:{" "}
          {beyond.differentialBar === null
            ? "its differential pressure is not known."
            : `${figureText(beyond.differentialBar, "bar", units)} is beyond the maker's table.`}
        </p>
      )}
      <div className="min-h-0 flex-1">
        <Chart
          options={options}
          says="Breakaway torque over differential pressure, with the cases. The findings use the same values."
        />
      </div>
    </div>
  );
});

export default TorqueChart;
