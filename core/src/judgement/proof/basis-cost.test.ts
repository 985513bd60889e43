import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { basisCost } from "./basis-cost.ts";
import { prove } from "./prove.ts";

const house = defaultHouseRules();
const costOf = (number: string, rules = house) => {
  const duty = demoDuty(number);
  const candidate = prove(duty, demoShelf, rules).candidates[0]!;
  return { candidate, cost: basisCost(duty, demoShelf, rules, candidate) };
};

describe("the differential not in force", () => {
  it("is the rated one by default, and gives no smaller and no cheaper actuator", () => {
    const { candidate, cost } = costOf("XV-2030");
    expect(cost!.basis).toBe("rated");
    expect(cost!.breakNm!).toBeGreaterThan(candidate.breakNm!);
    expect(cost!.key).not.toBe(candidate.key);
    expect(cost!.priceStep).toBeGreaterThan(0);
  });
  it("is the actual one where the house rules size by the rated", () => {
    const { candidate, cost } = costOf("XV-2030", { ...house, sizingBasis: "rated" });
    expect(cost!.basis).toBe("actual");
    expect(cost!.breakNm!).toBeLessThan(candidate.breakNm!);
    expect(cost!.priceStep).toBeLessThan(0);
  });
  it("is null for a bare stem", () => expect(costOf("XV-3061").cost).toBeNull());
});
