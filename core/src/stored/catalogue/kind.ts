import { documentKind } from "../kind.ts";
import { dimensionsAndArrangements } from "./2-dimensions-and-arrangements.ts";

/** Catalogues; every one names its format. */
export const catalogueKind = documentKind("catalogue", [dimensionsAndArrangements]);
