/**
 * Prints what proving costs, as time and as a ratio to a bare loop in the same run: `npm run bench`. The core
 * is run as built, for that is what the browser and the server run.
 */
import { join } from "node:path";
import { compileShelf } from "@proven-seat/core/catalogue";
import { type Duty, dutySchema } from "@proven-seat/core/duty";
import { defaultHouseRules } from "@proven-seat/core/house";
import { prove } from "@proven-seat/core/proof";
import { demoFolder, readCatalogueFolder, readDemoScenario } from "../../server/src/demo/read-demo.ts";
import { bareLoop } from "./bare-loop.ts";
import { measure, measurePairs, shown } from "./measure.ts";

const { catalogue, faults } = readCatalogueFolder(join(demoFolder, "catalogue"));
if (!catalogue) throw new Error(JSON.stringify(faults[0]));
const shelf = compileShelf(catalogue);
const house = defaultHouseRules();
const duties = (readDemoScenario() as { tags: { duty: unknown }[] }).tags.map((t) =>
  dutySchema.parse(t.duty),
);
const candidates = duties.map((d) => prove(d, shelf, house).candidates.length);

console.log(
  `demo catalogue: ${catalogue.lines.length} lines, ${shelf.families.reduce((n, f) => n + f.drives.length, 0)} drives; ${Math.min(...candidates)} to ${Math.max(...candidates)} candidates a tag`,
);

// Warm both alike; each round proves every demo tag, interleaved so that both meet the same machine.
for (let i = 0; i < 30; i++)
  for (const d of duties) {
    prove(d, shelf, house);
    bareLoop(d, shelf, house);
  }
// One after the other on the same tag, so that both meet the same machine at the same moment.
const { full, bare } = measurePairs(
  60 * duties.length,
  (i) => void prove(duties[i % duties.length]!, shelf, house),
  (i) => void bareLoop(duties[i % duties.length]!, shelf, house),
);
console.log("one tag, whole catalogue          median ms   p95 ms");
console.log(
  `  full proof                       ${shown(full.median)} ${shown(full.p95)}   goal: at most 30 ms`,
);
console.log(`  bare loop                        ${shown(bare.median)} ${shown(bare.p95)}`);
console.log(
  `  ratio                            ${shown(full.median / bare.median)} ${shown(full.p95 / bare.p95)}   goal: at most 5`,
);

const thousand: Duty[] = Array.from({ length: 1000 }, (_, i) => {
  const duty = duties[i % duties.length]!;
  return {
    ...duty,
    cases: duty.cases.map((c) => ({
      ...c,
      temperatureC: c.temperatureC === null ? null : c.temperatureC + (i % 7) / 10,
    })),
  };
});
const started = performance.now();
for (const duty of thousand) prove(duty, shelf, house);
const fullSeconds = (performance.now() - started) / 1000;
const restarted = performance.now();
for (const duty of thousand) bareLoop(duty, shelf, house);
const bareSeconds = (performance.now() - restarted) / 1000;
console.log(
  `1 000 tags                         ${fullSeconds.toFixed(1)} s, bare ${bareSeconds.toFixed(1)} s, ratio ${(fullSeconds / bareSeconds).toFixed(2)}, ${(1000 / fullSeconds).toFixed(0)} tags a second on one core`,
);

const many = (factor: number): Duty => {
  const duty = duties[0]!;
  return {
    ...duty,
    cases: Array.from({ length: duty.cases.length * factor }, (_, i) => ({
      ...duty.cases[i % duty.cases.length]!,
      id: `c${i}`,
    })),
  };
};
console.log("growth with cases                  median ms");
for (const factor of [1, 2, 4])
  console.log(
    `  ${String(many(factor).cases.length).padStart(2)} cases                         ${shown(measure(100, () => void prove(many(factor), shelf, house)).median)}`,
  );

/** The same lines under other names: as many more candidates, none of them alike. */
const grown = (factor: number) =>
  compileShelf({
    ...catalogue,
    lines: Array.from({ length: factor }, (_, i) =>
      catalogue.lines.map((line) => ({ ...line, id: `${line.id}-${i}` })),
    ).flat(),
  });
console.log("growth with candidates             median ms");
for (const factor of [1, 2, 4]) {
  const larger = grown(factor);
  const duty = duties[0]!;
  const count = prove(duty, larger, house).candidates.length;
  console.log(
    `  ${String(count).padStart(5)} candidates                ${shown(measure(60, () => void prove(duty, larger, house)).median)}`,
  );
}
