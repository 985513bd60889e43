import type { EntityManager } from "@mikro-orm/postgresql";
import type { Drift, DriftedSheet, DriftedTag } from "@proven-seat/contract";
import { driftOutcomes } from "@proven-seat/contract";
import { type SheetDrift, type TagSummary, turnedBetween } from "@proven-seat/core/judgement/proof";
import { kinds } from "../provings/index.ts";
import { type Basis, basisNamed, basisOfProject } from "../store/bases.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { Refusal } from "./refusal.ts";

/** Rows that are told; the rest is counted. */
const mostRows = 500;

type Outcome = (typeof driftOutcomes)[number];

function counted(outcomes: Iterable<Outcome>): Record<Outcome, number> {
  const counts = Object.fromEntries(driftOutcomes.map((one) => [one, 0])) as Record<Outcome, number>;
  for (const one of outcomes) counts[one]++;
  return counts;
}

interface SheetFound {
  id: string;
  tag: string;
  number: string;
  revision: string;
  drift: SheetDrift;
  asks: string | null;
  verdict: string | null;
  reason: string | null;
  at: string | null;
  by: string | null;
}

async function driftedSheets(db: Reader, project: string, basis: Basis): Promise<Drift["sheets"]> {
  const found = await rowsOf<SheetFound>(
    db,
    `select s.id, t.id as tag, t.number, s.revision, r.drift - 'findings' as drift,
            r.drift #>> '{findings,0,asks}' as asks, r.drift #>> '{findings,0,now,verdict}' as verdict,
            a.reason, a.created_at as at, a.created_by as by
       from (select distinct on (tag_id) * from sheet order by tag_id, issued_at desc) s
       join tag t on t.id = s.tag_id
       join sheet_result r on r.sheet_id = s.id and r.basis_id = ?
       left join drift_acknowledged a on a.sheet_id = s.id and a.basis_id = r.basis_id
      where t.project_id = ? order by r.grave desc, t.number`,
    [basis.id, project],
  );
  const rows = found
    .filter(({ drift }) => drift.outcome !== "same")
    .slice(0, mostRows)
    .map(
      ({ id, tag, number, revision, drift, asks, verdict, reason, at, by }): DriftedSheet => ({
        id,
        tag,
        number,
        revision,
        outcome: drift.outcome,
        grave: drift.grave,
        was: drift.was.verdict,
        now: drift.now?.verdict ?? null,
        because: drift.because,
        first: asks === null ? null : { asks, now: verdict ?? "not asked" },
        acknowledged: reason === null ? null : { reason, at: new Date(at!).toISOString(), by: by! },
      }),
    );
  return {
    counts: counted(found.map(({ drift }) => drift.outcome)),
    unproved: await kinds.sheets.countStale(db, project, basis.id),
    rows,
  };
}

/**
 * What the tags were proved by before: what the project is pinned to, where another basis is asked for; else the one
 * they were proved by last of those that project was ever pinned to.
 */
async function comparedWith(db: Reader, project: string, to: Basis): Promise<Basis | null> {
  const own = await basisOfProject(db, project);
  if (own.id !== to.id) return own;
  const [before] = await rowsOf<{ id: number }>(
    db,
    `select b.id from basis b
       join basis_decision d on d.project_id = ? and d.catalogue_revision = b.catalogue_revision
        and d.house_rule_version = b.house_rule_version
       join proving p on p.basis_id = b.id and p.project_id = d.project_id and p.what = 'list'
      where b.id <> ? and exists (select from tag_result r join tag t on t.id = r.tag_id
        where r.basis_id = b.id and t.project_id = d.project_id)
      order by p.asked_at desc limit 1`,
    [project, to.id],
  );
  return before ? basisNamed(db, before.id) : null;
}

interface TagFound {
  id: string;
  number: string;
  was: TagSummary;
  now: TagSummary;
}

const tagsAtOnce = 1000;

async function driftedTags(
  db: Reader,
  project: string,
  from: Basis | null,
  to: Basis,
): Promise<Drift["tags"]> {
  const unproved = await kinds.list.countStale(db, project, to.id);
  const before = from === null ? 0 : await kinds.list.countStale(db, project, from.id);
  const outcomes: Outcome[] = [];
  let rows: DriftedTag[] = [];
  let after = "";
  while (from !== null) {
    // Some at a time, and only the worst are held: memory does not grow with the list.
    const found = await rowsOf<TagFound>(
      db,
      `select t.id, t.number, a.summary as was, b.summary as now from tag t
         join tag_result a on a.tag_id = t.id and a.basis_id = ?
         join tag_result b on b.tag_id = t.id and b.basis_id = ? and b.tag_version = a.tag_version
        where t.project_id = ? and t.number > ? order by t.number limit ?`,
      [from.id, to.id, project, after, tagsAtOnce],
    );
    for (const { id, number, was, now } of found) {
      const turned = turnedBetween(was, now);
      outcomes.push(turned.outcome);
      if (turned.outcome !== "same") rows.push({ id, number, ...turned, was, now });
    }
    rows = rows.sort((a, b) => b.grave - a.grave || (a.number < b.number ? -1 : 1)).slice(0, mostRows);
    if (found.length < tagsAtOnce) break;
    after = found.at(-1)!.number;
  }
  return { counts: counted(outcomes), unproved, before, rows };
}

const told = ({ catalogueRevision, houseRuleVersion, engine }: Basis) => ({
  catalogueRevision,
  houseRuleVersion,
  engine,
});

/** What became of a project's sheets and tags by a basis, worst first. */
export async function driftOfProject(em: EntityManager, project: string, to: Basis): Promise<Drift> {
  const from = await comparedWith(em, project, to);
  return {
    from: from && told(from),
    to: told(to),
    sheets: await driftedSheets(em, project, to),
    tags: await driftedTags(em, project, from, to),
  };
}

/** A sheet's findings as issued beside those of a basis; null where it was not proved by it. */
export async function driftOfSheet(db: Reader, sheet: string, { id }: Basis): Promise<SheetDrift | null> {
  const [row] = await rowsOf<{ drift: SheetDrift }>(
    db,
    "select drift from sheet_result where sheet_id = ? and basis_id = ?",
    [sheet, id],
  );
  return row?.drift ?? null;
}

/** Keeps that somebody has seen what became of a sheet, and why it may stand. */
export async function acknowledge(
  db: Reader,
  sheet: string,
  { id }: Basis,
  reason: string,
  user: string,
): Promise<void> {
  const [kept] = await rowsOf<{ sheet_id: string }>(
    db,
    `insert into drift_acknowledged (sheet_id, basis_id, reason, created_at, created_by)
     select sheet_id, basis_id, ?, now(), ? from sheet_result where sheet_id = ? and basis_id = ?
     on conflict do nothing returning sheet_id`,
    [reason, user, sheet, id],
  );
  if (!kept)
    throw new Refusal(
      "unchanged",
      "Either this change was acknowledged already, or the sheet was not proved by this catalogue, these house rules and this engine.",
    );
}
