export { isByConstruction, valveByConstruction } from "./valve.ts";
