import type { ChildProcess } from "node:child_process";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { build } from "../../../scripts/build.ts";
import { discardDatabase, startDatabase } from "../../../scripts/database/index.ts";
import { urlFor } from "../../../scripts/database/keys.ts";
import { freePort } from "../../../scripts/port.ts";
import { migrateDatabase } from "../../../scripts/start/server.ts";
import { listening } from "./measure-http.ts";

const main = fileURLToPath(new URL("../../../server/dist/main.js", import.meta.url));

export interface Served {
  readonly url: string;
  readonly server: ChildProcess;
  /** What another program needs to work on the same database. */
  readonly env: Record<string, string>;
  readonly end: () => Promise<void>;
}

/** The built server, on a database of its own with the demo. */
export async function served(name: string): Promise<Served> {
  build();
  const data = join(tmpdir(), `bench-${name}-${process.pid}`);
  const database = await startDatabase(data);
  migrateDatabase(database.access);
  const env = {
    DATABASE_URL: urlFor(database.access, "application"),
    LOG_LEVEL: "warn",
    NODE_ENV: "production",
  };
  const port = await freePort();
  const server = await listening([main], { ...env, PORT: String(port), REQUEST_RATE: "0" });
  return {
    url: `http://127.0.0.1:${port}`,
    server,
    env,
    end: async () => {
      server.kill();
      await database.stop();
      discardDatabase(data);
    },
  };
}
