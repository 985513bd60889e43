import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, type Setting, shelfWith } from "../../../test/fixture.ts";
import type { Catalogue } from "../../catalogue/index.ts";

type Line = Catalogue["lines"][number];
type DutyChange = NonNullable<Parameters<typeof dutyWith>[0]>;

const given = (
  duty: DutyChange = {},
  line: Partial<Line> | ((line: Line) => Partial<Line>) = {},
  more: Partial<Setting> = {},
): Setting => ({
  duty: dutyWith(duty),
  shelf: shelfWith((l) => ({ ...l, ...(typeof line === "function" ? line(l) : line) })),
  ...more,
});
const fluid = (change: DutyChange["fluid"], more: DutyChange = {}): DutyChange => ({
  fluid: change,
  ...more,
});
const hot = (temperatureC: number) => ({ cases: [{ temperatureC }] });
const at = (upstreamBarG: number) => ({ cases: [{ upstreamBarG }] });
const trim = (change: Partial<Line["trims"][number]>) => (l: Line) => ({
  trims: [{ ...l.trims[0]!, ...change }],
});
const grade = (name: string): Partial<Line> => ({ grades: [{ grade: name, priceFactor: 1 }] });
const seals = (change: Partial<Line["seals"][number]>) => (l: Line) => ({
  seals: [{ ...l.seals[0]!, ...change }],
});
const seal = (id: string, decompressionGrade = false) =>
  seals({ parts: [{ part: "ring", seal: id, decompressionGrade }] });
/** The fixture's first seat replaced, torque and load kept. */
const seat = (id: string) => (l: Line) => ({
  seats: [{ ...l.seats[0]!, seat: id }],
  sizes: l.sizes.map((s) => ({
    ...s,
    geometry: { ...s.geometry, seatLoadN: { [id]: 2000 } },
    torque: { ...s.torque, breakToOpenNm: { [id]: [20, 60] } },
  })),
});
const seated = (id: string) => ({ seat: id });
const steam = (temperatureC: number, more = {}) =>
  ({ fluid: { phase: "steam" as const }, cases: [{ temperatureC, ...more }] }) satisfies DutyChange;
const water = { family: "water" };
const lubricated = { construction: "plug-lubricated" };

