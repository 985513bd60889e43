export { shapesOf } from "./drawn-out.ts";
export { sectionViews } from "./section-views.ts";
export type { Force, Role, View } from "./shape.ts";
