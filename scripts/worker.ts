/**
 * `npm run worker`: one more process that proves lists. It takes the database's address from DATABASE_URL, on any
 * machine that reaches it; beside a running ./start it finds the address by itself.
 */
import { spawn } from "node:child_process";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { build } from "./build.ts";
import { keysOf, urlFor } from "./database/keys.ts";
import { placesIn } from "./start/places.ts";
import { isAlive, readRunning } from "./start/running.ts";
import { proverProgram } from "./start/server.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const places = placesIn(process.env.PROVEN_SEAT_DATA ?? join(root, ".local"));

function addressHere(): string | null {
  const running = readRunning(places.running);
  if (running?.databasePort == null || !isAlive(running.start)) return null;
  return urlFor({ port: running.databasePort, keys: keysOf(places.data).keys }, "application");
}

const address = process.env.DATABASE_URL ?? addressHere();
if (address === null) {
  process.stderr.write(
    "No ./start runs in this folder. Start it first, or give the database's address as DATABASE_URL.\n",
  );
  process.exit(1);
}
build();
const child = spawn(process.execPath, proverProgram, {
  stdio: "inherit",
  env: { ...process.env, NODE_ENV: "production", DATABASE_URL: address },
});
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => child.kill(signal));
child.once("exit", (code, signal) => process.exit(signal ? 1 : (code ?? 0)));
