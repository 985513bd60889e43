export { catalogueKind } from "../equipment/catalogue/versions/kind.ts";
export { dutyKind, storedDutySchema } from "../duty/versions/kind.ts";
export {
  houseRulesKind,
  type ReadHouseRules,
  readHouseRules,
  type StoredHouseRules,
  storedHouseRules,
  storedHouseRulesSchema,
} from "../basis/house/versions/kind.ts";
export {
  type DocumentKind,
  documentKind,
  type Unreadable,
  type Upcast,
  type VersionStep,
} from "../basis/versions/kind.ts";
export { newestHeadings } from "../duty/line-list/versions/kind.ts";
export { projectKind } from "../outcome/project-file/kind.ts";
export { sheetKind } from "../judgement/proof/versions/kind.ts";
