/**
 * Installs what is missing: Debian packages named on the command line, and npm packages from the
 * lock file. Plain JavaScript, because it runs before anything is installed.
 */
import { execFileSync, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from "node:fs";

const [major, minor] = process.versions.node.split(".").map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Node.js 20.19 or newer is needed; this is ${process.versions.node}.`);
  process.exit(1);
}

/** How to tell that a Debian package is there without asking the package manager. */
const present = {
  postgresql: () =>
    existsSync("/usr/lib/postgresql") &&
    readdirSync("/usr/lib/postgresql").some((v) => existsSync(`/usr/lib/postgresql/${v}/bin/initdb`)),
  "chromium-headless-shell": () => existsSync("/usr/bin/chromium-headless-shell"),
  "poppler-utils": () => existsSync("/usr/bin/pdftotext"),
  "libreoffice-calc-nogui": () => existsSync("/usr/bin/soffice"),
};

const missing = process.argv.slice(2).filter((name) => !present[name]());
if (missing.length > 0) {
  const command = `apt-get update && apt-get install -y --no-install-recommends ${missing.join(" ")}`;
  if (process.getuid() !== 0) {
    console.error(`Missing: ${missing.join(", ")}. An administrator must run:\n  sudo sh -c "${command}"`);
    process.exit(1);
  }
  console.error(`Installing ${missing.join(", ")} …`);
  // PostgreSQL runs from the project's own folder; Debian's ready-made cluster is not wanted.
  if (missing.includes("postgresql")) {
    mkdirSync("/etc/postgresql-common", { recursive: true });
    if (!existsSync("/etc/postgresql-common/createcluster.conf"))
      writeFileSync("/etc/postgresql-common/createcluster.conf", "create_main_cluster = false\n");
  }
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const run = spawnSync("sh", ["-c", command], { env, stdio: ["ignore", "ignore", "inherit"] });
  if (run.status !== 0) {
    console.error(`Installing failed. Run this and look at what it says:\n  ${command}`);
    process.exit(1);
  }
}

const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");
const stamp = "node_modules/.proven-seat-lock";
if (!existsSync(stamp) || readFileSync(stamp, "utf8") !== lock) {
  console.error("Installing npm packages …");
  // Not `npm ci`: it refuses a lock whose other-platform binaries a registry mirror lacks. Not saved: a mirror
  // that has them would add them, and the checkout would no longer be what was checked out.
  try {
    execFileSync("npm", ["install", "--no-save", "--no-audit", "--no-fund", "--loglevel=error"], {
      stdio: ["ignore", "ignore", "inherit"],
    });
  } catch {
    console.error(
      "npm install failed; its messages stand above. Check the connection to the npm registry and try again.",
    );
    process.exit(1);
  }
  writeFileSync(stamp, lock);
}
