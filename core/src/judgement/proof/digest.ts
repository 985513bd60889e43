import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import canonicalizeModule from "canonicalize";

// The package is CommonJS: Node hands over the function, bundlers its namespace.
const canonicalize = canonicalizeModule as unknown as (value: unknown) => string | undefined;

/**
 * SHA-256 of a value's canonical JSON, so that equal inputs give equal digests in any key order.
 *
 * @param value anything JSON can hold
 * @returns 64 hexadecimal digits
 * @throws TypeError for values JSON cannot hold
 * @source RFC 8785 (canonical JSON), FIPS 180-4 (SHA-256)
 * @example digestOf({ b: 1, a: 2 }) === digestOf({ a: 2, b: 1 }) // → true
 */
export function digestOf(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new TypeError("The value has no canonical JSON form.");
  return bytesToHex(sha256(utf8ToBytes(text)));
}
