import { describe, expect, it } from "vitest";
import { dutyWith, findingOn, type Setting, shelfWith } from "../../../../test/fixture.ts";
import type { Catalogue } from "../../../equipment/catalogue/schema.ts";

type Line = Catalogue["lines"][number];
type DutyChange = Parameters<typeof dutyWith>[0];

/** A duty and a shelf changed a little; the rest holds. */
const bodySetting = (
  duty: DutyChange = {},
  line: Partial<Line> = {},
  more: Partial<Setting> = {},
): Setting => ({
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
const seat = (change: Partial<Line["seats"][number]>): Partial<Line> => ({
  seats: [{ seat: "ptfe", priceFactor: 1, shutOff: "A", execution: null, curve: null, ...change }],
});
const trunnion = { line: "trunnion" };

const rows: [rule: string, verdict: string, setting: Setting][] = [
  ["double-isolation", "not asked", bodySetting()],
  ["double-isolation", "fails", bodySetting({ function: ["double isolation, one way"] }, {}, trunnion)],
  [
    "double-isolation",
    "holds",
    bodySetting(
      { function: ["double isolation, one way"] },
      cavity("self-relieving + double-piston"),
      trunnion,
    ),
  ],
  [
    "double-isolation",
    "fails",
    bodySetting(
      { function: ["double isolation, both ways"] },
      cavity("self-relieving + double-piston"),
      trunnion,
    ),
  ],
  [
    "double-isolation",
    "holds",
    bodySetting({ function: ["double isolation, both ways"] }, cavity("two double-piston"), trunnion),
  ],
  [
    "barriers",
    "fails",
    bodySetting({ function: ["double block and bleed"] }, { ventAndDrain: false }, trunnion),
  ],
  ["sealing-direction", "fails", bodySetting({}, cavity("upstream hole"))],
  ["sealing-direction", "holds", bodySetting({ flowDirection: "one way" }, cavity("upstream hole"))],
  ["relief-direction", "not asked", bodySetting()],
  ["relief-direction", "tight", bodySetting({}, cavity("upstream hole"))],
  ["relief-direction", "holds", bodySetting({ flowDirection: "one way" }, cavity("upstream hole"))],
  ["double-piston-relief", "not asked", bodySetting({}, {}, trunnion)],
  ["double-piston-relief", "tight", bodySetting({}, cavity("two double-piston"), trunnion)],
  [
    "double-piston-relief",
    "holds",
    bodySetting({ fluid: { phase: "gas" } }, cavity("two double-piston"), trunnion),
  ],
  [
    "double-piston-relief",
    "holds",
    bodySetting({ cavityRelief: true }, cavity("two double-piston"), trunnion),
  ],
  [
    "double-piston-relief",
    "fails",
    bodySetting({}, { ...cavity("two double-piston"), ventAndDrain: false }, trunnion),
  ],
  ["throttling", "not asked", bodySetting()],
  ["throttling", "fails", bodySetting({ function: ["throttling"] })],
  ["throttling", "tight", bodySetting({ function: ["throttling"] }, construction("butterfly-double-offset"))],
  ["throttling", "holds", bodySetting({ function: ["throttling"] }, construction("segment-ball"))],
  ["control-trim-isolation", "not asked", bodySetting()],
  ["control-trim-isolation", "tight", bodySetting({}, construction("segment-ball"))],
  [
    "control-trim-isolation",
    "fails",
    bodySetting({ function: ["emergency shut-down"] }, construction("segment-ball")),
  ],
  ["diverting", "holds", bodySetting()],
  ["diverting", "fails", bodySetting({ function: ["diverting"] })],
  ["diverting", "fails", bodySetting({}, construction("three-way-l", "slot hole"))],
  ["diverting", "holds", bodySetting({ function: ["diverting"] }, construction("three-way-t", "slot hole"))],
  ["end-connection", "holds", bodySetting({ endConnection: "butt-weld" }, { ends: ["butt-weld"] })],
  [
    "end-connection",
    "fails",
    bodySetting({ endConnection: "butt-weld", lineDesignation: "class 600" }, { ends: ["butt-weld"] }),
  ],
  [
    "end-connection",
    "holds",
    bodySetting({ endConnection: "butt-weld", lineDesignation: "class 150" }, { ends: ["butt-weld"] }),
  ],
  ["dirty-service", "not asked", bodySetting()],
  ["dirty-service", "tight", bodySetting({ fluid: { solidsPercent: 1 } })],
  ["dirty-service", "fails", bodySetting({ fluid: { solidsPercent: 1.1 } })],
  ["dirty-service", "holds", bodySetting({ fluid: { solidsPercent: 1.1 } }, construction("plug-eccentric"))],
  [
    "dirty-service",
    "fails",
    bodySetting({ fluid: { solidsPercent: 4 } }, construction("trunnion-side-entry", "two self-relieving")),
  ],
  ["dirty-service", "tight", bodySetting({ fluid: { solidsPercent: 1 } }, cavity("cavity filler"))],
  ["dirty-service", "tight", bodySetting({ fluid: { solidsPercent: 4 } }, cavity("cavity filler"))],
  [
    "dirty-service",
    "fails",
    bodySetting({ fluid: { solidsPercent: 4, fibres: true } }, cavity("cavity filler")),
  ],
  ["dirty-service", "holds", bodySetting({ fluid: { solidsPercent: 4 } }, construction("plug-lubricated"))],
  [
    "dirty-service",
    "tight",
    bodySetting({ fluid: { solidsPercent: 4, fibres: true } }, construction("plug-lubricated")),
  ],
  ["fibres", "not asked", bodySetting()],
  ["fibres", "tight", bodySetting({ fluid: { fibres: true } })],
  ["fibres", "fails", bodySetting({ fluid: { fibres: true } }, construction("butterfly-concentric"))],
  ["fibres", "holds", bodySetting({ fluid: { fibres: true } }, construction("segment-ball"))],
  ["polymerising-cavity", "fails", bodySetting(hazard("polymerises"))],
  ["decomposing-cavity", "fails", bodySetting(hazard("decomposes"), cavity("plain"))],
  [
    "decomposing-cavity",
    "tight",
    bodySetting(hazard("decomposes"), cavity("self-relieving + double-piston")),
  ],
  ["decomposing-cavity", "fails", bodySetting(hazard("decomposes"), cavity("cavity filler"))],
  ["decomposing-cavity", "tight", bodySetting(hazard("decomposes"), cavity("self-relieving seat"))],
  ["decomposing-cavity", "holds", bodySetting(hazard("decomposes"), cavity("upstream hole"))],
  ["polymerising-cavity", "holds", bodySetting(hazard("polymerises"), cavity("cavity filler"))],
  ["crystallising-cavity", "fails", bodySetting(hazard("crystallises"))],
  ["crystallising-cavity", "tight", bodySetting({ ...hazard("crystallises"), jacketC: 120 })],
  ["crystallising-cavity", "holds", bodySetting(hazard("crystallises"), construction("plug-sleeved"))],
  ["hygienic-cavity", "fails", bodySetting(hazard("hygienic"))],
  ["hygienic-cavity", "holds", bodySetting(hazard("hygienic"), cavity("cavity filler"))],
  ["dead-end", "not asked", bodySetting()],
  ["dead-end", "holds", bodySetting({ deadEnd: true })],
  ["dead-end", "fails", bodySetting({ deadEnd: true, endConnection: "wafer" }, { ends: ["wafer"] })],
  ["dead-end", "fails", bodySetting({ deadEnd: true, endConnection: "lug" }, { ends: ["lug"] })],
  [
    "dead-end",
    "holds",
    bodySetting({ deadEnd: true, endConnection: "lug" }, { ends: ["lug"], deadEndFactor: 0.5 }),
  ],
  [
    "dead-end",
    "fails",
    bodySetting(
      { deadEnd: true, endConnection: "lug", cases: [{ upstreamBarG: 26 }] },
      { ends: ["lug"], deadEndFactor: 0.5 },
    ),
  ],
  ["full-port", "not asked", bodySetting()],
  ["full-port", "holds", bodySetting({ port: "full" })],
  ["full-port", "fails", bodySetting({ port: "full" }, { port: "reduced" })],
  ["full-port", "not asked", bodySetting({ port: "reduced accepted" }, { port: "reduced" })],
  ["full-port", "fails", bodySetting({ port: "reduced accepted" }, { port: "double-reduced" })],
  ["full-port", "fails", bodySetting({ port: null }, { port: "double-reduced" })],
  ["full-port", "not asked", bodySetting({ port: "double-reduced accepted" }, { port: "double-reduced" })],
  [
    "anti-static",
    "not asked",
    bodySetting({ fluid: { hazards: [], family: "air and inert gas", substance: "nitrogen" } }),
  ],
  ["anti-static", "holds", bodySetting(hazard("flammable"))],
  ["anti-static", "fails", bodySetting(hazard("flammable"), { antiStatic: false })],
  ["blow-out-proof-stem", "holds", bodySetting()],
  ["blow-out-proof-stem", "fails", bodySetting({}, { blowOutProofStem: false })],
  ["ball-stops", "not asked", bodySetting()],
  ["ball-stops", "holds", bodySetting({ fireSafe: true })],
  ["ball-stops", "tight", bodySetting({ fireSafe: true }, { ballStops: false })],
  ["buried-extension", "not asked", bodySetting()],
  ["buried-extension", "holds", bodySetting({ installation: "buried" })],
  ["buried-extension", "tight", bodySetting({ installation: "buried" }, { seatSealant: false })],
  ["buried-extension", "fails", bodySetting({ installation: "buried" }, { stemExtension: false })],
  ["buried-joints", "tight", bodySetting({ installation: "buried" })],
  [
    "buried-joints",
    "holds",
    bodySetting({ installation: "buried" }, construction("trunnion-welded", "two self-relieving")),
  ],
  ["jacket-offered", "not asked", bodySetting()],
  ["jacket-offered", "holds", bodySetting({ jacketBarG: 4, jacketC: 150 })],
  ["jacket-offered", "fails", bodySetting({ jacketBarG: 4, jacketC: 150 }, { jacket: null })],
  ["leak-paths", "not asked", bodySetting()],
  ["leak-paths", "holds", bodySetting(hazard("lethal"))],
  ["leak-paths", "fails", bodySetting(hazard("lethal"), {}, { house: { lethalBodyJoints: 0 } })],
  ["leak-paths", "tight", bodySetting(hazard("toxic"), {}, { house: { lethalBodyJoints: 0 } })],
  ["cavity-drain", "not asked", bodySetting()],
  ["cavity-drain", "holds", bodySetting({ cases: [{ temperatureC: -1 }] })],
  ["cavity-drain", "tight", bodySetting({ cases: [{ temperatureC: -1 }] }, { ventAndDrain: false })],
  ["emergency-grip", "not asked", bodySetting()],
  ["emergency-grip", "holds", bodySetting({ function: ["emergency shut-down"] })],
  [
    "emergency-grip",
    "tight",
    bodySetting({ function: ["emergency shut-down"] }, construction("plug-sleeved")),
  ],
  ["hygienic-material", "not asked", bodySetting()],
  ["hygienic-material", "fails", bodySetting(hazard("hygienic"))],
  [
    "hygienic-material",
    "tight",
    bodySetting(hazard("hygienic"), { grades: [{ grade: "A351 CF8M", priceFactor: 1 }] }),
  ],
  [
    "hygienic-material",
    "holds",
    bodySetting(hazard("hygienic"), { grades: [{ grade: "A351 CF3M", priceFactor: 1 }] }),
  ],
  [
    "hygienic-material",
    "fails",
    bodySetting(hazard("hygienic"), { grades: [{ grade: "A351 CF8", priceFactor: 1 }] }),
  ],
  ["bonnet-extension", "not asked", bodySetting({ cases: [{ temperatureC: -50 }, { temperatureC: 200 }] })],
  ["bonnet-extension", "holds", bodySetting({ cases: [{ temperatureC: -51 }] })],
  ["bonnet-extension", "fails", bodySetting({ cases: [{ temperatureC: -51 }] }, { stemExtension: false })],
  [
    "bonnet-extension",
    "tight",
    bodySetting({ cases: [{ kind: "blow-down", temperatureC: -51 }] }, { stemExtension: false }),
  ],
  ["bonnet-extension", "tight", bodySetting({ cases: [{ temperatureC: 201 }] }, { stemExtension: false })],
  ["emergency-speed", "not asked", bodySetting()],
  ["emergency-speed", "holds", bodySetting({ function: ["emergency shut-down"] })],
  ["emergency-speed", "fails", bodySetting({ function: ["emergency shut-down"] }, construction("tilt-away"))],
  ["ring-joint", "holds", bodySetting()],
  ["ring-joint", "tight", bodySetting({}, {}, { house: { ringJointFromClass: 300 } })],
  [
    "ring-joint",
    "holds",
    bodySetting(
      { endConnection: "flanged RTJ" },
      { ends: ["flanged RTJ"] },
      { house: { ringJointFromClass: 300 } },
    ),
  ],
  ["low-differential", "not asked", bodySetting()],
  ["low-differential", "holds", bodySetting({ cases: [{ upstreamBarG: 1.9 }] })],
  ["low-differential", "tight", bodySetting({ cases: [{ upstreamBarG: 1.9 }] }, {}, { seat: "peek" })],
  [
    "low-differential",
    "holds",
    bodySetting({ cases: [{ upstreamBarG: 1.9 }] }, {}, { seat: "peek", line: "trunnion" }),
  ],
  ["threaded-ends", "not asked", bodySetting()],
  ["threaded-ends", "holds", bodySetting({ endConnection: "threaded" }, { ends: ["threaded"] })],
  [
    "threaded-ends",
    "fails",
    bodySetting({ endConnection: "threaded" }, { ends: ["threaded"] }, { house: { largestThreadedDn: 40 } }),
  ],
  [
    "threaded-ends",
    "fails",
    bodySetting({ endConnection: "threaded", ...hazard("toxic") }, { ends: ["threaded"] }),
  ],
  ["shut-off", "holds", bodySetting({ shutOff: "A" })],
  ["shut-off", "fails", bodySetting({ shutOff: "A" }, {}, { seat: "peek" })],
  ["shut-off", "holds", bodySetting({ shutOff: "B" }, {}, { seat: "peek" })],
  ["shut-off", "not asked", bodySetting({ shutOff: null })],
  ["shut-off", "holds", bodySetting({ shutOff: "class IV" }, seat({ shutOff: "class V" }))],
  ["shut-off", "holds", bodySetting({ shutOff: "class V" }, seat({ shutOff: "class V" }))],
  ["shut-off", "fails", bodySetting({ shutOff: "class VI" }, seat({ shutOff: "class V" }))],
  ["shut-off", "tight", bodySetting({ shutOff: "class IV" }, seat({ shutOff: "A" }))],
  ["shut-off", "fails", bodySetting({ shutOff: "A" }, seat({ shutOff: "class VI" }))],
  ["shut-off", "cannot tell", bodySetting({ shutOff: "C" }, seat({ shutOff: "class VI" }))],
  ["shut-off", "fails", bodySetting({ shutOff: "D" }, seat({ shutOff: "class II" }))],
  ["shut-off", "cannot tell", bodySetting({ shutOff: "G" }, seat({ shutOff: null }))],
  [
    "shut-off",
    "fails",
    bodySetting({ shutOff: "class II" }, seat({ shutOff: null, execution: "clearance" })),
  ],
  ["clearance", "not asked", bodySetting()],
  ["clearance", "fails", bodySetting({}, seat({ execution: "clearance" }))],
  ["clearance", "fails", bodySetting({ function: null }, seat({ execution: "clearance" }))],
  ["clearance", "not asked", bodySetting({ function: ["throttling"] }, seat({ execution: "clearance" }))],
  [
    "clearance",
    "fails",
    bodySetting(
      { function: ["throttling"], cases: [{ kind: "shut-off differential" }] },
      seat({ execution: "clearance" }),
    ),
  ],
  ["seat-clogging", "not asked", bodySetting({ fluid: { fibres: true } })],
  ["seat-clogging", "tight", bodySetting({ fluid: { fibres: true } }, seat({ execution: "soft ring" }))],
  ["seat-clogging", "holds", bodySetting({ fluid: { solidsPercent: 6 } }, seat({ execution: "soft ring" }))],
  [
    "seat-clogging",
    "tight",
    bodySetting({ fluid: { solidsPercent: 5 } }, seat({ execution: "flexed metal lip" })),
  ],
  [
    "seat-clogging",
    "fails",
    bodySetting({ fluid: { solidsPercent: 5.1 } }, seat({ execution: "flexed metal lip" })),
  ],
  [
    "seat-clogging",
    "holds",
    bodySetting({ fluid: { fibres: true } }, seat({ execution: "solid metal ring" })),
  ],
  ["emission-class", "not asked", bodySetting()],
  ["emission-class", "holds", bodySetting({ emissionClass: "B" })],
  ["emission-class", "fails", bodySetting({ emissionClass: "A" })],
  ["emission-class", "fails", bodySetting(hazard("lethal"))],
  ["stem-seal-toxic", "not asked", bodySetting()],
  ["stem-seal-toxic", "tight", bodySetting(hazard("toxic"))],
  ["stem-seal-toxic", "fails", bodySetting(hazard("lethal"))],
  ["stem-seal-school", "not asked", bodySetting()],
  ["stem-seal-school", "holds", bodySetting({}, {}, { house: { stemSealSchool: "adjustable gland" } })],
  ["stem-seal-school", "tight", bodySetting({}, {}, { house: { stemSealSchool: "live-loaded" } })],
];

describe("body rules on both sides of their border", () => {
  it.each(rows)("%s: %s", (rule, verdict, setting) => {
    expect(findingOn(`body/${rule}`, setting).verdict).toBe(verdict);
  });
});

describe("disc clash", () => {
  const disc = (bore: number | null) =>
    findingOn("body/disc-clash", bodySetting({ pipeBoreMm: bore }, construction("butterfly-double-offset")));
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
  it("is not asked while the disc stays inside the body", () => {
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
