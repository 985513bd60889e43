import { defineEntity } from "@mikro-orm/core";

/** How many daily copies are kept. The table has one row. */
export const KeptCopies = defineEntity({
  name: "KeptCopies",
  tableName: "keeping",
  properties: (p) => ({
    one: p.boolean().primary(),
    copies: p.integer(),
    version: p.integer(),
    changedAt: p.datetime(),
    changedBy: p.text(),
  }),
});
