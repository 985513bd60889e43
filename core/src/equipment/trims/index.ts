export { trimsOf, typicalTrim } from "./trim.ts";
