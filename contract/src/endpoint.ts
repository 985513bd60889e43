import type { z } from "zod";
import type { Address } from "./addresses.ts";

/** Who may call an endpoint: one role until accounts come. */
export type Role = "anybody" | "engineer";

/**
 * The project an endpoint belongs to: the one its path names, the one of the tag or sheet in its path; null for what
 * the whole organisation shares.
 */
export type Belongs = "in path" | "of tag" | "of sheet" | null;

/** An endpoint: its address, and what is sent to it and answered. */
export interface Endpoint<Body extends z.ZodType = z.ZodType, Answer extends z.ZodType = z.ZodType>
  extends Address {
  readonly says: string;
  readonly project: Belongs;
  readonly role: Role;
  readonly body?: Body;
  /** The body is large enough that reading it would keep others waiting: the handler has it read elsewhere. */
  readonly bodyAsSent?: true;
  /** Null where the answer is no JSON or nothing. */
  readonly answer: Answer | null;
  readonly status?: number;
  readonly mediaType?: string;
  readonly query?: Record<string, string>;
  /** Statuses besides success that carry a problem document. */
  readonly problems?: readonly number[];
}

export const endpoint = <const One extends Endpoint>(of: One): One => of;
