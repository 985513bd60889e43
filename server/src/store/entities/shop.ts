import { defineEntity, type InferEntity, type Opt } from "@mikro-orm/core";
import type { JobEvent, JobKind, ShopPlan } from "@proven-seat/core/outcome/shop";

/** A job on the valve of a tag; never changed. */
export const ShopJob = defineEntity({
  name: "ShopJob",
  tableName: "shop_job",
  properties: (p) => ({
    id: p.uuid().primary(),
    tagId: p.uuid(),
    kind: p.text().$type<JobKind>(),
    valve: p.text(),
    plan: p.json<ShopPlan>().nullable(),
    startedAt: p.datetime(),
    startedBy: p.text(),
    handedInBy: p.text(),
  }),
});

/** An entry of a job; never changed. */
export const ShopEvent = defineEntity({
  name: "ShopEvent",
  tableName: "shop_event",
  properties: (p) => ({
    id: p.uuid().primary(),
    jobId: p.uuid(),
    /** Order of arrival, numbered by the database. */
    seq: p.bigint().$type<Opt<string>>().autoincrement(),
    at: p.datetime(),
    who: p.text(),
    said: p.json<JobEvent["said"]>(),
    receivedAt: p.datetime(),
    handedInBy: p.text(),
  }),
});

export type ShopEvent = InferEntity<typeof ShopEvent>;

/** A picture of a job; never changed. */
export const ShopPicture = defineEntity({
  name: "ShopPicture",
  tableName: "shop_picture",
  properties: (p) => ({
    id: p.uuid().primary(),
    jobId: p.uuid(),
    digest: p.text(),
    jpeg: p.blob(),
    receivedAt: p.datetime(),
    handedInBy: p.text(),
  }),
});
