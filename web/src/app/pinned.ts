import { useProject } from "./project.ts";
import { useCatalogueRevision, useHouseRulesAt } from "./queries.ts";

/** The catalogue the open project is pinned to. */
export const useCatalogue = () => useCatalogueRevision(useProject()?.catalogueRevision ?? null);

/** The house rules the open project is pinned to. */
export const useHouseRules = () => useHouseRulesAt(useProject()?.houseRuleVersion ?? null);
