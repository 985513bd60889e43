/** Places of the program's own files, in the project's folder. */
import { join } from "node:path";

export interface Places {
  readonly data: string;
  readonly running: string;
  readonly copies: string;
  readonly proxySecret: string;
}

export const placesIn = (folder: string): Places => ({
  data: join(folder, "database"),
  running: join(folder, "running.json"),
  copies: join(folder, "copies"),
  proxySecret: join(folder, "proxy-secret"),
});
