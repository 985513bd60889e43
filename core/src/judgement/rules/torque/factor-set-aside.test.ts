import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";

const valve = shelfWith().valvesFor(50)[0]!;
const found = (change: Parameters<typeof dutyWith>[0]) =>
  findingOf("torque/factor-set-aside", dutyWith(change), valve, null);

describe("a factor reason that is set aside", () => {
  const seldom = { strokesPerYear: 1, factorSetAside: ["seldom moved" as const] };
  it("needs a written reason", () => {
    expect(found(seldom).verdict).toBe("cannot tell");
    expect(found({ ...seldom, factorSetAsideBecause: "stroked partly each month" })).toMatchObject({
      verdict: "tight",
      value: "seldom moved",
      limit: "stroked partly each month",
    });
  });
  it("is no question where it does not apply, or none is set aside", () => {
    expect(found({ ...seldom, strokesPerYear: 12, factorSetAsideBecause: "x" }).verdict).toBe("not asked");
    expect(found({}).verdict).toBe("not asked");
  });
});
