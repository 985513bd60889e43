import { join } from "node:path";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { compileShelf } from "@proven-seat/core/equipment/catalogue";
import { reprove, sheetSchema } from "@proven-seat/core/judgement/proof";
import { proveRequest, proveRequestSchema } from "@proven-seat/core/judgement/request";
import { z } from "zod";
import { readCatalogueFolder } from "../../server/src/demo/read-demo.ts";
import { demoFolder } from "../../server/src/places.ts";
import { UnusableInput } from "./items.ts";

export type DocumentName = "prove" | "reprove";

/** Documents the command proves. Loaded on demand: a single calculation starts several times faster. */
export const documents: Readonly<
  Record<DocumentName, { schema: () => unknown; run: () => (input: unknown) => unknown }>
> = {
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
