import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import { LockMode, UniqueConstraintViolationException } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { SaveTag, Tag as TagDocument } from "@proven-seat/contract";
import type { Duty } from "@proven-seat/core/duty";
import { Project } from "../store/entities/project.ts";
import { DutyVersion, Tag } from "../store/entities/tag.ts";
import { dutyOf } from "../store/stored.ts";
import { notThere, Refusal } from "./refusal.ts";

export const presentTag = (tag: Tag): TagDocument => ({
  id: tag.id,
  projectId: tag.project.id,
  number: tag.number,
  service: tag.service,
  unit: tag.unit,
  duty: dutyOf(tag),
  choice: tag.choice ?? null,
  version: tag.version,
  dutyVersion: tag.dutyVersion,
  updatedAt: tag.updatedAt.toISOString(),
  updatedBy: tag.updatedBy,
});

export async function tagOrProblem(em: EntityManager, id: string): Promise<Tag> {
  return (await em.findOne(Tag, { id })) ?? Promise.reject(notThere("tag"));
}

export async function projectOrProblem(em: EntityManager, id: string): Promise<Project> {
  return (await em.findOne(Project, { id })) ?? Promise.reject(notThere("project"));
}

export interface NewTag {
  number: string;
  service: string;
  unit: string;
  duty: Duty;
  choice?: TagDocument["choice"];
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
    service: content.service,
    unit: content.unit,
    duty: content.duty,
    dutyVersion: 1,
    choice: content.choice ?? null,
    version: 1,
    ...signed,
    updatedAt: now,
    updatedBy: user,
  });
}

/** Changes a tag's content; a changed duty becomes a version of its own, no change leaves everything as it is. */
export function changeTag(em: EntityManager, tag: Tag, content: NewTag, user: string): boolean {
  const { number, service, unit, duty, choice = null } = content;
  const before = {
    number: tag.number,
    service: tag.service,
    unit: tag.unit,
    duty: dutyOf(tag),
    choice: tag.choice ?? null,
  };
  if (isDeepStrictEqual(before, { number, service, unit, duty, choice })) return false;
  const now = new Date();
  if (!isDeepStrictEqual(before.duty, duty)) {
    tag.dutyVersion += 1;
    em.create(DutyVersion, {
      tagId: tag.id,
      version: tag.dutyVersion,
      duty,
      createdAt: now,
      createdBy: user,
    });
  }
  em.assign(
    tag,
    { number, service, unit, duty, choice, version: tag.version + 1, updatedAt: now, updatedBy: user },
    { mergeObjectProperties: false },
  );
  return true;
}

const numberTaken = (number: string) =>
  new Refusal("number-taken", `Tag ${number} is already in the project. Give it another number.`, {
    errors: [{ field: "number", message: "Already in the project." }],
  });

/** Runs a write in a transaction and tells a taken tag number from other failures. */
export async function writing<T>(
  em: EntityManager,
  number: string,
  write: (em: EntityManager) => Promise<T>,
): Promise<T> {
  try {
    return await em.transactional(write);
  } catch (error) {
    if (error instanceof UniqueConstraintViolationException) throw numberTaken(number);
    throw error;
  }
}

/** Saves an edited tag; a stale edit is refused with both versions. */
export function saveTag(em: EntityManager, id: string, edited: SaveTag, user: string): Promise<TagDocument> {
  return writing(em, edited.number, async (tx) => {
    const tag = await tx.findOne(Tag, { id }, { lockMode: LockMode.PESSIMISTIC_WRITE });
    if (!tag) throw notThere("tag");
    if (tag.version !== edited.version) {
      throw new Refusal(
        "stale",
        `Tag ${tag.number} was changed by ${tag.updatedBy} since you opened it. Nothing of yours was stored; keep yours or take theirs.`,
        {
          current: presentTag(tag),
          yours: edited,
        },
      );
    }
    changeTag(tx, tag, edited, user);
    await tx.flush();
    return presentTag(tag);
  });
}
