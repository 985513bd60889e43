/** Kinds of photograph that are decoded. */
export type PictureKind = "jpeg" | "png" | "webp";

const startsWith = (bytes: Uint8Array, at: number, letters: string) =>
  [...letters].every((letter, i) => bytes[at + i] === letter.charCodeAt(0));

/**
 * The kind of a picture, told by its first bytes alone.
 *
 * @param bytes a file
 * @returns null for anything that is no photograph: it is never handed to a decoder
 */
export function pictureKind(bytes: Uint8Array): PictureKind | null {
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return "jpeg";
  if (bytes[0] === 0x89 && startsWith(bytes, 1, "PNG\r\n\x1a\n")) return "png";
  return startsWith(bytes, 0, "RIFF") && startsWith(bytes, 8, "WEBP") ? "webp" : null;
}
