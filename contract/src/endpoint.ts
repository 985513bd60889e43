import type { z } from "zod";

/** Who may call an endpoint: one role until accounts come. */
export type Role = "anybody" | "engineer";

/**
 * The project an endpoint belongs to: the one its path names, the one of the tag or sheet in its path; null for what
 * the whole organisation shares.
 */
export type Belongs = "in path" | "of tag" | "of sheet" | null;

/** One address of the API. Path parameters stand in braces, as in OpenAPI. */
export interface Endpoint<Body extends z.ZodType = z.ZodType, Answer extends z.ZodType = z.ZodType> {
  readonly method: "get" | "post" | "put" | "delete";
  readonly path: string;
  readonly says: string;
  readonly project: Belongs;
  readonly role: Role;
  readonly body?: Body;
  /** The body is large enough that reading it would keep others waiting: the handler has it read elsewhere. */
  readonly bodyAsSent?: true;
  /** What the body is where it is no JSON. */
  readonly takes?: string;
  /** Null where the answer is no JSON or nothing. */
  readonly answer: Answer | null;
  /** A list answered in pages: `limit` and `after` in the query, the next page in the `Link` header (RFC 8288). */
  readonly paged?: true;
  readonly status?: number;
  readonly mediaType?: string;
  readonly query?: Record<string, string>;
  /** Statuses besides success that carry a problem document. */
  readonly problems?: readonly number[];
}

export const endpoint = <const One extends Endpoint>(of: One): One => of;

/** Items of a page where nothing else is asked, and the most that may be asked. */
export const pageLimits = { usual: 1000, most: 10_000 } as const;
