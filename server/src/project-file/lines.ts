import { Readable } from "node:stream";
import { createGunzip } from "node:zlib";
import { NoProject } from "./no-project.ts";

/** Limits of the unpacked file, and of one line. */
const limits = { bytes: 4 * 2 ** 30, line: 64 * 2 ** 20 } as const;

/** The kind of record that a line begins with; undefined where it begins otherwise. */
export const kindOf = (line: string): string | undefined => /^\{"(\w+)"/.exec(line)?.[1];

/** The lines of a packed file one by one, so that memory does not grow with the file. */
export async function* linesOf(packed: Uint8Array): AsyncGenerator<Buffer> {
  const unpacking = Readable.from([packed]).pipe(createGunzip());
  let [total, line] = [0, 0];
  let begun: Buffer[] = [];
  let length = 0;
  try {
    for await (const part of unpacking as AsyncIterable<Buffer>) {
      total += part.length;
      if (total > limits.bytes) throw new NoProject("The unpacked file exceeds 4 GB.");
      let from = 0;
      for (let to = part.indexOf(10); to >= 0; to = part.indexOf(10, from)) {
        line++;
        yield Buffer.concat([...begun, part.subarray(from, to + 1)]);
        begun = [];
        length = 0;
        from = to + 1;
      }
      if (from < part.length) {
        begun.push(part.subarray(from));
        length += part.length - from;
        if (length > limits.line) throw new NoProject("This line is too long for a record.", line + 1);
      }
    }
  } catch (error) {
    if (error instanceof NoProject) throw error;
    if ((error as { code?: string }).code === "Z_BUF_ERROR") throw new NoProject("The file is incomplete.");
    if ((error as { code?: string }).code?.startsWith("Z_"))
      throw new NoProject("This is not a project file. Export the project again.");
    throw error;
  }
  if (begun.length > 0)
    throw new NoProject("The file is incomplete: it ends in the middle of a line.", line + 1);
}
