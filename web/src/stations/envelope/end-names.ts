import { figureText, type Reading } from "@proven-seat/core/basis/units";
import type { Envelope, TemperatureEnd } from "@proven-seat/core/judgement/proof";

export interface EndName {
  /** Temperature in the reader's unit. */
  readonly x: number;
  readonly text: string;
  /** Side of its line on which the upright name is, and end of the line. */
  readonly position: "insideEndTop" | "insideEndBottom" | "insideStartTop" | "insideStartBottom";
}

/** The part that ends it, without the rest of its name. */
const shortName = (name: string) => name.split(/[:,]/)[0]!;

/** Left of the line for continuous service, right of it for outside: side by side, never overlapping. */
const side = (end: TemperatureEnd["end"]) => (end === "stays to" ? "Top" : "Bottom");

/**
 * Names of the visible ends of an envelope. A name moves to the foot of its line where a case is at its head, or where
 * the name of another end faces it.
 */
export function endNames(
  ends: Envelope["ends"],
  cases: readonly { readonly temperature: number; readonly pressure: number }[],
  units: Reading,
  t: (c: number) => number,
  [xMin, xMax]: readonly [number, number],
  top: number,
): EndName[] {
  const near = (a: number, b: number) => Math.abs(a - b) < (xMax - xMin) * 0.08;
  const shown = ends.filter((e) => t(e.temperatureC) >= xMin && t(e.temperatureC) <= xMax);
  const highest = shown.find((e) => e.end === "stays to");
  return shown.map((e) => {
    const x = t(e.temperatureC);
    const occupied = cases.some((c) => near(c.temperature, x) && c.pressure > top * 0.45);
    const faced = e.end === "lowest" && highest !== undefined && near(t(highest.temperatureC), x);
    return {
      x,
      text: `${e.end === "lowest" ? "" : `${e.end} `}${figureText(e.temperatureC, "°C", units)}, ${shortName(e.name)}`,
      position: `inside${occupied || faced ? "Start" : "End"}${side(e.end)}`,
    };
  });
}
