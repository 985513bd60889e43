import { createHash } from "node:crypto";
import type { EntityManager } from "@mikro-orm/postgresql";
import { longestPicturePx } from "@proven-seat/contract";
import sharp from "sharp";
import { type Reader, rowsOf } from "../store/sql.ts";
import { notThere, Refusal } from "../work/refusal.ts";

/** What is unpacked at most: a camera's picture, and no picture made to fill the memory. */
const mostPixels = 80_000_000;

/** A picture as it is kept: turned upright, no larger than needed, without what the camera wrote into it. */
async function smaller(given: Uint8Array): Promise<Buffer> {
  try {
    return await sharp(given, { limitInputPixels: mostPixels, failOn: "error" })
      .rotate()
      .resize(longestPicturePx, longestPicturePx, { fit: "inside", withoutEnlargement: true })
      .flatten({ background: "#ffffff" })
      .jpeg({ quality: 80 })
      .toBuffer();
  } catch {
    throw new Refusal(
      "no-picture",
      "This is no picture that can be read: JPEG, PNG, WebP, AVIF or TIFF, of at most 80 megapixels. Nothing was stored.",
    );
  }
}

const digestOf = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");

/** Keeps a picture of a job; handed in again it is kept once. */
export async function keepPicture(
  em: EntityManager,
  { tag, job, picture }: { tag: string; job: string; picture: string },
  given: Uint8Array,
  user: string,
): Promise<void> {
  const [found] = await rowsOf(em, "select 1 from shop_job where id = ? and tag_id = ?", [job, tag]);
  if (!found) throw notThere("job");
  const digest = digestOf(given);
  const known = () =>
    rowsOf<{ digest: string; job_id: string }>(em, "select digest, job_id from shop_picture where id = ?", [
      picture,
    ]);
  if ((await known()).length === 0)
    await rowsOf(
      em,
      `insert into shop_picture (id, job_id, digest, jpeg, received_at, handed_in_by)
       values (?, ?, ?, decode(?, 'base64'), now(), ?) on conflict (id) do nothing`,
      [picture, job, digest, (await smaller(given)).toString("base64"), user],
    );
  const [kept] = await known();
  if (kept!.digest !== digest || kept!.job_id !== job)
    throw new Refusal("other-work", "Another picture was handed in under the same id. Nothing was stored.");
}

/** A picture of a job. */
export async function pictureNamed(db: Reader, tag: string, job: string, picture: string): Promise<Buffer> {
  const [found] = await rowsOf<{ jpeg: string }>(
    db,
    `select encode(p.jpeg, 'base64') as jpeg from shop_picture p join shop_job j on j.id = p.job_id
     where p.id = ? and j.id = ? and j.tag_id = ?`,
    [picture, job, tag],
  );
  if (!found) throw notThere("picture");
  return Buffer.from(found.jpeg, "base64");
}
