export { type ByConstruction, byConstruction } from "./by-construction.ts";
export { enquiryValve, isEnquiry } from "./enquiry-valve.ts";
