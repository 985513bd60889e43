import { describe, expect, it } from "vitest";
import { jobWorker } from "../../test/job-worker.ts";
import { type JobNotDone, Jobs } from "./jobs.ts";
import type { InputOf } from "./tasks/index.ts";

const items = Array.from({ length: 10_000 }, () => ({ requiredTorqueNm: 125 }));
const outcomeOf = (job: Promise<unknown>) =>
  job.then(
    () => "done",
    (error) => (error as JobNotDone).trouble ?? String(error),
  );

describe("jobs in worker threads", () => {
  it("wait in a limited queue, and leave it when their client does", async () => {
    const jobs = new Jobs({ program: jobWorker, threads: 1, queue: 2 });
    const gone = new AbortController();
    const ask = (signal: AbortSignal | null = null) =>
      outcomeOf(jobs.run("calculate", { name: "mounting", items }, signal));
    const asks = [ask(), ask(), ask(gone.signal), ask(), ask()];
    gone.abort();
    expect(await Promise.all(asks)).toEqual(["done", "done", "gone", "queue-full", "queue-full"]);
    expect(await ask()).toBe("done");
    expect(await ask(gone.signal)).toBe("gone");
    await jobs.close();
  });
  it("are given up after their time, with their thread", async () => {
    const jobs = new Jobs({ program: jobWorker, threads: 1, timeoutMs: 1 });
    expect(await outcomeOf(jobs.run("calculate", { name: "mounting", items }))).toBe("too-long");
    await jobs.close();
  });
  it("that exceed their memory end alone", async () => {
    const program = new URL("../../test/greedy-worker.mjs", import.meta.url);
    const jobs = new Jobs({ program, threads: 1, memoryMb: 80 });
    const prove = jobs.run("prove", {} as InputOf<"prove">);
    expect(await outcomeOf(prove)).toBe("too-large");
    expect(await outcomeOf(jobs.run("calculate", { name: "mounting", items }))).toBe("done");
    await jobs.close();
  });
});
