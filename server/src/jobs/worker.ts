import { setPriority } from "node:os";
import { move } from "piscina";
import { Needs } from "./held.ts";
import { type TaskName, tasks } from "./tasks/index.ts";

// Lowers the priority of this thread alone, where the system allows it: plain requests go before computation.
setPriority(10);

/** Runs one task in a worker thread. */
export default async function run({ name, input }: { name: TaskName; input: never }): Promise<unknown> {
  try {
    const result: unknown = await tasks[name](input);
    const { bytes } = result as { bytes?: Uint8Array<ArrayBuffer> };
    if (bytes) move(bytes.buffer);
    return result;
  } catch (error) {
    if (error instanceof Needs) return { needs: true };
    throw error;
  }
}
