export { tableNames, tables } from "./definitions.ts";
export { readCatalogueTables } from "./read.ts";
export type { Table } from "./table.ts";
export { catalogueTables } from "./write.ts";
