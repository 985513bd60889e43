import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoShelf, demoTags } from "../../../../test/demo.ts";
import { tries } from "../../../../test/effort.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import type { Duty } from "../../../duty/statement/duty.ts";
import { verdictsIn } from "../../breaking/judgement.ts";
import { rules } from "../rules.ts";

const house = defaultHouseRules();
/** Rules a harder case can only make worse. */
const strict = [
  "envelope/body-class",
  "envelope/seat-limit",
  "envelope/seat-temperature",
  "envelope/seat-headroom",
  "envelope/seal-temperature",
  "envelope/grade-maximum",
  "envelope/grade-minimum",
  "envelope/bolting-temperature",
];
const places = strict.map((id) => rules.findIndex((r) => r.id === id));
const aside = new Set(["envelope/seat-limit", "envelope/seat-headroom"]);
const range = rules.findIndex((r) => r.id === "envelope/seat-temperature");
const sized = demoTags.filter((t) => t.duty.dn !== null && t.duty.cases.length > 0);

type Case = Duty["cases"][number];
const changed = (duty: Duty, change: (c: Case) => Case): Duty => ({ ...duty, cases: duty.cases.map(change) });

/** Changing every case so turns no *fails* of these rules into anything better. */
function staysFailed(
  harder: (c: Case, by: number) => Case,
  start: (c: Case) => Case,
  judgedRules: readonly string[] = strict,
) {
  const looked = places.filter((_, i) => judgedRules.includes(strict[i]!));
  fc.assert(
    fc.property(
      fc.constantFrom(...sized),
      fc.nat(),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (tag, pick, first, more) => {
        const valves = demoShelf.valvesFor(tag.duty.dn!);
        const candidate = { valve: valves[pick % valves.length]!, drive: null, accessories: [], house };
        const easy = changed(changed(tag.duty, start), (c) => harder(c, first));
        const before = verdictsIn(candidate, easy);
        const after = verdictsIn(
          candidate,
          changed(easy, (c) => harder(c, more)),
        );
        for (const index of looked) {
          // Beyond the seat's range its limit and its headroom are silent, and its range rule applies.
          const speaking = aside.has(rules[index]!.id) && after[index] !== "fails" ? range : index;
          if (before[index] === "fails")
            expect(after[speaking], `${tag.number} ${rules[index]!.id} ${candidate.valve.key}`).toBe("fails");
        }
      },
    ),
    { numRuns: tries(200, 20_000) },
  );
}

describe("a harder case never turns fails into holds", () => {
  it("as pressure rises", () => {
    const up = (bar: number | null, by: number) => (bar === null || bar < 0 ? bar : bar * (1 + by) + 60 * by);
    staysFailed(
      (c, by) =>
        c.flow === "forward"
          ? { ...c, upstreamBarG: up(c.upstreamBarG, by) }
          : { ...c, downstreamBarG: up(c.downstreamBarG, by) },
      (c) => c,
    );
  });
  it("as temperature rises from 38 °C", () => {
    staysFailed(
      (c, by) => ({ ...c, temperatureC: c.temperatureC! + 300 * by }),
      (c) => ({ ...c, temperatureC: Math.max(38, c.temperatureC ?? 38) }),
    );
  });
  it("as temperature falls from 20 °C", () => {
    staysFailed(
      (c, by) => ({ ...c, temperatureC: c.temperatureC! - 120 * by }),
      (c) => ({ ...c, temperatureC: Math.min(20, c.temperatureC ?? 20) }),
      strict.filter((id) => !/class|limit/.test(id)),
    );
  });
});
