import { type Grid, gridOfText } from "../line-list/grid.ts";

/** The sheets of a file, and assumptions made in reading it. */
export interface ListFile {
  readonly grids: readonly Grid[];
  /** Said where the text could be read otherwise; null where there is no doubt. */
  readonly note: string | null;
}

const isWorkbook = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b;

function textOf(bytes: Uint8Array): { text: string; note: string | null } {
  const marked =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? "utf-16le"
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? "utf-16be"
        : null;
  if (marked) return { text: new TextDecoder(marked).decode(bytes), note: "read as UTF-16" };
  try {
    return { text: new TextDecoder("utf-8", { fatal: true }).decode(bytes), note: null };
  } catch {
    return {
      text: new TextDecoder("windows-1252").decode(bytes),
      note: "not UTF-8; read in the Western encoding. Check accents and signs below",
    };
  }
}

/**
 * Reads the file of a line list: a workbook, or delimited text in UTF-8, in UTF-16 with a byte order mark, or else in
 * the usual Western encoding.
 *
 * @param bytes the file
 * @returns its sheets, at least one; a text is one sheet without a name
 * @throws NotATable where it holds no table, and why
 * @source ECMA-376, RFC 4180
 */
export async function readListFile(bytes: Uint8Array<ArrayBuffer>): Promise<ListFile> {
  if (isWorkbook(bytes)) {
    // The workbook reader is a third of a megabyte of code, so it is loaded only for a workbook.
    const { gridsOfWorkbook } = await import("./read.ts");
    return { grids: await gridsOfWorkbook(bytes.slice().buffer), note: null };
  }
  const { text, note } = textOf(bytes);
  return { grids: [gridOfText(text)], note };
}
