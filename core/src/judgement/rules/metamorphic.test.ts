/** Truths for any duty: a harder duty improves no finding of body, seat, seal or metal. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoCatalogue, demoShelf } from "../../../test/demo.ts";
import { likelyCase } from "../../../test/likely-duty.ts";
import { duties, house, picks, runs, valvesOf } from "../../../test/tried-duties.ts";
import { type Hazard, hazards } from "../../duty/fields/words.ts";
import { type Duty, dutySchema } from "../../duty/statement/duty.ts";
import { compileShelf } from "../../equipment/catalogue/shelf.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { verdictsIn } from "../breaking/judgement.ts";
import { prove } from "../proof/prove.ts";
import { gravityOf, type Verdict } from "./finding.ts";
import { rules } from "./rules.ts";

/** Rules that judge one thing from several sides, so that one may fall silent where another applies. */
const together: Record<string, string> = {
  "envelope/seat-limit": "seat",
  "envelope/seat-temperature": "seat",
  "envelope/seat-headroom": "seat",
  "envelope/steam-limit": "seat",
  "envelope/seat-stress": "seat",
  "envelope/seal-temperature": "stem seal",
  "envelope/adjustable-gland-heat": "stem seal",
};
/** Body rules about release and leakage; the others are about convenience. */
const containing = new Set(
  [
    "leak-paths",
    "stem-seal-toxic",
    "dead-end",
    "fire-safe",
    "sealing-direction",
    "hygienic-cavity",
    "threaded-ends",
  ]
    .concat(
      [
        "hygienic-material",
        "polymerising-cavity",
        "crystallising-cavity",
        "dirty-service",
        "anti-static",
        "emission-class",
      ],
      ["bonnet-extension", "barriers", "double-isolation"],
    )
    .map((id) => `body/${id}`),
);
const looked = rules.flatMap(({ id, station }, index) =>
  station === "envelope" || containing.has(id) ? [{ at: index, as: together[id] ?? id }] : [],
);

function gravest(verdicts: readonly Verdict[]): Map<string, Verdict> {
  const found = new Map<string, Verdict>();
  for (const { at: index, as } of looked) {
    const verdict = found.get(as) ?? "not asked";
    if (gravityOf(verdicts[index]!) >= gravityOf(verdict)) found.set(as, verdicts[index]!);
  }
  return found;
}

function bettersNone(duty: Duty, harder: Duty, valves: readonly Valve[]) {
  for (const valve of valves) {
    const candidate = { valve, drive: null, accessories: [], house };
    const before = gravest(verdictsIn(candidate, duty));
    const after = gravest(verdictsIn(candidate, harder));
    for (const [as, verdict] of before)
      if (gravityOf(after.get(as)!) < gravityOf(verdict))
        expect.fail(`${as}: ${verdict} becomes ${after.get(as)} on ${valve.key}`);
  }
}

/** The harder duty betters no finding of any of the valves. */
function neverBetters(harder: (duty: Duty, by: number) => Duty | null) {
  fc.assert(
    fc.property(duties, picks, fc.double({ min: 0.01, max: 1, noNaN: true }), (duty, indices, by) => {
      const made = harder(duty, by);
      if (made === null || !dutySchema.safeParse(made).success) return;
      bettersNone(duty, made, valvesOf(duty, indices));
    }),
    { numRuns: runs },
  );
}

const fluid = (duty: Duty, change: Partial<Duty["fluid"]>): Duty => ({
  ...duty,
  fluid: { ...duty.fluid, ...change },
});
const cases = (duty: Duty, change: (c: Duty["cases"][number]) => Duty["cases"][number]): Duty => ({
  ...duty,
  cases: duty.cases.map(change),
});

