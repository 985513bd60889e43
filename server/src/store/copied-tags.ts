import type { EntityManager } from "@mikro-orm/postgresql";
import { rowsOf } from "./sql.ts";

/** Copies tags of another project with their duties, remarks and selections; sheets and history are not copied. */
export const copyTags = (em: EntityManager, from: string, to: string, time: Date, user: string) =>
  rowsOf(
    em,
    `with copied as (
       insert into tag (id, project_id, number, number_key, service, unit, duty, remarks, duty_version, choice, version,
         created_at, created_by, updated_at, updated_by)
       select gen_random_uuid(), ?::uuid, number, number_key, service, unit, duty, remarks, 1, choice, 1, ?::timestamptz, ?, ?, ?
       from tag where project_id = ? returning id, duty, created_at, created_by)
     insert into duty_version (tag_id, version, duty, created_at, created_by)
     select id, 1, duty, created_at, created_by from copied`,
    [to, time, user, time, user, from],
  );
