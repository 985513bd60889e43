import { describe, expect, it } from "vitest";
import { gravest, gravityOf, needsReason, trueSign, verdictsByGravity } from "./finding.ts";

describe("verdicts", () => {
  it.each([
    ["fails", true],
    ["cannot tell", true],
    ["tight", false],
    ["holds", false],
    ["not asked", false],
  ] as const)("%s needs a reason to be chosen: %s", (verdict, needs) =>
    expect(needsReason(verdict)).toBe(needs),
  );
  it("are ordered, and the gravest of several is the first in that order", () => {
    for (const [index, verdict] of verdictsByGravity.entries()) {
      const lighter = verdictsByGravity.slice(index);
      expect(gravest(lighter)).toBe(verdict);
      expect(gravest([...lighter].reverse())).toBe(verdict);
      for (const other of verdictsByGravity.slice(index + 1))
        expect(gravityOf(verdict)).toBeGreaterThan(gravityOf(other));
    }
    expect(gravest([])).toBe("not asked");
  });
});

describe("the sign between value and limit", () => {
  it.each([
    ["≤", 4, 5, "≤"],
    ["≤", 5, 5, "≤"],
    ["≤", 5.01, 5, ">"],
    ["≥", 6, 5, "≥"],
    ["≥", 5, 5, "≥"],
    ["≥", 4.99, 5, "<"],
    ["is", 6, 5, "is"],
    ["≤", "class 300", 5, "≤"],
    ["≤", 6, "class 150", "≤"],
    ["≥", null, 5, "≥"],
    ["≥", 1, null, "≥"],
  ] as const)("%s, %s against %s, is %s", (sense, value, limit, sign) => {
    expect(trueSign(sense, value, limit)).toBe(sign);
  });
});
