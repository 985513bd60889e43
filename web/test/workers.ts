/** Runs the workers of the interface in the thread of the test, with the same messages between them. */
import { MessageChannel } from "node:worker_threads";
import { expose } from "comlink";
import { vi } from "vitest";

/**
 * Stubs Worker until `vi.unstubAllGlobals`.
 *
 * @param programs functions of each worker, by a part of its file's name
 */
export function workersInPlace(programs: Readonly<Record<string, () => object>>): void {
  // A function that returns an object can be called with `new`; of a worker only its port is used.
  function workerInPlace(url: URL) {
    const found = Object.entries(programs).find(([name]) => String(url).includes(name));
    if (!found) throw new Error(`no program for ${url}`);
    const { port1, port2 } = new MessageChannel();
    expose(found[1](), port2 as never);
    port1.unref();
    port2.unref();
    return Object.assign(port1, { terminate: () => port1.close() });
  }
  vi.stubGlobal("Worker", workerInPlace);
}
