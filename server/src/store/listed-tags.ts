import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "./sql.ts";

/** A tag a list meets, as far as it matters whether it may be replaced. */
export interface MetTag {
  readonly number_key: string;
  readonly number: string;
  readonly version: number;
  readonly updated_by: string;
}

/** Tags of a project by their keys, locked until the transaction ends, always in the same order. */
export const meetTags = (em: EntityManager, project: string, keys: readonly string[]): Promise<MetTag[]> =>
  rowsOf(
    em,
    `select number_key, number, version, updated_by from tag
     where project_id = ? and number_key in (select jsonb_array_elements_text(?::jsonb))
     order by number_key for update`,
    [project, JSON.stringify(keys)],
  );

interface Signed {
  readonly project: string;
  readonly at: Date;
  readonly by: string;
}

const listed =
  "listed as (select * from jsonb_to_recordset(?::jsonb) as l (id uuid, key text, number text, service text, unit text, duty jsonb, remarks jsonb))";

const countOf = async (rows: Promise<{ count: string }[]>) => Number((await rows)[0]!.count);

/** Replaces service, unit, duty and remarks of existing tags, each with its history; returns how many differed. */
export const replaceListed = (
  em: EntityManager,
  rows: string,
  { project, at: time, by }: Signed,
): Promise<number> =>
  countOf(
    rowsOf(
      em,
      `with ${listed},
       before as (select t.id, t.duty, l.key from tag t join listed l on l.key = t.number_key where t.project_id = ?),
       changed as (
         update tag t set service = l.service, unit = l.unit, duty = l.duty, remarks = l.remarks, version = t.version + 1,
           duty_version = t.duty_version + (b.duty is distinct from l.duty)::int, updated_at = ?, updated_by = ?
         from listed l join before b on b.key = l.key
         where t.id = b.id and (t.service, t.unit, t.duty, t.remarks) is distinct from (l.service, l.unit, l.duty, l.remarks)
         returning t.id, t.duty_version, t.duty, t.updated_at, t.updated_by, b.duty is distinct from l.duty as differs),
       kept as (
         insert into duty_version (tag_id, version, duty, created_at, created_by)
         select id, duty_version, duty, updated_at, updated_by from changed where differs)
       select count(*) from changed`,
      [rows, project, time, by],
    ),
  );

/** Adds new tags, each with its first duty; returns how many. */
export const addListed = (
  em: EntityManager,
  rows: string,
  { project, at: time, by }: Signed,
): Promise<number> =>
  countOf(
    rowsOf(
      em,
      `with ${listed},
       added as (
         insert into tag (id, project_id, number, number_key, service, unit, duty, remarks, duty_version, choice, version,
           created_at, created_by, updated_at, updated_by)
         select l.id, ?::uuid, l.number, l.key, l.service, l.unit, l.duty, l.remarks, 1, null, 1, ?::timestamptz, ?, ?, ?
         from listed l
         where not exists (select 1 from tag t where t.project_id = ? and t.number_key = l.key)
         returning id, duty, created_at, created_by),
       kept as (
         insert into duty_version (tag_id, version, duty, created_at, created_by)
         select id, 1, duty, created_at, created_by from added)
       select count(*) from added`,
      [rows, project, time, by, time, by, project],
    ),
  );

/** A tag that could not be removed, with the reason. */
export interface KeptTag {
  readonly number: string;
  readonly sheets: boolean;
  readonly jobs: boolean;
}

/** Removes tags at the given versions. Returns the tags that stay: changed since, or with sheets or jobs. */
export const removeListed = (
  em: EntityManager,
  project: string,
  gone: readonly { readonly id: string; readonly version: number }[],
): Promise<KeptTag[]> =>
  rowsOf(
    em,
    `with asked as (select * from jsonb_to_recordset(?::jsonb) as g (id uuid, version int)),
     removed as (
       delete from tag t using asked g
        where t.id = g.id and t.version = g.version and t.project_id = ?
          and not exists (select from sheet s where s.tag_id = t.id)
          and not exists (select from shop_job j where j.tag_id = t.id)
        returning t.id)
     select coalesce(t.number, g.id::text) as number, exists (select from sheet s where s.tag_id = g.id) as sheets,
            exists (select from shop_job j where j.tag_id = g.id) as jobs
       from asked g left join tag t on t.id = g.id where g.id not in (select id from removed)`,
    [JSON.stringify(gone), project],
  );
