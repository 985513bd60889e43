/**
 * A round of mutation over what core computes and judges: `npm run mutate [part of a path] [--sample=N] [--seed=N]`; the report of
 * a whole round is docs/mutation.md. A sample ends with 1 where fewer than `--least=` per cent of it were seen.
 */
import { type ChildProcess, fork } from "node:child_process";
import { mkdirSync, readdirSync, writeFileSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join, relative } from "node:path";
import { seeded } from "@proven-seat/core/basis/calc";
import { bundle } from "./bundle.ts";
import { instrument } from "./instrument.ts";
import type { Judged } from "./judged.ts";
import { reportOf, shareSeen } from "./report.ts";

const root = join(import.meta.dirname, "../..");
const flags = new Map(
  process.argv.slice(2).flatMap((arg) => {
    const flag = /^--(sample|seed|least)=(\d+)$/.exec(arg);
    return flag ? [[flag[1]!, Number(flag[2])] as const] : [];
  }),
);
const wanted = process.argv.slice(2).find((arg) => !arg.startsWith("--")) ?? "";
/** A mutant that keeps its tests busy for longer than this goes in circles. */
const patience = 30_000;

/** Tests that walk the whole demo would be run thousands of times: a mutant only they see counts as survived. */
const slow = /rules\/(rules|cases|metamorphic)\.test|(monotone|listing|fuzz|stored)\.test/;

const filesIn = (folder: string) =>
  (readdirSync(join(root, folder), { recursive: true }) as string[])
    .filter((f) => f.endsWith(".ts"))
    .map((f) => join(root, folder, f))
    .sort();
const code = [
  "core/src/basis/calc",
  "core/src/basis/versions",
  "core/src/duty/line-list",
  "core/src/duty/versions",
  "core/src/equipment/drives",
  "core/src/judgement/breaking",
  "core/src/judgement/proof",
  "core/src/judgement/rules",
  "core/src/outcome/shop",
].flatMap(filesIn);
const isTest = (file: string) => file.endsWith(".test.ts");
const mutated = code.filter((f) => !isTest(f) && !f.endsWith("/index.ts") && f.includes(wanted));
const around = ["core/src/mechanics", "core/src/outcome/documents"].flatMap(filesIn);
const tests = [...code, ...around].filter((f) => isTest(f) && !slow.test(f));

const { contents, mutants } = await instrument(mutated);
const folder = join(root, ".local/mutate");
mkdirSync(folder, { recursive: true });
const bundled = join(folder, "tests.mjs");
await bundle(root, tests, contents, bundled);

const answerOf = <T>(child: ChildProcess, question?: object, within = 120_000) =>
  new Promise<T | "in circles">((done, failed) => {
    const timer = setTimeout(() => end("in circles"), within);
    const heard = (message: { result?: T; ready?: number; error?: string }) =>
      message.error ? failed(new Error(message.error)) : end((message.result ?? null) as T);
    const end = (answer: T | "in circles") => {
      clearTimeout(timer);
      child.off("message", heard);
      done(answer);
    };
    child.on("message", heard);
    if (question) child.send(question);
  });
const start = async () => {
  const child = fork(bundled, { stdio: ["ignore", "ignore", "inherit", "ipc"] });
  await answerOf(child);
  return child;
};

const first = await start();
const by = (await answerOf<Record<string, number[]>>(first, { cover: true })) as Record<string, number[]>;
const all = mutants.filter((m) => !m.ignored);
const random = seeded(flags.get("seed") ?? 1);
const open = flags.has("sample")
  ? Array.from({ length: Math.min(flags.get("sample")!, all.length) }, () =>
      all.splice(Math.floor(random() * all.length), 1),
    ).flat()
  : all;
const judged: Judged[] = [];
let next = 0;
const work = async (child: ChildProcess) => {
  let mine = child;
  for (let mutant = open[next++]; mutant !== undefined; mutant = open[next++]) {
    const reached = by[mutant.id];
    if (!reached) judged.push({ mutant, status: "not reached" });
    else if (reached.length === 0) judged.push({ mutant, status: "at load" });
    else {
      const killer = await answerOf<string | null>(mine, { id: mutant.id, by: reached }, patience);
      judged.push({
        mutant,
        status: killer === "in circles" ? "in circles" : killer === null ? "survived" : "killed",
      });
      if (killer === "in circles") {
        mine.kill("SIGKILL");
        mine = await start();
      }
    }
    if (judged.length % 250 === 0) process.stderr.write(`${judged.length} of ${open.length}\n`);
  }
  mine.kill();
};
await Promise.all([
  work(first),
  ...Array.from({ length: Math.max(1, availableParallelism()) - 1 }, async () => work(await start())),
]);

writeFileSync(
  join(folder, "survivors.txt"),
  judged
    .filter(({ status }) => status === "survived" || status === "not reached")
    .map(
      ({ mutant: { fileName, location, mutatorName, replacement }, status }) =>
        `${relative(root, fileName)}:${location.start.line + 1}:${location.start.column + 1} ${status} ${mutatorName} → ${replacement.replace(/\s+/g, " ").slice(0, 120)}`,
    )
    .sort()
    .join("\n"),
);
const report = reportOf(judged, root);
if (wanted === "" && !flags.has("sample")) writeFileSync(join(root, "docs/mutation.md"), report);
process.stdout.write(report);
if (shareSeen(judged) < (flags.get("least") ?? 0) / 100) process.exitCode = 1;
