import { describe, expect, it } from "vitest";
import { demoDuty, demoProof, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { keysIn } from "./candidate.ts";
import { prover } from "./prover.ts";
import { supplyLadder } from "./supply-ladder.ts";

const house = defaultHouseRules();
const drives = demoShelf.families.flatMap((family) => family.drives);
const ladderOf = (number: string) => {
  const duty = demoDuty(number);
  const candidate = demoProof(number).candidates[0]!;
  return { duty, candidate, ladder: supplyLadder(duty, demoShelf, house, candidate)! };
};

describe("the ladder of supplies", () => {
  const { duty, candidate, ladder } = ladderOf("XV-3052");
  it("rises, and has the duty's own pressure once", () => {
    const bars = ladder.steps.map((s) => s.lowestBarG);
    expect(bars).toEqual([...bars].sort((a, b) => a - b));
    expect(ladder.steps.filter((s) => s.current).map((s) => s.lowestBarG)).toEqual([duty.airMinimumBarG]);
    expect(ladder.steps.length).toBeGreaterThanOrEqual(17);
  });
  it("has at the duty's pressure the selected actuator, at its price", () => {
    const now = ladder.steps.find((s) => s.current)!;
    expect([now.key, now.priceStep]).toEqual([candidate.key, 0]);
  });
  it("judges the selected actuator like the proof at that pressure, and shows where it fails", () => {
    for (const { lowestBarG, selected } of ladder.steps) {
      const airRange = {
        ...duty,
        airMinimumBarG: lowestBarG,
        airMaximumBarG: Math.max(duty.airMaximumBarG!, lowestBarG),
      };
      const { stations } = prover(airRange, demoShelf, house).judge(candidate.valve, candidate.drive);
      expect(selected).toBe(stations.drive);
    }
    const below = ladder.steps.filter((s) => s.lowestBarG < duty.airMinimumBarG! && s.selected === "fails");
    expect(ladder.givesUpBarG).toBe(below.at(-1)!.lowestBarG);
  });
  it("costs more with less air, as long as the stem carries it", () => {
    const standing = ladderOf("XV-6020").ladder.steps.filter(
      (s) => s.verdict !== "fails" && s.lowestBarG <= 8,
    );
    expect(new Set(standing.map((s) => s.drive)).size).toBeGreaterThan(2);
    // The actuator itself, without a bracket it may need.
    const prices = standing.map(({ key }) => drives.find((d) => d.key === keysIn(key).drive)!.price);
    expect(prices).toEqual([...prices].sort((a, b) => b - a));
  });
  it("is in oil pressure for a hydraulic actuator, and empty for a motor or a manual operator", () => {
    expect(ladderOf("XV-1052").ladder.of).toBe("oil");
    expect(ladderOf("XV-1048").ladder).toBeNull();
    expect(ladderOf("HV-1012").ladder).toBeNull();
  });
});
