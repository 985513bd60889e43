import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, proven, shelfWith } from "../../../../test/fixture.ts";
import { rackAndPinionOutput } from "../../../basis/calc/rack-and-pinion-output.ts";

const finding = (rule: string, setting: Parameters<typeof findingOn>[1] = {}) => findingOn(rule, setting);
const doubleActing = { onSupplyLoss: "stays" as const };

describe("break-to-open torque", () => {
  it("interpolates the maker's table in differential", () => {
    // PTFE 20…60 N·m over 0…50 bar; 10 bar gives 28, with no growth for time shut.
    expect(finding("torque/torque-known")).toMatchObject({ verdict: "holds", value: 28, unit: "N·m" });
  });
  it("grows with the time shut", () => {
    const longShut = dutyWith({ longestShutDays: 99 });
    const plain = shelfWith((line) => ({
      ...line,
      equalisingGrooves: false,
      cavities: [{ arrangement: "plain", priceFactor: 1 }],
    }));
    expect(finding("torque/torque-known", { duty: longShut, shelf: plain }).value).toBeCloseTo(28 * 1.5, 9);
    // Grooves or a relieving seat take half of the growth away.
    expect(finding("torque/torque-known", { duty: longShut }).value).toBeCloseTo(28 * 1.25, 9);
  });
  it("never extrapolates: beyond the table torque and actuator cannot tell", () => {
    const duty = dutyWith({ cases: [{ upstreamBarG: 50.1 }] });
    expect(finding("torque/torque-known", { duty })).toMatchObject({
      verdict: "cannot tell",
      missing: "maker's torque beyond the table, for case 1",
    });
    expect(finding("drive/strength", { duty }).verdict).toBe("cannot tell");
    expect(
      finding("torque/torque-known", { duty: dutyWith({ cases: [{ upstreamBarG: 50 }] }) }).verdict,
    ).toBe("holds");
  });
  it("sizes on the rated differential where the house rule says so", () => {
    expect(finding("torque/torque-known", { house: { sizingBasis: "rated" } })).toMatchObject({
      value: 60,
      caseName: "rated differential",
    });
  });
  it("turns a case that is never shut without differential", () => {
    expect(
      finding("torque/torque-known", { duty: dutyWith({ cases: [{ mayBeShut: false, upstreamBarG: 45 }] }) })
        .value,
    ).toBe(20);
  });
  it("cannot tell without cases", () => {
    expect(finding("torque/torque-known", { duty: dutyWith({ cases: [] }) })).toMatchObject({
      verdict: "cannot tell",
      missing: "operating cases",
    });
  });
});

describe("drive strength", () => {
  const duty = dutyWith(doubleActing);
  const gives = (
    rackAndPinionOutput({
      pistonDiameterMm: 60,
      pistonCount: 2,
      pinionPitchRadiusMm: 15,
      efficiency: 0.9,
      airBarG: 5,
    }) as { torqueNm: number }
  ).torqueNm;

  it("compares demand × factor with the output at the lowest supply", () => {
    const f = finding("drive/strength", { duty, drive: "rp|RP 60|DA" });
    expect(f.value).toBeCloseTo(28 * 1.2, 9);
    expect(f.limit).toBeCloseTo(gives, 9);
    expect(f.caseName).toBe("case 1");
  });
  it("holds, is tight inside the house margin, fails below the factor; equality passes", () => {
    const factorFor = (margin: number) => ({ serviceFactor: gives / 28 / (1 + margin) });
    expect(finding("drive/strength", { duty, drive: "rp|RP 60|DA", house: factorFor(0.11) }).verdict).toBe(
      "holds",
    );
    expect(finding("drive/strength", { duty, drive: "rp|RP 60|DA", house: factorFor(0.09) }).verdict).toBe(
      "tight",
    );
    expect(finding("drive/strength", { duty, drive: "rp|RP 60|DA", house: factorFor(-0.001) }).verdict).toBe(
      "fails",
    );
  });
  it("adds named increments to the base and never applies a maker's factor twice", () => {
    const emergency = dutyWith({ ...doubleActing, function: ["emergency shut-down"], strokesPerYear: 1 });
    expect(proven({ duty: emergency }).demand.factor.total).toBeCloseTo(1.6, 12);
    const included = shelfWith((line) => ({ ...line, torqueIncludesFactor: 1.25 }));
    expect(proven({ duty: emergency, shelf: included }).demand.appliedFactor).toBeCloseTo(1.28, 12);
    expect(proven({ duty, shelf: included }).demand.appliedFactor).toBe(1);
  });
  it("judges a spring drive at the weakest of six points, spring stroke included", () => {
    const f = finding("drive/strength", { duty: dutyWith(), drive: "rp|RP 60|S4|closes" });
    expect(f.uses[0]).toMatchObject({ what: "weakest point" });
    expect(["break to open", "end to open", "end to close"]).toContain(f.uses[0]!.value);
  });
  it("marks an assumed supply as assumed", () => {
    const f = finding("drive/strength", { duty: dutyWith({ ...doubleActing, airMinimumBarG: null }) });
    expect(f.uses.find((u) => u.what === "lowest air supply")).toMatchObject({ origin: "assumed", value: 4 });
  });
});

