import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf, demoTags } from "../../../test/demo.ts";
import { tries } from "../../../test/effort.ts";
import { dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import { type Duty, dutySchema } from "../../duty/statement/duty.ts";
import { prove } from "../proof/prove.ts";
import { prover } from "../proof/prover.ts";
import { gravityOf, type Verdict } from "../rules/finding.ts";
import { rules } from "../rules/rules.ts";
import { mapRow } from "./breaking-map.ts";
import { breakingPoint } from "./breaking-points.ts";
import { type DutyValue, dutyValues } from "./duty-values.ts";
import { type CandidateInHand, verdictsIn } from "./judgement.ts";

const house = defaultHouseRules();
const { accessories } = demoShelf;
const setting = (duty: Duty, shelf = demoShelf) => {
  const best = prove(duty, shelf, house).candidates[0]!;
  const candidate: CandidateInHand = { valve: best.valve, drive: best.drive, accessories, house };
  return { best, candidate, values: dutyValues(duty, settle(duty, house), best.valve) };
};
const turned = (now: readonly Verdict[], then: readonly Verdict[]) =>
  then.some((v, i) => Math.max(1, gravityOf(v)) !== Math.max(1, gravityOf(now[i]!)));
const failing = (now: readonly Verdict[], then: readonly Verdict[]) =>
  then.some((v, i) => v === "fails" && now[i] !== "fails");

/** Looks at two hundred places between the value and the end, nearest first. */
function byForce(
  candidate: CandidateInHand,
  duty: Duty,
  value: DutyValue,
  end: number,
  broken: typeof turned,
): number | null {
  const now = verdictsIn(candidate, value.at(duty, value.value));
  for (let i = 1; i <= 200; i++) {
    const x = value.value + ((end - value.value) * i) / 200;
    if (broken(now, verdictsIn(candidate, value.at(duty, x)))) return x;
  }
  return null;
}

describe("verdicts of one candidate", () => {
  it("equal those of the proof", () => {
    for (const number of ["XV-5001", "XV-2003", "XV-4002"]) {
      const { best, candidate } = setting(demoDuty(number));
      expect(verdictsIn(candidate, demoDuty(number))).toEqual(best.findings.map((f) => f.verdict));
    }
  });
});

describe("breaking points", () => {
  it("agree with a full search", () => {
    const sized = demoTags.filter((t) => t.duty.dn !== null && t.duty.cases.length > 0);
    fc.assert(
      fc.property(fc.constantFrom(...sized), fc.nat(), fc.boolean(), (tag, pick, up) => {
        const { candidate, values } = setting(tag.duty);
        const value = values[pick % values.length]!;
        const found = breakingPoint(candidate, tag.duty, value);
        const end = up ? value.most : value.least;
        const nearer = (a: number, b: number) => Math.abs(a - value.value) < Math.abs(b - value.value) - 1e-6;
        for (const [reach, broken] of [
          [up ? found.up : found.down, turned],
          [up ? found.failsUp : found.failsDown, failing],
        ] as const) {
          const seen = byForce(candidate, tag.duty, value, end, broken);
          const where = `${tag.number} ${value.path} ${up ? "up" : "down"}`;
          if (reach === null) expect(seen, where).toBeNull();
          else {
            // Nothing turns before it, and something does just beyond.
            if (seen !== null)
              expect(nearer(seen, reach.to), `${where}: ${seen} before ${reach.to}`).toBe(false);
            const now = verdictsIn(candidate, value.at(tag.duty, value.value));
            const step = 2e-7 * Math.max(1, Math.abs(reach.to));
            // A change at the very end of the search range need not persist beyond it.
            const beyond = up ? Math.min(reach.to + step, end) : Math.max(reach.to - step, end);
            expect(broken(now, verdictsIn(candidate, value.at(tag.duty, beyond))), where).toBe(true);
            if (reach.to !== value.value)
              expect(broken(now, verdictsIn(candidate, value.at(tag.duty, reach.to))), where).toBe(false);
            expect(reach.turns.length, where).toBeGreaterThan(0);
          }
        }
      }),
      { numRuns: tries(3, 600) },
    );
  });
  it("name the changed finding, checked by hand", () => {
    // Class 300, group 1.1 at 38 °C is rated 51.1 bar; a margin of a tenth is wanted.
    const duty = dutyWith({ cases: [{ upstreamBarG: 20, temperatureC: 38 }] });
    const proving = prover(duty, shelfWith(), house);
    const valve = proving.candidates().find((c) => c.valve.seat.material.id === "peek")!.valve;
    const [pressure] = dutyValues(duty, proving.duty, valve);
    const found = breakingPoint({ valve, drive: null, accessories, house }, duty, pressure!);
    const body = (turns: readonly { rule: string }[]) => turns.some((t) => t.rule === "envelope/body-class");
    expect(found.failsUp!.to).toBeCloseTo(51.1, 4);
    expect(body(found.failsUp!.turns)).toBe(true);
    expect(found.up!.to).toBeLessThanOrEqual(51.1 / 1.1 + 1e-6);
  });
  it("only use values that form a valid duty", () => {
    for (const { duty } of demoTags.slice(0, 20)) {
      if (duty.dn === null || duty.cases.length === 0) continue;
      for (const value of setting(duty).values)
        for (const x of [value.least, value.most])
          expect(dutySchema.safeParse(value.at(duty, x)).success, `${value.path} ${x}`).toBe(true);
    }
  });
});

describe("the map of two values", () => {
  const duty = demoDuty("XV-5001");
  const { candidate, values } = setting(duty);
  const pressure = values.find((v) => v.quantity === "pressure" && v.path.includes("upstream"))!;
  const temperature = values.find((v) => v.path.startsWith("cases.") && v.quantity === "temperature")!;
  it("agrees with the breaking points along its axes", () => {
    const { failsUp } = breakingPoint(candidate, duty, pressure);
    const [inside, outside] = mapRow(
      candidate,
      duty,
      { value: pressure, at: [failsUp!.to - 0.01, failsUp!.to + 0.01] },
      { value: temperature, at: temperature.value },
    );
    expect(inside!.verdict).not.toBe("fails");
    expect(outside).toMatchObject({ verdict: "fails", asks: expect.any(String) });
    expect(rules.map((r) => r.asks)).toContain(outside!.asks);
  });
  it("leaves out pairs that form no valid duty", () => {
    const downstream = values.find((v) => v.path.endsWith("downstreamBarG"))!;
    const [cell] = mapRow(candidate, duty, { value: pressure, at: [1] }, { value: downstream, at: 50 });
    expect(cell).toBeNull();
  });
});
