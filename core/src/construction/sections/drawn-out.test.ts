import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/demo.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { labelled } from "../bodies/assembly/labels.ts";
import { constructions } from "../bodies/constructions.ts";
import { shapesOf } from "./drawn-out.ts";
import { sectionViews } from "./section-views.ts";
import type { View } from "./shape.ts";

const valveOf = (id: string): Valve =>
  [25, 50, 80, 100, 150].flatMap((dn) => demoShelf.valvesFor(dn)).find((v) => v.construction.id === id)!;
const viewOf = ({ size, construction, cavity }: Valve): View =>
  sectionViews(construction.id, {
    dimensions: { ...size, ...size.geometry, faceToFaceMm: size.faceToFaceMm },
    openingDegrees: 0,
    cavity: cavity.id,
    thrustN: 0,
    seatLoadN: 0,
  })[0]!;
const middle = (view: View, i: number) => {
  const xs = [...view.shapes[i]!.path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((pair) => Number(pair[1]));
  return xs.reduce((a, b) => a + b, 0) / xs.length;
};

describe("shapes a piece is drawn as", () => {
  const view = viewOf(valveOf("trunnion-side-entry"));
  const place = (part: string) => view.places.find((place) => place.part === part)!.at;
  it("of one of two seats are those of its side only", () => {
    const [x, y] = place("seats");
    const [here, there] = [
      shapesOf(view, "seat", [-Math.abs(x), y], true),
      shapesOf(view, "seat", [Math.abs(x), y], true),
    ];
    expect(here.length).toBeGreaterThan(0);
    expect(here.every((i) => middle(view, i) < 0)).toBe(true);
    expect(there.every((i) => middle(view, i) > 0)).toBe(true);
    expect(here).toHaveLength(there.length);
  });
  it("of packing do not include the seals of the seats", () => {
    const packing = shapesOf(view, "seal", place("packing"), false);
    const rings = shapesOf(view, "seal", place("seat-seals"), false);
    expect(packing.length).toBeGreaterThan(0);
    expect(packing.filter((i) => rings.includes(i))).toEqual([]);
    // Both halves of each ring, and both seats' seals, above and below.
    for (const shapes of [packing, rings])
      expect(shapes.reduce((sum, i) => sum + middle(view, i), 0)).toBeCloseTo(0, 6);
    expect(rings).toHaveLength(4);
  });
  it("are none where the drawing does not show the piece", () => {
    expect(shapesOf(view, "fitting", [0, 0], false)).toEqual([]);
    expect(shapesOf(view, "seat", null, false)).toEqual([]);
  });
  it.each(constructions)("of stem and closing member of $id are there whole", ({ id }) => {
    const valve = valveOf(id);
    const drawn = viewOf(valve);
    const parts = labelled(valve.construction.parts, valve.construction.assembly(valve.cavity.id));
    expect(parts.length).toBeGreaterThan(0);
    expect(shapesOf(drawn, "closing member", null, false).length).toBeGreaterThan(0);
  });
});
