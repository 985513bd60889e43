import { describe, expect, it } from "vitest";
import { ruleFault } from "./rule-fault.ts";

describe("a house rule as typed", () => {
  it.each(["10", "0", "50", "12.5", "12,5"])("takes %s", (text) =>
    expect(ruleFault("pressureMargin", text)).toBeUndefined(),
  );
  it.each([
    ["", /not a number/],
    ["ten", /not a number/],
    ["-1", /From 0 to 50/],
    ["50.1", /From 0 to 50 %/],
  ])("refuses %j", (text, reason) => expect(ruleFault("pressureMargin", text)).toMatch(reason));
  it("takes only its options", () => {
    expect(ruleFault("sizingBasis", "rated")).toBeUndefined();
    expect(ruleFault("sizingBasis", "guessed")).toMatch(/one of the options/);
  });
});