const rows: [rule: string, verdict: string, setting: Setting][] = [
  ["vacuum", "not asked", given()],
  ["vacuum", "holds", given({ cases: [{ upstreamBarG: -0.5, downstreamBarG: -0.6 }] })],
  ["vacuum", "fails", given({ cases: [{ upstreamBarG: 2, downstreamBarG: -0.6 }] }, { vacuum: false })],
  ["steam-limit", "not asked", given()],
  ["steam-limit", "fails", given(steam(120))],
  ["steam-limit", "tight", given(steam(140, { kind: "steam-out", mayBeShut: false, downstreamBarG: 10 }))],
  ["steam-limit", "holds", given(steam(180), {}, seated("peek"))],
  ["steam-limit", "tight", given(steam(181), {}, seated("peek"))],
  ["steam-limit", "fails", given(steam(186), {}, seated("peek"))],
  ["sealant-heat", "not asked", given()],
  ["sealant-heat", "holds", given(hot(220), lubricated)],
  ["sealant-heat", "tight", given(hot(221), lubricated)],
  ["sealant-heat", "tight", given(hot(230), lubricated)],
  ["sealant-heat", "fails", given(hot(231), lubricated)],
  ["sealant-heat", "fails", given(steam(120), lubricated)],
  ["gasket-class", "not asked", given()],
  ["gasket-class", "holds", given({}, seal("ptfe-gasket"))],
  ["gasket-class", "fails", given({}, seal("ptfe-gasket"), { house: { softGasketToClass: 150 } })],
  ["bolting-temperature", "holds", given(hot(-42))],
  ["bolting-temperature", "tight", given(hot(-44))],
  ["bolting-temperature", "fails", given(hot(-49))],
  ["bolting-temperature", "tight", given(hot(441))],
  ["bolting-temperature", "fails", given(hot(451))],
  ["bolting-sour", "not asked", given(fluid({ h2sKPa: 0.29 }))],
  ["bolting-sour", "cannot tell", given(fluid({ family: "sour hydrocarbon" }))],
  ["bolting-sour", "tight", given(fluid({ h2sKPa: 0.3 }))],
  ["bolting-sour", "fails", given(fluid({ h2sKPa: 0.3 }, { installation: "buried" }))],
  ["bolting-sour", "holds", given(fluid({ h2sKPa: 0.3 }), { bolting: "b7m" })],
  ["bolting-marine", "not asked", given()],
  ["bolting-marine", "tight", given({ installation: "marine air" })],
  ["bolting-marine", "fails", given({ installation: "marine air" }, { bolting: "b8m" })],
  ["bolting-marine", "holds", given({ installation: "marine air" }, { bolting: "alloy-625" })],
  ["jacket-limit", "not asked", given()],
  ["jacket-limit", "holds", given({ jacketBarG: 9, jacketC: 190 })],
  ["jacket-limit", "tight", given({ jacketBarG: 10, jacketC: 190 })],
  ["jacket-limit", "fails", given({ jacketBarG: 10.1, jacketC: 190 })],
  ["jacket-limit", "holds", given({ jacketBarG: 9, jacketC: 200 })],
  ["jacket-limit", "fails", given({ jacketBarG: 9, jacketC: 200.1 })],
  ["jacket-limit", "cannot tell", given({ jacketBarG: 9 })],
  ["jacket-heat", "not asked", given()],
  ["jacket-heat", "holds", given({ jacketC: 190 })],
  ["jacket-heat", "tight", given({ jacketC: 191 })],
  ["jacket-heat", "fails", given({ jacketC: 201 })],
  ["seat-stress", "holds", given(at(30))],
  // 60·0.025·56/6 = 14 MPa on PTFE that carries 9 at 40 °C
  ["seat-stress", "fails", given(at(45))],
  ["seat-set", "holds", given({ longestShutDays: 30 })],
  ["seat-set", "holds", given({ longestShutDays: 31 })],
  [
    "seat-set",
    "tight",
    given(
      { longestShutDays: 31 },
      { equalisingGrooves: false, cavities: [{ arrangement: "plain", priceFactor: 1 }] },
    ),
  ],
  ["seat-set", "not asked", given({ longestShutDays: 31 }, seat("metal-wc"), seated("metal-wc"))],
  ["sour-body", "not asked", given(fluid({ h2sKPa: 0.29 }))],
  ["sour-body", "holds", given(fluid({ h2sKPa: 0.3 }))],
  ["sour-body", "cannot tell", given(fluid({ family: "sour hydrocarbon" }))],
  ["sour-body", "holds", given(fluid({ h2sKPa: 9 }), grade("A995 4A"))],
  ["sour-body", "tight", given(fluid({ h2sKPa: 10 }), grade("A995 4A"))],
  ["sour-body", "fails", given(fluid({ h2sKPa: 10.1 }), grade("A995 4A"))],
  ["sour-trim", "holds", given(fluid({ h2sKPa: 3 }))],
  ["sour-trim", "tight", given(fluid({ h2sKPa: 3.4 }), trim({ stem: "17-4PH" }))],
  ["sour-trim", "fails", given(fluid({ h2sKPa: 3.5 }), trim({ stem: "17-4PH" }))],
  ["sour-trim", "fails", given(fluid({ h2sKPa: 3 }), trim({ ball: "aluminium bronze" }))],
  ["chloride-body", "not asked", given(fluid({ chloridesMgL: 49 }))],
  ["chloride-body", "holds", given(fluid({ chloridesMgL: 50 }), grade("A351 CF8M"))],
  ["chloride-body", "tight", given({ ...fluid({ chloridesMgL: 50 }), ...hot(60) }, grade("A351 CF8M"))],
  ["chloride-body", "fails", given({ ...fluid({ chloridesMgL: 50 }), ...hot(61) }, grade("A351 CF8M"))],
  ["chloride-trim", "holds", given(fluid({ chloridesMgL: 1000 }))],
  ["chloride-trim", "fails", given(fluid({ chloridesMgL: 1001 }))],
  ["hydrogen-body", "not asked", given()],
  ["hydrogen-body", "holds", given(fluid({ hazards: ["hydrogen"] }))],
  ["hydrogen-body", "tight", given(fluid({ hazards: ["hydrogen"] }), grade("A995 4A"))],
  ["hydrogen-trim", "holds", given(fluid({ hazards: ["hydrogen"] }))],
  ["hydrogen-trim", "fails", given(fluid({ hazards: ["hydrogen"] }), trim({ stem: "17-4PH" }))],
  ["hydrogen-tightness", "holds", given(fluid({ hazards: ["hydrogen"] }))],
  ["hydrogen-tightness", "fails", given(fluid({ hazards: ["hydrogen"] }), seals({ emissionClass: "C" }))],
  ["oxygen-seat", "tight", given(fluid({ hazards: ["oxygen"] }))],
  ["oxygen-seat", "fails", given(fluid({ hazards: ["oxygen"] }), {}, seated("peek"))],
  ["oxygen-body", "fails", given(fluid({ hazards: ["oxygen"] }))],
  ["oxygen-body", "holds", given(fluid({ hazards: ["oxygen"] }, at(1.8)))],
  ["oxygen-body", "tight", given(fluid({ hazards: ["oxygen"] }, at(2)))],
  ["oxygen-trim", "holds", given(fluid({ hazards: ["oxygen"] }, at(12)))],
  ["oxygen-trim", "tight", given(fluid({ hazards: ["oxygen"] }, at(14)))],
  ["oxygen-trim", "fails", given(fluid({ hazards: ["oxygen"] }, at(14.1)))],
  ["oxygen-opening", "fails", given(fluid({ hazards: ["oxygen"] }))],
  ["oxygen-opening", "holds", given(fluid({ hazards: ["oxygen"] }, { equalisingBypass: true }))],
  ["ammonia-copper", "not asked", given()],
  ["ammonia-copper", "holds", given(fluid({ family: "ammonia" }))],
  ["ammonia-copper", "fails", given(fluid({ family: "ammonia" }), trim({ ball: "alloy 400" }))],
  ["galling", "not asked", given()],
  ["galling", "fails", given({}, seat("metal-wc"), seated("metal-wc"))],
  [
    "galling",
    "holds",
    given(
      {},
      (l) => ({ ...seat("metal-wc")(l), ...trim({ coating: "tungsten carbide coating" })(l) }),
      seated("metal-wc"),
    ),
  ],
  ["decompression", "not asked", given(fluid({ phase: "gas" }, at(40)), seal("fkm"))],
  ["decompression", "fails", given(fluid({ phase: "gas" }, at(50)), seal("fkm"))],
  ["decompression", "holds", given(fluid({ phase: "gas" }, at(50)), seal("fkm", true))],
  ["decompression", "fails", given(fluid({ phase: "gas" }, at(50)), seal("nbr", true))],
  ["decompression", "holds", given(fluid({ phase: "gas" }, at(50)), seal("ptfe-lip"))],
  ["decompression", "not asked", given(at(50), seal("fkm"))],
  ["spring-chemistry", "not asked", given()],
  ["spring-chemistry", "holds", given({}, trim({ spring: "X-750 spring" }))],
  [
    "spring-chemistry",
    "fails",
    given(fluid({ family: "hydrofluoric acid" }), trim({ spring: "X-750 spring" })),
  ],
  ["coating-chemistry", "not asked", given()],
  ["coating-chemistry", "holds", given({}, trim({ coating: "tungsten carbide coating" }))],
  [
    "coating-chemistry",
    "fails",
    given(fluid({ family: "strong mineral acid" }), trim({ coating: "tungsten carbide coating" })),
  ],
  ["graphite-seawater", "not asked", given()],
  ["graphite-seawater", "tight", given(fluid({ family: "seawater and brine" }))],
  ["graphite-seawater", "holds", given(fluid({ family: "seawater and brine" }), seal("ptfe-chevron"))],
  ["caustic-cracking", "not asked", given()],
  ["caustic-cracking", "holds", given({ ...fluid({ family: "caustic" }), ...hot(50) })],
  ["caustic-cracking", "tight", given({ ...fluid({ family: "caustic" }), ...hot(51) })],
  ["caustic-cracking", "fails", given({ ...fluid({ family: "caustic" }), ...hot(91) })],
  [
    "caustic-cracking",
    "not asked",
    given({ ...fluid({ family: "caustic" }), ...hot(91) }, grade("A351 CF8M")),
  ],
  ["wet-carbon-dioxide", "not asked", given()],
  ["wet-carbon-dioxide", "tight", given(fluid({ family: "carbon dioxide dense phase" }))],
  ["wet-carbon-dioxide", "fails", given(fluid({ family: "carbon dioxide dense phase", freeWater: true }))],
  ["wet-carbon-dioxide", "holds", given(fluid({ family: "carbon dioxide dense phase", freeWater: false }))],
  ["abrasion", "not asked", given()],
  ["abrasion", "tight", given(fluid({ solidsPercent: 0.5 }))],
  ["abrasion", "fails", given(fluid({ solidsPercent: 0.6 }))],
  ["abrasion", "tight", given(fluid({ solidsPercent: 0.6, solidsHard: false }))],
  ["abrasion", "holds", given(fluid({ solidsPercent: 0.6 }), {}, seated("peek"))],
  ["line-test", "not asked", given()],
  // PTFE at DN 50: 1.1 × the lower of rating and seat limit
  ["line-test", "holds", given({ lineTestBarG: 56 }, {}, seated("peek"))],
  ["line-test", "fails", given({ lineTestBarG: 57 }, {}, seated("peek"))],
  ["freezing", "holds", given(fluid({ substance: "water" }, { ambientMinimumC: 1 }))],
  ["freezing", "tight", given(fluid({ substance: "water" }, { ambientMinimumC: -1 }))],
  ["freezing", "fails", given({ ...fluid({ substance: "water" }), ...hot(-2) })],
  ["freezing", "tight", given({ ...fluid({ substance: "water" }, { jacketC: 50 }), ...hot(-2) })],
  ["freezing", "not asked", given(fluid({ substance: null }))],
  ["adjustable-gland-heat", "not asked", given()],
  [
    "adjustable-gland-heat",
    "holds",
    given(hot(90), (l) => ({
      ...seals({ ...seal("hnbr")(l).seals[0]!, stemSeal: "O-ring and packing" })(l),
    })),
  ],
  [
    "adjustable-gland-heat",
    "fails",
    given(hot(151), (l) => ({
      ...seals({ ...seal("hnbr")(l).seals[0]!, stemSeal: "O-ring and packing" })(l),
    })),
  ],
];

