import { houseRulesAt, houseRulesInForce, houseRuleVersions, putHouseRules } from "../../work/house-rules.ts";
import type { Mount } from "../mount.ts";

export function mountHouseRules(mount: Mount): void {
  mount("houseRules", ({ em }) => houseRulesInForce(em));
  mount("houseRuleVersions", ({ em, page }) => houseRuleVersions(em, page));
  mount("houseRuleVersion", ({ em, parameters }) => houseRulesAt(em, parameters.version!));
  mount("newHouseRules", ({ em, body, user }) => putHouseRules(em, body, user));
}
