import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, type Setting, shelfWith } from "../../../../test/fixture.ts";
import type { Catalogue } from "../../../equipment/catalogue/schema.ts";

type Line = Catalogue["lines"][number];
type DutyChange = Parameters<typeof dutyWith>[0];

/** A duty and a shelf changed a little; the rest holds. */
const given = (duty: DutyChange = {}, line: Partial<Line> = {}, more: Partial<Setting> = {}): Setting => ({
  duty: dutyWith(duty),
  shelf: shelfWith((l) => ({ ...l, ...line })),
  ...more,
});
const hazard = (...hazards: string[]) => ({
  fluid: { hazards: hazards as never },
});
const construction = (id: string, cavity = "none"): Partial<Line> => ({
  construction: id,
  cavities: [{ arrangement: cavity as never, priceFactor: 1 }],
});
const cavity = (arrangement: string): Partial<Line> => ({
  cavities: [{ arrangement: arrangement as never, priceFactor: 1 }],
});
const seat = (of: Partial<Line["seats"][number]>): Partial<Line> => ({
  seats: [{ seat: "ptfe", priceFactor: 1, shutOff: "A", execution: null, curve: null, ...of }],
});
const trunnion = { line: "trunnion" };

const rows: [rule: string, verdict: string, setting: Setting][] = [
  ["double-isolation", "not asked", given()],
  ["double-isolation", "fails", given({ function: ["double isolation, one way"] }, {}, trunnion)],
  [
    "double-isolation",
    "holds",
    given({ function: ["double isolation, one way"] }, cavity("self-relieving + double-piston"), trunnion),
  ],
  [
    "double-isolation",
    "fails",
    given({ function: ["double isolation, both ways"] }, cavity("self-relieving + double-piston"), trunnion),
  ],
  [
    "double-isolation",
    "holds",
    given({ function: ["double isolation, both ways"] }, cavity("two double-piston"), trunnion),
  ],
  ["barriers", "fails", given({ function: ["double block and bleed"] }, { ventAndDrain: false }, trunnion)],
  ["sealing-direction", "fails", given({}, cavity("upstream hole"))],
  ["sealing-direction", "holds", given({ flowDirection: "one way" }, cavity("upstream hole"))],
  ["relief-direction", "not asked", given()],
  ["relief-direction", "tight", given({}, cavity("upstream hole"))],
  ["relief-direction", "holds", given({ flowDirection: "one way" }, cavity("upstream hole"))],
  ["double-piston-relief", "not asked", given({}, {}, trunnion)],
  ["double-piston-relief", "tight", given({}, cavity("two double-piston"), trunnion)],
  [
    "double-piston-relief",
    "holds",
    given({ fluid: { phase: "gas" } }, cavity("two double-piston"), trunnion),
  ],
  ["double-piston-relief", "holds", given({ cavityRelief: true }, cavity("two double-piston"), trunnion)],
  [
    "double-piston-relief",
    "fails",
    given({}, { ...cavity("two double-piston"), ventAndDrain: false }, trunnion),
  ],
  ["throttling", "not asked", given()],
  ["throttling", "fails", given({ function: ["throttling"] })],
  ["throttling", "tight", given({ function: ["throttling"] }, construction("butterfly-double-offset"))],
  ["throttling", "holds", given({ function: ["throttling"] }, construction("segment-ball"))],
  ["control-trim-isolation", "not asked", given()],
  ["control-trim-isolation", "tight", given({}, construction("segment-ball"))],
  [
    "control-trim-isolation",
    "fails",
    given({ function: ["emergency shut-down"] }, construction("segment-ball")),
  ],
  ["diverting", "holds", given()],
  ["diverting", "fails", given({ function: ["diverting"] })],
  ["diverting", "fails", given({}, construction("three-way-l", "slot hole"))],
  ["diverting", "holds", given({ function: ["diverting"] }, construction("three-way-t", "slot hole"))],
  ["dirty-service", "not asked", given()],
  ["dirty-service", "tight", given({ fluid: { solidsPercent: 1 } })],
  ["dirty-service", "fails", given({ fluid: { solidsPercent: 1.1 } })],
  ["dirty-service", "holds", given({ fluid: { solidsPercent: 1.1 } }, construction("plug-eccentric"))],
  ["fibres", "not asked", given()],
  ["fibres", "tight", given({ fluid: { fibres: true } })],
  ["fibres", "fails", given({ fluid: { fibres: true } }, construction("butterfly-concentric"))],
  ["fibres", "holds", given({ fluid: { fibres: true } }, construction("segment-ball"))],
  ["polymerising-cavity", "fails", given(hazard("polymerises"))],
  ["polymerising-cavity", "holds", given(hazard("polymerises"), cavity("cavity filler"))],
  ["crystallising-cavity", "fails", given(hazard("crystallises"))],
  ["crystallising-cavity", "tight", given({ ...hazard("crystallises"), jacketC: 120 })],
  ["crystallising-cavity", "holds", given(hazard("crystallises"), construction("plug-sleeved"))],
  ["hygienic-cavity", "fails", given(hazard("hygienic"))],
  ["hygienic-cavity", "holds", given(hazard("hygienic"), cavity("cavity filler"))],
  ["dead-end", "not asked", given()],
  ["dead-end", "holds", given({ deadEnd: true })],
  ["dead-end", "fails", given({ deadEnd: true, endConnection: "wafer" }, { ends: ["wafer"] })],
  ["dead-end", "fails", given({ deadEnd: true, endConnection: "lug" }, { ends: ["lug"] })],
  [
    "dead-end",
    "holds",
    given({ deadEnd: true, endConnection: "lug" }, { ends: ["lug"], deadEndFactor: 0.5 }),
  ],
  [
    "dead-end",
    "fails",
    given(
      { deadEnd: true, endConnection: "lug", cases: [{ upstreamBarG: 26 }] },
      { ends: ["lug"], deadEndFactor: 0.5 },
    ),
  ],
  ["full-port", "not asked", given()],
  ["full-port", "holds", given({ port: "full" })],
  ["full-port", "fails", given({ port: "full" }, { port: "reduced" })],
  ["full-port", "not asked", given({ port: "reduced accepted" }, { port: "reduced" })],
  ["full-port", "fails", given({ port: "reduced accepted" }, { port: "double-reduced" })],
  ["full-port", "fails", given({ port: null }, { port: "double-reduced" })],
  ["full-port", "not asked", given({ port: "double-reduced accepted" }, { port: "double-reduced" })],
  [
    "anti-static",
    "not asked",
    given({ fluid: { hazards: [], family: "air and inert gas", substance: "nitrogen" } }),
  ],
  ["anti-static", "holds", given(hazard("flammable"))],
  ["anti-static", "fails", given(hazard("flammable"), { antiStatic: false })],
  ["blow-out-proof-stem", "holds", given()],
  ["blow-out-proof-stem", "fails", given({}, { blowOutProofStem: false })],
  ["ball-stops", "not asked", given()],
  ["ball-stops", "holds", given({ fireSafe: true })],
  ["ball-stops", "tight", given({ fireSafe: true }, { ballStops: false })],
  ["buried-extension", "not asked", given()],
  ["buried-extension", "holds", given({ installation: "buried" })],
  ["buried-extension", "tight", given({ installation: "buried" }, { seatSealant: false })],
  ["buried-extension", "fails", given({ installation: "buried" }, { stemExtension: false })],
  ["buried-joints", "tight", given({ installation: "buried" })],
  [
    "buried-joints",
    "holds",
    given({ installation: "buried" }, construction("trunnion-welded", "two self-relieving")),
  ],
  ["jacket-offered", "not asked", given()],
  ["jacket-offered", "holds", given({ jacketBarG: 4, jacketC: 150 })],
  ["jacket-offered", "fails", given({ jacketBarG: 4, jacketC: 150 }, { jacket: null })],
  ["leak-paths", "not asked", given()],
  ["leak-paths", "holds", given(hazard("lethal"))],
  ["leak-paths", "fails", given(hazard("lethal"), {}, { house: { lethalBodyJoints: 0 } })],
  ["leak-paths", "tight", given(hazard("toxic"), {}, { house: { lethalBodyJoints: 0 } })],
  ["cavity-drain", "not asked", given()],
  ["cavity-drain", "holds", given({ cases: [{ temperatureC: -1 }] })],
  ["cavity-drain", "tight", given({ cases: [{ temperatureC: -1 }] }, { ventAndDrain: false })],
  ["emergency-grip", "not asked", given()],
  ["emergency-grip", "holds", given({ function: ["emergency shut-down"] })],
  ["emergency-grip", "tight", given({ function: ["emergency shut-down"] }, construction("plug-sleeved"))],
  ["hygienic-material", "not asked", given()],
  ["hygienic-material", "fails", given(hazard("hygienic"))],
  [
    "hygienic-material",
    "tight",
    given(hazard("hygienic"), { grades: [{ grade: "A351 CF8M", priceFactor: 1 }] }),
  ],
  [
    "hygienic-material",
    "holds",
    given(hazard("hygienic"), { grades: [{ grade: "A351 CF3M", priceFactor: 1 }] }),
  ],
  [
    "hygienic-material",
    "fails",
    given(hazard("hygienic"), { grades: [{ grade: "A351 CF8", priceFactor: 1 }] }),
  ],
  ["bonnet-extension", "not asked", given({ cases: [{ temperatureC: -50 }, { temperatureC: 200 }] })],
  ["bonnet-extension", "holds", given({ cases: [{ temperatureC: -51 }] })],
  ["bonnet-extension", "fails", given({ cases: [{ temperatureC: -51 }] }, { stemExtension: false })],
  [
    "bonnet-extension",
    "tight",
    given({ cases: [{ kind: "blow-down", temperatureC: -51 }] }, { stemExtension: false }),
  ],
  ["bonnet-extension", "tight", given({ cases: [{ temperatureC: 201 }] }, { stemExtension: false })],
  ["emergency-speed", "not asked", given()],
  ["emergency-speed", "holds", given({ function: ["emergency shut-down"] })],
  ["emergency-speed", "fails", given({ function: ["emergency shut-down"] }, construction("tilt-away"))],
  ["ring-joint", "holds", given()],
  ["ring-joint", "fails", given({}, {}, { house: { ringJointFromClass: 300 } })],
  [
    "ring-joint",
    "holds",
    given(
      { endConnection: "flanged RTJ" },
      { ends: ["flanged RTJ"] },
      { house: { ringJointFromClass: 300 } },
    ),
  ],
  ["low-differential", "not asked", given()],
  ["low-differential", "holds", given({ cases: [{ upstreamBarG: 1.9 }] })],
  ["low-differential", "tight", given({ cases: [{ upstreamBarG: 1.9 }] }, {}, { seat: "peek" })],
  [
    "low-differential",
    "holds",
    given({ cases: [{ upstreamBarG: 1.9 }] }, {}, { seat: "peek", line: "trunnion" }),
  ],
  ["threaded-ends", "not asked", given()],
  ["threaded-ends", "holds", given({ endConnection: "threaded" }, { ends: ["threaded"] })],
  [
    "threaded-ends",
    "fails",
    given({ endConnection: "threaded" }, { ends: ["threaded"] }, { house: { largestThreadedDn: 40 } }),
  ],
  [
    "threaded-ends",
    "fails",
    given({ endConnection: "threaded", ...hazard("toxic") }, { ends: ["threaded"] }),
  ],
  ["shut-off", "holds", given({ shutOff: "A" })],
  ["shut-off", "fails", given({ shutOff: "A" }, {}, { seat: "peek" })],
  ["shut-off", "holds", given({ shutOff: "B" }, {}, { seat: "peek" })],
  ["shut-off", "not asked", given({ shutOff: null })],
  ["shut-off", "holds", given({ shutOff: "class IV" }, seat({ shutOff: "class V" }))],
  ["shut-off", "holds", given({ shutOff: "class V" }, seat({ shutOff: "class V" }))],
  ["shut-off", "fails", given({ shutOff: "class VI" }, seat({ shutOff: "class V" }))],
  ["shut-off", "tight", given({ shutOff: "class IV" }, seat({ shutOff: "A" }))],
  ["shut-off", "fails", given({ shutOff: "A" }, seat({ shutOff: "class VI" }))],
  ["shut-off", "cannot tell", given({ shutOff: "C" }, seat({ shutOff: "class VI" }))],
  ["shut-off", "fails", given({ shutOff: "D" }, seat({ shutOff: "class II" }))],
  ["shut-off", "cannot tell", given({ shutOff: "G" }, seat({ shutOff: null }))],
  ["shut-off", "fails", given({ shutOff: "class II" }, seat({ shutOff: null, execution: "clearance" }))],
  ["clearance", "not asked", given()],
  ["clearance", "fails", given({}, seat({ execution: "clearance" }))],
  ["clearance", "fails", given({ function: null }, seat({ execution: "clearance" }))],
  ["clearance", "not asked", given({ function: ["throttling"] }, seat({ execution: "clearance" }))],
  [
    "clearance",
    "fails",
    given(
      { function: ["throttling"], cases: [{ kind: "shut-off differential" }] },
      seat({ execution: "clearance" }),
    ),
  ],
  ["seat-clogging", "not asked", given({ fluid: { fibres: true } })],
  ["seat-clogging", "tight", given({ fluid: { fibres: true } }, seat({ execution: "soft ring" }))],
  ["seat-clogging", "holds", given({ fluid: { solidsPercent: 6 } }, seat({ execution: "soft ring" }))],
  ["seat-clogging", "tight", given({ fluid: { solidsPercent: 5 } }, seat({ execution: "flexed metal lip" }))],
  [
    "seat-clogging",
    "fails",
    given({ fluid: { solidsPercent: 5.1 } }, seat({ execution: "flexed metal lip" })),
  ],
  ["seat-clogging", "holds", given({ fluid: { fibres: true } }, seat({ execution: "solid metal ring" }))],
  ["emission-class", "not asked", given()],
  ["emission-class", "holds", given({ emissionClass: "B" })],
  ["emission-class", "fails", given({ emissionClass: "A" })],
  ["emission-class", "fails", given(hazard("lethal"))],
  ["stem-seal-toxic", "not asked", given()],
  ["stem-seal-toxic", "tight", given(hazard("toxic"))],
  ["stem-seal-toxic", "fails", given(hazard("lethal"))],
  ["stem-seal-school", "not asked", given()],
  ["stem-seal-school", "holds", given({}, {}, { house: { stemSealSchool: "adjustable gland" } })],
  ["stem-seal-school", "tight", given({}, {}, { house: { stemSealSchool: "live-loaded" } })],
];

