export { dxfOf } from "./dxf.ts";
export { svgOf } from "./svg.ts";
