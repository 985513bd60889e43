import { existsSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** The folder of the server's package, from a source as from a bundle of them. */
function packageFolder(): string {
  let folder = dirname(fileURLToPath(import.meta.url));
  while (!existsSync(join(folder, "package.json"))) folder = dirname(folder);
  return folder;
}

const server = packageFolder();
export const demoFolder = join(server, "../demo");
/** The built interface. */
export const webFolder = join(server, "../web/dist");
/** The program of a job thread, as built. */
export const jobProgram = join(server, "dist/jobs/worker.js");
