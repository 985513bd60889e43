export { byConstruction } from "./by-construction.ts";
