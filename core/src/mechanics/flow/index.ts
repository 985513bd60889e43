export { flowAround, trimInDuty } from "./assess.ts";
export { flowOf } from "./picked.ts";
