import { describe, expect, it } from "vitest";
import { demoDuty, demoTags } from "../../../test/demo.ts";
import { tries } from "../../../test/effort.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { constructionNamed, constructions } from "../../construction/bodies/constructions.ts";
import { emptyDuty } from "../../duty/statement/duty.ts";
import { readCatalogueDocument } from "../../equipment/catalogue/check.ts";
import { lineByConstruction } from "../../equipment/unlisted/line.ts";
import { isByConstruction, valveByConstruction } from "../../equipment/unlisted/valve.ts";
import { byConstruction } from "./by-construction.ts";

const house = defaultHouseRules();
const byNumber = (id: string, number: string) =>
  byConstruction(constructionNamed(id)!, demoDuty(number), house);

describe("a line by construction", () => {
  it("is a valid catalogue line, for every construction in a size it is built in", () => {
    for (const construction of constructions) {
      const [designation, [from]] = Object.entries(construction.builtTo)[0]!;
      const line = lineByConstruction(construction, from, designation, "b7m")!;
      const reading = readCatalogueDocument({
        format: "proven-seat-catalogue/9",
        name: "n",
        revision: 1,
        status: "s",
        currency: "EUR",
        lines: [line],
        drives: [],
      });
      expect(reading.faults.map((f) => `${construction.id} ${f.field}: ${f.reason}`)).toEqual([]);
    }
  });
  it("does not exist in a size or class the construction is not built in", () => {
    expect(lineByConstruction(constructionNamed("tilt-away")!, 2000, "class 300", "b7m")).toBeNull();
    expect(
      lineByConstruction(constructionNamed("butterfly-concentric")!, 100, "class 1500", "b7m"),
    ).toBeNull();
    expect(lineByConstruction(constructionNamed("trunnion-welded")!, 100, "PN 40", "b7m")).not.toBeNull();
  });
});

describe("by construction", () => {
  it("needs a size and a line class", () => {
    expect(byConstruction(constructions[0]!, emptyDuty, house)).toBeNull();
    expect(byNumber("floating-one-piece", "XV-9001")).toBeNull();
  });
  it("finds materials for seawater where carbon steel fails", () => {
    const found = byNumber("trunnion-side-entry", "XV-6001")!;
    expect(found.failing).toEqual([]);
    // Warmer than the crevice limit of super duplex.
    expect(found.candidate.valve.grade.grade).toBe("Alloy 625");
  });
  it("reports what no choice of parts can mend", () => {
    const found = byNumber("floating-two-piece", "XV-2044")!;
    // With an unstated far side, seats of this size relieve above the rating of class 300.
    expect(found.failing.map((f) => f.rule)).toEqual(["body/threaded-ends", "envelope/trapped-cavity"]);
  });
  it("never uses an estimate as a torque", () => {
    const found = byNumber("plug-sleeved", "XV-3017")!;
    expect(found.candidate.findings.find((f) => f.rule === "torque/torque-known")!.verdict).toBe(
      "cannot tell",
    );
  });
  it("is found again by its key, while the duty has the same size and class", () => {
    const found = byNumber("trunnion-side-entry", "XV-6001")!;
    const { key } = found.candidate.valve;
    expect(isByConstruction(key)).toBe(true);
    expect(valveByConstruction(key, demoDuty("XV-6001"))?.trim.name).toBe(found.candidate.valve.trim.name);
    expect(valveByConstruction(key, { ...demoDuty("XV-6001"), dn: 100 })).toBeNull();
    expect(valveByConstruction(key, emptyDuty)).toBeNull();
    expect(valveByConstruction("fennimoor-trunnion|50", demoDuty("XV-6001"))).toBeNull();
  });
  it("never throws, for any duty", () => {
    for (const { duty } of demoTags.filter((_, i) => i % tries(32, 1) === 0))
      for (const construction of constructions)
        expect(() => byConstruction(construction, duty, house)).not.toThrow();
  });
});
