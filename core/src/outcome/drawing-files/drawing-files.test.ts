import DxfParser from "dxf-parser";
import { describe, expect, it } from "vitest";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { padOf, pads } from "../../basis/reference/pads.ts";
import { bracketFor } from "../../mechanics/fit-up/bracket.ts";
import { couplingFor } from "../../mechanics/fit-up/coupling.ts";
import { couplingOutline } from "../../mechanics/fit-up/coupling-outline.ts";
import { bracketOutline, drillingTemplate, holeMm } from "../../mechanics/fit-up/outline.ts";
import type { Outline } from "../../mechanics/fit-up/strokes.ts";
import { dxfOf } from "./dxf.ts";
import { svgOf } from "./svg.ts";

/** Content of a file as an independent reader sees it. */
function read(outline: Outline) {
  const found = new DxfParser().parseSync(dxfOf(outline))!;
  const circles = found.entities.filter((e) => e.type === "CIRCLE") as unknown as {
    layer: string;
    center: { x: number; y: number };
    radius: number;
  }[];
  return { header: found.header, entities: found.entities, circles };
}

describe("a drilling template, read by an independent reader", () => {
  it.each(pads.map((p) => p.flange))("%s has its holes on its circle, in millimetres", (flange) => {
    const pad = padOf(flange)!;
    const { header, circles } = read(drillingTemplate(pad, 30));
    // 4 is millimetres.
    expect(header.$INSUNITS).toBe(4);
    const holes = circles.filter((c) => c.layer === "holes" && Math.hypot(c.center.x, c.center.y) > 1);
    expect(holes).toHaveLength(pad.boltCount);
    for (const { center, radius } of holes) {
      expect(2 * radius).toBeCloseTo(holeMm(pad), 6);
      expect(2 * Math.hypot(center.x, center.y)).toBeCloseTo(pad.pitchCircleDiameterMm, 6);
      // None on the pipe's axis or across it.
      expect(Math.min(Math.abs(center.x), Math.abs(center.y))).toBeGreaterThan(1);
    }
    const circle = circles.find((c) => c.layer === "axes")!;
    expect(2 * circle.radius).toBe(pad.pitchCircleDiameterMm);
    const middle = circles.find((c) => c.layer === "holes" && c.center.x === 0 && c.center.y === 0)!;
    expect(2 * middle.radius).toBe(30);
  });
});

describe("a bracket", () => {
  const [lower, upper] = [padOf("F10")!, padOf("F14")!];
  const bracket = bracketFor(
    { lower, upper, leastHeightMm: 70, turningMm: 50 },
    { forceN: 200, centreMm: 80 },
    900,
    defaultHouseRules(),
  );
  const outline = bracketOutline(bracket);
  it("has both plates with the holes of both, and its height at 1:1", () => {
    const { circles, entities } = read(outline);
    expect(circles.filter((c) => c.layer === "holes")).toHaveLength(lower.boltCount + upper.boltCount + 2);
    const edges = entities.filter((e) => e.type === "LINE" && e.layer === "edges") as unknown as {
      vertices: { x: number; y: number }[];
    }[];
    const words = Math.max(3, bracket.plateWidthMm / 24);
    const left = 2 * (bracket.plateWidthMm + 14 * words) - bracket.plateWidthMm / 2;
    const side = edges.flatMap((e) => e.vertices).filter((v) => v.x >= left);
    const heights = side.map((v) => v.y);
    expect(Math.max(...heights) - Math.min(...heights)).toBe(bracket.heightMm);
    expect(
      entities.filter((e) => e.type === "TEXT").map((e) => (e as unknown as { text: string }).text),
    ).toContain(String(bracket.heightMm));
  });
  it("is the same file each time", () => expect(dxfOf(outline)).toBe(dxfOf(outline)));
  it("prints at 1:1 as SVG, with every line inside", () => {
    const svg = svgOf(outline);
    const [, wide, high] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg)!.map(Number);
    const [, left, top, boxWide, boxHigh] = /viewBox="(\S+) (\S+) (\S+) (\S+)"/.exec(svg)!.map(Number);
    expect([boxWide, boxHigh]).toEqual([wide, high]);
    for (const stroke of outline.strokes) {
      const points =
        stroke.kind === "line"
          ? [stroke.from, stroke.to]
          : stroke.kind === "circle"
            ? [
                [stroke.x - stroke.r, stroke.y - stroke.r],
                [stroke.x + stroke.r, stroke.y + stroke.r],
              ]
            : [[stroke.x, stroke.y]];
      for (const [x, y] of points as number[][]) {
        expect(x).toBeGreaterThanOrEqual(left!);
        expect(x).toBeLessThanOrEqual(left! + boxWide!);
        expect(-y!).toBeGreaterThanOrEqual(top!);
        expect(-y!).toBeLessThanOrEqual(top! + boxHigh!);
      }
    }
  });
});

describe("a coupling", () => {
  const bore = { form: "double square", acrossMm: 27, depthMm: 29 } as const;
  const stem = (form: "square parallel" | "square diagonal" | "flat head" | "keyed") => ({
    form,
    acrossMm: 32,
    heightMm: 36,
    flats: null,
    keys: form === "keyed" ? 1 : null,
  });
  it.each(["square parallel", "square diagonal", "flat head", "keyed"] as const)(
    "of a %s has its length and its outside at 1:1",
    (form) => {
      const made = couplingFor(stem(form), bore, 300, defaultHouseRules());
      const { circles, entities } = read(couplingOutline(made));
      const edges = entities.filter((e) => e.type === "LINE" && e.layer === "edges") as unknown as {
        vertices: { x: number; y: number }[];
      }[];
      const side = edges.flatMap((e) => e.vertices).filter((v) => v.x <= made.outsideMm / 2 + 1e-9);
      const spread = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
      expect(spread(side.map((v) => v.y))).toBeCloseTo(made.lengthMm, 6);
      expect(spread(side.map((v) => v.x))).toBeCloseTo(made.outsideMm, 6);
      expect(circles.filter((c) => Math.abs(2 * c.radius - made.outsideMm) < 1e-9)).toHaveLength(2);
      const words = entities
        .filter((e) => e.type === "TEXT")
        .map((e) => (e as unknown as { text: string }).text);
      expect(words.some((w) => w.startsWith(`Socket: ${form} 32, 36 deep`))).toBe(true);
    },
  );
});
