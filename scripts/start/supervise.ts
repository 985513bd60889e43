/** Keeps a program running: restarts it when it ends, at growing intervals, and gives up after some tries. */
import { setTimeout as sleep } from "node:timers/promises";

/** Thrown by a start that knows that another try is useless. */
export class Hopeless extends Error {}

/** Something that runs until it ends. */
export interface Runs {
  /** Resolves when it has ended, with the reason; `hopeless` where another try is useless. */
  readonly ended: Promise<{ readonly by: string; readonly hopeless: boolean }>;
  /** Its last output, for finding the cause. */
  readonly lastLines: () => string;
  readonly stop: () => Promise<void>;
}

export interface Supervision {
  readonly what: string;
  readonly start: () => Promise<Runs>;
  readonly say: (line: string) => void;
  /** Unlimited for programs that others can do without. */
  readonly tries?: number;
  /** A failed first start counts as a try, instead of failing at once. */
  readonly firstMayFail?: boolean;
  readonly firstWaitMs?: number;
  /** After running this long it counts as healthy again. */
  readonly steadyMs?: number;
}

export interface Supervised {
  /** Settles when it runs for the first time. */
  readonly begun: Promise<void>;
  /** Resolves when it was given up, with the reason; never when it is stopped. */
  readonly givenUp: Promise<string>;
  readonly stop: () => Promise<void>;
}

const longestWaitMs = 15_000;

/** Why it does not run. */
interface Failure {
  readonly reason: string;
  readonly hopeless: boolean;
}

/** Starts it, fails if that fails, and from then on keeps it running. */
export async function supervise(supervision: Supervision): Promise<Supervised> {
  const {
    what,
    start,
    say,
    tries = 8,
    firstMayFail = false,
    firstWaitMs = 500,
    steadyMs = 5000,
  } = supervision;
  let runs: Runs | null = null;
  let since = 0;
  const stopping = new AbortController();
  const isStopping = () => stopping.signal.aborted;
  let reportStarted = () => {};
  const begun = new Promise<void>((done) => {
    reportStarted = done;
  });

  async function begin(): Promise<void> {
    runs = await start();
    since = Date.now();
    reportStarted();
    // Asked to stop while it was starting.
    if (isStopping()) await runs.stop();
  }
  const failed = (error: Error): Failure => ({
    reason: `did not start: ${error.message}`,
    hopeless: error instanceof Hopeless,
  });
  const lastLines = () => (runs === null ? "" : `\n${runs.lastLines()}`);

  /** One more try, later each time; why it failed, if it did. */
  async function again(reason: string, failures: number): Promise<Failure | null> {
    const waitMs = Math.min(longestWaitMs, firstWaitMs * 2 ** (failures - 1));
    const whichTry = Number.isFinite(tries) ? `Try ${failures} of ${tries} to start it` : "It is started";
    say(`The ${what} ${reason}. ${whichTry} again in ${waitMs / 1000} s.`);
    await sleep(waitMs, undefined, { signal: stopping.signal }).catch(() => undefined);
    return isStopping() ? null : begin().then(() => null, failed);
  }

  async function keep(first: Failure | null): Promise<string> {
    let failures = 0;
    for (let failure = first; ; ) {
      while (failure !== null) {
        const { reason, hopeless } = failure;
        if (hopeless) return `The ${what} ${reason}.${lastLines()}`;
        failures++;
        if (failures > tries)
          return `The ${what} ${reason}. It was started ${tries} times without success. Its last output:${lastLines()}`;
        failure = await again(reason, failures);
        if (isStopping()) return new Promise(() => {});
        if (failure === null) say(`The ${what} runs again.`);
      }
      const { by, hopeless } = await runs!.ended;
      if (isStopping()) return new Promise(() => {});
      if (Date.now() - since > steadyMs) failures = 0;
      failure = { reason: `ended by ${by}`, hopeless };
    }
  }

  const first = begin();
  if (!firstMayFail) await first;
  return {
    begun,
    givenUp: keep(await first.then(() => null, failed)),
    stop: async () => {
      stopping.abort();
      await runs?.stop();
    },
  };
}
