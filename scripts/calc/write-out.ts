import { once } from "node:events";

/** Writes to standard output and waits when the reader is slower, so that nothing piles up in memory. */
export async function writeOut(text: string): Promise<void> {
  if (!process.stdout.write(text)) await once(process.stdout, "drain");
}

/** Ends quietly when the reader has seen enough and closed the pipe. */
process.stdout.on("error", (error: NodeJS.ErrnoException) => {
  if (error.code === "EPIPE") process.exit(0);
  throw error;
});