describe("stem, pad, supply, fail action", () => {
  const duty = dutyWith(doubleActing);
  const stemOf = (limit: number) =>
    shelfWith((line) => ({ ...line, sizes: line.sizes.map((s) => ({ ...s, maximumStemTorqueNm: limit })) }));
  const peak = (
    rackAndPinionOutput({
      pistonDiameterMm: 90,
      pistonCount: 2,
      pinionPitchRadiusMm: 22.5,
      efficiency: 0.9,
      airBarG: 7,
    }) as { torqueNm: number }
  ).torqueNm;

  it("judges the stem at the highest supply; equality passes", () => {
    expect(finding("drive/stem-limit", { duty, drive: "rp|RP 90|DA", shelf: stemOf(peak) }).verdict).toBe(
      "holds",
    );
    expect(
      finding("drive/stem-limit", { duty, drive: "rp|RP 90|DA", shelf: stemOf(peak - 0.01) }).verdict,
    ).toBe("fails");
  });
  it("judges an electric drive at stall", () => {
    expect(
      finding("drive/stem-limit", {
        duty: dutyWith({ ...doubleActing, operator: "electric" }),
        drive: "el|EL 150",
      }).value,
    ).toBe(220);
  });
  it("judges the pad at the drive's peak", () => {
    // F07 carries 250 N·m.
    expect(finding("fit-up/pad-torque", { duty, drive: "rp|RP 90|DA" })).toMatchObject({
      verdict: "holds",
      limit: 250,
    });
    expect(finding("fit-up/pad-torque", { duty, drive: "rp|RP 120|DA" }).verdict).toBe("fails");
  });
  it("judges the pad at the valve's need where that is above the drive's peak", () => {
    // 28 N·m × 9 = 252 N·m exceeds F07 for any actuator.
    const weak = { duty, drive: "rp|RP 60|DA" };
    expect(finding("fit-up/pad-torque", { ...weak, house: { serviceFactor: 8.9 } }).verdict).toBe("holds");
    const beyond = finding("fit-up/pad-torque", { ...weak, house: { serviceFactor: 9 } });
    expect(beyond.verdict).toBe("fails");
    expect(beyond.value).toBeCloseTo(252, 9);
  });
  it("reports when flanges differ and a bracket is needed", () => {
    const shelf = shelfWith((line) => ({ ...line, sizes: line.sizes.map((s) => ({ ...s, pad: "F10" })) }));
    expect(finding("fit-up/joint", { duty, shelf }).says).toContain("bracket");
  });
  it("keeps the supply below the cylinder's rating", () => {
    expect(finding("drive/supply-rating", { duty: dutyWith({ airMaximumBarG: 8 }) }).verdict).toBe("holds");
    expect(finding("drive/supply-rating", { duty: dutyWith({ airMaximumBarG: 8.1 }) }).verdict).toBe("fails");
    expect(
      finding("drive/supply-rating", { duty: dutyWith({ ...doubleActing, operator: "electric" }) }).verdict,
    ).toBe("not asked");
  });
  it("compares the action on supply loss", () => {
    expect(finding("drive/fail-action").verdict).toBe("holds");
    expect(finding("drive/fail-action", { drive: "rp|RP 90|DA" }).verdict).toBe("fails");
    expect(finding("drive/fail-action", { duty: dutyWith({ onSupplyLoss: null }) })).toMatchObject({
      verdict: "cannot tell",
      missing: "action on supply loss",
    });
    expect(finding("drive/fail-action", { duty: dutyWith({ operator: "electric" }) }).verdict).toBe("fails");
  });
  it("asks a bare stem nothing about actuators", () => {
    const bare = proven({ duty: dutyWith({ operator: "bare stem" }) });
    expect(bare.drive).toBeNull();
    expect(bare.stations.drive).toBe("not asked");
    // Whether it fills a gap is asked of any valve.
    expect(
      bare.findings.filter((f) => f.station === "fit-up" && f.verdict !== "not asked").map((f) => f.rule),
    ).toEqual(["fit-up/gap"]);
  });
});