describe("envelope rules on both sides of their border", () => {
  it.each(rows)("%s: %s", (rule, verdict, setting) => {
    expect(findingOn(`envelope/${rule}`, setting).verdict).toBe(verdict);
  });
});

describe("trapped cavity", () => {
  const plain = { cavities: [{ arrangement: "plain" as const, priceFactor: 1 }] };
  const warm = (ambientMaximumC: number, more: DutyChange = {}) =>
    given(fluid(water, { ambientMaximumC, ...more }), plain);
  it("bursts a plain cavity that warms, and says by how much", () => {
    const finding = findingOn("envelope/trapped-cavity", given({ ambientMaximumC: 80 }, plain));
    // (0.0012 − 3·12e-6)/(0.00014 + 0.00001) = 7.76 bar/K from 40 to 80 °C, above the 10 it starts at
    expect(finding.value).toBeCloseTo(10 + 7.76 * 40, 6);
    expect(finding).toMatchObject({ verdict: "fails", unit: "bar g" });
  });
  it("holds where it does not warm, and turns where the rise meets the rating", () => {
    expect(findingOn("envelope/trapped-cavity", warm(40)).verdict).toBe("holds");
    expect(findingOn("envelope/trapped-cavity", given({ ambientMaximumC: 44.9 }, plain)).verdict).toBe(
      "tight",
    );
    expect(findingOn("envelope/trapped-cavity", given({ ambientMaximumC: 46 }, plain)).verdict).toBe("fails");
  });
  it("adds the sun outdoors only", () => {
    const outside = given({ ambientMaximumC: 30, installation: "outdoor" }, plain);
    expect(findingOn("envelope/trapped-cavity", outside).uses.map((u) => u.value)).toContain(55);
  });
  it("allows a third more where the house follows pipeline practice", () => {
    const house = { cavityLimit: "1.33 × rating" as const };
    const limit = (more: object) =>
      findingOn("envelope/trapped-cavity", { ...given({ ambientMaximumC: 46 }, plain), ...more })
        .limit as number;
    expect(limit({ house })).toBeCloseTo(1.33 * limit({}), 9);
  });
  it("is relieved by a sliding seat, a hole upstream or a pipe, and asked of no gas", () => {
    const of = (setting: Setting) => findingOn("envelope/trapped-cavity", setting);
    const trunnion = of({ ...given({ ambientMaximumC: 80 }), line: "trunnion" });
    // (2000 + 50)/(0.1·π/4·(66² − 56²)) = 21.4 bar above a vented line
    expect(trunnion).toMatchObject({ verdict: "holds" });
    expect(trunnion.value).toBeCloseTo(2050 / (0.1 * (Math.PI / 4) * (66 ** 2 - 56 ** 2)), 6);
    expect(
      of(given({ ambientMaximumC: 80 }, { cavities: [{ arrangement: "upstream hole", priceFactor: 1 }] }))
        .value,
    ).toBe(10);
    expect(of(given({ ambientMaximumC: 80, cavityRelief: true }, plain)).value).toBe(10);
    expect(of(given({ ambientMaximumC: 80, ...fluid({ phase: "gas" }) }, plain)).verdict).toBe("not asked");
    expect(of(given({ ambientMaximumC: 80, ...fluid({ substance: null }) }, plain))).toMatchObject({
      verdict: "cannot tell",
      missing: "the substance, for its thermal expansion",
    });
  });
});
