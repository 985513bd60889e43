import type { Project } from "@proven-seat/contract";

/** A project as far as proving its list depends on it. */
export type PinnedProject = Pick<Project, "id" | "catalogueRevision" | "houseRuleVersion">;

/** Catalogue revision and house rule version as one text: what was found by another pair says nothing by this one. */
export const basisKey = ({
  catalogueRevision,
  houseRuleVersion,
}: Pick<PinnedProject, "catalogueRevision" | "houseRuleVersion">): string =>
  `${catalogueRevision} ${houseRuleVersion}`;
