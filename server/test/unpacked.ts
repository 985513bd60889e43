/**
 * Asks for uncompressed answers. Node 20 stops for ever once in some ten thousand compressed answers (its `zlib` waits
 * for a read that was already made): the server is well, but the test would wait.
 */
export const unpacked = { "accept-encoding": "identity" } as const;
