import { type ChildProcess, spawn } from "node:child_process";
import autocannon from "autocannon";

/** Starts a program that reports when it listens. */
export async function listening(args: readonly string[], env: Record<string, string>): Promise<ChildProcess> {
  const child = spawn(process.execPath, args, {
    env: { ...process.env, ...env },
    stdio: ["ignore", "ignore", "inherit", "ipc"],
  });
  await new Promise<void>((ready, failed) => {
    child.once("message", () => ready());
    child.once("exit", (code) => failed(new Error(`it ended with ${code}`)));
  });
  return child;
}

export interface Tag {
  readonly id: string;
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  readonly duty: { readonly fluid: object };
  readonly choice: unknown;
  readonly version: number;
}

export interface Load {
  readonly url: string;
  readonly seconds: number;
  readonly connections: number;
}

/** Successful requests per second; throws where one failed. */
async function rate(options: autocannon.Options): Promise<number> {
  const result = await autocannon(options);
  const bad = result.non2xx + result.errors + result.timeouts;
  if (bad > 0) throw new Error(`${bad} of ${result.requests.total} were not answered well`);
  return result.requests.average;
}

/** Reads of one address. */
export const reads = ({ url, seconds, connections }: Load, path: string): Promise<number> =>
  rate({ url: url + path, duration: seconds, connections });

/** Each connection saves one tag after the other, with another duty and the last version it received. */
export function saves({ url, seconds, connections }: Load, tags: readonly Tag[]): Promise<number> {
  const free = [...tags];
  let n = 0;
  return rate({
    url,
    duration: seconds,
    connections: Math.min(connections, tags.length),
    requests: [
      {
        method: "PUT",
        headers: { "content-type": "application/json" },
        setupRequest: (request, context) => {
          const tag = free.shift()!;
          (context as { tag?: Tag }).tag = tag;
          const { id, number, unit, duty, choice, version } = tag;
          const fluid = { ...duty.fluid, name: `fluid ${n++}` };
          const body = { number, service: "", unit, choice, version, duty: { ...duty, fluid } };
          return { ...request, path: `/api/tags/${id}`, body: JSON.stringify(body) };
        },
        onResponse: (status, body, context) => {
          const { tag } = context as { tag: Tag };
          free.push(status === 200 ? { ...tag, version: (JSON.parse(body) as Tag).version } : tag);
        },
      },
    ],
  });
}
