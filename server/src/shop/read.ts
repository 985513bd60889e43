import type { Job, JobRow } from "@proven-seat/contract";
import type { JobEvent, ShopPlan } from "@proven-seat/core/outcome/shop";
import { lastOf, onePast, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { type Reader, rowsOf } from "../store/sql.ts";
import { notThere } from "../work/refusal.ts";

const uuid = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/i;

/** Ids are made by devices: one that is none is of no record. */
export function idOf(id: string, what: string): string {
  if (!uuid.test(id)) throw notThere(what);
  return id.toLowerCase();
}

const iso = (at: string | Date) => new Date(at).toISOString();

/** A job of a tag with its events in the order they came in. */
export async function jobNamed(db: Reader, tag: string, id: string): Promise<Job> {
  const [job] = await rowsOf<{
    kind: Job["kind"];
    valve: string;
    plan: ShopPlan | null;
    started_at: string;
    started_by: string;
  }>(db, "select kind, valve, plan, started_at, started_by from shop_job where id = ? and tag_id = ?", [
    id,
    tag,
  ]);
  if (!job) throw notThere("job");
  const events = await rowsOf<{ id: string; at: string; who: string; said: JobEvent["said"] }>(
    db,
    "select id, at, who, said from shop_event where job_id = ? order by seq",
    [id],
  );
  const { kind, valve, plan, started_at, started_by } = job;
  return {
    id,
    tagId: tag,
    kind,
    valve,
    plan,
    startedAt: iso(started_at),
    startedBy: started_by,
    events: events.map((one) => ({ ...one, at: iso(one.at) })),
  };
}

interface Row {
  readonly id: string;
  readonly tag_id: string;
  readonly number: string;
  readonly service: string;
  readonly kind: Job["kind"];
  readonly valve: string;
  readonly started_at: string;
  readonly started_by: string;
  readonly steps: number;
  readonly done: number;
  readonly deviations: number;
  readonly finished_at: string | null;
  readonly last_at: string | null;
  readonly last_by: string | null;
}

const rows = `select j.id, j.tag_id, t.number, t.service, j.kind, j.valve, j.started_at, j.started_by,
    coalesce(jsonb_array_length(j.plan -> 'steps'), 0) as steps,
    (select count(*)::int from (
       select distinct on (e.said ->> 'step') (e.said ->> 'done')::boolean as done from shop_event e
       where e.job_id = j.id and e.said ->> 'kind' = 'tick' order by e.said ->> 'step', e.at desc, e.id desc) n
     where n.done) as done,
    (select count(*)::int from shop_event e where e.job_id = j.id and e.said ->> 'kind' = 'deviation') as deviations,
    (select min(e.at) from shop_event e where e.job_id = j.id and e.said ->> 'kind' = 'finished') as finished_at,
    l.at as last_at, l.who as last_by
  from shop_job j join tag t on t.id = j.tag_id
  left join lateral (
    select e.at, e.who from shop_event e where e.job_id = j.id order by e.at desc, e.id desc limit 1) l on true`;

/** Jobs of a project, the newest first. */
export async function jobRows(db: Reader, project: string, page: PageAsked): Promise<Page<JobRow>> {
  const last = await lastOf(page, async (id) => {
    const [found] = await rowsOf<{ started_at: string; id: string }>(
      db,
      "select j.started_at, j.id from shop_job j join tag t on t.id = j.tag_id where j.id = ? and t.project_id = ?",
      [id, project],
    );
    return found ?? null;
  });
  const found = await rowsOf<Row>(
    db,
    `${rows} where t.project_id = ? ${last ? "and (j.started_at, j.id) < (?, ?)" : ""}
     order by j.started_at desc, j.id desc limit ?`,
    [project, ...(last ? [last.started_at, last.id] : []), onePast(page)],
  );
  return pageOf(
    found,
    page,
    ({ id }) => id,
    (row): JobRow => ({
      id: row.id,
      tagId: row.tag_id,
      number: row.number,
      service: row.service,
      kind: row.kind,
      valve: row.valve,
      startedAt: iso(row.started_at),
      startedBy: row.started_by,
      steps: row.steps,
      done: row.done,
      deviations: row.deviations,
      finishedAt: row.finished_at && iso(row.finished_at),
      lastAt: row.last_at && iso(row.last_at),
      lastBy: row.last_by,
    }),
  );
}
