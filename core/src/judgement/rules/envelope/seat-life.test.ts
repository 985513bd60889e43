import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";

const valve = shelfWith().valvesFor(50)[0]!;
const most = (onValve: Valve, change: Parameters<typeof dutyWith>[0] = {}) => {
  const found = findingOf("envelope/seat-life", dutyWith({ strokesPerYear: 1e7, ...change }), onValve, null);
  return (found as unknown as { limit: number }).limit;
};
const calm = { cases: [{ phase: "liquid", upstreamBarG: 1, downstreamBarG: 0 }] } as const;

describe("the life of a seat", () => {
  const usual = most(valve, { cases: [...calm.cases] });
  it("is halved by dry gas, by solids and by a high contact stress", () => {
    expect(most(valve, { cases: [{ ...calm.cases[0], phase: "gas" }] })).toBe(usual / 2);
    expect(most(valve, { cases: [...calm.cases], fluid: { solidsPercent: 1 } })).toBe(usual / 2);
    expect(most(valve, { cases: [{ phase: "liquid", upstreamBarG: 45, downstreamBarG: 0 }] })).toBe(
      usual / 2,
    );
  });
  it("is doubled where the faces never rub", () => {
    const tilting = { ...valve, construction: { ...valve.construction, rubbing: null } };
    expect(most(tilting, { cases: [...calm.cases] })).toBe(usual * 2);
  });
});
