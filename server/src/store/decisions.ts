import { type Reader, rowsOf } from "./sql.ts";

/** What a project is pinned to from now on, and why. */
interface Decision {
  readonly project: string;
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
  readonly reason: string;
  readonly at: Date;
  readonly by: string;
}

/** Keeps a decision as history. */
export const keepDecision = (db: Reader, d: Decision) =>
  rowsOf(
    db,
    `insert into basis_decision (project_id, number, catalogue_revision, house_rule_version, reason, created_at, created_by)
     select ?, coalesce(max(number), 0) + 1, ?, ?, ?, ?, ? from basis_decision where project_id = ?`,
    [d.project, d.catalogueRevision, d.houseRuleVersion, d.reason, d.at, d.by, d.project],
  );
