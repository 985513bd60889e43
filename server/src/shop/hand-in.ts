import { isDeepStrictEqual } from "node:util";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { HandIn, Job } from "@proven-seat/contract";
import { rowsOf } from "../store/sql.ts";
import { Refusal } from "../work/refusal.ts";
import { jobNamed } from "./read.ts";

/** A job grows by hand: what is beyond this is no work of people. */
const mostEvents = 5000;

const otherJob = () =>
  new Refusal(
    "other-work",
    "Another job has this id, on another tag or of another kind. Begin the work anew: nothing of this one was stored.",
  );

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
    await rowsOf(tx, "select pg_advisory_xact_lock(4183, hashtext(?))", [id]);
    await rowsOf(
      tx,
      `insert into shop_job (id, tag_id, kind, valve, plan, started_at, started_by, handed_in_by)
       values (?, ?, ?, ?, ?::jsonb, ?, ?, ?) on conflict (id) do nothing`,
      [id, tag, kind, valve, plan && JSON.stringify(plan), startedAt, startedBy, user],
    );
    const [job] = await rowsOf<{ tag_id: string; kind: string }>(
      tx,
      "select tag_id, kind from shop_job where id = ?",
      [id],
    );
    if (job!.tag_id !== tag || job!.kind !== kind) throw otherJob();
    const ids = JSON.stringify(events.map((one) => one.id));
    const had = await rowsOf<{ id: string; job_id: string; who: string; said: unknown }>(
      tx,
      "select id, job_id, who, said from shop_event where id in (select jsonb_array_elements_text(?::jsonb)::uuid)",
      [ids],
    );
    const known = new Map(had.map((one) => [one.id, one]));
    for (const one of events) {
      const same = known.get(one.id);
      if (same && (same.job_id !== id || same.who !== one.who || !isDeepStrictEqual(same.said, one.said)))
        throw new Refusal(
          "other-work",
          "Something else was handed in under the same id: an event is never changed. Nothing was stored.",
        );
    }
    await rowsOf(
      tx,
      `insert into shop_event (id, job_id, at, who, said, received_at, handed_in_by)
       select e.id, ?, e.at, e.who, e.said, now(), ?
       from jsonb_to_recordset(?::jsonb) as e (id uuid, at timestamptz, who text, said jsonb)
       on conflict (id) do nothing`,
      [id, user, JSON.stringify(events)],
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
