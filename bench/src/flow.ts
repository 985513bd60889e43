/** Prints the cost of flow and torque beside bare loops in the same run: `npm run bench:flow`. */
import { join } from "node:path";
import { gasFlow, liquidFlow } from "@proven-seat/core/basis/calc";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { weakest } from "@proven-seat/core/basis/stroke";
import { type Duty, settle, storedDutySchema } from "@proven-seat/core/duty";
import { compileShelf } from "@proven-seat/core/equipment/catalogue";
import { suppliedDrive } from "@proven-seat/core/equipment/drives";
import { trimsOf } from "@proven-seat/core/equipment/trims";
import { prove } from "@proven-seat/core/judgement/proof";
import { flowOf } from "@proven-seat/core/mechanics/flow";
import { torqueDemand } from "@proven-seat/core/mechanics/torque";
import { readCatalogueFolder, readDemoScenario } from "../../server/src/demo/read-demo.ts";
import { demoFolder } from "../../server/src/places.ts";
import { measure, measureInTurn, shown } from "./measure.ts";

const { catalogue } = readCatalogueFolder(join(demoFolder, "catalogue"));
const shelf = compileShelf(catalogue!);
const house = defaultHouseRules();
const tags = (readDemoScenario() as { tags: { number: string; duty: unknown }[] }).tags;
const dutyOf = (number: string): Duty => storedDutySchema.parse(tags.find((t) => t.number === number)!.duty);

const batch = 1000;
const pressures = Array.from({ length: batch }, (_, i) => 5 + (i % 97) / 20);
/** Valve and pipe on its two sides, mm; none without reducers. */
type Sizes = readonly [valve?: number, upstream?: number, downstream?: number];
const liquidAt = (upstreamBarA: number, [valveDiameterMm, upstreamPipeMm, downstreamPipeMm]: Sizes = []) => ({
  flowM3h: 80,
  densityKgM3: 998,
  upstreamBarA,
  downstreamBarA: 3,
  vapourPressureBarA: 0.02,
  criticalPressureBarA: 220.64,
  fl: 0.85,
  valveDiameterMm,
  upstreamPipeMm,
  downstreamPipeMm,
});
const reducers: Sizes = [80, 100, 100];
const gasAt = (upstreamBarA: number) => ({
  flowNm3h: 5000,
  molarMassKgKmol: 28,
  temperatureC: 20,
  compressibility: 1,
  isentropicExponent: 1.4,
  upstreamBarA,
  downstreamBarA: 3,
  fl: 0.85,
  xt: 0.6,
});
let kept = 0;
const keep = (value: number) => {
  kept += value;
};
/** The same arithmetic without checks and without objects. */
const bare = (p1: number) => {
  const choked = 0.85 ** 2 * (p1 - (0.96 - 0.28 * Math.sqrt(0.02 / 220.64)) * 0.02);
  kept += (80 * Math.sqrt(998 / 999.1 / Math.min(p1 - 3, choked))) as number;
};
const each = (run: (bar: number) => void) => () => pressures.forEach(run);
// Each is a literal: an object made by spreading takes ten times as long to create as to size by.
const sizing = measureInTurn(400, [
  each(bare),
  each((bar) => keep(liquidFlow(liquidAt(bar)).kv)),
  each((bar) => keep(liquidFlow(liquidAt(bar, reducers)).kv)),
  each((bar) => keep(gasFlow(gasAt(bar)).kv)),
]);
const perSecond = (ms: number) =>
  `${Math.round((batch / ms) * 1000)
    .toLocaleString("en")
    .padStart(12)} a second`;
console.log("sizings on one core                        goal: at least 200 000 a second");
["bare loop, liquid", "liquid", "liquid between reducers", "gas"].forEach((name, i) => {
  const { median } = sizing[i]!;
  console.log(`  ${name.padEnd(26)}${perSecond(median)}   ratio ${(median / sizing[0]!.median).toFixed(1)}`);
});

const control = dutyOf("TV-4021");
const twelve: Duty = {
  ...control,
  cases: Array.from({ length: 12 }, (_, i) => ({
    ...control.cases[i % 3]!,
    id: `c${i}`,
    rate: control.cases[i % 3]!.rate! * (1 + i / 40),
  })),
};
const bodies = [...new Map(shelf.valvesFor(control.dn!).map((v) => [v.size, v])).values()];
const trims = bodies.reduce(
  (sum, { line, construction, size }) => sum + trimsOf(line.flowTrims, construction, size).length,
  0,
);
const tried = measure(200, () => {
  const settled = settle(twelve, house);
  for (const body of bodies) flowOf(body, settled, house);
});
console.log(
  `12 cases in ${trims} trims, the best of each body ${shown(tried.median)} ms, p95 ${shown(tried.p95)}   goal: at most 20`,
);

const isolation = dutyOf("XV-1044");
const { valve } = prove(isolation, shelf, house).candidates[0]!;
const drives = shelf.families.flatMap((f) => f.drives);
let pressure = 3;
const turned = measure(200, () => {
  // A pressure never met, so that nothing is remembered.
  pressure += 1e-6;
  const settled = settle({ ...isolation, airMinimumBarG: pressure }, house);
  const demand = torqueDemand(valve, settled, house);
  for (const drive of drives) kept += weakest(suppliedDrive(drive, settled).lowest, demand.covering!).givesNm;
});
console.log(
  `${drives.length} drives over both strokes        ${shown(turned.median)} ms, p95 ${shown(turned.p95)}   goal: at most 5`,
);
const profiles = measure(2000, () => void torqueDemand(valve, settle(isolation, house), house));
console.log(
  `profiles of demand                 ${perSecond((profiles.median * batch) / (2 * isolation.cases.length))}   goal: at least 20 000`,
);
if (!Number.isFinite(kept)) throw new Error("something was no number");
