import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { bundleServer } from "../../scripts/bundle-server.ts";

/** Inside server/node_modules, so that it finds the packages of the server. */
const folder = join(import.meta.dirname, "../node_modules/.cache/test-jobs");

/** The program of job threads in tests, bundled from the sources as they are. */
export const jobWorker = pathToFileURL(join(folder, "jobs/worker.js"));

/** The program that reduces a picture in tests. */
export const pictureReducer = join(folder, "pictures/reducer.js");

export const bundleJobWorker = (): void => bundleServer(["jobs/worker", "pictures/reducer"], folder);
