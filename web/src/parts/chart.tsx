import { useEffect, useRef } from "react";
import { useReading } from "../app/reading.ts";
import { type PageColours, pageColours, startChart } from "./charts.ts";

/** A chart with the colours of the page; `options` must stay the same object while the data does. */
export function Chart({
  options,
  says,
}: {
  options: (colours: PageColours) => Record<string, unknown>;
  /** Text alternative. */
  says: string;
}) {
  const element = useRef<HTMLDivElement>(null);
  const chart = useRef<ReturnType<typeof startChart> | null>(null);
  const theme = useReading((s) => s.theme);
  useEffect(() => {
    chart.current = startChart(element.current!);
    return () => chart.current?.end();
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the theme changes the colours read from the page
  useEffect(() => {
    chart.current?.chart.setOption(options(pageColours()), { notMerge: true });
  }, [options, theme]);
  return <div ref={element} className="h-full w-full" role="img" aria-label={says} />;
}
