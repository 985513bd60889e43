import { describe, expect, it } from "vitest";
import { constructions } from "../bodies/constructions.ts";
import { boreInElevation } from "./ball-parts.ts";
import { sectionViews } from "./section-views.ts";
import type { SectionDimensions, SectionOf, Shape, View } from "./shape.ts";

const dimensions: SectionDimensions = {
  boreMm: 74,
  closureDiameterMm: 115,
  seatContactDiameterMm: 82,
  seatWidthMm: 5,
  stemDiameterMm: 25,
  offsetsMm: [14, 4],
  faceToFaceMm: 283,
};
const setting = (change: Partial<SectionOf> = {}): SectionOf => ({
  dimensions,
  openingDegrees: 0,
  cavity: "plain",
  thrustN: 20_000,
  seatLoadN: 22_000,
  ...change,
});
const views = (id: string, change: Partial<SectionOf> = {}) => {
  const [along, above] = sectionViews(id, setting(change)) as [View, View];
  return { along, above };
};
/** Outlines of a shape as points. */
const outlines = (shape: Shape) =>
  shape.path
    .split("M")
    .filter(Boolean)
    .map((part) =>
      part
        .replace("Z", "")
        .split("L")
        .map((p) => p.split(" ").map(Number) as [number, number]),
    );
const extent = (shapes: readonly Shape[]) => {
  const points = shapes.flatMap(outlines).flat();
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
};
const made = (view: View, role: Shape["role"]) => view.shapes.filter((s) => s.role === role);

describe("sections", () => {
  it("are drawn for every construction, at every opening and size, inside their box", () => {
    for (const { id, cavities } of constructions)
      for (const cavity of cavities)
        for (const openingDegrees of [0, 1, 45, 90])
          for (const scale of [0.2, 1, 6]) {
            const scaled = Object.fromEntries(
              Object.entries(dimensions).map(([k, v]) => [
                k,
                Array.isArray(v) ? v.map((n) => n * scale) : (v as number) * scale,
              ]),
            ) as unknown as SectionDimensions;
            const drawn = sectionViews(id, setting({ dimensions: scaled, cavity, openingDegrees }));
            expect(drawn.map((v) => v.name)).toEqual(["along the stem", "from above"]);
            for (const view of drawn) {
              const { left, right, bottom, top } = extent(view.shapes.filter((s) => s.role !== "axis"));
              const { box } = view;
              const inside = left >= box.left && right <= box.right && bottom >= box.bottom && top <= box.top;
              const drawable = view.shapes.every((shape) => !/NaN|Infinity/.test(shape.path));
              if (!inside || !drawable)
                expect.fail(`${id} ${view.name}: ${[left, right, bottom, top]} ${drawable}`);
            }
          }
  });
  it("label parts the construction has, and leave none of them out", () => {
    for (const { id, parts } of constructions) {
      const named = sectionViews(id, setting()).flatMap((v) => v.places.map((p) => p.part));
      const known = parts.map((p) => p.id);
      expect(
        named.filter((part) => !known.includes(part)),
        id,
      ).toEqual([]);
      expect(
        known.filter((part) => !named.includes(part)),
        id,
      ).toEqual([]);
    }
  });
});

