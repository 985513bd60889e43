export { type ByConstruction, byConstruction } from "./by-construction.ts";
