/**
 * The calculation command: `npm run --silent calc -- <name> [file|-]`.
 * Exit status 0 when all items succeeded, 1 when any failed, 2 for input that cannot be used.
 */
import { join } from "node:path";
import {
  calculate,
  calculationNamed,
  calculations,
  inputJsonSchema,
  isFailure,
} from "@proven-seat/core/basis/calc";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { compileShelf } from "@proven-seat/core/equipment/catalogue";
import { reprove, sheetSchema } from "@proven-seat/core/judgement/proof";
import { proveRequest, proveRequestSchema } from "@proven-seat/core/judgement/request";
import { z } from "zod";
import { demoFolder, readCatalogueFolder } from "../server/src/demo/read-demo.ts";
import { openInput, readItems, UnusableInput } from "./calc/items.ts";
import { lineList } from "./calc/line-list.ts";
import { writeOut } from "./calc/write-out.ts";

const documents: Record<string, { schema: () => unknown; run: () => (input: unknown) => unknown }> = {
  prove: {
    schema: () => z.toJSONSchema(proveRequestSchema(), { io: "input" }),
    run: () => {
      const { catalogue, faults } = readCatalogueFolder(join(demoFolder, "catalogue"));
      if (!catalogue) {
        const f = faults[0]!;
        throw new UnusableInput(
          `The catalogue is broken: ${f.file}, row ${f.row ?? "–"}, ${f.field}: ${f.reason}`,
        );
      }
      const current = { shelf: compileShelf(catalogue), house: defaultHouseRules() };
      return (input) => proveRequest(input, current);
    },
  },
  reprove: { schema: () => z.toJSONSchema(sheetSchema(), { io: "input" }), run: () => reprove },
};

/** A sheet that proves otherwise than issued counts as failed, so that a script can tell. */
const failedItem = (result: unknown) => isFailure(result) || (result as { same?: boolean }).same === false;

function runnerOf(name: string): (input: unknown) => unknown {
  const calculation = calculationNamed(name);
  if (calculation) return (input) => calculate(calculation, input);
  const document = Object.hasOwn(documents, name) ? documents[name] : undefined;
  if (document) return document.run();
  throw new UnusableInput(`There is no calculation "${name}". \`calc -- list\` prints the names.`);
}

function schemaOf(name: string | undefined): unknown {
  const calculation = calculationNamed(name ?? "");
  if (calculation) return inputJsonSchema(calculation);
  if (name !== undefined && Object.hasOwn(documents, name)) return documents[name]!.schema();
  throw new UnusableInput(`There is no calculation "${name ?? ""}". \`calc -- list\` prints the names.`);
}

async function run(name: string | undefined, file: string | undefined): Promise<number> {
  if (name === undefined)
    throw new UnusableInput(
      "Say what to calculate: calc -- <name> [file|-]. `calc -- list` prints the names.",
    );
  if (name === "list") {
    await writeOut(`${[...calculations.map((c) => c.name), ...Object.keys(documents)].join("\n")}\n`);
    return 0;
  }
  if (name === "schema") {
    await writeOut(`${JSON.stringify(schemaOf(file), null, 2)}\n`);
    return 0;
  }
  if (name === "line-list") {
    await writeOut(`${JSON.stringify(await lineList(file), null, 2)}\n`);
    return 0;
  }
  const compute = runnerOf(name);
  const items = await readItems(openInput(file));
  if (items.single) {
    const result = compute(items.value);
    await writeOut(`${JSON.stringify(result, null, 2)}\n`);
    return failedItem(result) ? 1 : 0;
  }
  let failed = false;
  let separator = "[\n";
  for await (const item of items.values) {
    const result = compute(item);
    failed ||= failedItem(result);
    await writeOut(`${separator}${JSON.stringify(result)}`);
    separator = ",\n";
  }
  await writeOut(separator === "[\n" ? "[]\n" : "\n]\n");
  return failed ? 1 : 0;
}

try {
  process.exitCode = await run(process.argv[2], process.argv[3]);
} catch (error) {
  if (!(error instanceof UnusableInput)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 2;
}