describe("a harder duty improves nothing", () => {
  it.each(hazards)("the hazard %s", (hazard: Hazard) =>
    neverBetters((duty) => fluid(duty, { hazards: [...(duty.fluid.hazards ?? []), hazard] })),
  );
  // Wet chlorine spares the titanium that dry chlorine burns: it is another fluid, not a harder one.
  it("free water", () =>
    neverBetters((duty) => (duty.fluid.family === "chlorine" ? null : fluid(duty, { freeWater: true }))));
  it("more solids, and harder", () =>
    neverBetters((duty, by) =>
      fluid(duty, {
        solidsPercent: Math.min(80, (duty.fluid.solidsPercent ?? 0) + 30 * by),
        solidsHard: true,
      }),
    ));
  it("more H₂S", () =>
    neverBetters((duty, by) =>
      // An unstated sour fluid is *cannot tell*; a stated value may resolve it.
      duty.fluid.h2sKPa === null && duty.fluid.family === "sour hydrocarbon"
        ? null
        : fluid(duty, { h2sKPa: (duty.fluid.h2sKPa ?? 0) + 300 * by }),
    ));
  it("more chlorides", () =>
    neverBetters((duty, by) => fluid(duty, { chloridesMgL: (duty.fluid.chloridesMgL ?? 0) + 60_000 * by })));
  it("more hydrogen", () =>
    neverBetters((duty, by) =>
      duty.fluid.hydrogenBarA === null
        ? null
        : fluid(duty, { hydrogenBarA: duty.fluid.hydrogenBarA + 100 * by }),
    ));
  it("more carbon dioxide", () =>
    neverBetters((duty, by) =>
      duty.fluid.carbonDioxideBarA === null
        ? null
        : fluid(duty, { carbonDioxideBarA: duty.fluid.carbonDioxideBarA + 40 * by }),
    ));
  it("stronger caustic", () =>
    neverBetters((duty, by) =>
      duty.fluid.strengthPercent === null || duty.fluid.family !== "caustic"
        ? null
        : fluid(duty, { strengthPercent: Math.min(75, duty.fluid.strengthPercent + 30 * by) }),
    ));
  it("heat beyond 38 °C", () =>
    neverBetters((duty, by) =>
      cases(duty, (c) =>
        (c.temperatureC ?? 0) < 38 || c.kind === "fire"
          ? c
          : { ...c, temperatureC: c.temperatureC! + 200 * by },
      ),
    ));
  // Crevices corrode the less the colder the sea is: their rule names the temperature.
  it("cold below 20 °C", () =>
    neverBetters((duty, by) =>
      duty.fluid.family === "seawater and brine"
        ? null
        : cases(duty, (c) =>
            (c.temperatureC ?? 99) > 20 || c.kind === "fire"
              ? c
              : { ...c, temperatureC: Math.max(-270, c.temperatureC! - 100 * by) },
          ),
    ));
  it("pressure, with dissolved gas rising with it", () =>
    neverBetters((duty, by) => {
      const up = (bar: number | null) =>
        bar === null || bar < 0 ? bar : (bar + 1.01325) * (1 + by) - 1.01325;
      const { h2sKPa, hydrogenBarA, carbonDioxideBarA } = duty.fluid;
      const more = (x: number | null) => (x === null ? null : x * (1 + by));
      return fluid(
        cases(duty, (c) =>
          c.flow === "forward"
            ? { ...c, upstreamBarG: up(c.upstreamBarG) }
            : { ...c, downstreamBarG: up(c.downstreamBarG) },
        ),
        {
          h2sKPa: more(h2sKPa),
          hydrogenBarA: more(hydrogenBarA),
          carbonDioxideBarA: more(carbonDioxideBarA),
        },
      );
    }));
  it("time shut", () =>
    neverBetters((duty, by) => ({ ...duty, longestShutDays: (duty.longestShutDays ?? 90) + 1000 * by })));
  it("strokes", () =>
    neverBetters((duty, by) => ({ ...duty, strokesPerYear: (duty.strokesPerYear ?? 12) + 3_000_000 * by })));
  it("a further case", () => {
    fc.assert(
      fc.property(duties, likelyCase, picks, (duty, more, indices) => {
        // A missing temperature, pressure or shut case may become known by the additional case.
        const running = duty.cases.filter((c) => !["fire", "steam-out", "cold soak"].includes(c.kind));
        if (running.length === 0 || running.some((c) => c.temperatureC === null)) return;
        if (!running.some((c) => c.mayBeShut)) return;
        const made = { ...duty, cases: [...duty.cases, { ...more, id: "further", name: "further" }] };
        bettersNone(duty, made, valvesOf(duty, indices));
      }),
      { numRuns: runs },
    );
  });
});

describe("an equivalent duty changes nothing", () => {
  const same = (change: (duty: Duty) => Duty, suits: (valve: Valve) => boolean = () => true) =>
    fc.assert(
      fc.property(duties, picks, (duty, indices) => {
        const made = change(duty);
        for (const valve of valvesOf(duty, indices).filter(suits)) {
          const candidate = { valve, drive: null, accessories: [], house };
          const [before, after] = [verdictsIn(candidate, duty), verdictsIn(candidate, made)];
          const turned = rules.flatMap(({ id }, i) => (after[i] === before[i] ? [] : [id]));
          if (turned.length > 0) expect.fail(`${turned} on ${valve.key}`);
        }
      }),
      { numRuns: runs },
    );
  it("the order of the cases", () => same((duty) => ({ ...duty, cases: [...duty.cases].reverse() })));
  it("the driving side, on a valve that is the same from both", () =>
    same(
      // Both directions either way: the marking as reverse decides.
      (duty) => ({
        ...duty,
        flowDirection: "both ways",
        cases: duty.cases.map((c) => ({
          ...c,
          upstreamBarG: c.downstreamBarG,
          downstreamBarG: c.upstreamBarG,
          flow: c.flow === "forward" ? ("reverse" as const) : ("forward" as const),
        })),
      }),
      ({ line, cavity }) =>
        line.sealing === "both ways" &&
        !cavity.oneWay &&
        cavity.relievesTo !== "upstream" &&
        cavity.barriers.forward === cavity.barriers.reverse,
    ));
});

describe("other items on the shelf", () => {
  it("change no verdict of a candidate", () => {
    fc.assert(
      fc.property(duties, fc.nat(), (duty, pick) => {
        const whole = prove(duty, demoShelf, house).candidates;
        const candidate = whole[pick % whole.length];
        if (candidate === undefined) return;
        const alone = compileShelf({
          ...demoCatalogue,
          lines: demoCatalogue.lines.filter((l) => l.id === candidate.valve.line.id),
          drives: demoCatalogue.drives.filter((d) => d.id === candidate.drive?.family.id),
        });
        const again = prove(duty, alone, house).candidates.find((c) => c.key === candidate.key)!;
        expect(again.verdict).toBe(candidate.verdict);
        expect(again.findings.map((f) => f.verdict)).toEqual(candidate.findings.map((f) => f.verdict));
      }),
      { numRuns: Math.ceil(runs / 50) },
    );
  });
});
