import type { CatalogueVersion } from "@proven-seat/contract";
import type { UseQueryResult } from "@tanstack/react-query";
import { useProject } from "./project.ts";
import { useCatalogueRevision, useHouseRulesAt } from "./queries.ts";

/** The catalogue the open project is pinned to. */
export const useCatalogue = (): UseQueryResult<CatalogueVersion> =>
  useCatalogueRevision(useProject()?.catalogueRevision ?? null);

/** The house rules the open project is pinned to. */
export const useHouseRules = () => useHouseRulesAt(useProject()?.houseRuleVersion ?? null);
