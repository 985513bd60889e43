/** Text as bytes of their own, which a worker hands over without a copy. */
export const asBytes = (text: string): Uint8Array<ArrayBuffer> =>
  new Uint8Array(new TextEncoder().encode(text));
