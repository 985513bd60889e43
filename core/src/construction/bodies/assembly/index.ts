export { type Fitted, fittedWith } from "./fitted.ts";
export { type LabelledPart, labelled } from "./labels.ts";
export type {
  Assembly,
  AssemblyOf,
  Centring,
  Joint,
  Piece,
  PieceRole,
  SealPlace,
  Space,
  Way,
} from "./model.ts";
export { pieceRoles, ways } from "./model.ts";
export * from "./paths.ts";
export * from "./strip-order.ts";
