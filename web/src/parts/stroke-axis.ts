import { angles, type Place, type Profile } from "@proven-seat/core/basis/stroke";
import { figure } from "@proven-seat/core/basis/units";
import { axisText, type PageColours, pointerNote } from "./charts.ts";

/** Opening runs from 0 to 90°, closing back from 90 to 0: drawn side by side with a gap between. */
const closingFrom = 135;

/** Place of a point of the stroke on the axis. */
export const across = ({ stroke, degrees }: Place): number =>
  stroke === "opening" ? degrees : closingFrom + 90 - degrees;
const angleAt = (x: number) => (x <= 90 ? x : closingFrom + 90 - x);

type Points = (readonly [x: number, y: number | null])[];

/** The frame of a chart over both strokes in a unit of torque, and the place of a profile in it. */
export function strokeFrame(colours: PageColours, unit: string) {
  const text = axisText(colours);
  const line = (profile: Profile, name: Place["stroke"], shown: (nm: number) => number) =>
    profile[name].map((nm, i) => [across({ stroke: name, degrees: angles[i]! }), shown(nm)] as const);
  return {
    along: (profile: Profile | null, shown: (nm: number) => number): Points =>
      profile
        ? [...line(profile, "opening", shown), [100, null], ...line(profile, "closing", shown).reverse()]
        : [],
    frame: {
      animation: false,
      grid: { left: 54, right: 16, top: 30, bottom: 38 },
      tooltip: {
        trigger: "axis",
        ...pointerNote(colours),
        valueFormatter: (v: unknown) => (v == null ? "–" : `${figure(Number(v))} ${unit}`),
      },
      xAxis: {
        type: "value",
        min: 0,
        max: across({ stroke: "closing", degrees: 0 }),
        interval: 45,
        axisLabel: { ...text, formatter: (x: number) => `${angleAt(x)}°` },
        axisLine: { lineStyle: { color: colours.rule } },
        axisTick: { show: false },
        splitLine: { show: true, lineStyle: { color: colours.grid } },
        name: "opening 0 to 90°, then closing",
        nameLocation: "middle",
        nameGap: 22,
        nameTextStyle: text,
      },
      yAxis: {
        type: "value",
        min: 0,
        name: unit,
        nameTextStyle: { ...text, align: "right" },
        axisLabel: { ...text, showMaxLabel: false, formatter: figure },
        splitLine: { lineStyle: { color: colours.grid } },
      },
    },
  };
}
