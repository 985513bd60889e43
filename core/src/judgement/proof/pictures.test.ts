import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoDuty, demoProof, demoShelf } from "../../../test/demo.ts";
import { dutyWith, proven, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { valueOnCurve } from "../../basis/reference/curve.ts";
import { sealMaterial } from "../../basis/reference/seals.ts";
import { namedPoints } from "../../basis/stroke/named-points.ts";
import { placeWords } from "../../basis/stroke/weakest.ts";
import { settle } from "../../duty/settling/settle.ts";
import { figuresOf } from "../rules/found.ts";
import { assemblyLimit, partLimits } from "../rules/limits/part-limits.ts";
import { constructionsIn } from "./constructions.ts";
import { envelopeOf } from "./envelope.ts";
import { fitUpPicture } from "./fit-up-picture.ts";
import { fittingSteps } from "./fitting-steps.ts";
import { prove } from "./prove.ts";
import { prover } from "./prover.ts";
import { seatLadder } from "./seat-ladder.ts";
import { strokePicture } from "./stroke.ts";
import { torquePicture } from "./torque-picture.ts";

const house = defaultHouseRules();
const settled = (duty = dutyWith()) => settle(duty, house);

describe("envelope", () => {
  it("is the lowest of body and seat between their ends, and touches one of them everywhere", () => {
    const candidate = proven();
    const { lowest, excursion, lowestC, highestC, excursionC } = envelopeOf(candidate, settled(), house);
    expect([lowestC, highestC, excursionC]).toEqual([-29, 200, 210]);
    for (const line of [lowest, excursion])
      for (let i = 1; i < line.length; i++) {
        for (const share of [0, 0.5, 1]) {
          const t = line[i - 1]![0] + (line[i]![0] - line[i - 1]![0]) * share;
          const p = line[i - 1]![1] + (line[i]![1] - line[i - 1]![1]) * share;
          const expected = Math.min(
            valueOnCurve(candidate.valve.ratingCurve, t),
            valueOnCurve(candidate.valve.seat.curve!, t),
          );
          expect(p).toBeCloseTo(expected, 9);
        }
      }
  });
  it("has no line where the ends leave nothing", () => {
    const cold = proven();
    const parts = [
      { part: "ring", material: { ...sealMaterial("ffkm")!, minimumC: 400 }, decompressionGrade: false },
    ];
    expect(
      envelopeOf({ valve: { ...cold.valve, seals: { ...cold.valve.seals, parts } } }, settled(), house)
        .lowest,
    ).toEqual([]);
  });
  it("ends a soft seat earlier in steam, and includes the jacket where one is asked for", () => {
    const { valve } = proven({ seat: "peek" });
    const steam = settled(dutyWith({ fluid: { phase: "steam" } }));
    const seat = (duty = steam) => partLimits(valve, duty, house).find((l) => l.part === "seat")!;
    expect(seat()).toMatchObject({ excursionC: house.steamLimitC, because: "steam" });
    expect(seat(settled()).because).toBeNull();
    const jacketed = partLimits(valve, settled(dutyWith({ jacketBarG: 4 })), house);
    expect(jacketed.at(-1)).toMatchObject({ part: "jacket", toC: 200 });
  });
  it("names for each case the governing part and its margin", () => {
    const duty = settled(dutyWith({ cases: [{ upstreamBarG: 20, temperatureC: 150 }] }));
    const { valve } = proven();
    const [c] = envelopeOf({ valve }, duty, house).byCase;
    const limit = valueOnCurve(valve.seat.curve!, 150);
    expect(c).toMatchObject({ part: "seat", limitBar: limit });
    expect(c!.margin).toBeCloseTo(limit / 20 - 1, 9);
  });
  it("is never above any part's limit, at any temperature, for any valve of the demo", () => {
    const valves = [25, 100, 200].flatMap((dn) => demoShelf.valvesFor(dn));
    const duties = ["XV-8018", "XV-6007", "XV-8002"].map((n) => settle(demoDuty(n), house));
    fc.assert(
      fc.property(
        fc.constantFrom(...valves),
        fc.constantFrom(...duties),
        fc.double({ min: -220, max: 700, noNaN: true }),
        fc.boolean(),
        (valve, duty, t, passing) => {
          const limits = partLimits(valve, duty, house);
          const { pressureBar } = assemblyLimit(limits, t, passing);
          for (const l of limits) {
            if (l.curve !== null) expect(pressureBar).toBeLessThanOrEqual(valueOnCurve(l.curve, t));
            if (t < l.fromC || t > l.excursionC) expect(pressureBar).toBe(0);
          }
          expect(assemblyLimit(limits, t, false).pressureBar).toBeLessThanOrEqual(
            assemblyLimit(limits, t, true).pressureBar,
          );
        },
      ),
      { numRuns: 500 },
    );
  });
});

describe("the ladder of seats", () => {
  it("rises in temperature and shows the cost in torque and price", () => {
    const duty = dutyWith();
    const proving = prover(duty, shelfWith(), house);
    const candidate = proving.candidates().find((c) => c.valve.seat.material.id === "ptfe")!;
    const ladder = seatLadder(proving, candidate, shelfWith().valvesFor(50));
    expect(ladder).toHaveLength(0);
    const shelf = shelfWith();
    const two = prover(duty, shelf, house);
    const held = two.candidates().find((c) => c.valve.seat.material.id === "ptfe")!;
    const steps = seatLadder(two, held, shelf.valvesFor(50));
    expect(steps.map((s) => s.seat)).toEqual(["Virgin PTFE", "PEEK"]);
    expect(steps[0]).toMatchObject({ current: true, torqueRatio: 1 });
    expect(steps[1]!.torqueRatio).toBeGreaterThan(1.2);
  });
});

describe("constructions", () => {
  it("are all listed: suitable, ruled out with the reason, and not offered", () => {
    const stand = constructionsIn(prove(dutyWith(), shelfWith(), house));
    expect(stand).toHaveLength(17);
    const standingOf = (id: string) => stand.find((s) => s.construction.id === id)!;
    expect(standingOf("floating-two-piece")).toMatchObject({ considered: 2, fallsOn: null });
    expect(standingOf("plug-sleeved")).toMatchObject({ considered: 0, best: null });
    const hot = constructionsIn(
      prove(dutyWith({ cases: [{ upstreamBarG: 60, temperatureC: 300 }] }), shelfWith(), house),
    );
    expect(hot.find((s) => s.construction.id === "floating-two-piece")!.fallsOn?.verdict).toBe("fails");
  });
});

describe("stroke", () => {
  it("shows demand times factor against both supplies", () => {
    const duty = dutyWith({ cases: [{ rate: 0 }] });
    const candidate = proven({ duty, drive: "rp|RP 90|S4|closes" });
    const picture = strokePicture(candidate, settle(duty, defaultHouseRules()));
    expect(namedPoints(picture.demand!)).toMatchObject({
      breakToOpenNm: 28,
      runToOpenNm: 14,
      endToOpenNm: 16.8,
    });
    expect(picture.needed!.opening[0]).toBeCloseTo(28 * 1.2, 9);
    // More air helps the air stroke only, not the spring.
    expect(picture.atMaximum!.opening[0]!).toBeGreaterThan(picture.atMinimum!.opening[0]!);
    expect(picture.atMaximum!.closing).toEqual(picture.atMinimum!.closing);
  });
  it("marks the point the strength rule judges at", () => {
    const seen = new Set<string>();
    for (const onSupplyLoss of ["closes", "opens"] as const)
      for (const size of ["RP 60", "RP 90", "RP 120"]) {
        const duty = dutyWith({ onSupplyLoss });
        const candidate = proven({ duty, drive: `rp|${size}|S4|${onSupplyLoss}` });
        const named = candidate.findings.find((f) => f.rule === "drive/strength")!.uses[0]!.value as string;
        expect(placeWords(strokePicture(candidate, settle(duty, defaultHouseRules())).weakest!)).toBe(named);
        seen.add(named);
      }
    expect(seen.size).toBeGreaterThan(1);
  });
  it("shows the demand alone for a bare stem", () => {
    const duty = dutyWith({ operator: "bare stem" });
    expect(strokePicture(proven({ duty }), settle(duty, defaultHouseRules()))).toMatchObject({
      atMinimum: null,
      atMaximum: null,
      weakest: null,
      stemLimitNm: 400,
    });
  });
});

describe("torque over the differential", () => {
  const tags = ["XV-3052", "XV-3017", "HV-1040", "XV-5001"].map((number) => demoDuty(number));
  it("has the cases on its grown line, and the finding's value at the hardest", () => {
    for (const duty of tags) {
      const settledDuty = settled(duty);
      const candidate = prove(duty, demoShelf, house).candidates[0]!;
      const { grown, table, asked, growth, appliedFactor, cases, hardest } = torquePicture(
        candidate,
        settledDuty,
      );
      const onLine = (bar: number) => {
        const after = Math.max(
          1,
          grown.findIndex(([x]) => x >= bar),
        );
        const [[x0, y0], [x1, y1]] = [grown[after - 1]!, grown[after]!];
        return bar <= x0 ? y0 : y0 + ((y1 - y0) * (bar - x0)) / (x1 - x0);
      };
      for (const c of cases)
        if (c.breakNm !== null) expect(c.breakNm).toBeCloseTo(onLine(c.differentialBar!), 6);
      expect(cases.find((c) => c.id === hardest)?.breakNm ?? null).toBe(candidate.breakNm);
      for (const [bar, [, nm]] of table.entries()) {
        expect(grown[bar]![1]).toBeCloseTo(nm * growth, 9);
        expect(asked[bar]![1]).toBeCloseTo(nm * growth * appliedFactor, 9);
      }
    }
  });
  it("leaves a case beyond the maker's table without a torque", () => {
    const { valve, demand } = proven({
      duty: dutyWith({ cases: [{ upstreamBarG: 900, temperatureC: 20 }] }),
    });
    const picture = torquePicture({ valve, demand }, settled());
    expect(picture.cases[0]!.breakNm).toBeNull();
    expect(picture.hardest).toBeNull();
  });
});

describe("a drive on its valve", () => {
  it("shows the figures of the fit-up rule", () => {
    const duty = demoDuty("XV-3052");
    const candidate = demoProof("XV-3052").candidates.find((c) => c.drive !== null)!;
    const picture = fitUpPicture(candidate, settled(duty), house);
    const finding = candidate.findings.find((f) => f.rule === "fit-up/pad-torque")!.toJSON();
    const { value, limit } = figuresOf(finding);
    expect(Math.max(picture.peakNm!, picture.needsNm!)).toBe(value);
    expect(picture.pad.maximumTorqueNm).toBe(limit);
    expect(picture.pad.flange).toBe(candidate.valve.size.pad);
    expect(picture.flange!.flange).toBe(candidate.drive!.flange);
    expect(picture.fitUp!.joint).toBe("over a bracket");
    expect(fittingSteps(picture.fitUp, candidate.drive, house).length).toBeGreaterThan(6);
  });
  it("is empty for a bare stem", () => {
    expect(fittingSteps(null, null, house)).toEqual([]);
    const { valve, demand, train } = proven();
    expect(fitUpPicture({ valve, drive: null, demand, train }, settled(), house)).toMatchObject({
      flange: null,
      fitUp: null,
      peakNm: null,
      needsNm: null,
    });
  });
});
