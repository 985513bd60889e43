import { describe, expect, it } from "vitest";
import { demoTags } from "../../../test/demo.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules, type HouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { rules } from "./rules.ts";

const house = defaultHouseRules();
const why = (id: string, duty: Duty, change: Partial<HouseRules> = {}) => {
  const under = { ...house, ...change };
  return rules.find((r) => r.id === id)!.notApplicableBecause!(settle(duty, under), under);
};
const fluid = (fluid: Partial<Duty["fluid"]>) => dutyWith({ fluid: fluid });
const oneCase = (operatingCase: Partial<Duty["cases"][number]>) => dutyWith({ cases: [operatingCase] });

const inert = { family: "air and inert gas", substance: "nitrogen" } as const;
const sour = (temperatureC: number) =>
  dutyWith({ cases: [{ temperatureC }], fluid: { family: "sour hydrocarbon", substance: null } });

const emergency = (integrityLevel: Duty["integrityLevel"]) =>
  dutyWith({ function: ["emergency shut-down"], integrityLevel });
const byHand = dutyWith({ operator: "by hand" });
const byMotor = (area: string) => dutyWith({ operator: "electric", area });
const inGas = byMotor("zone 1 IIB T3");
const inDust = byMotor("zone 21 IIIB T135°C");

const throttled = dutyWith({ function: ["throttling"] });
const flows = oneCase({ rate: 10 });
const carrying = (solidsPercent: number) => dutyWith({ cases: [{ rate: 10 }], fluid: { solidsPercent } });
const dirty = (solidsPercent: number) => dutyWith({ function: ["throttling"], fluid: { solidsPercent } });
type Border = [rule: string, raised: Duty, unraised: Duty, house?: Partial<HouseRules>];
/** Rules on flow: for throttling valves, for open ones, for both. */
const flowBorders: readonly Border[] = [
  ...["trim-stated", "capacity", "opening", "rangeability", "oversized", "gain"].map(
    (id): Border => [`flow/${id}`, throttled, flows],
  ),
  ...["outlet-mach", "pipe-velocity", "noise", "reverse", "wire-drawing"].map(
    (id): Border => [`flow/${id}`, throttled, flows],
  ),
  ...[
    "choking",
    "cavitation",
    "seat-cavitation",
    "flashing",
    "body-boiling",
    "pipe-boiling",
    "liquid-velocity",
  ].map((id): Border => [`flow/${id}`, flows, oneCase({ rate: null })]),
  ["flow/gas-velocity", flows, throttled],
  ["flow/open-drop", flows, throttled],
  ["flow/solids-velocity", carrying(0.5), carrying(0)],
  ["flow/passage", dirty(0.5), dirty(0)],
  ["flow/characteristic", { ...throttled, characteristic: "linear" }, throttled],
  ["flow/characteristic", { ...throttled, characteristic: "linear" }, { ...flows, characteristic: "linear" }],
  ["flow/line-agrees", { ...throttled, staticBarG: 1 }, throttled],
  ["flow/line-agrees", { ...throttled, pumpCurve: "0 5; 9 1" }, throttled],
  ["flow/dead-band", throttled, flows],
  ["flow/two-phase", oneCase({ phase: "two-phase", rate: 10 }), flows],
  ["flow/two-phase", oneCase({ phase: "two-phase", rate: 10 }), oneCase({ phase: "two-phase", rate: null })],
  [
    "flow/filling",
    dutyWith({ heldVolumeM3: 1, cases: [{ upstreamBarG: 20, downstreamBarG: 5 }] }),
    dutyWith({ heldVolumeM3: null, cases: [{ upstreamBarG: 20, downstreamBarG: 5 }] }),
  ],
  [
    "flow/filling",
    dutyWith({ heldVolumeM3: 1, cases: [{ upstreamBarG: 20, downstreamBarG: 5 }] }),
    dutyWith({ heldVolumeM3: 1, cases: [{ upstreamBarG: 20, downstreamBarG: null }] }),
  ],
  [
    "flow/cracked-jet",
    oneCase({ upstreamBarG: 20, phase: "liquid" }),
    oneCase({ upstreamBarG: 20, mayBeShut: false }),
  ],
  [
    "flow/expansion-cold",
    oneCase({ phase: "gas", upstreamBarG: 20, downstreamBarG: 5 }),
    oneCase({ phase: "gas", upstreamBarG: 20, downstreamBarG: null }),
  ],
];

