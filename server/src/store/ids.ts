const uuid = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/i;

/** Whether a text can be the id of a record. PostgreSQL fails if it is given another text. */
export const isUuid = (text: string): boolean => uuid.test(text);
