/** A file that cannot be a line list, and what to do about it. */
export class NotAList extends Error {}

const mostBytes = 20 * 1024 * 1024;

/** Reads a file as text: UTF-8, UTF-16 with a mark, else the usual Western encoding, said so. */
export async function readListFile(file: File): Promise<{ text: string; note: string | null }> {
  if (file.size > mostBytes) {
    throw new NotAList(
      `${file.name} is ${Math.round(file.size / 1024 / 1024)} MB; at most 20 MB are read. Ten thousand tags fit in 5 MB: remove columns that are not needed, or split the list.`,
    );
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (bytes[0] === 0x50 && bytes[1] === 0x4b)
    throw new NotAList(
      `${file.name} is a workbook or an archive, not text. Save the list as CSV and import that.`,
    );
  const utf16 =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? "utf-16le"
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? "utf-16be"
        : null;
  if (utf16) return { text: new TextDecoder(utf16).decode(bytes), note: "read as UTF-16" };
  try {
    return { text: new TextDecoder("utf-8", { fatal: true }).decode(bytes), note: null };
  } catch {
    return {
      text: new TextDecoder("windows-1252").decode(bytes),
      note: "not UTF-8; read in the Western encoding. Check accents and signs below",
    };
  }
}
