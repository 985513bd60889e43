import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDuty } from "../../../../test/any-duty.ts";
import { demoProof, demoShelf, demoTags } from "../../../../test/demo.ts";
import { tries } from "../../../../test/effort.ts";
import { likelyDuty } from "../../../../test/likely-duty.ts";
import { defaultHouseRules, type HouseRules } from "../../../basis/house/house-rules.ts";
import { type Duty, emptyDuty } from "../../../duty/statement/duty.ts";
import { picksOf } from "../../../equipment/catalogue/valve.ts";
import { type Proof, prove } from "../prove.ts";
import { summarise } from "../summary.ts";
import { proveForList } from "./prove-for-list.ts";

const house = defaultHouseRules();

/** A list's result for a duty against the whole proof. */
function expectAlike(duty: Duty, rules: HouseRules = house, whole: Proof = prove(duty, demoShelf, rules)) {
  const listed = proveForList(duty, demoShelf, rules);
  const standing = whole.candidates.slice(0, whole.standing);
  expect(listed.standing.map((c) => c.key)).toEqual(standing.map((c) => c.key));
  expect(listed.considered).toBe(whole.candidates.length);
  expect(listed.best?.key ?? null).toBe(whole.candidates[0]?.key ?? null);
  expect(JSON.stringify(listed.best?.findings)).toBe(JSON.stringify(whole.candidates[0]?.findings));
  expect(listed.best?.verdict).toBe(whole.candidates[0]?.verdict);
  expect(listed.dutyVerdict).toBe(whole.dutyVerdict);
  expect(listed.missing).toEqual(whole.missing);
  return listed;
}

describe("a proof for a list", () => {
  it("has the suitable candidates in the order of the whole proof, its best and its count, for every demo tag", () => {
    const standing = demoTags.map(
      ({ number, duty }) => expectAlike(duty, house, demoProof(number)).standing.length,
    );
    // The tags include some with no, few and very many suitable candidates.
    expect(Math.min(...standing)).toBe(0);
    expect(Math.max(...standing)).toBeGreaterThan(1000);
  });
  it("has the same under stricter house rules", () => {
    for (const { duty } of demoTags.slice(0, 16))
      expectAlike(duty, { ...house, serviceFactor: 2, torqueMargin: 60 });
  });
  it("has the same for any plausible duty", { timeout: 600_000 }, () => {
    const runs = tries(8, 600);
    fc.assert(
      fc.property(likelyDuty, (duty) => void expectAlike(duty)),
      { numRuns: runs },
    );
    fc.assert(
      fc.property(anyDuty, (duty) => void expectAlike(duty)),
      { numRuns: runs / 2 },
    );
  });
  it("without a size has no candidates", () => {
    expect(expectAlike(emptyDuty)).toMatchObject({ standing: [], considered: 0, best: null });
  });
});

describe("the sizes of a shelf", () => {
  it("list every valve by its picks, the last changing fastest", () => {
    const wrong = demoShelf.sizesFor(100).flatMap(({ line, valves }) => {
      const picks = picksOf(line);
      expect(valves).toHaveLength(picks.reduce((product, [, count]) => product * count, 1));
      return valves.flatMap((valve, index) => {
        let rest = index;
        const indices = new Map<string, number>();
        for (const [name, count] of [...picks].reverse()) {
          indices.set(name, rest % count);
          rest = Math.floor(rest / count);
        }
        const inPlace =
          valve.trim === line.trims[indices.get("trim")!] &&
          valve.seat.offer === line.seats[indices.get("seat")!] &&
          valve.seals.offer === line.seals[indices.get("seals")!] &&
          valve.grade.grade === line.grades[indices.get("grade")!]!.grade &&
          valve.cavity.id === line.cavities[indices.get("cavity")!]!.arrangement;
        return inPlace ? [] : [`${line.id} ${index}`];
      });
    });
    expect(wrong).toEqual([]);
  });
});

describe("a tag as one row", () => {
  const { duty } = demoTags.find(({ number }) => number === "XV-3052")!;
  const summaryFor = (choice: { valve: string; drive: string | null } | null) =>
    summarise(duty, choice, { shelf: demoShelf, house });
  it("shows the selection, or the first candidate without one", () => {
    const { candidates } = prove(duty, demoShelf, house);
    const worst = candidates.at(-1)!;
    expect(summaryFor(null).valve!.key).toBe(candidates[0]!.key);
    expect(summaryFor({ valve: worst.valve.key, drive: worst.drive!.key })).toMatchObject({
      verdict: "fails",
      choiceGone: false,
      valve: { key: worst.key },
    });
  });
  it("judges nothing in place of a selection that no longer exists", () => {
    expect(summaryFor({ valve: "gone", drive: null })).toMatchObject({
      choiceGone: true,
      verdict: "cannot tell",
      stations: null,
      valve: null,
      heldBy: null,
    });
  });
});
