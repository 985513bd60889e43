export * from "./offer.ts";
export * from "./valve.ts";
