import type { EntityManager } from "@mikro-orm/postgresql";
import type { JobKind } from "@proven-seat/core/outcome/shop";
import { rowsOf } from "./sql.ts";

export interface JobHead {
  readonly id: string;
  readonly tagId: string;
  readonly number: string;
  readonly service: string;
  readonly kind: JobKind;
  readonly valve: string;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly steps: number;
  readonly done: number;
  readonly deviations: number;
  readonly finishedAt: string | null;
  readonly lastAt: string | null;
  readonly lastBy: string | null;
}

/** Jobs with their progress. The database counts it, since a job may have thousands of events. */
const heads = `select j.id, j.tag_id as "tagId", t.number, t.service, j.kind, j.valve, j.started_at as "startedAt",
    j.started_by as "startedBy", coalesce(jsonb_array_length(j.plan -> 'steps'), 0) as steps,
    (select count(*)::int from (
       select distinct on (e.said ->> 'step') (e.said ->> 'done')::boolean as done from shop_event e
       where e.job_id = j.id and e.said ->> 'kind' = 'tick' order by e.said ->> 'step', e.at desc, e.id desc) n
     where n.done) as done,
    (select count(*)::int from shop_event e where e.job_id = j.id and e.said ->> 'kind' = 'deviation') as deviations,
    (select min(e.at) from shop_event e where e.job_id = j.id and e.said ->> 'kind' = 'finished') as "finishedAt",
    l.at as "lastAt", l.who as "lastBy"
  from shop_job j join tag t on t.id = j.tag_id
  left join lateral (
    select e.at, e.who from shop_event e where e.job_id = j.id order by e.at desc, e.id desc limit 1) l on true`;

export interface JobPlace {
  readonly startedAt: string;
  readonly id: string;
}

/** The position of a job in the list of its project; null if it belongs to another project. */
export async function jobPlace(em: EntityManager, project: string, id: string): Promise<JobPlace | null> {
  const [found] = await rowsOf<JobPlace>(
    em,
    `select j.started_at as "startedAt", j.id from shop_job j join tag t on t.id = j.tag_id
      where j.id = ? and t.project_id = ?`,
    [id, project],
  );
  return found ?? null;
}

/** Jobs of a project after one of them, the newest first. */
export const jobHeads = (
  em: EntityManager,
  project: string,
  after: JobPlace | null,
  limit: number,
): Promise<JobHead[]> =>
  rowsOf(
    em,
    `${heads} where t.project_id = ? ${after ? "and (j.started_at, j.id) < (?, ?)" : ""}
     order by j.started_at desc, j.id desc limit ?`,
    [project, ...(after ? [after.startedAt, after.id] : []), limit],
  );
