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

/** Below the ports a system assigns by itself (from 32768 on Linux, from 49152 elsewhere). */
const [lowest, highest] = [20_000, 32_000];

/**
 * A free port of loopback that the system does not assign to connections. A server that was killed can use it again when it
 * restarts.
 */
export async function freePort(): Promise<number> {
  for (;;) {
    const port = randomInt(lowest, highest);
    if (await portIsFree(port, "127.0.0.1")) return port;
  }
}
