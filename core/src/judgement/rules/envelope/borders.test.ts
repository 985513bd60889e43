import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, type Setting, shelfWith } from "../../../../test/fixture.ts";
import type { Catalogue } from "../../../equipment/catalogue/schema.ts";

type Line = Catalogue["lines"][number];
type DutyChange = NonNullable<Parameters<typeof dutyWith>[0]>;

const envelopeSetting = (
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
const atPressure = (upstreamBarG: number) => ({ cases: [{ upstreamBarG }] });
const trim = (change: Partial<Line["trims"][number]>) => (l: Line) => ({
  trims: [{ ...l.trims[0]!, ...change }],
});
const grade = (name: string): Partial<Line> => ({ grades: [{ grade: name, priceFactor: 1 }] });
const seals = (change: Partial<Line["seals"][number]>) => (l: Line) => ({
  seals: [{ ...l.seals[0]!, ...change }],
});
const seal = (id: string, decompressionGrade = false) =>
  seals({ parts: [{ part: "ring", seal: id, decompressionGrade }] });
/** The fixture's first seat replaced, torque and load unchanged. */
const seat = (id: string) => (l: Line) => ({
  seats: [{ ...l.seats[0]!, seat: id }],
  sizes: l.sizes.map((s) => ({
    ...s,
    geometry: { ...s.geometry, seatLoadN: { [id]: 2000 } },
    torque: { ...s.torque, breakToOpenNm: { [id]: [20, 60] } },
  })),
});
const faced = (id: string, coating: string) => (l: Line) => ({
  ...seat(id)(l),
  trims: l.trims.map((t) => ({ ...t, coating })),
});
const seated = (id: string) => ({ seat: id });
const steam = (temperatureC: number, more = {}) =>
  ({ fluid: { phase: "steam" as const }, cases: [{ temperatureC, ...more }] }) satisfies DutyChange;
const water = { family: "water" };
const caustic = (strengthPercent: number | null, temperatureC: number): DutyChange => ({
  fluid: { family: "caustic", strengthPercent },
  cases: [{ temperatureC }],
});
const causticNamed = (substance: string, strengthPercent: number): DutyChange => ({
  fluid: { family: "caustic", substance, strengthPercent },
  cases: [{ temperatureC: 60 }],
});
const sea = (temperatureC: number): DutyChange => ({
  fluid: { family: "seawater and brine", substance: "seawater" },
  cases: [{ temperatureC }],
});
const sourWater = (ph: number) =>
  fluid({ ph, h2sKPa: 1, carbonDioxideBarA: 0.1, freeWater: true, family: "water" });
/** Seawater is wet, whatever is said of free water. */
const sulphide = (h2sKPa: number) => fluid({ family: "seawater and brine", h2sKPa, freeWater: false });
/** A body of 316 in water with chlorides. */
const salty = (chloridesMgL: number, temperatureC: number, further: DutyChange["fluid"] = {}) =>
  envelopeSetting({ ...fluid({ chloridesMgL, ...further }), ...hot(temperatureC) }, grade("A351 CF8M"));
const marine = (temperatureC: number): DutyChange => ({
  installation: "marine air",
  ambientMaximumC: 40,
  cases: [{ temperatureC }],
});
const amine = (temperatureC: number): DutyChange => ({
  fluid: { family: "amine solution" },
  cases: [{ temperatureC }],
});
const blownDown = (temperatureC: number, moved: boolean | null) => ({
  cases: [
    { temperatureC: 20, phase: "gas" as const },
    { id: "b", name: "blow-down", kind: "blow-down" as const, phase: "gas" as const, temperatureC, moved },
  ],
});
const snow = (temperatureC: number, moved: boolean | null, line = {}) =>
  envelopeSetting({ ...fluid({ substance: "carbon-dioxide" }), ...blownDown(temperatureC, moved) }, line);
/** Water at −2 °C in one case and at −5 °C in another. */
const frozenWater = (first: boolean | null, second: boolean) =>
  envelopeSetting({
    ...fluid({ substance: "water" }),
    cases: [
      { temperatureC: -2, moved: first },
      { id: "b", temperatureC: -5, moved: second },
    ],
  });
const thawed = envelopeSetting({
  ...fluid({ substance: "water" }),
  cases: [{ temperatureC: 20 }, { id: "b", temperatureC: -5, moved: false }],
});
const cold = (kind: "blow-down" | "normal") => ({
  cases: [{ kind, phase: "gas" as const, temperatureC: -78 }],
});
/** Body, ball and stem of one metal. */
const madeOf = (grade: string, metal: string) => (l: Line) => ({
  grades: [{ grade, priceFactor: 1 }],
  trims: [{ ...l.trims[0]!, ball: metal, stem: metal }],
});
const filler: Partial<Line> = { cavities: [{ arrangement: "cavity filler", priceFactor: 1 }] };
const lubricated = { construction: "plug-lubricated" };

const rows: [rule: string, verdict: string, setting: Setting][] = [
  ["vacuum", "not asked", envelopeSetting()],
  ["vacuum", "holds", envelopeSetting({ cases: [{ upstreamBarG: -0.5, downstreamBarG: -0.6 }] })],
  [
    "vacuum",
    "fails",
    envelopeSetting({ cases: [{ upstreamBarG: 2, downstreamBarG: -0.6 }] }, { vacuum: false }),
  ],
  ["steam-limit", "not asked", envelopeSetting()],
  ["steam-limit", "fails", envelopeSetting(steam(120))],
  [
    "steam-limit",
    "tight",
    envelopeSetting(steam(140, { kind: "steam-out", mayBeShut: false, downstreamBarG: 10 })),
  ],
  ["steam-limit", "holds", envelopeSetting(steam(180), {}, seated("peek"))],
  ["steam-limit", "tight", envelopeSetting(steam(181), {}, seated("peek"))],
  ["steam-limit", "fails", envelopeSetting(steam(186), {}, seated("peek"))],
  ["sealant-heat", "not asked", envelopeSetting()],
  ["sealant-heat", "holds", envelopeSetting(hot(220), lubricated)],
  ["sealant-heat", "tight", envelopeSetting(hot(221), lubricated)],
  ["sealant-heat", "tight", envelopeSetting(hot(230), lubricated)],
  ["sealant-heat", "fails", envelopeSetting(hot(231), lubricated)],
  ["sealant-heat", "fails", envelopeSetting(steam(120), lubricated)],
  ["gasket-class", "not asked", envelopeSetting()],
  ["gasket-class", "holds", envelopeSetting({}, seal("ptfe-gasket"))],
  ["gasket-class", "fails", envelopeSetting({}, seal("ptfe-gasket"), { house: { softGasketToClass: 150 } })],
  ["bolting-temperature", "holds", envelopeSetting(hot(-42))],
  ["bolting-temperature", "tight", envelopeSetting(hot(-44))],
  ["bolting-temperature", "fails", envelopeSetting(hot(-49))],
  ["bolting-temperature", "tight", envelopeSetting(hot(441))],
  ["bolting-temperature", "fails", envelopeSetting(hot(451))],
  ["bolting-sour", "not asked", envelopeSetting(fluid({ h2sKPa: 0.29 }))],
  ["bolting-sour", "cannot tell", envelopeSetting(fluid({ family: "sour hydrocarbon" }))],
  ["bolting-sour", "tight", envelopeSetting(fluid({ h2sKPa: 0.3 }))],
  ["bolting-sour", "fails", envelopeSetting(fluid({ h2sKPa: 0.3 }, { installation: "buried" }))],
  ["bolting-sour", "holds", envelopeSetting(fluid({ h2sKPa: 0.3 }), { bolting: "b7m" })],
  ["bolting-marine", "not asked", envelopeSetting()],
  ["bolting-marine", "tight", envelopeSetting({ installation: "marine air" })],
  ["bolting-marine", "fails", envelopeSetting(marine(50), { bolting: "b8m" })],
  ["bolting-marine", "tight", envelopeSetting(marine(49.9), { bolting: "b8m" })],
  ["bolting-marine", "fails", envelopeSetting({ ...marine(-60), ambientMaximumC: 50 }, { bolting: "b8m" })],
  ["carbonate-cracking", "not asked", envelopeSetting(sourWater(7.5))],
  ["carbonate-cracking", "tight", envelopeSetting(sourWater(7.6))],
  ["carbonate-cracking", "not asked", envelopeSetting(sourWater(9), madeOf("A351 CF8M", "austenitic 316"))],
  ["copper-alloy", "not asked", envelopeSetting(sulphide(0), trim({ ball: "nickel aluminium bronze" }))],
  ["copper-alloy", "fails", envelopeSetting(sulphide(0.1), trim({ ball: "nickel aluminium bronze" }))],
  ["amine-cracking", "not asked", envelopeSetting()],
  ["amine-cracking", "not asked", envelopeSetting(amine(60), madeOf("A351 CF8M", "austenitic 316"))],
  ["amine-cracking", "holds", envelopeSetting(amine(38))],
  ["amine-cracking", "tight", envelopeSetting(amine(38.1))],
  ["bolting-marine", "holds", envelopeSetting({ installation: "marine air" }, { bolting: "alloy-625" })],
  ["jacket-limit", "not asked", envelopeSetting()],
  ["jacket-limit", "holds", envelopeSetting({ jacketBarG: 9, jacketC: 190 })],
  ["jacket-limit", "tight", envelopeSetting({ jacketBarG: 10, jacketC: 190 })],
  ["jacket-limit", "fails", envelopeSetting({ jacketBarG: 10.1, jacketC: 190 })],
  ["jacket-limit", "holds", envelopeSetting({ jacketBarG: 9, jacketC: 200 })],
  ["jacket-limit", "fails", envelopeSetting({ jacketBarG: 9, jacketC: 200.1 })],
  ["jacket-limit", "cannot tell", envelopeSetting({ jacketBarG: 9 })],
  ["jacket-heat", "not asked", envelopeSetting()],
  ["jacket-heat", "holds", envelopeSetting({ jacketC: 190 })],
  ["jacket-heat", "tight", envelopeSetting({ jacketC: 191 })],
  ["jacket-heat", "fails", envelopeSetting({ jacketC: 201 })],
  ["seat-stress", "holds", envelopeSetting(atPressure(30))],
  // 60·0.025·56/6 = 14 MPa on PTFE that carries 9 at 40 °C
  ["seat-stress", "fails", envelopeSetting(atPressure(45))],
  ["seat-set", "holds", envelopeSetting({ longestShutDays: 30 })],
  ["seat-set", "holds", envelopeSetting({ longestShutDays: 31 })],
  [
    "seat-set",
    "tight",
    envelopeSetting(
      { longestShutDays: 31 },
      { equalisingGrooves: false, cavities: [{ arrangement: "plain", priceFactor: 1 }] },
    ),
  ],
  ["seat-set", "not asked", envelopeSetting({ longestShutDays: 31 }, seat("metal-wc"), seated("metal-wc"))],
  ["sour-body", "not asked", envelopeSetting(fluid({ h2sKPa: 0.29 }))],
  ["sour-body", "holds", envelopeSetting(fluid({ h2sKPa: 0.3 }))],
  ["sour-body", "cannot tell", envelopeSetting(fluid({ family: "sour hydrocarbon" }))],
  ["sour-body", "holds", envelopeSetting(fluid({ h2sKPa: 9 }), grade("A995 4A"))],
  ["sour-body", "tight", envelopeSetting(fluid({ h2sKPa: 10 }), grade("A995 4A"))],
  ["sour-body", "fails", envelopeSetting(fluid({ h2sKPa: 10.1 }), grade("A995 4A"))],
  ["sour-trim", "holds", envelopeSetting(fluid({ h2sKPa: 3 }))],
  ["sour-trim", "tight", envelopeSetting(fluid({ h2sKPa: 3.4 }), trim({ stem: "17-4PH" }))],
  ["sour-trim", "fails", envelopeSetting(fluid({ h2sKPa: 3.5 }), trim({ stem: "17-4PH" }))],
  ["sour-trim", "fails", envelopeSetting(fluid({ h2sKPa: 3 }), trim({ ball: "aluminium bronze" }))],
  ["chloride-body", "not asked", envelopeSetting(fluid({ chloridesMgL: 9 }))],
  ["chloride-body", "holds", salty(10, 85)],
  // Cracking at 10 mg/l starts at 95 °C; the margin is 10 K.
  ["chloride-body", "tight", salty(10, 85.1)],
  ["chloride-body", "tight", salty(10, 95)],
  ["chloride-body", "fails", salty(10, 95.1)],
  // Ten times the content cracks at 75 °C, and a hundred times pits before.
  ["chloride-body", "tight", salty(100, 75)],
  ["chloride-body", "fails", salty(100, 75.1)],
  ["chloride-body", "holds", salty(600, 25)],
  ["chloride-body", "tight", salty(600, 40)],
  ["chloride-body", "fails", salty(601, 40)],
  // Acid water halves the content per unit of pH; alkaline water cracks 60 K later.
  ["chloride-body", "fails", salty(301, 40, { ph: 5 })],
  ["chloride-body", "holds", salty(10, 130, { ph: 10 })],
  ["chloride-body", "fails", salty(10, 130, { ph: 9.9 })],
  ["chloride-trim", "tight", envelopeSetting({ ...fluid({ chloridesMgL: 1000 }), ...hot(25) })],
  ["chloride-trim", "fails", envelopeSetting({ ...fluid({ chloridesMgL: 1001 }), ...hot(25) })],
  ["hydrogen-body", "not asked", envelopeSetting()],
  ["hydrogen-body", "holds", envelopeSetting(fluid({ hazards: ["hydrogen"] }))],
  ["hydrogen-body", "tight", envelopeSetting(fluid({ hazards: ["hydrogen"] }), grade("A995 4A"))],
  ["hydrogen-trim", "holds", envelopeSetting(fluid({ hazards: ["hydrogen"] }))],
  ["hydrogen-trim", "fails", envelopeSetting(fluid({ hazards: ["hydrogen"] }), trim({ stem: "17-4PH" }))],
  ["hydrogen-tightness", "holds", envelopeSetting(fluid({ hazards: ["hydrogen"] }))],
  [
    "hydrogen-tightness",
    "fails",
    envelopeSetting(fluid({ hazards: ["hydrogen"] }), seals({ emissionClass: "C" })),
  ],
  ["oxygen-seat", "tight", envelopeSetting(fluid({ hazards: ["oxygen"] }))],
  ["oxygen-seat", "fails", envelopeSetting(fluid({ hazards: ["oxygen"] }), {}, seated("peek"))],
  ["oxygen-body", "fails", envelopeSetting(fluid({ hazards: ["oxygen"] }))],
  ["oxygen-body", "holds", envelopeSetting(fluid({ hazards: ["oxygen"] }, atPressure(1.8)))],
  ["oxygen-body", "tight", envelopeSetting(fluid({ hazards: ["oxygen"] }, atPressure(2)))],
  ["oxygen-trim", "holds", envelopeSetting(fluid({ hazards: ["oxygen"] }, atPressure(12)))],
  ["oxygen-trim", "tight", envelopeSetting(fluid({ hazards: ["oxygen"] }, atPressure(14)))],
  ["oxygen-trim", "fails", envelopeSetting(fluid({ hazards: ["oxygen"] }, atPressure(14.1)))],
  ["oxygen-opening", "fails", envelopeSetting(fluid({ hazards: ["oxygen"] }))],
  ["oxygen-opening", "holds", envelopeSetting(fluid({ hazards: ["oxygen"] }, { equalisingBypass: true }))],
  ["copper-alloy", "not asked", envelopeSetting()],
  ["copper-alloy", "holds", envelopeSetting(fluid({ family: "ammonia" }))],
  ["copper-alloy", "fails", envelopeSetting(fluid({ family: "ammonia" }), trim({ ball: "alloy 400" }))],
  ["copper-alloy", "fails", envelopeSetting(fluid({ family: "ammonia" }), grade("Alloy 400 (M35-1)"))],
  [
    "copper-alloy",
    "fails",
    envelopeSetting(fluid({ substance: "acetylene" }), trim({ ball: "aluminium bronze" })),
  ],
  ["copper-alloy", "fails", envelopeSetting(fluid({ substance: "butadiene" }), trim({ stem: "alloy 400" }))],
  ["copper-alloy", "fails", envelopeSetting(fluid({ h2sKPa: 0.1 }), trim({ ball: "alloy 400" }))],
  [
    "copper-alloy",
    "not asked",
    envelopeSetting(fluid({ h2sKPa: 0.1, freeWater: false }), trim({ ball: "alloy 400" })),
  ],
  ["galling", "not asked", envelopeSetting()],
  ["galling", "fails", envelopeSetting({}, seat("metal-wc"), seated("metal-wc"))],
  [
    "galling",
    "holds",
    envelopeSetting(
      {},
      (l) => ({ ...seat("metal-wc")(l), ...trim({ coating: "tungsten carbide coating" })(l) }),
      seated("metal-wc"),
    ),
  ],
  ["decompression", "not asked", envelopeSetting(fluid({ phase: "gas" }, atPressure(40)), seal("fkm"))],
  ["decompression", "fails", envelopeSetting(fluid({ phase: "gas" }, atPressure(50)), seal("fkm"))],
  ["decompression", "holds", envelopeSetting(fluid({ phase: "gas" }, atPressure(50)), seal("fkm", true))],
  ["decompression", "fails", envelopeSetting(fluid({ phase: "gas" }, atPressure(50)), seal("nbr", true))],
  ["decompression", "holds", envelopeSetting(fluid({ phase: "gas" }, atPressure(50)), seal("ptfe-lip"))],
  ["decompression", "not asked", envelopeSetting(atPressure(50), seal("fkm"))],
  ["spring-chemistry", "not asked", envelopeSetting()],
  ["spring-chemistry", "holds", envelopeSetting({}, trim({ spring: "X-750 spring" }))],
  [
    "spring-chemistry",
    "fails",
    envelopeSetting(fluid({ family: "hydrofluoric acid" }), trim({ spring: "X-750 spring" })),
  ],
  ["coating-chemistry", "not asked", envelopeSetting()],
  ["coating-chemistry", "holds", envelopeSetting({}, trim({ coating: "tungsten carbide coating" }))],
  [
    "coating-chemistry",
    "fails",
    envelopeSetting(fluid({ family: "strong mineral acid" }), trim({ coating: "tungsten carbide coating" })),
  ],
  ["graphite-seawater", "not asked", envelopeSetting()],
  ["graphite-seawater", "tight", envelopeSetting(fluid({ family: "seawater and brine" }))],
  [
    "graphite-seawater",
    "holds",
    envelopeSetting(fluid({ family: "seawater and brine" }), seal("ptfe-chevron")),
  ],
  ["caustic-cracking", "not asked", envelopeSetting()],
  ["caustic-cracking", "holds", envelopeSetting(caustic(50, 46))],
  ["caustic-cracking", "fails", envelopeSetting(caustic(50, 46.1))],
  ["caustic-cracking", "holds", envelopeSetting(caustic(30, 57))],
  ["caustic-cracking", "fails", envelopeSetting(caustic(30, 57.1))],
  ["caustic-cracking", "holds", envelopeSetting(caustic(10, 79.9))],
  ["caustic-cracking", "fails", envelopeSetting(caustic(10, 80.1))],
  // A stated strength that contradicts the substance: the stronger counts.
  ["caustic-cracking", "fails", envelopeSetting(causticNamed("caustic-50", 10))],
  ["caustic-cracking", "fails", envelopeSetting(causticNamed("caustic-soda", 50))],
  ["caustic-cracking", "holds", envelopeSetting(causticNamed("caustic-soda", 10))],
  // The strength of an acid says nothing of the caustic that the family names.
  ["caustic-cracking", "fails", envelopeSetting(causticNamed("nitric-acid", 5))],
  // Not stated: the strength that carbon steel resists least.
  ["caustic-cracking", "fails", envelopeSetting(caustic(null, 47))],
  ["caustic-cracking", "holds", envelopeSetting(caustic(21, 79), grade("A351 CF8M"))],
  ["caustic-cracking", "tight", envelopeSetting(caustic(21, 80), grade("A351 CF8M"))],
  ["caustic-cracking", "tight", envelopeSetting(caustic(20, 100), grade("A351 CF8M"))],
  ["caustic-cracking", "fails", envelopeSetting(caustic(21, 100), grade("A351 CF8M"))],
  [
    "caustic-cracking",
    "not asked",
    envelopeSetting(caustic(50, 140), (l) => ({
      ...grade("Alloy 625"),
      ...trim({ ball: "alloy 625 or C-276", stem: "alloy 625 or C-276" })(l),
    })),
  ],
  ["wet-carbon-dioxide", "not asked", envelopeSetting()],
  ["wet-carbon-dioxide", "cannot tell", envelopeSetting(fluid({ family: "carbon dioxide dense phase" }))],
  [
    "wet-carbon-dioxide",
    "fails",
    envelopeSetting(fluid({ family: "carbon dioxide dense phase", freeWater: true })),
  ],
  [
    "wet-carbon-dioxide",
    "holds",
    envelopeSetting(fluid({ family: "carbon dioxide dense phase", freeWater: false })),
  ],
  ["wet-carbon-dioxide", "holds", envelopeSetting(fluid({ carbonDioxideBarA: 0.2, freeWater: true }))],
  ["wet-carbon-dioxide", "tight", envelopeSetting(fluid({ carbonDioxideBarA: 0.21, freeWater: true }))],
  ["wet-carbon-dioxide", "tight", envelopeSetting(fluid({ carbonDioxideBarA: 2, freeWater: true }))],
  ["wet-carbon-dioxide", "fails", envelopeSetting(fluid({ carbonDioxideBarA: 2.01, freeWater: true }))],
  ["wet-carbon-dioxide", "holds", envelopeSetting(fluid({ carbonDioxideBarA: 5, waterDewPointC: 39.9 }))],
  ["wet-carbon-dioxide", "fails", envelopeSetting(fluid({ carbonDioxideBarA: 5, waterDewPointC: 40 }))],
  ["hydrogen-attack", "not asked", envelopeSetting()],
  ["hydrogen-attack", "holds", envelopeSetting({ ...fluid({ hydrogenBarA: 14 }), ...hot(230) })],
  ["hydrogen-attack", "tight", envelopeSetting({ ...fluid({ hydrogenBarA: 14 }), ...hot(231) })],
  ["hydrogen-attack", "tight", envelopeSetting({ ...fluid({ hydrogenBarA: 14 }), ...hot(250) })],
  ["hydrogen-attack", "fails", envelopeSetting({ ...fluid({ hydrogenBarA: 14 }), ...hot(251) })],
  ["hydrogen-attack", "fails", envelopeSetting({ ...fluid({ hydrogenBarA: 200 }), ...hot(206) })],
  // Not stated, all of the pressure: 34 bar g is 35 bar a.
  [
    "hydrogen-attack",
    "fails",
    envelopeSetting(fluid({ family: "hydrogen" }, { cases: [{ upstreamBarG: 34, temperatureC: 231 }] })),
  ],
  [
    "hydrogen-attack",
    "holds",
    envelopeSetting({ ...fluid({ hydrogenBarA: 35 }), ...hot(335) }, grade("A217 WC6")),
  ],
  [
    "hydrogen-attack",
    "fails",
    envelopeSetting({ ...fluid({ hydrogenBarA: 35 }), ...hot(356) }, grade("A217 WC6")),
  ],
  [
    "hydrogen-attack",
    "not asked",
    envelopeSetting({ ...fluid({ hydrogenBarA: 35 }), ...hot(356) }, grade("A351 CF8M")),
  ],
  ["sulphidation", "not asked", envelopeSetting({ ...fluid({ family: "glycol" }), ...hot(261) })],
  ["sulphidation", "fails", envelopeSetting({ ...fluid({ sulphurPercent: 1 }), ...hot(261) })],
  ["sulphidation", "not asked", envelopeSetting({ ...fluid({ sulphurPercent: 1 }), ...hot(260) })],
  [
    "sulphidation",
    "holds",
    envelopeSetting({ ...fluid({ sulphurPercent: 1 }), ...hot(261) }, grade("A351 CF8M")),
  ],
  [
    "sulphidation",
    "fails",
    envelopeSetting({ ...fluid({ substance: "crude-oil" }), ...hot(261) }, grade("A217 WC6")),
  ],
  ["sulphidation", "cannot tell", envelopeSetting({ ...fluid({ substance: null }), ...hot(261) })],
  ["sulphidation", "not asked", envelopeSetting({ ...fluid({ substance: "hot-oil" }), ...hot(300) })],
  ["seawater-crevice", "not asked", envelopeSetting()],
  ["seawater-crevice", "fails", envelopeSetting(sea(5), grade("A351 CF8M"))],
  ["seawater-crevice", "holds", envelopeSetting(sea(15), madeOf("A995 4A", "22Cr duplex"))],
  ["seawater-crevice", "fails", envelopeSetting(sea(16), madeOf("A995 4A", "22Cr duplex"))],
  ["seawater-crevice", "holds", envelopeSetting(sea(20), madeOf("A995 6A", "25Cr super duplex"))],
  ["seawater-crevice", "tight", envelopeSetting(sea(30), madeOf("A995 6A", "25Cr super duplex"))],
  ["seawater-crevice", "fails", envelopeSetting(sea(31), madeOf("A995 6A", "25Cr super duplex"))],
  [
    "seawater-crevice",
    "not asked",
    envelopeSetting(fluid({ family: "seawater and brine", substance: "produced-water" })),
  ],
  ["chlorine-heat", "not asked", envelopeSetting()],
  ["chlorine-heat", "holds", envelopeSetting({ ...fluid({ family: "chlorine" }), ...hot(100) })],
  ["chlorine-heat", "tight", envelopeSetting({ ...fluid({ family: "chlorine" }), ...hot(101) })],
  ["chlorine-heat", "fails", envelopeSetting({ ...fluid({ family: "chlorine" }), ...hot(121) })],
  ["sealant-chemistry", "not asked", envelopeSetting()],
  ["sealant-chemistry", "tight", envelopeSetting({}, lubricated)],
  ["sealant-chemistry", "holds", envelopeSetting(fluid(water), lubricated)],
  ["sealant-chemistry", "fails", envelopeSetting(fluid({ family: "ketones and esters" }), lubricated)],
  [
    "sealant-chemistry",
    "fails",
    envelopeSetting(fluid({ family: "water", hazards: ["hygienic"] }), lubricated),
  ],
  ["filler-swell", "not asked", envelopeSetting()],
  ["filler-swell", "holds", envelopeSetting(hot(100), filler)],
  ["filler-swell", "tight", envelopeSetting(hot(101), filler)],
  ["filler-swell", "fails", envelopeSetting(hot(161), filler)],
  ["seat-life", "holds", envelopeSetting({ strokesPerYear: 12 })],
  ["seat-life", "tight", envelopeSetting({ strokesPerYear: 250_000 / 3 })],
  ["seat-life", "fails", envelopeSetting({ strokesPerYear: 250_001 / 3 })],
  ["seat-life", "holds", envelopeSetting({ strokesPerYear: 125_000 / 3 })],
  ["seat-life", "tight", envelopeSetting({ strokesPerYear: 125_001 / 3 })],
  ["seat-life", "tight", envelopeSetting({ strokesPerYear: 250_001 / 3 }, {}, { line: "trunnion" })],
  ["packing-life", "holds", envelopeSetting({ strokesPerYear: 12 })],
  ["packing-life", "fails", envelopeSetting({ strokesPerYear: 100_001 / 3 })],
  [
    "packing-life",
    "holds",
    envelopeSetting({ strokesPerYear: 100_001 / 3 }, seals({ stemSeal: "live-loaded stack" })),
  ],
  ["abrasion", "not asked", envelopeSetting()],
  ["abrasion", "tight", envelopeSetting(fluid({ solidsPercent: 0.5 }))],
  ["abrasion", "fails", envelopeSetting(fluid({ solidsPercent: 0.6 }))],
  ["abrasion", "tight", envelopeSetting(fluid({ solidsPercent: 2, solidsHard: false }))],
  ["abrasion", "fails", envelopeSetting(fluid({ solidsPercent: 2.1, solidsHard: false }))],
  ["abrasion", "tight", envelopeSetting(fluid({ solidsPercent: 2 }), {}, seated("peek"))],
  ["abrasion", "fails", envelopeSetting(fluid({ solidsPercent: 2.1 }), {}, seated("peek"))],
  [
    "abrasion",
    "holds",
    envelopeSetting(
      fluid({ solidsPercent: 15 }),
      faced("metal-stellite", "cobalt hardfacing"),
      seated("metal-stellite"),
    ),
  ],
  [
    "abrasion",
    "fails",
    envelopeSetting(
      fluid({ solidsPercent: 16 }),
      faced("metal-stellite", "cobalt hardfacing"),
      seated("metal-stellite"),
    ),
  ],
  [
    "abrasion",
    "holds",
    envelopeSetting(
      fluid({ solidsPercent: 40 }),
      faced("metal-wc", "tungsten carbide coating"),
      seated("metal-wc"),
    ),
  ],
  ["line-test", "not asked", envelopeSetting()],
  // PTFE at DN 50: 1.1 × the lower of rating and seat limit
  ["line-test", "holds", envelopeSetting({ lineTestBarG: 56 }, {}, seated("peek"))],
  ["line-test", "fails", envelopeSetting({ lineTestBarG: 57 }, {}, seated("peek"))],
  ["freezing", "holds", envelopeSetting({ ...fluid({ substance: "water" }), ...hot(1) })],
  // A drained cavity holds no gas that passed through; gas that stays condenses first.
  ["freezing", "holds", envelopeSetting({ ...fluid({ substance: "nitrogen" }), ...blownDown(-215, true) })],
  // Carbon dioxide falls as snow. Whether it matters depends on whether the valve is moved.
  ["freezing", "cannot tell", snow(-78, null)],
  ["freezing", "fails", snow(-78, true)],
  ["freezing", "tight", snow(-78, false)],
  ["freezing", "holds", snow(-56.5, true)],
  ["freezing", "tight", snow(-78, null, { construction: "butterfly-double-offset" })],
  ["freezing", "fails", frozenWater(true, false)],
  ["freezing", "fails", frozenWater(null, false)],
  ["freezing", "tight", thawed],
  ["freezing", "fails", envelopeSetting({ ...fluid({ substance: "carbon-dioxide" }), ...cold("normal") })],
  ["freezing", "fails", envelopeSetting({ ...fluid({ substance: "water" }), ...hot(-2) })],
  ["freezing", "tight", envelopeSetting({ ...fluid({ substance: "water" }, { jacketC: 50 }), ...hot(-2) })],
  ["freezing", "fails", envelopeSetting({ ...fluid({ substance: null, family: "water" }), ...hot(-2) })],
  ["freezing", "holds", envelopeSetting({ ...fluid({ substance: null, family: "water" }), ...hot(1) })],
  ["freezing", "not asked", envelopeSetting(fluid({ substance: null, family: "seawater and brine" }))],
  ["adjustable-gland-heat", "not asked", envelopeSetting()],
  [
    "adjustable-gland-heat",
    "holds",
    envelopeSetting(hot(90), (l) => ({
      ...seals({ ...seal("hnbr")(l).seals[0]!, stemSeal: "O-ring and packing" })(l),
    })),
  ],
  [
    "adjustable-gland-heat",
    "not asked",
    envelopeSetting(hot(151), (l) => ({
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
  const rise = (0.0012 - 3 * 12e-6) / (0.00014 + 0.00001);
  it("bursts a plain cavity that warms, and reports by how much", () => {
    const finding = findingOn("envelope/trapped-cavity", envelopeSetting({ ambientMaximumC: 80 }, plain));
    // Shut while the line idles at the lowest ambient, 0 °C, full at its 10 bar.
    expect(finding.value).toBeCloseTo(10 + rise * 80, 6);
    expect(finding).toMatchObject({ verdict: "fails", unit: "bar g" });
  });
  it("holds where it does not warm, and changes where the rise meets the rating", () => {
    const end = (warms: number) =>
      envelopeSetting({ ambientMinimumC: 40, ambientMaximumC: 40 + warms }, plain);
    expect(findingOn("envelope/trapped-cavity", end(0)).verdict).toBe("holds");
    expect(findingOn("envelope/trapped-cavity", end(4.9)).verdict).toBe("tight");
    expect(findingOn("envelope/trapped-cavity", end(6)).verdict).toBe("fails");
  });
  it("is no harder than the case where the fluid solidifies above the lowest ambient", () => {
    const finding = findingOn(
      "envelope/trapped-cavity",
      envelopeSetting({ ambientMinimumC: -70, ambientMaximumC: 20 }, plain),
    );
    expect(finding.uses.find((u) => u.what.startsWith("trapped at"))).toMatchObject({
      value: -50,
      origin: "assumed",
    });
  });
  it("is tight at best behind a filler, unless it is vented", () => {
    const filler = { cavities: [{ arrangement: "cavity filler" as const, priceFactor: 1 }] };
    const still = { ambientMinimumC: 40, ambientMaximumC: 40 };
    const findingFor = (more: DutyChange) =>
      findingOn("envelope/trapped-cavity", envelopeSetting({ ...still, ...more }, filler));
    expect(findingFor({}).verdict).toBe("tight");
    expect(findingFor({ ambientMaximumC: 80 }).verdict).toBe("fails");
    expect(findingFor({ ambientMaximumC: 80, cavityRelief: true }).verdict).toBe("holds");
  });
  it("relieves to line pressure where the far side is not stated, to the lower side where it is", () => {
    const findingFor = (downstreamBarG: number | null) =>
      findingOn(
        "envelope/trapped-cavity",
        envelopeSetting({ ambientMaximumC: 80, cases: [{ downstreamBarG }] }),
      ).value as number;
    expect(findingFor(null) - findingFor(0)).toBeCloseTo(10, 9);
    expect(findingFor(4) - findingFor(0)).toBeCloseTo(4, 9);
  });
  it("fills with condensate while a steam line idles, and is not asked for a gas that stays one", () => {
    const vapour = (substance: string, phase: "steam" | "gas", temperatureC: number, upstreamBarG: number) =>
      findingOn(
        "envelope/trapped-cavity",
        envelopeSetting(
          { fluid: { substance, phase, family: "steam" }, cases: [{ temperatureC, upstreamBarG }] },
          plain,
        ),
      );
    const steam = vapour("steam", "steam", 180, 9);
    expect(steam).toMatchObject({ verdict: "fails" });
    expect(steam.uses[0]).toMatchObject({ what: "condenses when idle, case 1", origin: "assumed" });
    // Propane boils at 4.7 bar a at 0 °C: above that a line of it idles as liquid.
    expect(vapour("propane", "gas", 60, 6).verdict).toBe("fails");
    expect(vapour("propane", "gas", 60, 3).verdict).toBe("not asked");
    expect(vapour("nitrogen", "gas", 60, 40).verdict).toBe("not asked");
  });
  it("knows condensation by the family where no substance is selected", () => {
    const vapour = (
      family: string,
      temperatureC: number,
      upstreamBarG: number,
      phase: "gas" | "steam" = "gas",
    ) =>
      findingOn(
        "envelope/trapped-cavity",
        envelopeSetting(
          { fluid: { substance: null, phase, family }, cases: [{ temperatureC, upstreamBarG }] },
          plain,
        ),
      );
    expect(vapour("steam", 180, 9).verdict).toBe("fails");
    expect(vapour("hot water above 90 C", 180, 9).verdict).toBe("fails");
    // Chlorine boils at 3.7 bar a at 0 °C.
    expect(vapour("chlorine", 60, 4).verdict).toBe("fails");
    expect(vapour("chlorine", 60, 2).verdict).toBe("not asked");
    // If one of several fluids of a family is liquid in use, the rule asks which one it is.
    expect(vapour("sweet hydrocarbon liquid", 60, 3)).toMatchObject({
      verdict: "cannot tell",
      missing: expect.stringMatching(/condense/),
    });
    expect(vapour("sweet hydrocarbon gas", 60, 60).verdict).toBe("not asked");
    expect(vapour("air and inert gas", 60, 40).verdict).toBe("not asked");
  });
  it("adds the sun outdoors only", () => {
    const outside = envelopeSetting({ ambientMaximumC: 30, installation: "outdoor" }, plain);
    expect(findingOn("envelope/trapped-cavity", outside).uses.map((u) => u.value)).toContain(55);
  });
  it("allows a third more where the house rule follows pipeline practice", () => {
    const house = { cavityLimit: "1.33 × rating" as const };
    const limit = (more: object) =>
      findingOn("envelope/trapped-cavity", {
        ...envelopeSetting({ ambientMinimumC: 40, ambientMaximumC: 46 }, plain),
        ...more,
      }).limit as number;
    expect(limit({ house })).toBeCloseTo(1.33 * limit({}), 9);
  });
  it("is relieved by a sliding seat, a hole upstream or a pipe, and is not asked for a gas", () => {
    const findingFor = (setting: Setting) => findingOn("envelope/trapped-cavity", setting);
    const trunnion = findingFor({ ...envelopeSetting({ ambientMaximumC: 80 }), line: "trunnion" });
    // (2000 + 50)/(0.1·π/4·(66² − 56²)) = 21.4 bar above a vented line
    expect(trunnion).toMatchObject({ verdict: "holds" });
    expect(trunnion.value).toBeCloseTo(2050 / (0.1 * (Math.PI / 4) * (66 ** 2 - 56 ** 2)), 6);
    expect(
      findingFor(
        envelopeSetting(
          { ambientMaximumC: 80 },
          { cavities: [{ arrangement: "upstream hole", priceFactor: 1 }] },
        ),
      ).value,
    ).toBe(10);
    expect(findingFor(envelopeSetting({ ambientMaximumC: 80, cavityRelief: true }, plain)).value).toBe(10);
    expect(
      findingFor(envelopeSetting({ ambientMaximumC: 80, ...fluid({ phase: "gas" }) }, plain)).verdict,
    ).toBe("not asked");
    expect(
      findingFor(envelopeSetting({ ambientMaximumC: 80, ...fluid({ substance: null }) }, plain)),
    ).toMatchObject({
      verdict: "cannot tell",
      missing: "substance, or thermal expansion and compressibility of the liquid",
    });
  });
  it("needs no figure of expansion where it relieves, and takes a stated one before the table", () => {
    const findingFor = (setting: Setting) => findingOn("envelope/trapped-cavity", setting);
    const unknown = { ambientMaximumC: 80, ...fluid({ substance: null }) };
    expect(findingFor({ ...envelopeSetting(unknown), line: "trunnion" })).toMatchObject({ verdict: "holds" });
    expect(findingFor(envelopeSetting({ ...unknown, cavityRelief: true }, plain)).value).toBe(10);
    const stated = (expansionPerK: number) =>
      findingFor(
        envelopeSetting(
          {
            ambientMaximumC: 80,
            ...fluid({ substance: null, expansionPerK, compressibilityPerBar: 0.0001 }),
          },
          plain,
        ),
      );
    expect(stated(0.0005).value).toBeLessThan(Number(stated(0.001).value));
    expect(stated(0.00004).verdict).toBe("holds");
    expect(stated(0.001).verdict).toBe("fails");
  });
});
