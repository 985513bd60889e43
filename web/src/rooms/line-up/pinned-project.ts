import type { Project } from "@proven-seat/contract";

/** What the proof of a list depends on. */
export type PinnedProject = Pick<Project, "id" | "catalogueRevision" | "houseRuleVersion">;

/** Catalogue revision and house rule version as one key: results of another pair do not apply. */
export const basisKey = ({
  catalogueRevision,
  houseRuleVersion,
}: Pick<PinnedProject, "catalogueRevision" | "houseRuleVersion">): string =>
  `${catalogueRevision} ${houseRuleVersion}`;
