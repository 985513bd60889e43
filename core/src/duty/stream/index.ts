export { fluidEstimates } from "./estimates-of-duty.ts";
