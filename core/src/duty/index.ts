export { caseFields, dutyFields } from "./fields/duty-fields.ts";
export { type AnyField, type Group, type Holds, inSentence, shortName } from "./fields/field.ts";
export { text } from "./fields/limits.ts";
export { type CaseKind, flowBases, type Hazard, hazards, phases } from "./fields/words.ts";
export { dutiesOtherwise, type Missing, mustBeKnownOf } from "./settling/completeness.ts";
export { hazardsFound } from "./settling/hazards-in-use.ts";
export { settle } from "./settling/settle.ts";
export type { SettledDuty } from "./settling/settled-duty.ts";
export type { OperatingCase } from "./statement/case.ts";
export { caseKindDescriptions, isPassing, newCase } from "./statement/case-kinds.ts";
export {
  type DutyDefaults,
  defaultFields,
  dutyDefaultsSchema,
  noDefaults,
  withDefaults,
} from "./statement/defaults.ts";
export { type Duty, dutySchema, emptyDuty, fieldsOfDuty } from "./statement/duty.ts";
export { valueAt, withValueAt } from "./statement/shape.ts";
export { dutyKind, storedDutySchema } from "./versions/kind.ts";
