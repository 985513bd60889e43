import { describe, expect, it } from "vitest";
import { nextNumber } from "./new-tag.ts";

describe("the number of a new tag", () => {
  it.each([
    ["NEW-#", [], "NEW-1"],
    ["XV-####", ["XV-0007", "XV-12"], "XV-0013"],
    ["XV-####", ["xv-0001"], "XV-0002"],
    ["#", ["3", "XV-9"], "4"],
    ["A#B", ["A9B", "A10C"], "A10B"],
    ["XV-##", ["XV-99"], "XV-100"],
  ])("of %s after %j is %s", (numbering, used, number) => {
    expect(nextNumber(numbering, used)).toBe(number);
  });
});