describe("mechanics of the drawing", () => {
  it("cuts a bore as an ellipse as long as the bore is wide over the sine of its angle", () => {
    const wide = (opening: number) => Math.max(...boreInElevation(60, 20, opening).map(([x]) => x));
    expect(wide(0)).toBeCloseTo(20, 6);
    expect(wide(60)).toBeCloseTo(40, 6);
    // Open, it runs through the ball and leaves a cap above and below it.
    expect(Math.max(...boreInElevation(60, 20, 90).map(([, y]) => y))).toBeLessThanOrEqual(20);
    expect(wide(90)).toBeCloseTo(60, 6);
  });
  it("puts a floating ball's slot along the pipe while shut, and across it while open", () => {
    const slot = (openingDegrees: number) =>
      extent(made(views("floating-two-piece", { openingDegrees }).above, "hidden").slice(-1));
    const shut = slot(0);
    const open = slot(90);
    expect(shut.right - shut.left).toBeGreaterThan(2 * (shut.top - shut.bottom));
    expect(open.top - open.bottom).toBeGreaterThan(2 * (open.right - open.left));
    // Shut, the stem's foot is shorter than the slot along the pipe: the ball can move on to its seat.
    const { along } = views("floating-two-piece");
    const foot = extent(made(along, "stem").slice(-1));
    expect(foot.right - foot.left).toBeLessThan(shut.right - shut.left);
  });
  it("gives a floating ball no bearing, and a trunnion ball one above and one below", () => {
    expect(made(views("floating-three-piece").along, "bearing")).toEqual([]);
    for (const id of ["trunnion-side-entry", "trunnion-welded", "trunnion-top-entry"]) {
      const { along } = views(id);
      const bearings = made(along, "bearing").map((b) => extent([b]));
      const radius = dimensions.closureDiameterMm / 2;
      expect(
        bearings.some((b) => b.top < 0 && b.top > -radius),
        id,
      ).toBe(true);
      expect(
        bearings.some((b) => b.bottom > 0),
        id,
      ).toBe(true);
      // The lower pin reaches into the ball but not into its bore.
      const pin = made(along, "stem")
        .map((s) => extent([s]))
        .find((s) => s.bottom < -radius)!;
      expect(pin.top).toBeGreaterThan(-radius);
      expect(pin.top).toBeLessThan(-dimensions.boreMm / 2);
    }
  });
  it("sets an eccentric shaft behind the seat and beside the middle, a concentric one on both", () => {
    const shaft = (id: string) => {
      const s = extent(made(views(id).above, "stem").slice(-1));
      return [(s.left + s.right) / 2, (s.top + s.bottom) / 2];
    };
    expect(shaft("butterfly-concentric")[0]).toBeCloseTo(0, 1);
    expect(shaft("butterfly-concentric")[1]).toBeCloseTo(0, 1);
    for (const id of ["butterfly-double-offset", "butterfly-triple-offset"]) {
      expect(shaft(id)[0]).toBeCloseTo(14, 1);
      expect(shaft(id)[1]).toBeCloseTo(4, 1);
    }
    expect(shaft("plug-eccentric")[1]).toBeCloseTo(4, 1);
  });
  it("tilts the cone of a triple-offset disc only", () => {
    const rim = (id: string) => {
      const plate = outlines(made(views(id).above, "closure")[0]!)[0]!;
      const left = plate.filter(([x]) => x < 0).map(([, y]) => y);
      return Math.max(...left) + Math.min(...left);
    };
    expect(rim("butterfly-double-offset")).toBeCloseTo(0, 1);
    expect(Math.abs(rim("butterfly-triple-offset"))).toBeGreaterThan(0.2);
  });
  it("moves a tilting core clear of its seat before it turns", () => {
    const core = (openingDegrees: number) =>
      extent(made(views("tilt-away", { openingDegrees }).above, "closure"));
    expect(made(views("tilt-away").above, "seat")).toHaveLength(2);
    expect(core(0).right).toBeCloseTo(dimensions.closureDiameterMm / 2, 0);
    expect(core(8).right).toBeLessThan(core(0).right - 2);
  });
  it("shows the content of the shut cavity", () => {
    const colour = (cavity: string) => views("floating-two-piece", { cavity }).along.shapes[0]!.role;
    expect(colour("plain")).toBe("cavity");
    expect(colour("upstream hole")).toBe("upstream");
  });
  it("shows forces only while shut, as given", () => {
    for (const { id } of constructions.filter((c) => c.ways === 2 && c.id !== "segment-ball")) {
      const shut = views(id).along.forces;
      expect(shut.length, id).toBeGreaterThan(0);
      expect([20_000, 22_000]).toContain(shut[0]!.newtons);
      expect(views(id, { openingDegrees: 60 }).along.forces, id).toEqual([]);
    }
  });
  it("opens a port of a three-way ball to the third end first", () => {
    const { above } = views("three-way-l");
    expect(extent(above.shapes).bottom).toBeLessThan(-dimensions.boreMm);
    expect(sectionViews("no such construction", setting())).toEqual([]);
  });
});
