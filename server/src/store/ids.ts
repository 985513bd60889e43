const uuid = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/i;

/** Whether a text of an address can be the id of a record at all: PostgreSQL fails on one that cannot. */
export const isUuid = (text: string): boolean => uuid.test(text);
