import type { Readable } from "node:stream";
import {
  calculate,
  calculationNamed,
  calculations,
  inputJsonSchema,
  isFailure,
} from "@proven-seat/core/basis/calc";
import type { DocumentName } from "./documents.ts";
import { openInput, readItems, UnusableInput } from "./items.ts";

const documentNames: readonly DocumentName[] = ["prove", "reprove"];
const isDocument = (name: string): name is DocumentName => documentNames.includes(name as DocumentName);
/** Proving documents loads hundreds of files, so it happens on demand only. */
const documents = async () => (await import("./documents.ts")).documents;

/** A sheet that proves otherwise than issued counts as failed, so that a script can tell. */
const failedItem = (result: unknown) => isFailure(result) || (result as { same?: boolean }).same === false;

async function runnerOf(name: string): Promise<(input: unknown) => unknown> {
  const calculation = calculationNamed(name);
  if (calculation) return (input) => calculate(calculation, input);
  if (isDocument(name)) return (await documents())[name].run();
  throw new UnusableInput(`There is no calculation "${name}". \`calc -- list\` prints the names.`);
}

async function schemaOf(name: string | undefined): Promise<unknown> {
  const calculation = calculationNamed(name ?? "");
  if (calculation) return inputJsonSchema(calculation);
  if (name !== undefined && isDocument(name)) return (await documents())[name].schema();
  throw new UnusableInput(`There is no calculation "${name ?? ""}". \`calc -- list\` prints the names.`);
}

/** Default input and output of the command. */
export interface Terminal {
  readonly input: Readable;
  readonly write: (text: string) => Promise<void>;
}

/**
 * Runs the command.
 *
 * @param args name of the calculation and, where wanted, a file or "-"
 * @param terminal input and output
 * @returns exit status: 0 when all items succeeded, 1 when any failed
 * @throws UnusableInput for input that cannot be used at all
 */
export async function runCalc(
  [name, file]: readonly (string | undefined)[],
  { input, write }: Terminal,
): Promise<number> {
  if (name === undefined)
    throw new UnusableInput(
      "Say what to calculate: calc -- <name> [file|-]. `calc -- list` prints the names.",
    );
  if (name === "list") {
    await write(`${[...calculations.map((c) => c.name), ...documentNames].join("\n")}\n`);
    return 0;
  }
  if (name === "schema") {
    await write(`${JSON.stringify(await schemaOf(file), null, 2)}\n`);
    return 0;
  }
  if (name === "line-list") {
    await write(`${JSON.stringify(await (await import("./line-list.ts")).lineList(file, input), null, 2)}\n`);
    return 0;
  }
  const compute = await runnerOf(name);
  const items = await readItems(openInput(file, input));
  if (items.single) {
    const result = compute(items.value);
    await write(`${JSON.stringify(result, null, 2)}\n`);
    return failedItem(result) ? 1 : 0;
  }
  let failed = false;
  let separator = "[\n";
  for await (const item of items.values) {
    const result = compute(item);
    failed ||= failedItem(result);
    await write(`${separator}${JSON.stringify(result)}`);
    separator = ",\n";
  }
  await write(separator === "[\n" ? "[]\n" : "\n]\n");
  return failed ? 1 : 0;
}
