/**
 * The calculation command: `npm run --silent calc -- <name> [file|-]`.
 * Exit status 0 when all items succeeded, 1 when any failed, 2 for input that cannot be used.
 */
import { UnusableInput } from "./calc/items.ts";
import { runCalc } from "./calc/run.ts";
import { writeOut } from "./calc/write-out.ts";

try {
  process.exitCode = await runCalc(process.argv.slice(2), { input: process.stdin, write: writeOut });
} catch (error) {
  if (!(error instanceof UnusableInput)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 2;
}
