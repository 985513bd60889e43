import { describe, expect, it } from "vitest";

import { dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { chlorideCurves } from "../../basis/reference/chloride-limits.ts";
import { corrosionBands } from "../../basis/reference/corrosion.ts";
import { settle } from "../../duty/index.ts";
import { corrosionPictures } from "./corrosion-picture.ts";

const [valve] = shelfWith().valvesFor(50);
const drawn = (change: Parameters<typeof dutyWith>[0]) =>
  corrosionPictures(valve!, settle(dutyWith(change), defaultHouseRules()));

describe("corrosion pictures", () => {
  it("draw no border where there is neither a solution nor chlorides", () => {
    expect(drawn({})).toEqual([]);
  });
  it("step from strength to strength as the table does", () => {
    const [picture] = drawn({
      fluid: { substance: "caustic-50", family: "caustic", strengthPercent: 30 },
      cases: [{ temperatureC: 40 }],
    });
    expect(picture).toMatchObject({ along: "strength", fluid: "caustic soda", at: [30, 50], hottestC: 40 });
    for (const { material, points } of picture!.borders) {
      const bands = corrosionBands("caustic soda", material)!;
      expect(points).toHaveLength(2 * bands.length);
      expect(points[0]).toEqual([0, bands[0]!.tightToC]);
      expect(points.at(-1)![0]).toBe(100);
    }
  });
  it("name the parts of one material together, each mechanism on a line of its own", () => {
    const [picture] = drawn({ fluid: { chloridesMgL: 500 }, cases: [{ temperatureC: 40 }] });
    const of316 = picture!.borders.filter(({ material }) => material === "austenitic 316");
    expect(of316.map(({ mechanism }) => mechanism)).toEqual(["pitting", "cracking"]);
    expect(of316[0]!.parts.length).toBeGreaterThan(1);
    expect(picture!.at).toEqual([500]);
  });
  it("move with acidity and oxygen as the rules do", () => {
    const [neutral] = drawn({ fluid: { chloridesMgL: 500 } });
    const [acid] = drawn({ fluid: { chloridesMgL: 500, ph: 4, oxygenMgL: 0 } });
    const first = ({
      borders,
    }: {
      borders: readonly { points: readonly (readonly [number, unknown])[] }[];
    }) => borders[0]!.points[0]![0];
    expect(chlorideCurves("austenitic 316")[0]!.chloridesMgL).toContain(first(neutral!));
    // Two units below pH 6 quarter the content, and absence of oxygen raises it tenfold.
    expect(first(acid!) / first(neutral!)).toBeCloseTo(2.5, 9);
  });
});
