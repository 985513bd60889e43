import { emptyDuty, valueAt, withValueAt } from "@proven-seat/core/duty";
import type { Envelope } from "@proven-seat/core/judgement/proof";
import { describe, expect, it } from "vitest";
import { differingFirst } from "../lists/compare/differing-first.ts";
import { reachText } from "../lists/reach/value-text.ts";
import type { MovableValue } from "../workers/views.ts";
import { heldAt } from "./envelope/case-points.ts";

const envelope = {
  lines: [
    {
      name: "body",
      part: "body",
      points: [
        [-60, 50],
        [100, 50],
        [300, 30],
      ],
    },
    {
      name: "seat",
      part: "seat",
      points: [
        [-60, 60],
        [200, 20],
      ],
    },
  ],
  lowestC: -29,
  highestC: 180,
  excursionC: 200,
} as unknown as Envelope;

describe("the limit at a temperature", () => {
  it("is the lowest line, with its part", () => {
    expect(heldAt(envelope, -20)).toMatchObject({ bar: 50, name: "body", passing: false });
    expect(heldAt(envelope, 135)!.bar).toBeCloseTo(30, 9);
    expect(heldAt(envelope, 190)).toMatchObject({ name: "seat", passing: true });
    expect(heldAt(envelope, 201)).toBeNull();
    expect(heldAt(envelope, -30)).toBeNull();
  });
});

describe("a range in words", () => {
  const movable = (value: number, quantity: MovableValue["quantity"] = "pressure") =>
    ({ value, quantity }) as MovableValue;
  it("is rounded towards the safe side", () => {
    expect(reachText(31.4999, movable(20), { system: "metric" })).toBe("31.4");
    expect(reachText(-28.96, movable(20, "temperature"), { system: "metric" })).toBe("−28.9");
    expect(reachText(10, movable(20), { system: "US" })).toBe("145.1");
  });
});

describe("rows side by side", () => {
  it("put differences first and keep the order within", () => {
    const rows = [{ c: ["a", "a"] }, { c: ["a", "b"] }, { c: ["x", "x"] }, { c: ["1", "2"] }];
    expect(differingFirst(rows, (r) => r.c).map((r) => [r.c.join(""), r.differs])).toEqual([
      ["ab", true],
      ["12", true],
      ["aa", false],
      ["xx", false],
    ]);
  });
});

describe("a field of the duty", () => {
  it("is read and set by its path, one step down for the fluid", () => {
    const duty = withValueAt(emptyDuty, "fluid.h2sKPa", 3);
    expect(valueAt(duty, "fluid.h2sKPa")).toBe(3);
    expect(duty.fluid.name).toBe("");
    expect(valueAt(withValueAt(duty, "port", "full"), "port")).toBe("full");
  });
});
