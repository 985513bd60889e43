import { randomInt } from "node:crypto";
import { createServer } from "node:net";

/** Whether a server could listen there. */
export function portIsFree(port: number, host: string): Promise<boolean> {
  return new Promise((done) => {
    const probe = createServer();
    probe.once("error", () => done(false));
    probe.listen(port, host, () => probe.close(() => done(true)));
  });
}

/** Below those a system gives to connections that ask for none (32768 and up on Linux, 49152 and up elsewhere). */
const [lowest, highest] = [20_000, 32_000];

/**
 * A port of loopback that nobody listens on, and that no connection is given by chance: a server that was killed finds it
 * free when it is started again.
 */
export async function freePort(): Promise<number> {
  for (;;) {
    const port = randomInt(lowest, highest);
    if (await portIsFree(port, "127.0.0.1")) return port;
  }
}
