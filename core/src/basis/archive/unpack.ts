import { unzipSync } from "fflate";

/** An archive that unpacks to more than the caller allows. */
export class UnpacksToTooMuch extends Error {
  readonly mostBytes: number;
  constructor(mostBytes: number) {
    super(`unpacks to more than ${mostBytes} bytes`);
    this.mostBytes = mostBytes;
  }
}

/**
 * Unpacks the wanted files of an archive, and never more than is allowed.
 *
 * @param bytes a ZIP file
 * @param wanted names of files to unpack
 * @param mostBytes most bytes of them together
 * @returns content by name
 * @throws UnpacksToTooMuch before anything is unpacked; the error of the unpacking where it is no ZIP file
 * @source sizes are those the file states in its directory, and no file is unpacked beyond its stated size
 */
export function unpack(bytes: Uint8Array, wanted: RegExp, mostBytes: number): Record<string, Uint8Array> {
  let total = 0;
  return unzipSync(bytes, {
    filter: ({ name, originalSize }) => {
      if (!wanted.test(name)) return false;
      total += originalSize;
      if (total > mostBytes) throw new UnpacksToTooMuch(mostBytes);
      return true;
    },
  });
}
