import { createServer } from "node:net";

/** Whether a server could listen there. */
export function portIsFree(port: number, host: string): Promise<boolean> {
  return new Promise((done) => {
    const probe = createServer();
    probe.once("error", () => done(false));
    probe.listen(port, host, () => probe.close(() => done(true)));
  });
}
