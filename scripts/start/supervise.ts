/** Keeps something running: started again when it ends, ever later, and given up after some tries. */
import { setTimeout as sleep } from "node:timers/promises";

/** Something that runs until it ends. */
export interface Runs {
  /** When it has ended, by what; `hopeless` where it said itself that another try is no use. */
  readonly ended: Promise<{ readonly by: string; readonly hopeless: boolean }>;
  /** The last it said, for whoever has to find out why. */
  readonly lastLines: () => string;
  readonly stop: () => Promise<void>;
}

export interface Supervision {
  readonly what: string;
  readonly start: () => Promise<Runs>;
  readonly say: (line: string) => void;
  /** Without end for what others go on without, and then its first start may fail too. */
  readonly tries?: number;
  readonly firstWaitMs?: number;
  /** Having run this long, it is taken to be well again. */
  readonly steadyMs?: number;
}

export interface Supervised {
  /** Settles when it was given up, with why; never when it is stopped. */
  readonly givenUp: Promise<string>;
  readonly stop: () => Promise<void>;
}

const longestWaitMs = 15_000;

/** Starts it, fails if that fails, and from then on keeps it running. */
export async function supervise(of: Supervision): Promise<Supervised> {
  const { what, start, say, tries = 8, firstWaitMs = 500, steadyMs = 5000 } = of;
  let runs: Runs | null = null;
  let since = 0;
  const stopping = new AbortController();
  const isStopping = () => stopping.signal.aborted;

  async function begin(): Promise<void> {
    runs = await start();
    since = Date.now();
    // Asked to stop while it was starting.
    if (isStopping()) await runs.stop();
  }
  const failed = (error: unknown) => `did not start: ${(error as Error).message}`;
  const lastLines = () => runs?.lastLines() ?? "";

  /** One more try, later each time; why it failed, if it did. */
  async function again(reason: string, failures: number): Promise<string | null> {
    const waitMs = Math.min(longestWaitMs, firstWaitMs * 2 ** (failures - 1));
    const whichTry = Number.isFinite(tries) ? `Try ${failures} of ${tries} to start it` : "It is started";
    say(`The ${what} ${reason}. ${whichTry} again in ${waitMs / 1000} s.`);
    await sleep(waitMs, undefined, { signal: stopping.signal }).catch(() => undefined);
    if (isStopping()) return null;
    return begin().then(() => null, failed);
  }

  async function keep(begun: string | null): Promise<string> {
    let failures = 0;
    for (let reason = begun; ; ) {
      while (reason !== null) {
        failures++;
        if (failures > tries)
          return `The ${what} ${reason}, and was started ${tries} times in vain. The last it said:\n${lastLines()}`;
        reason = await again(reason, failures);
        if (isStopping()) return new Promise(() => {});
        if (reason === null) say(`The ${what} runs again.`);
      }
      const { by, hopeless } = await runs!.ended;
      if (isStopping()) return new Promise(() => {});
      if (hopeless) return `The ${what} ended by ${by}.\n${lastLines()}`;
      if (Date.now() - since > steadyMs) failures = 0;
      reason = `ended by ${by}`;
    }
  }

  const first = begin();
  if (Number.isFinite(tries)) await first;
  return {
    givenUp: keep(await first.then(() => null, failed)),
    stop: async () => {
      stopping.abort();
      await runs?.stop();
    },
  };
}
