/**
 * Reduces one picture from standard input to a JPEG on standard output, in a process of its own: a foreign picture is
 * decoded where it can neither hold the server's threads nor read its data. Ends by itself when it exceeds its limits.
 */
import { setPriority } from "node:os";
import { buffer } from "node:stream/consumers";
import { longestPicturePx } from "@proven-seat/contract";
import sharp from "sharp";
import { pictureKind } from "./kind.ts";
import { endings, limitsFrom, mostPixels } from "./reducer-process.ts";

const { memoryMb, timeoutMs } = limitsFrom(process.argv);
const end = (ending: keyof typeof endings) => process.exit(endings[ending]);
// The decoder works in threads of its own, so that this loop can watch it.
setInterval(() => {
  if (process.memoryUsage.rss() > memoryMb * 1024 * 1024) end("too-large");
}, 10).unref();
setTimeout(() => end("too-long"), timeoutMs).unref();
setPriority(10);

sharp.cache(false);
sharp.concurrency(1);
sharp.block({ operation: ["VipsForeignLoad"] });
sharp.unblock({
  operation: ["VipsForeignLoadJpegBuffer", "VipsForeignLoadPngBuffer", "VipsForeignLoadWebpBuffer"],
});

/** A picture of several frames: the one that is stored would not be the one that was seen. */
function isAnimated(bytes: Buffer): boolean {
  const control = bytes.indexOf("acTL");
  return pictureKind(bytes) === "png" && control >= 0 && control < bytes.indexOf("IDAT");
}

try {
  const original = await buffer(process.stdin);
  const kind = pictureKind(original);
  if (kind === null) end("unreadable");
  const options = { limitInputPixels: mostPixels, failOn: "error" } as const;
  const { format, width, height, pages = 1 } = await sharp(original, options).metadata();
  if (format !== kind || pages > 1 || isAnimated(original) || width * height > mostPixels) end("unreadable");
  const jpeg = await sharp(original, options)
    .rotate()
    .resize(longestPicturePx, longestPicturePx, { fit: "inside", withoutEnlargement: true })
    .flatten({ background: "#ffffff" })
    .jpeg({ quality: 80 })
    .toBuffer();
  process.stdout.write(jpeg, () => end("done"));
} catch {
  end("unreadable");
}
