export * from "./dxf.ts";
export * from "./svg.ts";
