import { describe, expect, it } from "vitest";
import { demoDuty, demoProof, demoShelf, demoTags } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { gravityOf } from "../rules/finding.ts";
import { sideBySide } from "./side-by-side.ts";

const house = defaultHouseRules();
const bestOf = (number: string) => {
  const duty = demoDuty(number);
  const [best] = demoProof(number).candidates;
  return { best: best!, kinds: sideBySide(duty, demoShelf, house, best!) };
};

describe("kinds of actuator side by side", () => {
  it("include every kind that turns the stem, without springs and with them, each once", () => {
    const { kinds } = bestOf("XV-1021");
    expect(new Set(kinds.map((k) => k.kind))).toEqual(
      new Set(
        demoShelf.families.filter(({ turns }) => turns === "quarter turn").map(({ family }) => family.kind),
      ),
    );
    expect(new Set(kinds.map((k) => `${k.kind} ${k.sprung}`)).size).toBe(kinds.length);
    expect(
      kinds
        .filter((k) => k.kind === "rack-and-pinion")
        .map((k) => k.sprung)
        .sort(),
    ).toEqual([false, true]);
    expect(kinds.filter((k) => k.kind === "lever")).toHaveLength(1);
  });
  it("include the actuator the proof picked, with its price and verdict", () => {
    for (const { number, duty } of demoTags
      .filter((t) => t.duty.dn !== null)
      .filter((_, index) => index % 4 === 0)) {
      const { best, kinds } = bestOf(number);
      if (!best.drive || duty.operator === "any") continue;
      const row = kinds.find((k) => k.key === best.key);
      expect(row, number).toBeDefined();
      expect(row!.price).toBeCloseTo(best.price - best.valve.price, 9);
      expect(row!.verdict).toBe(
        gravityOf(best.stations.drive) >= gravityOf(best.stations["fit-up"])
          ? best.stations.drive
          : best.stations["fit-up"],
      );
    }
  });
  it("list what each cannot do: a motor without springs does not close by itself", () => {
    const { kinds } = bestOf("XV-1004");
    const motor = kinds.find((k) => k.kind === "electric on-off")!;
    expect(motor.cannot).toContain("Action on supply loss");
    expect(motor.verdict).toBe("fails");
    expect(motor.closesS).toBeGreaterThan(0);
    expect(motor.airL).toBeNull();
    const rack = kinds.find((k) => k.kind === "rack-and-pinion" && k.sprung)!;
    expect(rack.airL).toBeGreaterThan(0);
    expect(rack.closesS).toBeLessThanOrEqual(20);
  });
  it("are multi-turn ones where the stem rises", () => {
    const tilt = demoShelf.valvesFor(100).find((v) => v.line.id === "fennimoor-tilt")!;
    const kinds = sideBySide(demoDuty("XV-4012"), demoShelf, house, { valve: tilt });
    expect(new Set(kinds.map((k) => k.kind))).toEqual(new Set(["electric multi-turn", "bevel gear"]));
  });
  it("are none on a shelf without actuators", () => {
    const { best } = bestOf("XV-1021");
    expect(sideBySide(demoDuty("XV-1021"), { ...demoShelf, families: [] }, house, best)).toEqual([]);
  });
});
