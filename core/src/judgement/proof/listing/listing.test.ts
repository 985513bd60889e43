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

/** All a list says of a duty against all the whole proof says. */
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
  it("has what stands in the order of the whole proof, its best and its number, of every demo tag", () => {
    const standing = demoTags.map(
      ({ number, duty }) => expectAlike(duty, house, demoProof(number)).standing.length,
    );
    // Tags of which none, few and very many stand are among them.
    expect(Math.min(...standing)).toBe(0);
    expect(Math.max(...standing)).toBeGreaterThan(1000);
  });
  it("has the same under house rules that let less stand", () => {
    for (const { duty } of demoTags.slice(0, 16))
      expectAlike(duty, { ...house, serviceFactor: 2, torqueMargin: 60 });
  });
  it("has the same of any duty somebody might bring", { timeout: 600_000 }, () => {
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
  it("of no size has nothing to consider", () => {
    expect(expectAlike(emptyDuty)).toMatchObject({ standing: [], considered: 0, best: null });
  });
});

describe("the sizes of a shelf", () => {
  it("lay every valve out by its picks, the last changing fastest", () => {
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

describe("a tag in a line", () => {
  const { duty } = demoTags.find(({ number }) => number === "XV-3052")!;
  const summaryFor = (choice: { valve: string; drive: string | null } | null) =>
    summarise(duty, choice, { shelf: demoShelf, house });
  it("tells what is chosen, and of nothing chosen the first", () => {
    const { candidates } = prove(duty, demoShelf, house);
    const worst = candidates.at(-1)!;
    expect(summaryFor(null).valve!.key).toBe(candidates[0]!.key);
    expect(summaryFor({ valve: worst.valve.key, drive: worst.drive!.key })).toMatchObject({
      verdict: "fails",
      choiceGone: false,
      valve: { key: worst.key },
    });
  });
  it("judges nothing in place of a choice that is gone", () => {
    expect(summaryFor({ valve: "gone", drive: null })).toMatchObject({
      choiceGone: true,
      verdict: "cannot tell",
      stations: null,
      valve: null,
      heldBy: null,
    });
  });
});
