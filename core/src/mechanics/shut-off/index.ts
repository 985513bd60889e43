export { type Allowance, allowanceOf } from "./allowance.ts";
export { comparePromise, type Promised } from "./compare.ts";
