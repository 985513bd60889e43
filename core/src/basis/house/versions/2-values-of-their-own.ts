import type { VersionStep } from "../../versions/kind.ts";

/** The values stand below the document's own head, so that a number may have any name. */
export const valuesOfTheirOwn: VersionStep = {
  to: 2,
  says: "The numbers of the house rules stand below a head that names the format.",
  upcast: ({ format: _, ...values }) => ({ values }),
};
