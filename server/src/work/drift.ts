import type { EntityManager } from "@mikro-orm/postgresql";
import type { Drift, DriftedSheet, DriftedTag } from "@proven-seat/contract";
import { driftOutcomes } from "@proven-seat/contract";
import { type SheetDrift, turnedBetween } from "@proven-seat/core/judgement/proof";
import { kinds } from "../provings/index.ts";
import { type Basis, basisNamed, basisOfProject } from "../store/bases.ts";
import { provedOnEarlierBasis, tagsAtOnce, tagsByBoth } from "../store/drift-rows.ts";
import { DriftAcknowledged, SheetResult } from "../store/entities/provings.ts";
import { sheetDrifts } from "../store/sheet-results.ts";
import { Refusal } from "./refusal.ts";

/** Rows that are sent; the rest is counted. */
const mostRows = 500;

type Outcome = (typeof driftOutcomes)[number];

function counted(outcomes: Iterable<Outcome>): Record<Outcome, number> {
  const counts = Object.fromEntries(driftOutcomes.map((outcome) => [outcome, 0])) as Record<Outcome, number>;
  for (const outcome of outcomes) counts[outcome]++;
  return counts;
}

async function driftedSheets(em: EntityManager, project: string, basis: Basis): Promise<Drift["sheets"]> {
  const found = await sheetDrifts(em, project, basis.id);
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
    unproved: await kinds.sheets.countStale(em, project, basis.id),
    rows,
  };
}

/**
 * Earlier basis of the tags: the pinned one, where another basis is asked for; else the last of the project's bases on
 * which they were proved.
 */
async function comparedWith(em: EntityManager, project: string, to: Basis): Promise<Basis | null> {
  const own = await basisOfProject(em, project);
  if (own.id !== to.id) return own;
  const before = await provedOnEarlierBasis(em, project, to.id);
  return before === null ? null : basisNamed(em, before);
}

async function driftedTags(
  em: EntityManager,
  project: string,
  from: Basis | null,
  to: Basis,
): Promise<Drift["tags"]> {
  const unproved = await kinds.list.countStale(em, project, to.id);
  const before = from === null ? 0 : await kinds.list.countStale(em, project, from.id);
  const outcomes: Outcome[] = [];
  let rows: DriftedTag[] = [];
  let after = "";
  while (from !== null) {
    // Some at a time, and only the worst are held: memory does not grow with the list.
    const found = await tagsByBoth(em, project, { from: from.id, to: to.id }, after);
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

const basisFields = ({ catalogueRevision, houseRuleVersion, engine }: Basis) => ({
  catalogueRevision,
  houseRuleVersion,
  engine,
});

/** Results of a project's sheets and tags on a basis, worst first. */
export async function driftOfProject(em: EntityManager, project: string, to: Basis): Promise<Drift> {
  const from = await comparedWith(em, project, to);
  return {
    from: from && basisFields(from),
    to: basisFields(to),
    sheets: await driftedSheets(em, project, to),
    tags: await driftedTags(em, project, from, to),
  };
}

/** A sheet's findings as issued beside those of a basis; null where it was not proved by it. */
export const driftOfSheet = async (
  em: EntityManager,
  sheet: string,
  { id }: Basis,
): Promise<SheetDrift | null> =>
  (await em.findOne(SheetResult, { sheetId: sheet, basisId: id }))?.drift ?? null;

/** Stores who acknowledged the result of a sheet, and why it may stay. */
export async function acknowledge(
  em: EntityManager,
  sheet: string,
  { id }: Basis,
  reason: string,
  user: string,
): Promise<void> {
  const key = { sheetId: sheet, basisId: id };
  const proved = (await em.count(SheetResult, key)) > 0;
  const kept = proved
    ? await em
        .createQueryBuilder(DriftAcknowledged)
        .insert({ ...key, reason, createdAt: new Date(), createdBy: user })
        .onConflict()
        .ignore()
        .execute("run")
    : { affectedRows: 0 };
  if (kept.affectedRows === 0)
    throw new Refusal(
      "unchanged",
      "This change is already acknowledged, or the sheet was not proved with this catalogue, these house rules and this engine.",
    );
}
