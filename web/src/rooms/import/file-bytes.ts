const mostBytes = 20 * 1024 * 1024;

/** The bytes of a file that may be a list, or an error with what to do. */
export async function bytesOf(file: File): Promise<Uint8Array<ArrayBuffer>> {
  if (file.size > mostBytes)
    throw new Error(
      `The file has ${Math.round(file.size / 1024 / 1024)} MB. The limit is 20 MB. Ten thousand tags fit in 5 MB: remove columns that are not needed, or split the list.`,
    );
  return new Uint8Array(await file.arrayBuffer());
}
