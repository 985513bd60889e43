import { existsSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** The folder of the server package. The depth differs between a source file and a bundle, so it is searched upwards. */
function packageFolder(): string {
  let folder = dirname(fileURLToPath(import.meta.url));
  while (!existsSync(join(folder, "package.json"))) folder = dirname(folder);
  return folder;
}

const server = packageFolder();
export const demoFolder = join(server, "../demo");
/** The built interface. */
export const webFolder = join(server, "../web/dist");
/** The built program of a job thread. */
export const jobProgram = join(server, "dist/jobs/worker.js");
/** The built program that reduces one picture. */
export const pictureProgram = join(server, "dist/pictures/reducer.js");
