/** Options and environment of `./start`. */
import { availableParallelism } from "node:os";
import { parseArgs } from "node:util";
import { isLoopback } from "../../server/src/http/entry.ts";

export interface Options {
  readonly does: "serve" | "status" | "stop" | "backup" | "restore";
  readonly file: string;
  readonly fresh: boolean;
  readonly yes: boolean;
  readonly behindProxy: boolean;
  /** Number of proving processes; one per core by default. */
  readonly workers: number;
  readonly port: number;
  readonly host: string;
}

const usage = `./start                    set up what is missing, serve until Ctrl-C
./start --status           what runs, where and how it is
./start --stop             end what runs
./start --fresh [--yes]    discard all data first
./start --backup FILE      write the whole database to a file, checked
./start --restore FILE     read it back; --yes where there is data already
./start --workers N        processes that prove lists: as many as there are cores unless said otherwise
./start --behind-proxy     let HOST be another address than loopback, for a proxy that knows the secret`;

/** Explains what is wrong and what is allowed. */
export class WrongOptions extends Error {}

function portOf(text: string | undefined): number {
  const port = Number(text ?? 4180);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new WrongOptions(`PORT must be a number from 1 to 65535; it is "${text}".`);
  return port;
}

function workersOf(text: string | boolean | undefined): number {
  const workers = text === undefined ? availableParallelism() : Number(text);
  if (!Number.isInteger(workers) || workers < 0 || workers > 64)
    throw new WrongOptions(`--workers takes a number from 0 to 64; it is "${text}".`);
  return workers;
}

/** Reads options and environment; throws `WrongOptions` where they make no sense. */
export function readOptions(args: readonly string[], env: NodeJS.ProcessEnv): Options {
  let values: Record<string, string | boolean | undefined>;
  try {
    ({ values } = parseArgs({
      args: [...args],
      options: {
        fresh: { type: "boolean" },
        yes: { type: "boolean" },
        status: { type: "boolean" },
        stop: { type: "boolean" },
        "behind-proxy": { type: "boolean" },
        workers: { type: "string" },
        backup: { type: "string" },
        restore: { type: "string" },
      },
    }));
  } catch {
    throw new WrongOptions(`./start does not know "${args.join(" ")}". It takes:\n${usage}`);
  }
  const asked = (["status", "stop", "backup", "restore"] as const).filter(
    (option) => values[option] !== undefined,
  );
  if (asked.length > 1)
    throw new WrongOptions(`--${asked.join(" and --")} cannot be combined. Use one of them.`);
  const does = asked[0] ?? "serve";
  const host = env.HOST ?? "127.0.0.1";
  const behindProxy = values["behind-proxy"] === true;
  if (!isLoopback(host) && !behindProxy)
    throw new WrongOptions(
      `HOST=${host} would open the server to the whole network without user accounts. Leave HOST out, or use a proxy with user accounts and ./start --behind-proxy.`,
    );
  return {
    does,
    file: typeof values[does] === "string" ? values[does] : "",
    fresh: values.fresh === true,
    yes: values.yes === true,
    behindProxy,
    workers: workersOf(values.workers),
    port: portOf(env.PORT),
    host,
  };
}
