import { isDeepStrictEqual } from "node:util";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { HandIn, Job } from "@proven-seat/contract";
import { ShopEvent, ShopJob } from "../store/entities/shop.ts";
import { takeTurn } from "../store/locks.ts";
import { Refusal } from "../work/refusal.ts";
import { jobNamed } from "./read.ts";

/** A job is filled in by hand: more entries than this are not human work. */
const mostEvents = 5000;

const otherJob = () =>
  new Refusal(
    "other-work",
    "Another job has this id, on another tag or of another kind. Nothing was stored. Start a new job.",
  );

const changedEvent = () =>
  new Refusal("other-work", "Another entry has this id, and entries cannot be changed. Nothing was stored.");

type Event = HandIn["events"][number];

/** Events by id as the database writes ids: a device may write them in capitals. An event that comes twice counts once. */
function eventsById(events: readonly Event[]): Map<string, Event> {
  const byId = new Map<string, Event>();
  for (const event of events) {
    const id = event.id.toLowerCase();
    const earlier = byId.get(id);
    if (earlier && (earlier.who !== event.who || !isDeepStrictEqual(earlier.said, event.said)))
      throw changedEvent();
    if (!earlier) byId.set(id, { ...event, id });
  }
  return byId;
}

/** Stores the events that are not there yet. An event that is there must say the same, on the same job. */
async function storeEvents(tx: EntityManager, jobId: string, events: readonly Event[], user: string) {
  const byId = eventsById(events);
  const stored = await tx.find(
    ShopEvent,
    { id: { $in: [...byId.keys()] } },
    { fields: ["jobId", "who", "said"], disableIdentityMap: true },
  );
  for (const { id, jobId: job, who, said } of stored) {
    const event = byId.get(id)!;
    if (job !== jobId || who !== event.who || !isDeepStrictEqual(said, event.said)) throw changedEvent();
    byId.delete(id);
  }
  const receivedAt = new Date();
  await tx.insertMany<ShopEvent>(
    ShopEvent,
    [...byId.values()].map(({ at, ...event }) => ({
      ...event,
      at: new Date(at),
      jobId,
      receivedAt,
      handedInBy: user,
    })),
  );
}

/**
 * Adds a device's events to a job, and the job itself where it is new. A repeated request adds nothing, so a device
 * that lost the answer simply sends again.
 */
export function handIn(
  em: EntityManager,
  tag: string,
  id: string,
  handedIn: HandIn,
  user: string,
): Promise<Job> {
  return em.transactional(async (tx) => {
    const { kind, valve, plan, startedAt, startedBy, events } = handedIn;
    // Two devices that send at once wait for each other; the rights on history do not allow locking its rows.
    await takeTurn(tx, "a job handed in", id);
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
    await storeEvents(tx, id, events, user);
    const now = await jobNamed(tx, tag, id);
    if (now.events.length > mostEvents)
      throw new Refusal(
        "too-much-work",
        `A job can have at most ${mostEvents} entries. Finish it and start another job.`,
      );
    return now;
  });
}
