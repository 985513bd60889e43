import type { VersionStep } from "../../versions/kind.ts";

/** The values are nested below the document's own head, so that a value may have any name. */
export const valuesOfTheirOwn: VersionStep = {
  to: 2,
  says: "The numbers of the house rules stand below a head that names the format.",
  upcast: ({ format: _, ...values }) => ({ values }),
};
