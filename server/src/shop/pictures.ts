import { createHash } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import { longestPicturePx } from "@proven-seat/contract";
import sharp from "sharp";
import { ShopJob, ShopPicture } from "../store/entities/shop.ts";
import { notFound, Refusal } from "../work/refusal.ts";

/** Most pixels unpacked: enough for a camera's picture, and no picture made to fill the memory. */
const mostPixels = 80_000_000;

/** A picture as it is stored: upright, no larger than needed, without the camera's metadata. */
async function smaller(original: Uint8Array): Promise<Buffer> {
  try {
    return await sharp(original, { limitInputPixels: mostPixels, failOn: "error" })
      .rotate()
      .resize(longestPicturePx, longestPicturePx, { fit: "inside", withoutEnlargement: true })
      .flatten({ background: "#ffffff" })
      .jpeg({ quality: 80 })
      .toBuffer();
  } catch {
    throw new Refusal(
      "no-picture",
      "The picture cannot be read. Use JPEG, PNG, WebP, AVIF or TIFF with at most 80 megapixels. Nothing was stored.",
    );
  }
}

const digestOf = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");

/** Stores a picture of a job; a repeated request stores it once. */
export async function keepPicture(
  em: EntityManager,
  { tag, job, picture }: { tag: string; job: string; picture: string },
  original: Uint8Array,
  user: string,
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
        jpeg: await smaller(original),
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
