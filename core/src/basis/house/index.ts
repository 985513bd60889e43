export {
  defaultHouseRules,
  type HouseRuleId,
  type HouseRules,
  houseRuleDefinitions,
  houseRuleGroups,
  houseRulesSchema,
} from "./house-rules.ts";
export { readHouseRules, storedHouseRules } from "./versions/kind.ts";
