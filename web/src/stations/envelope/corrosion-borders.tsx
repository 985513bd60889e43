import { convertUnit, figure, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import type { CorrosionBorder, CorrosionPicture } from "@proven-seat/core/judgement/proof";
import { memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Chart } from "../../parts/chart.tsx";
import { axisText, chartFont, type PageColours, pointerNote } from "../../parts/charts.ts";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";

/** Dashes tell the materials apart without colour. */
const dashes = ["solid", [8, 3], [2, 3], [8, 3, 2, 3], [4, 4], [12, 4], [1, 2], [10, 2, 2, 2, 2, 2]] as const;

const nameOf = ({ material, mechanism }: CorrosionBorder, along: CorrosionPicture["along"]) =>
  along === "chlorides" ? `${material}, ${mechanism}` : material;

/** Temperature over strength or content: one line a material, the duty as crossing lines. */
function corrosionOptions(
  { along, at, hottestC, borders }: CorrosionPicture,
  units: Reading,
  colours: PageColours,
): Record<string, unknown> {
  const unit = shownUnit("temperature", units);
  const t = (c: number | null) => (c === null ? null : convertUnit(c, "temperature", "°C", unit));
  const text = axisText(colours);
  const axis = {
    nameTextStyle: text,
    axisLabel: { ...text, formatter: figure },
    splitLine: { lineStyle: { color: colours.grid } },
    axisLine: { lineStyle: { color: colours.rule } },
    axisTick: { show: false },
  };
  const mark = { lineStyle: { color: colours.ink, width: 2 }, symbol: "none", silent: true };
  return {
    animation: false,
    textStyle: { fontFamily: chartFont },
    grid: { left: 54, right: 24, top: 26, bottom: 38 },
    tooltip: { trigger: "item", ...pointerNote(colours) },
    xAxis: {
      type: along === "chlorides" ? "log" : "value",
      min: along === "chlorides" ? 10 : 0,
      max: along === "chlorides" ? 300_000 : 100,
      name: along === "chlorides" ? "chlorides, mg/l" : "strength, % by weight",
      nameLocation: "middle",
      nameGap: 22,
      ...axis,
    },
    yAxis: { type: "value", name: unit, ...axis },
    series: borders.map((border, index) => ({
      type: "line",
      name: nameOf(border, along),
      data: border.points.map(([x, c]) => [x, t(c)]),
      symbol: "circle",
      symbolSize: 5,
      clip: true,
      connectNulls: false,
      color: colours.ink,
      lineStyle: { color: colours.ink, width: 1.4, type: dashes[index % dashes.length] },
      tooltip: { formatter: `${border.parts.join(", ")}: ${nameOf(border, along)}` },
      ...(index > 0
        ? {}
        : {
            markLine: {
              ...mark,
              label: { ...text, formatter: "{b}", position: "insideEndTop" },
              data: [
                ...at.map((x) => ({ xAxis: x, name: "duty" })),
                ...(hottestC === null ? [] : [{ yAxis: t(hottestC), name: "hottest with fluid" }]),
              ],
            },
          }),
    })),
  };
}

function Border({
  border,
  along,
  index,
}: {
  border: CorrosionBorder;
  along: CorrosionPicture["along"];
  index: number;
}) {
  const dash = dashes[index % dashes.length]!;
  return (
    <tr className="border-b border-rule/60 align-top">
      <td className="py-0.5 pr-2">
        <svg width="34" height="8" aria-hidden="true">
          <line
            x1="0"
            x2="34"
            y1="4"
            y2="4"
            stroke="var(--ink)"
            strokeWidth="1.4"
            strokeDasharray={dash === "solid" ? undefined : dash.join(" ")}
          />
        </svg>
      </td>
      <td className="py-0.5 pr-3">{border.parts.join(", ")}</td>
      <td className="py-0.5 pr-3">{border.material}</td>
      <td className="py-0.5">
        {border.mechanism}
        {along === "strength" &&
          border.points.every(([, c]) => c === null) &&
          " · attacked at every strength"}
      </td>
    </tr>
  );
}

function Picture({ picture, units }: { picture: CorrosionPicture; units: Reading }) {
  const options = useCallback(
    (colours: PageColours) => corrosionOptions(picture, units, colours),
    [picture, units],
  );
  return (
    <section className="p-2">
      <h3 className="font-semibold">
        {picture.fluid[0]!.toUpperCase() + picture.fluid.slice(1)}: temperature limit by{" "}
        {picture.along === "chlorides" ? "content" : "strength"}
      </h3>
      <p className="text-[12px] text-dim">
        Indicative figures of practice, for screening only. Above its line, or where the line has a gap, the
        material is attacked or not proven. Ask the maker for the limit at your conditions.
        {picture.at.length === 0 && " The duty states no strength."}
      </p>
      <div className="h-64">
        <Chart
          options={options}
          says={`Temperature limits in ${picture.fluid} for ${picture.borders.map((b) => b.material).join(", ")}. The table below names them.`}
        />
      </div>
      <table className="w-full border-collapse text-left">
        <thead className="text-[12px] text-dim">
          <tr className="border-b border-rule">
            <th className="font-normal">line</th>
            <th className="font-normal">parts</th>
            <th className="font-normal">material</th>
            <th className="font-normal">mechanism</th>
          </tr>
        </thead>
        <tbody>
          {picture.borders.map((border, index) => (
            <Border
              key={`${border.material} ${border.mechanism}`}
              border={border}
              along={picture.along}
              index={index}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Borders of corrosion of the selected candidate's materials, drawn when asked for. */
const CorrosionBorders = memo(function CorrosionBorders({ view }: { view: BenchView }) {
  const units = useUnits();
  const { answer: pictures, failure } = useAnswer(view.proof, "corrosion", [view.selected!.candidate.key]);
  if (pictures === undefined) return <Coming failure={failure}>Drawing the borders …</Coming>;
  if (pictures.length === 0)
    return (
      <p className="p-2 text-dim">
        No border to draw: the fluid is no listed solution and states no chlorides, or no wetted material has
        a limit in it.
      </p>
    );
  return (
    <Scroll label="Corrosion borders" className="min-h-0 flex-1">
      {pictures.map((picture) => (
        <Picture key={picture.along} picture={picture} units={units} />
      ))}
    </Scroll>
  );
});

export default CorrosionBorders;
