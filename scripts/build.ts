/** Builds server and interface when a source is newer than the last build. */
import { execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { bundleServer } from "./bundle-server.ts";

const root = fileURLToPath(new URL("..", import.meta.url));
const stamp = join(root, ".local/built");

/** Names, sizes and times of every source: cheap, and enough to tell that something changed. */
function sourceState(): string {
  const hash = createHash("sha256");
  for (const part of ["core", "contract", "server", "web"]) {
    for (const file of readdirSync(join(root, part), { recursive: true, encoding: "utf8" }).sort()) {
      if (/(^|\/)(dist|dist-types|node_modules)(\/|$)|\.test\.|tsbuildinfo$/.test(file)) continue;
      const { mtimeMs, size } = statSync(join(root, part, file));
      hash.update(`${part}/${file} ${size} ${mtimeMs}\n`);
    }
  }
  return hash.update(readFileSync(join(root, "package-lock.json"))).digest("hex");
}

const weekMs = 7 * 24 * 3600 * 1000;

/** A running server may still load chunks of its own build, so recent ones are kept. */
function removeOldChunks(folder: string): void {
  if (!existsSync(folder)) return;
  for (const name of readdirSync(folder)) {
    const file = join(folder, name);
    if (Date.now() - statSync(file).mtimeMs > weekMs) rmSync(file);
  }
}

/** Builds if needed; returns whether it did. */
export function build(): boolean {
  const state = sourceState();
  const done =
    existsSync(stamp) &&
    readFileSync(stamp, "utf8") === state &&
    existsSync(join(root, "web/dist/index.html")) &&
    existsSync(join(root, "server/dist/main.js"));
  if (done) return false;
  const run = (command: string, args: string[]) =>
    execFileSync(join(root, "node_modules/.bin", command), args, {
      cwd: root,
      // Tests also build. Their own NODE_ENV would give a development build.
      env: { ...process.env, NODE_ENV: "production" },
      stdio: ["ignore", "ignore", "inherit"],
    });
  const server = join(root, "server/dist");
  removeOldChunks(join(server, "chunks"));
  bundleServer(["main", "migrate", "prover", "verify", "jobs/worker", "pictures/reducer"], server);
  for (const config of ["vite.config.ts", "vite.offline.config.ts"])
    run("vite", ["build", "web", "--config", `web/${config}`, "--logLevel", "warn"]);
  mkdirSync(join(root, ".local"), { recursive: true });
  writeFileSync(stamp, state);
  return true;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) console.log(build() ? "built" : "up to date");
