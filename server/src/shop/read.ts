import type { EntityManager } from "@mikro-orm/postgresql";
import type { Job, JobRow } from "@proven-seat/contract";
import { ShopEvent, ShopJob } from "../store/entities/shop.ts";
import { isUuid } from "../store/ids.ts";
import { jobHeads, jobPlace } from "../store/job-rows.ts";
import { lastOf, limitPlusOne, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { notFound } from "../work/refusal.ts";

/** Ids come from devices: a text that is no id belongs to no record. */
export function idOf(id: string, what: string): string {
  if (!isUuid(id)) throw notFound(what);
  return id.toLowerCase();
}

/** A job of a tag with its events in the order they came in. */
export async function jobNamed(em: EntityManager, tag: string, id: string): Promise<Job> {
  const job = await em.findOne(ShopJob, { id, tagId: tag }, { disableIdentityMap: true });
  if (!job) throw notFound("job");
  const events = await em.find(
    ShopEvent,
    { jobId: id },
    { orderBy: { seq: "asc" }, disableIdentityMap: true },
  );
  const { kind, valve, plan, startedAt, startedBy } = job;
  return {
    id,
    tagId: tag,
    kind,
    valve,
    plan: plan ?? null,
    startedAt: startedAt.toISOString(),
    startedBy,
    events: events.map(({ id, at: time, who, said }) => ({ id, at: time.toISOString(), who, said })),
  };
}

const iso = (time: string | null) => time && new Date(time).toISOString();

/** Jobs of a project, the newest first. */
export async function jobRows(em: EntityManager, project: string, page: PageAsked): Promise<Page<JobRow>> {
  const last = await lastOf(page, (id) => jobPlace(em, project, id));
  return pageOf(
    await jobHeads(em, project, last, limitPlusOne(page)),
    page,
    ({ id }) => id,
    ({ startedAt, finishedAt, lastAt, ...head }): JobRow => ({
      ...head,
      startedAt: new Date(startedAt).toISOString(),
      finishedAt: iso(finishedAt),
      lastAt: iso(lastAt),
    }),
  );
}
