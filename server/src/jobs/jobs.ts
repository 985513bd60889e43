import { availableParallelism } from "node:os";
import { pathToFileURL } from "node:url";
import { Piscina } from "piscina";
import { jobProgram } from "../places.ts";
import type { HeldCatalogue } from "./held.ts";
import type { InputOf, ResultOf, TaskName } from "./tasks/index.ts";

export type JobTrouble = "queue-full" | "too-long" | "too-large" | "gone";

/** A job that was not done: too many are waiting, it exceeded time or memory, or it was cancelled. */
export class JobNotDone extends Error {
  readonly trouble: JobTrouble;
  constructor(trouble: JobTrouble) {
    super(`job not done: ${trouble}`);
    this.trouble = trouble;
  }
}

export interface JobsOptions {
  readonly threads?: number;
  /** Jobs that may wait besides the running ones. */
  readonly queue?: number;
  readonly timeoutMs?: number;
  readonly memoryMb?: number;
  /** Program of a thread; the built one by default. */
  readonly program?: URL;
}

/** Worker threads with a queue, and limits of time and memory; a job is cancelled with its request. */
export class Jobs {
  readonly #pool: Piscina;
  readonly #timeoutMs: number;
  /** Most jobs at once, running or waiting: the pool itself does not count those that can be cancelled. */
  readonly #most: number;
  #now = 0;

  constructor({
    // One core stays free for plain requests.
    threads = Math.max(1, availableParallelism() - 1),
    queue = 32,
    timeoutMs = 30_000,
    memoryMb = 1024,
    program = pathToFileURL(jobProgram),
  }: JobsOptions = {}) {
    this.#timeoutMs = timeoutMs;
    this.#most = threads + queue;
    this.#pool = new Piscina({
      filename: program.href,
      minThreads: 1,
      maxThreads: threads,
      idleTimeout: 60_000,
      recordTiming: false,
      // A proof creates thousands of short-lived candidates: with room for them garbage collection takes a tenth less
      // time. If the young generation can outgrow the old one, running out of memory ends the whole process.
      resourceLimits: {
        maxOldGenerationSizeMb: memoryMb,
        maxYoungGenerationSizeMb: Math.min(192, memoryMb / 5),
      },
    });
  }

  /** Runs one job; `signal` cancels it, even while it runs. Some tasks get more time than usual. */
  async run<Name extends TaskName>(
    name: Name,
    input: InputOf<Name>,
    signal: AbortSignal | null = null,
    timeoutMs = this.#timeoutMs,
  ): Promise<ResultOf<Name>> {
    const answer = await this.#once(name, input, signal, timeoutMs);
    return answer as ResultOf<Name>;
  }

  /** As `run`, with a catalogue that is sent only to a worker without it. */
  async runWith<Name extends "prove" | "drawUp" | "plan" | "jobRecord">(
    name: Name,
    input: Omit<InputOf<Name>, "catalogue">,
    { digest, content }: HeldCatalogue,
    signal: AbortSignal | null = null,
  ): Promise<ResultOf<Name>> {
    const asked = (held: HeldCatalogue["content"]) =>
      this.#once(name, { ...input, catalogue: { digest, content: held } }, signal, this.#timeoutMs);
    const answer = (await asked(null)) as ResultOf<Name> | { needs: true };
    return ("needs" in answer ? await asked(content) : answer) as ResultOf<Name>;
  }

  async #once(
    name: TaskName,
    input: unknown,
    signal: AbortSignal | null,
    timeoutMs: number,
  ): Promise<unknown> {
    if (signal?.aborted) throw new JobNotDone("gone");
    if (this.#now >= this.#most) throw new JobNotDone("queue-full");
    this.#now++;
    const limit = AbortSignal.timeout(timeoutMs);
    try {
      return await this.#pool.run(
        { name, input },
        { signal: signal === null ? limit : AbortSignal.any([limit, signal]) },
      );
    } catch (error) {
      const { code, name: kind } = error as { code?: string; name?: string };
      if (signal?.aborted) throw new JobNotDone("gone");
      if (limit.aborted || kind === "AbortError") throw new JobNotDone("too-long");
      if (code === "ERR_WORKER_OUT_OF_MEMORY") throw new JobNotDone("too-large");
      throw error;
    } finally {
      this.#now--;
    }
  }

  close(): Promise<void> {
    return this.#pool.destroy();
  }
}
