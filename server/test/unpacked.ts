/**
 * Asks for answers as they are. What Node 20 unpacks while it is read stops for ever once in some ten thousand answers
 * (its `zlib` waits for a read that was already made): the server is well, and the test would wait with it.
 */
export const unpacked = { "accept-encoding": "identity" } as const;
