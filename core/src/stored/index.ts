export { catalogueKind } from "./catalogue/kind.ts";
export { dutyKind, storedDutySchema } from "./duty/kind.ts";
export {
  houseRulesKind,
  type ReadHouseRules,
  readHouseRules,
  type StoredHouseRules,
  storedHouseRules,
  storedHouseRulesSchema,
} from "./house-rules/kind.ts";
export { type DocumentKind, documentKind, type Unreadable, type Upcast, type VersionStep } from "./kind.ts";
export { newestHeadings } from "./line-list/kind.ts";
export { projectKind } from "./project/kind.ts";
export { sheetKind } from "./sheet/kind.ts";
