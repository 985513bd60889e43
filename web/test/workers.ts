/** Workers of the interface run in place: the same functions behind the same messages, copied as between threads. */
import { MessageChannel } from "node:worker_threads";
import { expose } from "comlink";
import { vi } from "vitest";

/**
 * Stubs Worker until `vi.unstubAllGlobals`.
 *
 * @param programs what each worker offers, by a part of its file's name
 */
export function workersInPlace(programs: Readonly<Record<string, () => object>>): void {
  vi.stubGlobal(
    "Worker",
    class {
      constructor(url: URL) {
        const found = Object.entries(programs).find(([name]) => String(url).includes(name));
        if (!found) throw new Error(`no program for ${url}`);
        const { port1, port2 } = new MessageChannel();
        expose(found[1](), port2 as never);
        port1.unref();
        port2.unref();
        // biome-ignore lint/correctness/noConstructorReturn: a port is all that is used of a worker
        return Object.assign(port1, { terminate: () => port1.close() });
      }
    },
  );
}
