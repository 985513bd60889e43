import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../../test/fixture.ts";
import { findingOf } from "../../../../test/one-rule.ts";
import { defaultHouseRules, type HouseRules } from "../../../basis/house/house-rules.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";

const shelf = shelfWith();
const valve = shelf.valvesFor(50)[0]!;
const named = (key: string): Drive => shelf.families.flatMap((f) => f.drives).find((d) => d.key === key)!;
const sprung = named("rp|RP 120|S4|closes");
const motor = shelf.families.find((f) => f.id === "el")!.drives[0]!;
type Change = NonNullable<Parameters<typeof dutyWith>[0]>;
const found = (
  rule: string,
  change: Change = {},
  drive: Drive | null = sprung,
  rules: Partial<HouseRules> = {},
) => findingOf(`drive/${rule}`, dutyWith(change), valve, drive, { ...defaultHouseRules(), ...rules }, []);
const figureOf = (finding: ReturnType<typeof found>) => (finding as { value: number }).value;
const led = (finding: ReturnType<typeof found>) =>
  finding.uses.find((u) => u.what === "air supplied through")!.value;

describe.each([
  ["closing-time", "closesWithinS"],
  ["opening-time", "opensWithinS"],
] as const)("%s", (rule, field) => {
  const plainest = figureOf(found(rule, { [field]: 3600 }));
  const fastest = figureOf(found(rule, { [field]: 0.1 }));
  it("is kept by the simplest air arrangement that is fast enough, exactly at the border", () => {
    expect(found(rule, { [field]: plainest })).toMatchObject({ verdict: "holds", value: plainest });
    expect(led(found(rule, { [field]: plainest }))).toBe("solenoid valve and tube");
    const less = found(rule, { [field]: plainest * 0.999 });
    expect(led(less)).not.toBe("solenoid valve and tube");
  });
  it("fails below the fastest", () => {
    const slowAir = { boosterCv: 0.2, quickExhaustCv: 0.2, solenoidCv: 0.05 };
    const slow = figureOf(found(rule, { [field]: 0.1 }, sprung, slowAir));
    expect(fastest).toBeLessThan(plainest);
    expect(found(rule, { [field]: slow }, sprung, slowAir).verdict).toBe("holds");
    expect(found(rule, { [field]: slow * 0.999 }, sprung, slowAir).verdict).toBe("fails");
  });
  it("waits for a motor's maker, includes the house rule's scatter, and is not asked of a bare stem", () => {
    expect(found(rule, { operator: "electric", [field]: 5 }, motor).verdict).toBe("cannot tell");
    const stated = { ...motor, strokeSeconds: 10 };
    expect(found(rule, { operator: "electric", [field]: 12 }, stated)).toMatchObject({
      verdict: "holds",
      value: 12,
    });
    expect(found(rule, { operator: "electric", [field]: 11.9 }, stated).verdict).toBe("fails");
    expect(found(rule, { [field]: 5 }, null).verdict).toBe("not asked");
  });
});

describe("oxygen", () => {
  const oxygen = {
    fluid: { substance: "oxygen", hazards: ["oxygen"], phase: "gas", family: "oxygen" },
  } as Change;
  it("is opened no faster than the house rule allows", () => {
    const opens = figureOf(found("oxygen-time", oxygen));
    expect(found("oxygen-time", oxygen, sprung, { oxygenOpensS: opens }).verdict).toBe("holds");
    expect(found("oxygen-time", oxygen, sprung, { oxygenOpensS: opens * 1.001 }).verdict).toBe("tight");
    expect(found("oxygen-time", { ...oxygen, operator: "electric" }, motor).verdict).toBe("cannot tell");
    const timed = (strokeSeconds: number) => ({ ...motor, strokeSeconds });
    const by = (drive: Drive) => found("oxygen-time", { ...oxygen, operator: "electric" }, drive).verdict;
    // Ten seconds are asked for, and a maker's time may be a fifth shorter.
    expect([by(timed(12.5)), by(timed(12.4))]).toEqual(["holds", "tight"]);
  });
});

describe("surge", () => {
  const line = (upstreamLengthM: number, rate = 40, more: Change = {}): Change => ({
    upstreamLengthM,
    ...more,
    fluid: { densityKgM3: 800, ...more.fluid },
    cases: [{ rate, rateBasis: "m³/h", upstreamBarG: 10, temperatureC: 38 }],
  });
  const added = (change: Change) =>
    found("surge", change).uses.find((u) => u.what === "surge pressure")!.value as number;
  it("is Joukowsky's in a long line, and less in a short one in proportion", () => {
    const bore = valve.size.boreMm / 1000;
    const velocity = 40 / 3600 / ((Math.PI / 4) * bore ** 2);
    expect(added(line(100_000))).toBeCloseTo((800 * 1200 * velocity) / 1e5, 9);
    expect(added(line(2))).toBeCloseTo(2 * added(line(1)), 9);
  });
  it("holds up to the body's rating, and fails beyond", () => {
    const per = added(line(100_000, 1));
    // Class 300, group 1.1 at 38 °C: 51.1 bar.
    const maximum = (51.1 - 10) / per;
    expect(found("surge", line(100_000, maximum * 0.999)).verdict).toBe("holds");
    expect(found("surge", line(100_000, maximum * 1.001)).verdict).toBe("fails");
  });
  it("waits for density, a flow and a closing time", () => {
    for (const densityKgM3 of [null, 0])
      expect(found("surge", line(100, 40, { fluid: { densityKgM3 } })).verdict).toBe("cannot tell");
    // A second flow without a stated temperature may be the worse of the two.
    const second = { ...line(100), cases: [...line(100).cases!, { rate: 500, temperatureC: null }] };
    expect(found("surge", second).verdict).toBe("cannot tell");
    expect(found("surge", line(100, 0)).verdict).toBe("cannot tell");
    expect(found("surge", { ...line(100), operator: "electric" }, motor).verdict).toBe("cannot tell");
    const slow = found("surge", { ...line(100), operator: "electric" }, { ...motor, strokeSeconds: 30 });
    expect(slow.uses.find((u) => u.what === "fastest closing time")!.value).toBe(24);
  });
});

describe("the spring side", () => {
  const salt = { installation: "marine air" } as const;
  it("breathes clean air, or ambient air", () => {
    expect(found("spring-side", salt).verdict).toBe("holds");
    expect(found("spring-side", salt, sprung, { springSideAir: "plant air" }).verdict).toBe("tight");
    expect(found("spring-side", salt, named("rp|RP 120|DA"), { springSideAir: "plant air" }).verdict).toBe(
      "not asked",
    );
  });
});
