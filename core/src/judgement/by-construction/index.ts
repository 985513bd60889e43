export { type ByConstruction, byConstruction } from "./by-construction.ts";
export { isByConstruction, valveByConstruction } from "./valve.ts";
