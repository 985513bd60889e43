import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import { LockMode, UniqueConstraintViolationException } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { SaveTag, Tag as TagDocument } from "@proven-seat/contract";
import { tagKey } from "@proven-seat/core/basis/text";
import type { Duty } from "@proven-seat/core/duty";
import type { Project } from "../store/entities/project.ts";
import { Sheet } from "../store/entities/sheet.ts";
import { ShopJob } from "../store/entities/shop.ts";
import { DutyVersion, Tag } from "../store/entities/tag.ts";
import { below, limitPlusOne, type PageAsked, pageOf } from "../store/page.ts";
import type { Reader } from "../store/sql.ts";
import { dutyOf } from "../store/stored.ts";
import { stateLookedAt, type TagState, tagState, writeTag } from "../store/tag-states.ts";
import { projectNamed } from "./projects.ts";
import { notFound, Refusal } from "./refusal.ts";

export const presentTag = (tag: Tag): TagDocument => ({
  id: tag.id,
  projectId: tag.project.id,
  number: tag.number,
  service: tag.service,
  unit: tag.unit,
  duty: dutyOf(tag),
  choice: tag.choice ?? null,
  remarks: tag.remarks,
  version: tag.version,
  dutyVersion: tag.dutyVersion,
  updatedAt: tag.updatedAt.toISOString(),
  updatedBy: tag.updatedBy,
});

/** A state for the client, without the columns only the database needs. */
export const presentState = ({ numberKey: _, ...tag }: TagState): TagDocument => tag;

/** The current tag. */
export async function tagNamed(db: Reader, id: string): Promise<TagState> {
  return (await tagState(db, id)) ?? Promise.reject(notFound("tag"));
}

/** A tag that nobody else changes or removes until the transaction ends. */
export async function lockedTag(em: EntityManager, id: string): Promise<Tag> {
  const tag = await em.findOne(Tag, { id }, { lockMode: LockMode.PESSIMISTIC_WRITE });
  return tag ?? Promise.reject(notFound("tag"));
}

export interface NewTag {
  number: string;
  service: string;
  unit: string;
  duty: Duty;
  choice?: TagDocument["choice"];
  remarks?: TagDocument["remarks"] | undefined;
}

/** Puts a tag and its first duty version into the unit of work. */
export function addTag(em: EntityManager, project: Project, content: NewTag, user: string): Tag {
  const now = new Date();
  const id = randomUUID();
  const signed = { createdAt: now, createdBy: user };
  em.create(DutyVersion, { tagId: id, version: 1, duty: content.duty, ...signed });
  return em.create(Tag, {
    id,
    project,
    number: content.number,
    numberKey: tagKey(content.number),
    service: content.service,
    unit: content.unit,
    duty: content.duty,
    dutyVersion: 1,
    choice: content.choice ?? null,
    remarks: content.remarks ?? {},
    version: 1,
    ...signed,
    updatedAt: now,
    updatedBy: user,
  });
}

const numberTaken = (number: string) =>
  new Refusal(
    "number-taken",
    `Tag ${number} is already in the project, perhaps with other capitals or another dash. Enter another number.`,
    {
      errors: [{ field: "number", message: "Already in the project." }],
    },
  );

/** Tells a duplicate tag number from other failures of a write. */
export async function writingNumbers<T>(number: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (error instanceof UniqueConstraintViolationException || (error as { code?: string }).code === "23505")
      throw numberTaken(number);
    throw error;
  }
}

/** Adds a tag to a project. */
export function createTag(
  em: EntityManager,
  projectId: string,
  content: NewTag,
  user: string,
): Promise<TagDocument> {
  return writingNumbers(content.number, () =>
    em.transactional(async (tx) => {
      const tag = addTag(tx, await projectNamed(tx, projectId), content, user);
      await tx.flush();
      return presentTag(tag);
    }),
  );
}

const stale = (now: TagState, edited: SaveTag) =>
  new Refusal(
    "stale",
    `Tag ${now.number} was changed by ${now.updatedBy} since you opened it. Your changes were not stored. Keep your version or use theirs.`,
    { current: presentState(now), yours: edited },
  );

/**
 * Saves an edited tag; a stale edit is refused with both versions. The version that was seen is in memory or read
 * without a lock: the statement writes only while the tag is at that version.
 */
export async function saveTag(db: Reader, id: string, edited: SaveTag, user: string): Promise<TagDocument> {
  const was = await stateLookedAt(db, id, edited.version);
  if (!was) throw notFound("tag");
  if (was.version !== edited.version) throw stale(was, edited);
  const { number, service, unit, duty, choice = null, remarks = was.remarks } = edited;
  const { number: n, service: s, unit: u, duty: d, choice: c, remarks: r } = was;
  const now = { number, service, unit, duty, choice, remarks };
  if (isDeepStrictEqual({ number: n, service: s, unit: u, duty: d, choice: c, remarks: r }, now)) {
    // Nothing to write, but it may be stale all the same.
    const stands = await tagNamed(db, id);
    if (stands.version !== edited.version) throw stale(stands, edited);
    return presentState(stands);
  }
  const change = {
    ...now,
    // A number that an earlier release stored as similar to another uses its own key until it is renamed.
    numberKey: number === n ? was.numberKey : tagKey(number),
    newDuty: !isDeepStrictEqual(d, duty),
  };
  const written = await writingNumbers(number, () => writeTag(db, id, edited.version, change, user));
  if (written) return presentState(written);
  throw stale(await tagNamed(db, id), edited);
}

/** Removes a tag at the version that was seen; one with issued sheets is kept with them. */
export function removeTag(em: EntityManager, id: string, version: number): Promise<void> {
  return em.transactional(async (tx) => {
    const tag = await lockedTag(tx, id);
    if (tag.version !== version)
      throw new Refusal(
        "stale",
        `Tag ${tag.number} was changed by ${tag.updatedBy} since you opened it. Check it again before you remove it.`,
        { current: presentTag(tag) },
      );
    if ((await tx.count(Sheet, { tag: tag.id })) > 0)
      throw new Refusal("has-sheets", `Tag ${tag.number} has issued sheets and cannot be removed.`);
    if ((await tx.count(ShopJob, { tagId: tag.id })) > 0)
      throw new Refusal("has-jobs", `Tag ${tag.number} has jobs and cannot be removed.`);
    tx.remove(tag);
  });
}

/** Duties of some tags of a project. */
export async function dutiesOf(em: EntityManager, projectId: string, ids: string[]) {
  const tags = await em.find(
    Tag,
    { project: projectId, id: { $in: ids } },
    { fields: ["id", "version", "duty"] },
  );
  return tags.map(({ id, version, duty }) => ({ id, version, duty: dutyOf({ duty }) }));
}

/** Every saved duty of a tag, newest first. */
export async function dutyVersions(em: EntityManager, tagId: string, page: PageAsked) {
  const found = await em.find(
    DutyVersion,
    { tagId, version: { $lt: below(page) } },
    { orderBy: { version: "desc" }, limit: limitPlusOne(page) },
  );
  return pageOf(
    found,
    page,
    ({ version }) => version,
    ({ version, duty, createdAt, createdBy }) => ({
      version,
      duty: dutyOf({ duty }),
      createdAt: createdAt.toISOString(),
      createdBy,
    }),
  );
}
