/** `./start`: database, build, server; Ctrl-C stops all of it. */
import { spawn } from "node:child_process";
import { join } from "node:path";
import { createInterface } from "node:readline/promises";
import { fileURLToPath } from "node:url";
import { build } from "./build.ts";
import { type Database, discardDatabase, startDatabase } from "./database.ts";
import { portIsFree } from "./port.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const data = join(root, ".local/database");
const options = new Set(process.argv.slice(2));
const unknown = [...options].find((o) => o !== "--fresh" && o !== "--yes");
if (unknown) {
  console.error(
    `./start does not know "${unknown}". It takes --fresh (discard all data first) and --yes (do not ask).`,
  );
  process.exit(2);
}

async function confirmDiscard(): Promise<boolean> {
  if (options.has("--yes")) return true;
  if (!process.stdin.isTTY) {
    console.error("--fresh discards all data. Nobody is here to ask; say --fresh --yes.");
    return false;
  }
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question(
    "Discard all tags, sheets and house rules in this project's database? Type yes: ",
  );
  ask.close();
  return answer.trim().toLowerCase() === "yes";
}

const port = Number(process.env.PORT ?? 4180);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT must be a number from 1 to 65535; it is "${process.env.PORT}".`);
  process.exit(2);
}
if (!(await portIsFree(port, process.env.HOST ?? "127.0.0.1"))) {
  console.error(`Port ${port} is busy. Stop what uses it, or choose another: PORT=4190 ./start`);
  process.exit(1);
}

let database: Database | null = null;
let server: ReturnType<typeof spawn> | null = null;
let stopping = false;

async function stop(code: number): Promise<void> {
  if (stopping) return;
  stopping = true;
  if (server && server.exitCode === null) {
    const ended = new Promise((done) => server!.once("exit", done));
    server.kill("SIGTERM");
    await ended;
  }
  await database?.stop();
  process.exit(code);
}
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => void stop(0));

try {
  if (options.has("--fresh")) {
    if (!(await confirmDiscard())) process.exit(1);
    discardDatabase(data);
  }
  database = await startDatabase(data);
  build();
  server = spawn(process.execPath, [join(root, "server/dist/main.js")], {
    cwd: root,
    // A group of its own: Ctrl-C reaches this process, which stops the server in order.
    detached: true,
    stdio: ["ignore", "inherit", "inherit"],
    env: {
      ...process.env,
      NODE_ENV: "production",
      DATABASE_URL: database.url,
      PORT: String(port),
      LOG_LEVEL: process.env.LOG_LEVEL ?? "warn",
    },
  });
  server.once("exit", (code) => void stop(code ?? 1));
} catch (error) {
  console.error((error as Error).message);
  await stop(1);
}
