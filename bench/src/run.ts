/**
 * Prints the cost of a proof, as time and as a ratio to a bare loop in the same run: `npm run bench`. The core is run
 * as built, as in the browser and the server.
 */
import { join } from "node:path";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { type Duty, settle, storedDutySchema } from "@proven-seat/core/duty";
import { compileShelf } from "@proven-seat/core/equipment/catalogue";
import { breakingPoint, dutyValues } from "@proven-seat/core/judgement/breaking";
import { prove } from "@proven-seat/core/judgement/proof";
import { readCatalogueFolder, readDemoScenario } from "../../server/src/demo/read-demo.ts";
import { demoFolder } from "../../server/src/places.ts";
import { bareLoop } from "./bare-loop.ts";
import { type Measured, measure, measureInTurn, shown } from "./measure.ts";

const { catalogue, faults } = readCatalogueFolder(join(demoFolder, "catalogue"));
if (!catalogue) throw new Error(JSON.stringify(faults[0]));
const shelf = compileShelf(catalogue);
const house = defaultHouseRules();
const duties = (readDemoScenario() as { tags: { duty: unknown }[] }).tags.map((t) =>
  storedDutySchema.parse(t.duty),
);
const candidates = duties.map((d) => prove(d, shelf, house).candidates.length);

console.log(
  `demo catalogue: ${catalogue.lines.length} lines, ${shelf.families.reduce((n, f) => n + f.drives.length, 0)} drives; ${Math.min(...candidates)} to ${Math.max(...candidates)} candidates a tag`,
);

// Each is warmed up; each round proves every demo tag, interleaved so that all meet the same machine.
for (let i = 0; i < 8; i++)
  for (const d of duties) {
    prove(d, shelf, house);
    bareLoop(d, shelf, house, false);
    bareLoop(d, shelf, house, true);
  }
// One after the other on the same tag, so that all meet the same machine at the same moment.
const dutyAt = (i: number) => duties[i % duties.length]!;
const [full, first, whole] = measureInTurn(12 * duties.length, [
  (i) => void prove(dutyAt(i), shelf, house),
  (i) => void bareLoop(dutyAt(i), shelf, house, false),
  (i) => void bareLoop(dutyAt(i), shelf, house, true),
]) as [Measured, Measured, Measured];
const row = (name: string, m: Measured, goal = "") =>
  console.log(`  ${name.padEnd(31)}${shown(m.median)} ${shown(m.p95)}${goal}`);
const over = (m: Measured): Measured => ({ median: full.median / m.median, p95: full.p95 / m.p95 });
console.log("one tag, whole catalogue          median ms   p95 ms");
row("full proof", full, "   goal: at most 30 ms");
row("bare loop, two dozen rules'", first);
row("bare loop, all rules'", whole);
row("ratio to two dozen rules'", over(first), "   goal: at most 5");
row("ratio to all rules'", over(whole));

const selected = duties
  .filter((d) => d.dn !== null && d.cases.length > 0)
  .map((duty) => ({ duty, best: prove(duty, shelf, house).candidates[0]! }));
const reaches = (which: "first" | "all") =>
  measure(selected.length * 2, (i) => {
    const { duty, best } = selected[i % selected.length]!;
    const judged = { valve: best.valve, drive: best.drive, accessories: shelf.accessories, house };
    const values = dutyValues(duty, settle(duty, house), best.valve);
    for (const value of which === "first" ? values.slice(0, 1) : values) breakingPoint(judged, duty, value);
  });
console.log("breaking points of one candidate  median ms   p95 ms");
row("first value, both ways", reaches("first"), "   goal: at most 150 ms");
row("every value, both ways", reaches("all"));

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
for (const duty of thousand) bareLoop(duty, shelf, house, true);
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

/** The same lines under other names: more candidates, none of them equal. */
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
