export { projectKind } from "./kind.ts";
