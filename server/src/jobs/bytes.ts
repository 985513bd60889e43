/** Text as a byte array of its own, which a worker transfers without a copy. */
export const asBytes = (text: string): Uint8Array<ArrayBuffer> =>
  new Uint8Array(new TextEncoder().encode(text));
