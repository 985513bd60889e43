/** Kills server and database at random while others write: everything acknowledged must be stored, and nothing half. */
import { type ChildProcess, spawn } from "node:child_process";
import { openSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import { fileURLToPath } from "node:url";
import { seeded } from "@proven-seat/core/basis/calc";
import { freePort } from "../port.ts";
import { readRunning } from "../start/running.ts";
import { compare } from "./compare.ts";
import { backends, kill, postmasterOf, provers } from "./processes.ts";
import { allProved, ask, importer, issuer, lister, newLedger, prover, saver, type Tag } from "./writers.ts";

/** Times as long, at most, as a round is meant to last. */
const slowest = 6;

const root = fileURLToPath(new URL("../..", import.meta.url));

type Acknowledged = Record<"saves" | "lists" | "sheets" | "copies", number>;

export interface Round {
  readonly seconds: number;
  /** A slow machine continues up to six times as long until enough was acknowledged. */
  readonly atLeast?: Acknowledged & { readonly kills: number };
  /** An empty folder that any account may enter. */
  readonly data: string;
  readonly seed: number;
}

export interface Outcome {
  readonly kills: Record<string, number>;
  readonly answers: Record<string, number>;
  readonly acknowledged: Acknowledged;
  readonly wrong: readonly string[];
  /** The last output of the starts, for finding the cause. */
  readonly said: string;
}

const logOf = (data: string) => join(data, "said.log");

function startWith(
  data: string,
  args: readonly string[],
  env: Record<string, string>,
  out: number | "ignore",
): ChildProcess {
  return spawn(process.execPath, ["--conditions=source", "--import", "tsx", "scripts/start.ts", ...args], {
    cwd: root,
    env: { ...process.env, PROVEN_SEAT_DATA: data, ...env },
    stdio: ["ignore", out, out],
  });
}

const start = (data: string, port: number) =>
  startWith(data, [], { PORT: String(port), REQUEST_RATE: "0" }, openSync(logOf(data), "a"));

/** Whether the start worked, while the writers continue. */
const tell = (data: string, ...args: string[]) =>
  new Promise<boolean>((done) => {
    startWith(data, args, {}, "ignore").once("exit", (code) => done(code === 0));
  });

/** The last output of the starts themselves; the servers' request logs are beside it. */
const saidLast = (data: string) =>
  readFileSync(logOf(data), "utf8")
    .trimEnd()
    .split("\n")
    .filter((line) => !line.includes('"problem":"database-away"'))
    .slice(-60)
    .join("\n");

/** Waits for something that must happen within a minute; else fails with the last output. */
async function awaits(what: string, data: string, is: () => boolean | Promise<boolean>): Promise<void> {
  const until = Date.now() + 60_000;
  while (Date.now() < until) {
    if (await is()) return;
    await sleep(100);
  }
  throw new Error(`${what}; the last that was said:\n${saidLast(data)}`);
}

const healthy = (url: string, data: string) =>
  awaits(
    "the server did not come back",
    data,
    async () => (await ask(url, "GET", "/api/health"))?.status === 200,
  );

/** A tag with its best valve chosen, ready to be issued. */
async function withChoice(url: string, tag: Tag): Promise<Tag> {
  const proved = await ask(url, "POST", "/api/prove", { duty: tag.duty, limit: 1, detail: "brief" });
  const [best] = (proved!.body as { candidates: { valve: { key: string }; drive: { key: string } | null }[] })
    .candidates;
  const { number, service, unit, duty, version } = tag;
  const choice = { valve: best!.valve.key, drive: best!.drive?.key ?? null, overrideReason: "A trial." };
  const saved = await ask(url, "PUT", `/api/tags/${tag.id}`, {
    number,
    service,
    unit,
    duty,
    version,
    choice,
  });
  return saved!.body as unknown as Tag;
}

/**
 * Kills one of the running processes, selected by a number from 0 to 1; returns its name, and whether there was one.
 */
function killOne(
  which: number,
  data: string,
  starting: ChildProcess,
): readonly [name: string, done: boolean] {
  const running = readRunning(join(data, "running.json"));
  if (which < 0.3) return ["server", running?.server != null && kill(running.server.pid)];
  if (which < 0.5) return ["database", kill(postmasterOf(data))];
  if (which < 0.7) return ["worker", provers(running?.start.pid).slice(0, 1).some(kill)];
  if (which < 0.9) return ["connection", backends(data).slice(0, 1).some(kill)];
  return ["start", starting.pid !== undefined && kill(starting.pid)];
}

/** A round of faults; the folder is the caller's to remove. */
export async function faultRound({ seconds, atLeast, data, seed }: Round): Promise<Outcome> {
  const random = seeded(seed);
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let starting = start(data, port);
  const ledger = newLedger();
  const kills: Record<string, number> = {};
  let copies = 0;
  const acknowledged = (): Acknowledged => ({
    saves: [...ledger.saves.values()].reduce((sum, versions) => sum + versions.size, 0),
    lists: ledger.lists.filter((l) => l.acknowledged).length,
    sheets: ledger.sheets.length,
    copies,
  });
  const enough = () => {
    const killed = Object.values(kills).reduce((sum, n) => sum + n, 0);
    const now = { ...acknowledged(), kills: killed };
    return Object.entries(atLeast ?? {}).every(([what, count]) => now[what as keyof typeof now] >= count);
  };
  try {
    await healthy(url, data);
    const project = ((await ask(url, "GET", "/api/projects"))!.body as unknown as { id: string }[])[0]!.id;
    const rows = (await ask(url, "GET", `/api/projects/${project}/tags`))!.body as unknown as Tag[];
    const tags: Tag[] = [];
    for (const row of rows.slice(0, 8))
      tags.push((await ask(url, "GET", `/api/tags/${row.id}`))!.body as unknown as Tag);
    const toIssue: Tag[] = [];
    for (const tag of tags.slice(6)) toIssue.push(await withChoice(url, tag));
    const begun = Date.now();
    // A machine that takes longer than planned is slow: pauses grow from then on, so that work can finish.
    const peaceMs = () => {
      const longer = Math.max(0, (Date.now() - begun) / 1000 / seconds - 1);
      return (1500 + 4000 * random()) * 2 ** longer;
    };
    const over = () => {
      const lasted = (Date.now() - begun) / 1000;
      return lasted > slowest * seconds || (lasted > seconds && enough());
    };
    const copying = async () => {
      for (let n = 0; !over(); n++) {
        if (await tell(data, "--backup", join(data, `c${n}.backup`))) copies++;
        await sleep((seconds / 8) * 1000);
      }
    };
    const killing = async () => {
      while (!over()) {
        await sleep(peaceMs());
        const [name, done] = killOne(random(), data, starting);
        if (done) kills[name] = (kills[name] ?? 0) + 1;
        if (name === "start") {
          await sleep(500);
          starting = start(data, port);
          // The server of before may answer for a moment yet: only the new start's own counts.
          await awaits("a start after a killed one brought no server up", data, () => {
            const now = readRunning(join(data, "running.json"));
            return now?.start.pid === starting.pid && now?.server !== null;
          });
          // The database is down while proving processes are just starting.
          if (random() < 0.5 && kill(postmasterOf(data))) kills.database = (kills.database ?? 0) + 1;
        }
        await healthy(url, data);
      }
    };
    await Promise.all([
      ...tags.slice(0, 6).map((tag) => saver(url, tag, ledger, over)),
      importer(url, project, ledger, over),
      ...toIssue.map((tag) => issuer(url, tag, ledger, over)),
      killing(),
      prover(url, tags[0]!, ledger, over, seeded(seed + 1)),
      lister(url, project, ledger, over),
      copying(),
    ]);
    await healthy(url, data);
    if (!(await allProved(url, project, 90)))
      ledger.wrong.push("what was to be proved is not, and for 90 s nothing more of it was");
    await compare(data, ledger);
    // A failure of the server itself is in its log with its place.
    for (const line of readFileSync(logOf(data), "utf8").split("\n"))
      if (line.includes('"problem":"failed"')) ledger.wrong.push(line);
  } finally {
    await tell(data, "--stop");
  }
  const { counts: answers, wrong } = ledger;
  return {
    kills,
    answers,
    acknowledged: acknowledged(),
    wrong,
    said: wrong.length > 0 ? saidLast(data) : "",
  };
}