describe("body rules on both sides of their border", () => {
  it.each(rows)("%s: %s", (rule, verdict, setting) => {
    expect(findingOn(`body/${rule}`, setting).verdict).toBe(verdict);
  });
});

describe("disc clash", () => {
  const disc = (bore: number | null) =>
    findingOn("body/disc-clash", given({ pipeBoreMm: bore }, construction("butterfly-double-offset")));
  // Disc 78 mm in a body 216 mm long stays inside; shorten the body and it comes out.
  const wafer = (bore: number | null) =>
    findingOn("body/disc-clash", {
      duty: dutyWith({ pipeBoreMm: bore }),
      shelf: shelfWith((l) => ({
        ...l,
        ...construction("butterfly-double-offset"),
        sizes: l.sizes.map((s) => ({ ...s, faceToFaceMm: 30 })),
      })),
    });
  it("does not ask while the disc stays inside the body", () => {
    expect(disc(null).verdict).toBe("holds");
  });
  it("measures the chord that swings out", () => {
    // 2·√(39² − 15²) = 72 mm
    expect(wafer(72).value).toBeCloseTo(72, 9);
    expect(wafer(null)).toMatchObject({
      verdict: "cannot tell",
      missing: "pipe bore including lining",
    });
    expect(wafer(71.9).verdict).toBe("fails");
    expect(wafer(72).verdict).toBe("tight");
    expect(wafer(77.9).verdict).toBe("tight");
    expect(wafer(78).verdict).toBe("holds");
  });
});