/** Each rule a duty may leave unasked, with a duty on either side of that border. */
const borders: readonly Border[] = [
  ["body/threaded-ends", dutyWith({ endConnection: "socket-weld" }), dutyWith()],
  ["body/ring-joint", dutyWith({ endConnection: "flanged RTJ" }), dutyWith({ endConnection: "butt-weld" })],
  ["body/full-port", dutyWith({ port: "full" }), dutyWith({ port: "double-reduced accepted" })],
  ["body/barriers", dutyWith({ function: ["double block and bleed"] }), dutyWith()],
  ["body/double-isolation", dutyWith({ function: ["double isolation, one way"] }), dutyWith()],
  ["body/shut-off", dutyWith({ shutOff: "A" }), dutyWith({ shutOff: null })],
  [
    "body/clearance",
    dutyWith({ function: ["throttling", "on-off isolation"] }),
    dutyWith({ function: ["throttling"] }),
  ],
  ["body/seat-clogging", fluid({ fibres: true }), fluid({ solidsPercent: 0 })],
  ["body/low-differential", oneCase({ upstreamBarG: 0.5 }), oneCase({ upstreamBarG: 20 })],
  ["body/in-line-repair", dutyWith({ inLineRepair: true }), dutyWith({ inLineRepair: null })],
  ["body/throttling", dutyWith({ function: ["throttling"] }), dutyWith()],
  ["body/control-trim-isolation", dutyWith(), dutyWith({ function: ["throttling"] })],
  ["body/emergency-speed", dutyWith({ function: ["emergency shut-down"] }), dutyWith()],
  ["envelope/light-gas-seat", fluid({ substance: "hydrogen", family: "hydrogen", hazards: null }), fluid({})],
  ["envelope/light-gas-seat", fluid({ substance: "helium", family: "air and inert gas" }), fluid(inert)],
  ["body/dirty-service", fluid({ solidsPercent: 0.1 }), fluid({ solidsPercent: 0 })],
  ["body/fibres", fluid({ fibres: true }), fluid({ fibres: null })],
  ["body/polymerising-cavity", fluid({ hazards: ["polymerises"] }), fluid({ hazards: ["flammable"] })],
  ["body/decomposing-cavity", fluid({ hazards: ["decomposes"] }), fluid({ hazards: ["flammable"] })],
  ["body/crystallising-cavity", fluid({ hazards: ["crystallises"] }), fluid({ hazards: ["flammable"] })],
  ["body/hygienic-cavity", fluid({ hazards: ["hygienic"] }), fluid({ hazards: ["flammable"] })],
  ["body/cavity-drain", oneCase({ temperatureC: 0 }), oneCase({ temperatureC: 0.1 })],
  ["body/dead-end", dutyWith({ deadEnd: true }), dutyWith({ deadEnd: false })],
  ["duty/equalising-bypass", oneCase({ upstreamBarG: 50 }), oneCase({ upstreamBarG: 49.9 })],
  ["body/anti-static", fluid({ hazards: ["flammable"] }), fluid({ ...inert, hazards: ["toxic"] })],
  ["body/blow-out-proof-stem", oneCase({ upstreamBarG: 0.1 }), oneCase({ upstreamBarG: 0 })],
  ["body/fire-safe", oneCase({ kind: "fire" }), dutyWith()],
  ["body/ball-stops", dutyWith({ fireSafe: true }), dutyWith()],
  ["body/buried-extension", dutyWith({ installation: "buried" }), dutyWith()],
  ["body/buried-joints", dutyWith({ installation: "buried" }), dutyWith()],
  ["body/jacket-offered", dutyWith({ jacketBarG: 4 }), dutyWith()],
  ["body/leak-paths", fluid({ hazards: ["lethal"] }), fluid({ hazards: ["oxygen"] })],
  ["body/emission-class", dutyWith({ emissionClass: "C" }), dutyWith()],
  ["body/stem-seal-toxic", fluid({ hazards: ["toxic"] }), dutyWith()],
  ["body/stem-seal-school", dutyWith(), dutyWith(), { stemSealSchool: "live-loaded" }],
  ...flowBorders,
  ["envelope/steam-limit", oneCase({ phase: "steam" }), dutyWith()],
  ["envelope/trapped-cavity", dutyWith(), oneCase({ phase: "gas" })],
  ["envelope/line-test", dutyWith({ lineTestBarG: 15 }), dutyWith()],
  ["envelope/vacuum", oneCase({ downstreamBarG: -0.2 }), dutyWith()],
  ["envelope/jacket-limit", dutyWith({ jacketC: 150 }), dutyWith()],
  ["envelope/jacket-heat", dutyWith({ jacketC: 150 }), dutyWith({ jacketBarG: 4 })],
  ["envelope/freezing", dutyWith(), fluid({ substance: null })],
  ["envelope/sour-body", fluid({ h2sKPa: 0.3 }), fluid({ h2sKPa: 0.29 })],
  ["envelope/sour-trim", fluid({ family: "sour hydrocarbon" }), fluid({ h2sKPa: null })],
  ["envelope/bolting-sour", fluid({ family: "sour hydrocarbon" }), fluid({ h2sKPa: 0.29 })],
  ["envelope/bolting-marine", dutyWith({ installation: "marine air" }), dutyWith()],
  ["envelope/chloride-body", fluid({ chloridesMgL: 10 }), fluid({ chloridesMgL: 9 })],
  ["envelope/chloride-trim", fluid({ chloridesMgL: 10 }), fluid({ chloridesMgL: null })],
  ["envelope/oxygen-seat", fluid({ family: "oxygen" }), dutyWith()],
  ["envelope/oxygen-body", fluid({ hazards: ["oxygen"] }), dutyWith()],
  ["envelope/oxygen-trim", fluid({ family: "oxygen" }), dutyWith()],
  ["envelope/oxygen-opening", fluid({ family: "oxygen" }), dutyWith()],
  ["envelope/hydrogen-body", fluid({ family: "hydrogen" }), dutyWith()],
  ["envelope/hydrogen-trim", fluid({ hazards: ["hydrogen"] }), dutyWith()],
  ["envelope/hydrogen-tightness", fluid({ family: "hydrogen" }), dutyWith()],
  ["envelope/copper-alloy", fluid({ family: "ammonia" }), dutyWith()],
  ["envelope/copper-alloy", fluid({ h2sKPa: 0.1 }), fluid({ h2sKPa: 0.1, freeWater: false })],
  ["envelope/copper-alloy", fluid({ name: "Crude butadiene" }), fluid({ name: "Butane" })],
  ["envelope/hydrogen-attack", fluid({ hydrogenBarA: 1 }), fluid({ hydrogenBarA: 0 })],
  ["envelope/sulphidation", sour(261), sour(260)],
  ["envelope/sulphidation", sour(261), fluid({ family: "sour hydrocarbon", sulphurPercent: 0 })],
  [
    "envelope/seawater-crevice",
    fluid({ family: "seawater and brine", substance: "seawater" }),
    fluid({ family: "seawater and brine", substance: "produced-water" }),
  ],
  [
    "envelope/seawater-crevice",
    fluid({ family: "seawater and brine", oxygenMgL: 0.021 }),
    fluid({ family: "seawater and brine", oxygenMgL: 0.02 }),
  ],
  ["envelope/chlorine-heat", fluid({ family: "chlorine" }), dutyWith()],
  ["body/emergency-grip", dutyWith({ function: ["emergency shut-down"] }), dutyWith()],
  ["body/hygienic-material", fluid({ hazards: ["hygienic"] }), dutyWith()],
  ["body/bonnet-extension", oneCase({ temperatureC: -50.1 }), oneCase({ temperatureC: -50 })],
  ["body/bonnet-extension", oneCase({ temperatureC: 200.1 }), oneCase({ temperatureC: 200 })],
  ["duty/hazards-set-aside", fluid({ setAside: ["toxic"] }), fluid({ setAside: [] })],
  ["duty/family-of-substance", fluid({ substance: "acetone" }), fluid({ substance: null })],
  ["duty/density-of-fluid", fluid({ densityKgM3: 990 }), fluid({ densityKgM3: null })],
  ["duty/cases-in-order", dutyWith({ cases: [{}, { id: "m", kind: "maximum" }] }), dutyWith()],
  [
    "duty/area-of-fluid",
    dutyWith({ area: "zone 1 IIB T3", fluid: { substance: "methane" } }),
    dutyWith({ area: "safe", fluid: { substance: "methane" } }),
  ],
  [
    "duty/area-of-fluid",
    dutyWith({ area: "zone 1 IIB T3", fluid: { substance: "methane" } }),
    dutyWith({ area: "zone 1 IIB T3", fluid: { substance: "water" } }),
  ],
  ["duty/idle-freezing", dutyWith({ ambientMinimumC: -5 }), dutyWith({ ambientMinimumC: null })],
  ["duty/idle-freezing", dutyWith(), oneCase({ kind: "blow-down", phase: "gas" })],
  ["envelope/caustic-cracking", fluid({ family: "caustic" }), dutyWith()],
  [
    "envelope/carbonate-cracking",
    fluid({ ph: 7.6, h2sKPa: 1, carbonDioxideBarA: 0.1, freeWater: true }),
    fluid({ ph: 7.5, h2sKPa: 1, carbonDioxideBarA: 0.1, freeWater: true }),
  ],
  ["envelope/amine-cracking", fluid({ family: "amine solution" }), dutyWith()],
  [
    "duty/strength-of-substance",
    fluid({ substance: "caustic-50", strengthPercent: 20 }),
    fluid({ substance: "caustic-soda", strengthPercent: 20 }),
  ],
  ["envelope/wet-carbon-dioxide", fluid({ substance: "carbon-dioxide" }), dutyWith()],
  ["envelope/graphite-seawater", fluid({ family: "seawater and brine" }), dutyWith()],
  ["drive/lever-length", byHand, dutyWith()],
  ["drive/lever-pipe", byHand, dutyWith()],
  ["drive/touch-heat", byHand, dutyWith()],
  ["drive/lockable", byHand, dutyWith()],
  ["drive/wheel-turns", byHand, dutyWith()],
  ["drive/gearbox-rating", byHand, dutyWith()],
  ["drive/self-locking", byHand, dutyWith()],
  ["drive/accumulator", dutyWith({ operator: "any" }), byHand],
  ["drive/voltage", dutyWith({ operator: "any" }), byHand],
  ["drive/starts-per-hour", dutyWith({ operator: "any" }), byHand],
  ["drive/enclosure", dutyWith({ operator: "any" }), byHand],
  ["drive/line-gas", dutyWith({ operator: "line gas" }), dutyWith()],
  ["drive/modulating", dutyWith({ function: ["throttling"] }), dutyWith()],
  ["duty/process-surface", dutyWith({ area: "zone 2 IIB T3" }), dutyWith({ area: "safe" })],
  ["drive/area-gas", inGas, inDust],
  ["drive/area-ambient", inGas, byMotor("safe")],
  ["drive/area-ambient", inGas, byHand],
  ["drive/area-gas-group", inGas, inDust],
  ["drive/area-gas-surface", inGas, inDust],
  ["drive/area-dust", inDust, inGas],
  ["drive/area-dust-group", inDust, inGas],
  ["drive/area-dust-surface", inDust, inGas],
  ["drive/area-gas", byMotor("somewhere"), byMotor("safe")],
  ["drive/integrity-factor", emergency("SIL 1"), emergency("none")],
  ["drive/integrity-action", emergency("SIL 1"), emergency("none")],
  ["drive/integrity-demand", emergency("SIL 1"), emergency("none")],
  ["drive/integrity-channels", emergency("SIL 1"), emergency("none")],
  ["drive/closing-time", dutyWith({ closesWithinS: 5 }), dutyWith()],
  ["drive/opening-time", dutyWith({ opensWithinS: 5 }), dutyWith()],
  ["drive/oxygen-time", fluid({ hazards: ["oxygen"] }), dutyWith()],
  ["drive/surge", dutyWith({ upstreamLengthM: 100 }), dutyWith()],
  ["drive/spring-side", dutyWith({ installation: "marine air" }), dutyWith({ installation: "indoor" })],
  ["drive/motor-supply", dutyWith({ operator: "any" }), byHand],
  ["drive/starting-current", dutyWith({ startingCurrentA: 10 }), dutyWith()],
  ["drive/duty-class", dutyWith({ operator: "any" }), byHand],
  [
    "drive/motor-heater",
    dutyWith({ operator: "electric", installation: "outdoor" }),
    dutyWith({ operator: "electric", installation: "indoor" }),
  ],
  ["drive/motor-protection", dutyWith({ operator: "any" }), byHand],
  ["drive/filter-regulator", dutyWith(), byHand],
  ["drive/solenoid-valve", dutyWith({ operator: "any" }), byHand],
  ["drive/positioner", dutyWith({ function: ["throttling"] }), dutyWith()],
  ["drive/limit-switches", dutyWith({ limitSwitches: true }), dutyWith({ limitSwitches: false })],
  ["drive/partial-stroke-device", dutyWith({ partialStrokeMonths: 3 }), dutyWith({ partialStrokeMonths: 0 })],
  ["drive/strokes-in-reserve", dutyWith({ strokesInReserve: 1 }), dutyWith({ strokesInReserve: 0 })],
  ["drive/hand-override", dutyWith({ handOverride: true }), dutyWith({ handOverride: false })],
  ["torque/table-and-mechanics", dutyWith(), dutyWith({ onSite: true })],
  ["torque/flow-torque", dutyWith(), dutyWith({ onSite: true })],
  [
    "torque/factor-set-aside",
    dutyWith({ factorSetAside: ["cold"], factorSetAsideBecause: "tested" }),
    dutyWith({ factorSetAside: [] }),
  ],
  ["fit-up/neighbour", dutyWith({ neighbourMm: 200 }), dutyWith()],
  ["envelope/abrasion", fluid({ solidsPercent: 0.1 }), fluid({ solidsPercent: 0 })],
  [
    "envelope/decompression",
    oneCase({ phase: "gas", upstreamBarG: house.decompressionFromBarG }),
    oneCase({ phase: "gas", upstreamBarG: house.decompressionFromBarG - 0.1 }),
  ],
];

