import type { Pad } from "../../basis/reference/pads.ts";
import { type Bracket, threadMm } from "./bracket.ts";
import { line, measure, type Outline, rectangle, type Stroke } from "./strokes.ts";

/** Clearance holes for threads, mm. */
const clearance: Readonly<Record<string, number>> = {
  M5: 5.5,
  M6: 6.6,
  M8: 9,
  M10: 11,
  M12: 13.5,
  M16: 17.5,
  M20: 22,
  M24: 26,
  M30: 33,
  M36: 39,
};

/**
 * Clearance hole of a pad's screws.
 *
 * @param pad ISO 5211 pad
 * @returns diameter, mm
 * @source ISO 273, medium
 * @example holeMm(padOf("F10")) // → 11
 */
export const holeMm = ({ bolt }: Pad): number => clearance[bolt]!;

/**
 * Positions of the screws of a pad.
 *
 * @param pad ISO 5211 pad
 * @returns x and y of each from the stem axis, mm; none is on the axis of the pipe or across it
 * @source ISO 5211: holes are spread evenly off the axes
 * @example screwPlaces(padOf("F10")).length // → 4
 */
const screwPlaces = ({ boltCount, pitchCircleDiameterMm }: Pad): (readonly [number, number])[] =>
  Array.from({ length: boltCount }, (_, index) => {
    const angle = ((index + 0.5) * 2 * Math.PI) / boltCount;
    return [
      (Math.cos(angle) * pitchCircleDiameterMm) / 2,
      (Math.sin(angle) * pitchCircleDiameterMm) / 2,
    ] as const;
  });

/** A plate seen along the stem, with its holes, axes and measures; its middle at a place. */
function plate(x: number, sideMm: number, pad: Pad, middleMm: number, words: number, name: string): Stroke[] {
  const [half, hole] = [sideMm / 2, holeMm(pad)];
  return [
    ...rectangle(x - half, -half, x + half, half),
    ...screwPlaces(pad).map(
      ([dx, dy]): Stroke => ({ kind: "circle", layer: "holes", x: x + dx, y: dy, r: hole / 2 }),
    ),
    { kind: "circle", layer: "holes", x, y: 0, r: middleMm / 2 },
    { kind: "circle", layer: "axes", x, y: 0, r: pad.pitchCircleDiameterMm / 2 },
    line("axes", [x - half - words, 0], [x + half + words, 0]),
    line("axes", [x, -half - words], [x, half + words]),
    ...measure([x - half, -half - 2 * words], [x + half, -half - 2 * words], words, String(sideMm)),
    ...[
      `${name} ${pad.flange}`,
      `${pad.boltCount} x dia ${hole} on dia ${pad.pitchCircleDiameterMm}`,
      `middle dia ${Math.round(middleMm * 10) / 10}`,
    ].map(
      (text, index): Stroke => ({
        kind: "text",
        layer: "measures",
        x: x - half,
        y: half + (4.6 - 1.6 * index) * words,
        heightMm: words,
        text,
      }),
    ),
  ];
}

/**
 * Drilling template of a pad, to lay on a plate and drill through.
 *
 * @param pad ISO 5211 pad
 * @param middleMm hole for the stem, mm
 * @returns the drawing at 1:1
 * @source ISO 5211, ISO 273
 * @example drillingTemplate(padOf("F10"), 40).strokes.filter((s) => s.kind === "circle" && s.layer === "holes").length // → 5
 */
export function drillingTemplate(pad: Pad, middleMm: number): Outline {
  const sideMm = Math.ceil((pad.pitchCircleDiameterMm + 3.5 * threadMm(pad)) / 10) * 10;
  const words = Math.max(3, sideMm / 24);
  const reach = sideMm / 2;
  return {
    title: `Drilling template ${pad.flange}`,
    strokes: plate(0, sideMm, pad, middleMm, words, "Pad"),
    within: [-reach - 2 * words, -reach - 5 * words, reach + 8 * words, reach + 7 * words],
  };
}

/**
 * A bracket: its plates seen along the stem, and it from the side.
 *
 * @param bracket as drawn for a valve and a drive
 * @returns the drawing at 1:1, the lower plate first
 * @source `bracketFor`
 */
export function bracketOutline(bracket: Bracket): Outline {
  const { plateWidthMm: side, heightMm, plateMm, legMm } = bracket;
  const words = Math.max(3, side / 24);
  const step = side + 14 * words;
  const y = 2 * step;
  const [left, right, bottom] = [y - side / 2, y + side / 2, -side / 2];
  const top = bottom + heightMm;
  return {
    title: `Bracket ${bracket.lower.flange} to ${bracket.upper.flange}, height ${heightMm}`,
    strokes: [
      ...plate(0, side, bracket.lower, bracket.lowerHoleMm, words, "Lower plate"),
      ...plate(step, side, bracket.upper, bracket.upperHoleMm, words, "Upper plate"),
      ...rectangle(left, bottom, right, bottom + plateMm),
      ...rectangle(left, top - plateMm, right, top),
      ...rectangle(left, bottom + plateMm, left + legMm, top - plateMm),
      ...rectangle(right - legMm, bottom + plateMm, right, top - plateMm),
      line("axes", [y, bottom - words], [y, top + words]),
      ...measure([right + 2 * words, bottom], [right + 2 * words, top], words, String(heightMm)),
      ...measure([left, bottom - 2 * words], [left + legMm, bottom - 2 * words], words, `${legMm} plate`),
    ],
    within: [
      -side / 2 - 2 * words,
      bottom - 5 * words,
      right + 8 * words,
      Math.max(side / 2, top) + 7 * words,
    ],
  };
}
