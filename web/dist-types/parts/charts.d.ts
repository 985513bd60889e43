import { type EChartsType } from "echarts/core";
/** Colours of the page as the charts need them: as values, not as variables. */
export declare function pageColours(): {
  paper: string;
  second: string;
  rule: string;
  ink: string;
  dim: string;
  grid: string;
  holds: string;
  tight: string;
  fails: string;
  "cannot tell": string;
  "not asked": string;
};
/** Starts a chart on an element and keeps it as large as the element. */
export declare function startChart(element: HTMLElement): {
  chart: EChartsType;
  end: () => void;
};
/** A bore mark as chart graphics: the same shapes as the SVG part. */
export declare function boreGraphics(
  verdict: string,
  x: number,
  y: number,
  radius: number,
  colours: ReturnType<typeof pageColours>,
):
  | {
      type: string;
      shape: {
        cx: number;
        cy: number;
        r: number;
      };
      style: {
        fill: string;
        stroke: string;
        lineWidth: number;
      };
      x?: undefined;
      y?: undefined;
      rotation?: undefined;
      children?: undefined;
    }
  | {
      type: string;
      shape: {
        cx: number;
        cy: number;
        r: number;
      };
      style: {
        stroke?: undefined;
        lineWidth?: undefined;
        fill: string;
      };
      x?: undefined;
      y?: undefined;
      rotation?: undefined;
      children?: undefined;
    }
  | {
      shape?: undefined;
      style?: undefined;
      type: string;
      x: number;
      y: number;
      rotation: number;
      children: (
        | {
            type: string;
            shape: {
              x?: undefined;
              y?: undefined;
              cx: number;
              cy: number;
              r: number;
              width?: undefined;
              height?: undefined;
            };
            style: {
              fill: string;
            };
          }
        | {
            type: string;
            shape: {
              cx?: undefined;
              cy?: undefined;
              r?: undefined;
              x: number;
              y: number;
              width: number;
              height: number;
            };
            style: {
              fill: string;
            };
          }
      )[];
    };
export declare const chartFont = '"Archivo Variable", "Archivo Signs", sans-serif';
//# sourceMappingURL=charts.d.ts.map
