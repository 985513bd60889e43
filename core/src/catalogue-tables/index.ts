export { type Table, tableNames, tables } from "./definitions.ts";
export { readCatalogueTables } from "./read.ts";
export { catalogueTables } from "./write.ts";
