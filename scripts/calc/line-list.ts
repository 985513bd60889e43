import { readFileSync } from "node:fs";
import type { Readable } from "node:stream";
import { buffer } from "node:stream/consumers";
import { bestSheet, convertLineList, findTable, NotATable, planFor } from "@proven-seat/core/duty/line-list";
import { readListFile } from "@proven-seat/core/duty/workbook";
import { UnusableInput } from "./items.ts";

/** Reads a line list with every guess accepted; rows with a fault are left out of the tags. */
export async function lineList(file: string | undefined, input: Readable): Promise<unknown> {
  if (file === undefined) throw new UnusableInput("Say which list: calc -- line-list FILE.");
  try {
    const bytes = new Uint8Array(file === "-" ? await buffer(input) : readFileSync(file));
    const { grids } = await readListFile(bytes);
    const table = findTable(grids[bestSheet(grids)]!);
    const plan = planFor(table);
    const { tags, faults, suggestions, guesses } = convertLineList(table, plan);
    return {
      columns: plan.map(({ heading, field, unit, confidence }) => ({ heading, field, unit, confidence })),
      tags,
      faults: faults.map(({ row, column, reason: message }) => ({ row, column, message })),
      suggestions: [...suggestions, ...guesses.map((guess) => ({ ...guess, taken: true }))],
    };
  } catch (error) {
    if (error instanceof NotATable) throw new UnusableInput(error.message);
    if ((error as NodeJS.ErrnoException).code === undefined) throw error;
    throw new UnusableInput(`${file} cannot be read: ${(error as Error).message}`);
  }
}