describe("rules that a duty raises for no valve", () => {
  it.each(borders)(
    "%s is asked on one side of its border only",
    (id, raised, notApplicableBecause, change) => {
      expect(why(id, raised, change)).toBeNull();
      expect(why(id, notApplicableBecause)).toMatch(/^[A-Z].*\.$/);
    },
  );
  it("are tried above if they have a condition", () => {
    const tried = new Set(borders.map(([id]) => id));
    expect(rules.filter((r) => r.notApplicableBecause && !tried.has(r.id)).map((r) => r.id)).toEqual([]);
  });
  it("are raised where an input is missing, so that the rule can wait for it", () => {
    const blank = oneCase({ upstreamBarG: null, temperatureC: null });
    for (const id of ["body/low-differential", "duty/equalising-bypass", "body/cavity-drain"])
      expect(why(id, blank), id).toBeNull();
    expect(why("envelope/decompression", { ...blank, fluid: { ...blank.fluid, phase: null } })).toBeNull();
    expect(why("envelope/steam-limit", dutyWith({ cases: [] }))).toBeNull();
  });
  it("leave fewer than half of the rules to be asked for each valve, on most demo tags", () => {
    const shares = demoTags.map(
      ({ duty }) =>
        rules.filter((r) => !r.notApplicableBecause?.(settle(duty, house), house)).length / rules.length,
    );
    expect(shares.filter((share) => share < 0.5).length).toBeGreaterThanOrEqual(demoTags.length / 2);
  });
});
