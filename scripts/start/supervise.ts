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
  let runs = await start();
  let since = Date.now();
  const stopping = new AbortController();
  const isStopping = () => stopping.signal.aborted;

  /** One more try; why it failed, if it did. */
  async function again(): Promise<string | null> {
    try {
      runs = await start();
      since = Date.now();
      // Asked to stop while it was starting.
      if (isStopping()) await runs.stop();
      return null;
    } catch (error) {
      return (error as Error).message;
    }
  }

  async function keep(): Promise<string> {
    let failures = 0;
    for (;;) {
      const { by, hopeless } = await runs.ended;
      if (isStopping()) return new Promise(() => {});
      if (hopeless) return `The ${what} ended by ${by}.\n${runs.lastLines()}`;
      if (Date.now() - since > steadyMs) failures = 0;
      let reason: string | null = `ended by ${by}`;
      while (reason !== null) {
        failures++;
        if (failures > tries)
          return `The ${what} ${reason}, and was started ${tries} times in vain. The last it said:\n${runs.lastLines()}`;
        const waitMs = Math.min(longestWaitMs, firstWaitMs * 2 ** (failures - 1));
        say(`The ${what} ${reason}. Try ${failures} of ${tries} to start it again in ${waitMs / 1000} s.`);
        await sleep(waitMs, undefined, { signal: stopping.signal }).catch(() => undefined);
        if (isStopping()) return new Promise(() => {});
        const failed = await again();
        reason = failed === null ? null : `did not start: ${failed}`;
      }
      say(`The ${what} runs again.`);
    }
  }

  return {
    givenUp: keep(),
    stop: async () => {
      stopping.abort();
      await runs.stop();
    },
  };
}
