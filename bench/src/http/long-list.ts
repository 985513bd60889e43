/**
 * Prints the cost of a long list: imported, proved by one worker process and by two, opened: `npm run bench:lists`.
 * Every tag has a duty of its own, so that none shares a proof.
 */
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { proverFlags, proverProgram } from "../../../scripts/start/server.ts";
import { readDemoScenario } from "../../../server/src/demo/read-demo.ts";
import { listening } from "./measure-http.ts";
import { served } from "./served.ts";

const rows = Number(process.argv[2] ?? 10_000);
const rounds = 3;
const root = fileURLToPath(new URL("../../..", import.meta.url));
const scenario = readDemoScenario() as { tags: { duty: { cases: Record<string, unknown>[] } }[] };
const duties = scenario.tags.map(({ duty }) => duty);

/** A duty of the demo, a little hotter each time. */
const dutyOf = (i: number) => {
  const duty = structuredClone(duties[i % duties.length]!);
  for (const c of duty.cases)
    if (typeof c.temperatureC === "number") c.temperatureC += Math.floor(i / duties.length) * 0.001;
  return duty;
};

const app = await served("lists");
const worker = () => listening(proverProgram, app.env);

async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  const answer = await fetch(app.url + path, {
    method,
    ...(body === undefined
      ? {}
      : { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
  });
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as T;
}

async function timed<T>(work: () => Promise<T>): Promise<{ seconds: number; result: T }> {
  const started = performance.now();
  const result = await work();
  return { seconds: (performance.now() - started) / 1000, result };
}

const { id } = await ask<{ id: string }>("POST", "/api/projects", { name: "A long list" });
const path = `/api/projects/${id}`;
interface Proving {
  id: string;
  state: string;
  done: number;
  total: number;
}

/** Proves the list with other house rules each time, so that all of it is proved. */
async function proved(serviceFactor: number): Promise<number> {
  const house = await ask<{ version: number; values: object }>("GET", "/api/house-rules");
  const { version } = await ask<{ version: number }>("POST", "/api/house-rules", {
    values: { ...house.values, serviceFactor },
    reason: "Bench",
    basedOn: house.version,
  });
  const { seconds } = await timed(async () => {
    const begun = await ask<Proving>("POST", `${path}/provings`, { what: "list", houseRuleVersion: version });
    for (let now: Proving | undefined = begun; now?.state === "under way"; ) {
      await new Promise((done) => setTimeout(done, 200));
      now = (await ask<Proving[]>("GET", `${path}/provings`)).find((p) => p.id === begun.id);
      if (now && now.state !== "under way" && now.state !== "done") throw new Error(`it ended ${now.state}`);
    }
  });
  return seconds;
}

/** The same number of processes that do nothing but prove, for the same seconds: the most the machine can do. */
async function bare(processes: number): Promise<number> {
  const started = await Promise.all(
    Array.from({ length: processes }, () =>
      listening([...proverFlags, "--import", "tsx", join(root, "bench/src/http/bare-proving.ts")], app.env),
    ),
  );
  const counts = started.map(
    (child) =>
      new Promise<number>((done) =>
        child.once("message", (message) => done((message as { count: number }).count)),
      ),
  );
  for (const child of started) child.send("go");
  return (await Promise.all(counts)).reduce((sum, value) => sum + value);
}

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!;

const print = (what: string, seconds: number, more = "") =>
  console.log(`  ${what.padEnd(40)} ${seconds.toFixed(2).padStart(7)} s${more}`);

try {
  console.log(`${rows} tags, each with a duty of its own`);
  const list = Array.from({ length: rows }, (_, i) => ({
    number: `L-${i}`,
    service: "",
    unit: "",
    duty: dutyOf(i),
  }));
  print("taken in", (await timed(() => ask("POST", `${path}/imports`, { tags: list }))).seconds);
  const [first, second] = [await worker(), await worker()];
  // Both warm, then alternating, because the load of a machine changes from minute to minute.
  await proved(1.21);
  const times: { byOne: number; two: number }[] = [];
  for (let round = 0; round < rounds; round++) {
    second.kill("SIGSTOP");
    const byOne = await proved(1.22 + round / 50);
    second.kill("SIGCONT");
    times.push({ byOne, two: await proved(1.23 + round / 50) });
  }
  const rate = (seconds: number) => `   ${((seconds * 1000) / rows).toFixed(1)} ms a tag`;
  const [byOne, two] = [median(times.map((t) => t.byOne)), median(times.map((t) => t.two))];
  print("proved by one worker process", byOne, rate(byOne));
  print("proved by two", two, rate(two));
  const ceiling = (await bare(2)) / (await bare(1));
  const ratios = times.map((t) => (t.byOne / t.two).toFixed(2)).join(", ");
  console.log(`  two over one: ${ratios} ×; of bare loops, nothing beside them: ${ceiling.toFixed(2)} ×`);
  const opened = await timed(() =>
    Promise.all([ask(`GET`, `${path}/tags?limit=5000`), ask<unknown[]>("GET", `${path}/marks`)]),
  );
  print("first half of the rows, all marks", opened.seconds);
  for (const child of [first, second]) child.kill("SIGTERM");
} finally {
  await app.end();
}
