import { CustomChart, LineChart } from "echarts/charts";
import {
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  MarkPointComponent,
  TooltipComponent,
} from "echarts/components";
import { type EChartsType, init, use } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";

use([
  MarkAreaComponent,
  MarkPointComponent,
  LineChart,
  CustomChart,
  GridComponent,
  TooltipComponent,
  MarkLineComponent,
  SVGRenderer,
]);

/** Colours of the page as the charts need them: as values, not as variables. */
export function pageColours() {
  const style = getComputedStyle(document.documentElement);
  const colour = (name: string) => style.getPropertyValue(name).trim();
  return {
    paper: colour("--paper"),
    second: colour("--second"),
    rule: colour("--rule"),
    ink: colour("--ink"),
    dim: colour("--dim"),
    grid: colour("--grid"),
    holds: colour("--holds"),
    tight: colour("--tight"),
    fails: colour("--fails"),
    "cannot tell": colour("--cannot"),
    "not asked": colour("--dim"),
  };
}

export type PageColours = ReturnType<typeof pageColours>;

/** A note at the pointer, as all charts have it. */
export const pointerNote = (colours: PageColours) => ({
  renderMode: "richText",
  backgroundColor: colours.paper,
  borderColor: colours.ink,
  borderRadius: 0,
  textStyle: { color: colours.ink, fontFamily: chartFont, fontSize: 12 },
});

/** Small words along axes and lines. */
export const axisText = (colours: PageColours) => ({
  color: colours.dim,
  fontFamily: chartFont,
  fontSize: 11,
});

/** Starts a chart on an element and follows the size of the element. */
export function startChart(element: HTMLElement): { chart: EChartsType; end: () => void } {
  const chart = init(element, null, { renderer: "svg" });
  const watch = new ResizeObserver(() => chart.resize());
  watch.observe(element);
  return {
    chart,
    end: () => {
      watch.disconnect();
      chart.dispose();
    },
  };
}

/** A bore mark as chart graphics: the same shapes as the SVG part. */
export function boreGraphics(verdict: string, x: number, y: number, radius: number, colours: PageColours) {
  const colour = colours[verdict as "holds"] ?? colours.dim;
  if (verdict === "cannot tell")
    return {
      type: "circle",
      shape: { cx: x, cy: y, r: radius - 1 },
      style: { fill: colours.paper, stroke: colour, lineWidth: 1.8 },
    };
  if (verdict === "not asked")
    return { type: "circle", shape: { cx: x, cy: y, r: 2.5 }, style: { fill: colour } };
  const turn = { holds: 0, tight: -Math.PI / 4, fails: Math.PI / 2 }[verdict] ?? 0;
  const half = radius * 0.31;
  const reach = Math.sqrt(radius * radius - half * half);
  return {
    type: "group",
    x,
    y,
    rotation: turn,
    children: [
      { type: "circle", shape: { cx: 0, cy: 0, r: radius }, style: { fill: colour } },
      {
        type: "rect",
        shape: { x: -reach, y: -half, width: 2 * reach, height: 2 * half },
        style: { fill: colours.paper },
      },
    ],
  };
}

export const chartFont = '"Archivo Variable", "Archivo Signs", sans-serif';
