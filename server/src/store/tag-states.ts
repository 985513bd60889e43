import type { Choice, Tag as TagDocument } from "@proven-seat/contract";
import type { Duty } from "@proven-seat/core/duty";
import { LRUCache } from "lru-cache";
import { type Reader, rowsOf } from "./sql.ts";
import { dutyOf } from "./stored.ts";

/** A tag at one of its versions, which never changes: another version is another state. */
export interface TagState extends TagDocument {
  readonly numberKey: string;
}

interface Row {
  id: string;
  project_id: string;
  number: string;
  number_key: string;
  service: string;
  unit: string;
  duty: unknown;
  duty_version: number;
  choice: Choice | null;
  remarks: Record<string, string>;
  version: number;
  updated_at: Date | string;
  updated_by: string;
}

const stateFrom = (row: Row): TagState => ({
  id: row.id,
  projectId: row.project_id,
  number: row.number,
  numberKey: row.number_key,
  service: row.service,
  unit: row.unit,
  duty: dutyOf(row),
  choice: row.choice,
  remarks: row.remarks,
  version: row.version,
  dutyVersion: row.duty_version,
  updatedAt: new Date(row.updated_at).toISOString(),
  updatedBy: row.updated_by,
});

const columns =
  "id, project_id, number, number_key, service, unit, duty, duty_version, choice, remarks, version, updated_at, updated_by";

/** States read or written lately: a version need not be fetched and parsed again. */
const recent = new LRUCache<string, TagState>({ max: 500 });

const held = (row: Row): TagState => {
  const state = stateFrom(row);
  recent.set(state.id, state);
  return state;
};

/** The current state of a tag; null where there is none. */
export async function tagState(db: Reader, id: string): Promise<TagState | null> {
  const known = recent.get(id);
  if (known) {
    const [now] = await rowsOf<{ version: number }>(db, "select version from tag where id = ?", [id]);
    if (now?.version === known.version) return known;
    recent.delete(id);
    if (!now) return null;
  }
  const [row] = await rowsOf<Row>(db, `select ${columns} from tag where id = ?`, [id]);
  return row ? held(row) : null;
}

/** The state of the version that was seen, if it was read lately; else the current one. */
export async function stateLookedAt(db: Reader, id: string, version: number): Promise<TagState | null> {
  const known = recent.get(id);
  return known?.version === version ? known : tagState(db, id);
}

export interface TagChange {
  readonly number: string;
  readonly numberKey: string;
  readonly service: string;
  readonly unit: string;
  readonly duty: Duty;
  readonly choice: Choice | null;
  readonly remarks: Readonly<Record<string, string>>;
  /** Whether the duty differs, so that it becomes a new version. */
  readonly newDuty: boolean;
}

/**
 * Writes the next version of a tag, and of its duty where that differs, in one statement. Null where the tag is no
 * longer at that version.
 */
export async function writeTag(
  db: Reader,
  id: string,
  version: number,
  change: TagChange,
  user: string,
): Promise<TagState | null> {
  const { number, numberKey, service, unit, duty, choice, remarks, newDuty } = change;
  const [row] = await rowsOf<Row>(
    db,
    `with changed as (
       update tag set number = ?, number_key = ?, service = ?, unit = ?, duty = ?::jsonb, choice = ?::jsonb, remarks = ?::jsonb,
         duty_version = duty_version + ?, version = version + 1, updated_at = ?, updated_by = ?
       where id = ? and version = ? returning ${columns}),
     kept as (
       insert into duty_version (tag_id, version, duty, created_at, created_by)
       select id, duty_version, duty, updated_at, updated_by from changed where ?)
     select * from changed`,
    [
      number,
      numberKey,
      service,
      unit,
      JSON.stringify(duty),
      choice === null ? null : JSON.stringify(choice),
      JSON.stringify(remarks),
      newDuty ? 1 : 0,
      new Date(),
      user,
      id,
      version,
      newDuty,
    ],
  );
  return row ? held(row) : null;
}
