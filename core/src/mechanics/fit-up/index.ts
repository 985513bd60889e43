export { bracketFor } from "./bracket.ts";
export { couplingFor } from "./coupling.ts";
export { couplingOutline } from "./coupling-outline.ts";
export { fitUpOf } from "./fit-up.ts";
export { bracketOutline, drillingTemplate } from "./outline.ts";
export type { Step } from "./steps.ts";
export type { Outline } from "./strokes.ts";
