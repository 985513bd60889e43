import { createHash } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { Pictures } from "../pictures/pictures.ts";
import { ShopJob, ShopPicture } from "../store/entities/shop.ts";
import { notFound, Refusal } from "../work/refusal.ts";

const digestOf = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");

/** Stores a picture of a job; a repeated request stores it once. */
export async function keepPicture(
  em: EntityManager,
  { tag, job, picture }: { tag: string; job: string; picture: string },
  original: Uint8Array,
  { pictures, user, signal }: { pictures: Pictures; user: string; signal: AbortSignal },
): Promise<void> {
  if ((await em.count(ShopJob, { id: job, tagId: tag })) === 0) throw notFound("job");
  const digest = digestOf(original);
  const known = () =>
    em.findOne(ShopPicture, { id: picture }, { fields: ["digest", "jobId"], refresh: true });
  if ((await known()) === null)
    await em
      .createQueryBuilder(ShopPicture)
      .insert({
        id: picture,
        jobId: job,
        digest,
        jpeg: await pictures.reduce(original, signal),
        receivedAt: new Date(),
        handedInBy: user,
      })
      .onConflict("id")
      .ignore()
      .execute("run");
  const kept = await known();
  if (kept!.digest !== digest || kept!.jobId !== job)
    throw new Refusal("other-work", "Another picture has this id. Nothing was stored.");
}

/** A picture of a job. */
export async function pictureNamed(
  em: EntityManager,
  tag: string,
  job: string,
  picture: string,
): Promise<Uint8Array> {
  const mine = (await em.count(ShopJob, { id: job, tagId: tag })) > 0;
  const found = mine ? await em.findOne(ShopPicture, { id: picture, jobId: job }) : null;
  if (!found) throw notFound("picture");
  return found.jpeg;
}
