export { readCatalogueTables } from "./read.ts";
export { catalogueTables } from "./write.ts";
