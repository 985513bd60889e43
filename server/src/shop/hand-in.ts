import { isDeepStrictEqual } from "node:util";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { HandIn, Job } from "@proven-seat/contract";
import { ShopEvent, ShopJob } from "../store/entities/shop.ts";
import { oneAfterTheOther } from "../store/locks.ts";
import { Refusal } from "../work/refusal.ts";
import { jobNamed } from "./read.ts";

/** A job grows by hand: what is beyond this is no work of people. */
const mostEvents = 5000;

const otherJob = () =>
  new Refusal(
    "other-work",
    "Another job has this id, on another tag or of another kind. Begin the work anew: nothing of this one was stored.",
  );

/** Events of these ids that are there already, of whatever job. */
async function eventsThereAre(em: EntityManager, events: HandIn["events"]) {
  const found = await em.find(
    ShopEvent,
    { id: { $in: events.map(({ id }) => id) } },
    { fields: ["jobId", "who", "said"], disableIdentityMap: true },
  );
  return new Map(found.map((event) => [event.id, event]));
}

/**
 * Adds to a job what a device has of it, the job itself where it is new. Handed in again it adds nothing, so that a
 * device that was cut off before it heard of it simply hands in again.
 */
export function handIn(
  em: EntityManager,
  tag: string,
  id: string,
  given: HandIn,
  user: string,
): Promise<Job> {
  return em.transactional(async (tx) => {
    const { kind, valve, plan, startedAt, startedBy, events } = given;
    // Two devices that hand in at once wait for each other; history gives no right to lock its rows.
    await oneAfterTheOther(tx, "a job handed in", id);
    const known = await tx.findOne(ShopJob, { id }, { fields: ["tagId", "kind"], disableIdentityMap: true });
    if (known && (known.tagId !== tag || known.kind !== kind)) throw otherJob();
    if (!known)
      await tx.insert(ShopJob, {
        id,
        tagId: tag,
        kind,
        valve,
        plan,
        startedAt: new Date(startedAt),
        startedBy,
        handedInBy: user,
      });
    const had = await eventsThereAre(tx, events);
    for (const { id: event, who, said } of events) {
      const same = had.get(event);
      if (same && (same.jobId !== id || same.who !== who || !isDeepStrictEqual(same.said, said)))
        throw new Refusal(
          "other-work",
          "Something else was handed in under the same id: an event is never changed. Nothing was stored.",
        );
    }
    const receivedAt = new Date();
    const fresh = new Map(events.filter((event) => !had.has(event.id)).map((event) => [event.id, event]));
    await tx.insertMany<ShopEvent>(
      ShopEvent,
      [...fresh.values()].map(({ at, ...event }) => ({
        ...event,
        at: new Date(at),
        jobId: id,
        receivedAt,
        handedInBy: user,
      })),
    );
    const now = await jobNamed(tx, tag, id);
    if (now.events.length > mostEvents)
      throw new Refusal(
        "too-much-work",
        `A job keeps at most ${mostEvents} entries: finish it and begin another.`,
      );
    return now;
  });
}
