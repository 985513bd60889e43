export { type CatalogueReading, readCatalogue, readCatalogueDocument } from "./check.ts";
export { type CatalogueChange, catalogueDifference } from "./difference.ts";
export type { CatalogueFault } from "./fault.ts";
export { parts } from "./parts/parts.ts";
export { type Catalogue, catalogueSchema, type ProductLine } from "./schema.ts";
export { compileShelf, type Shelf } from "./shelf.ts";
export { seatName, type Valve } from "./valve.ts";
export { catalogueKind } from "./versions/kind.ts";
