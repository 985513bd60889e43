/**
 * Prints the cost of reading and saving over HTTP, as a ratio to a bare route on the same database in the same run:
 * `npm run bench:http`. With `-- --long` it also watches the server's memory over 50 000 requests, and the response
 * time of its health check under load.
 */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { freePort } from "../../../scripts/port.ts";
import { listening, reads, saves, type Tag } from "./measure-http.ts";
import { served } from "./served.ts";
import { healthUnderLoad, importTags } from "./under-load.ts";

const long = process.argv.includes("--long");
const root = fileURLToPath(new URL("../../..", import.meta.url));
const seconds = 4;
const rounds = 3;
const connections = 6;

const app = await served("http");
const barePort = await freePort();
const bare = await listening(
  ["--conditions=source", "--import", "tsx", join(root, "bench/src/http/bare.ts")],
  { ...app.env, PORT: String(barePort) },
);

const [ours, theirs] = [app.url, `http://127.0.0.1:${barePort}`].map((url) => ({
  url,
  seconds,
  connections,
}));
const get = async <T>(path: string) => (await (await fetch(ours!.url + path)).json()) as T;
const project = (await get<{ id: string }[]>("/api/projects"))[0]!.id;
const rows = await get<Tag[]>(`/api/projects/${project}/tags`);
const tags: Tag[] = [];
for (const { id } of rows.slice(0, 2 * connections)) tags.push(await get<Tag>(`/api/tags/${id}`));

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!;

/** Alternating, so that both meet the same machine; the median of a few. */
async function compared(
  name: string,
  measure: (server: typeof ours) => Promise<number>,
  goal: string,
): Promise<void> {
  const [a, b]: [number[], number[]] = [[], []];
  await measure({ ...ours!, seconds: 1 });
  await measure({ ...theirs!, seconds: 1 });
  for (let i = 0; i < rounds; i++) {
    a.push(await measure(ours));
    b.push(await measure(theirs));
  }
  const [mine, bareRate] = [median(a), median(b)];
  console.log(
    `${name.padEnd(24)} ${mine.toFixed(0).padStart(7)} ${bareRate.toFixed(0).padStart(7)} ${(bareRate / mine).toFixed(2).padStart(7)}   ${goal}`,
  );
}

const memoryMb = (pid: number) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))![1]) / 1024;

try {
  console.log("requests a second           here    bare   ratio");
  await compared("one tag read", (server) => reads(server!, `/api/tags/${tags[0]!.id}`), "goal: at most 2");
  await compared(
    "48 tags listed",
    (server) => reads(server!, `/api/projects/${project}/tags`),
    "goal: at most 2",
  );
  const mine = tags.slice(0, connections);
  // Each side has its own tags, because the bare one ignores versions.
  const other = tags.slice(connections);
  await compared(
    "a tag saved",
    (server) => fresh(server!.url === ours!.url ? mine : other).then((now) => saves(server!, now)),
    "goal: at most 3",
  );
  if (long) {
    const tagIds: string[] = [];
    for (let i = 0; i <= 5; i++) {
      tagIds.push(memoryMb(app.server.pid!).toFixed(0));
      if (i === 5) break;
      for (let n = 0; n < 10_000; n += 50)
        await Promise.all(Array.from({ length: 50 }, () => get(`/api/tags/${tags[n % tags.length]!.id}`)));
    }
    await importTags(ours!.url, project, 50_000);
    const times = await healthUnderLoad(ours!.url, project, tags[0]!.duty);
    const at95 = times[Math.floor(times.length * 0.95)]!;
    console.log(
      `health while 4 prove and 50 000 tags are exported, ${times.length} times: median ${times[times.length >> 1]!.toFixed(0)} ms, p95 ${at95.toFixed(0)} ms, longest ${times.at(-1)!.toFixed(0)} ms   goal: 50 ms`,
    );
    console.log(`memory in MB, each 10 000 requests on: ${tagIds.join(", ")}`);
  }
} finally {
  bare.kill();
  await app.end();
}

/** The tags at present. */
async function fresh(tags: readonly Tag[]): Promise<Tag[]> {
  return Promise.all(tags.map(({ id }) => get<Tag>(`/api/tags/${id}`)));
}
