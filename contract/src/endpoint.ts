import type { z } from "zod";
import type { Address } from "./addresses.ts";

/** Who may call an endpoint: one role until accounts exist. */
export type Role = "anybody" | "engineer";

/**
 * The project an endpoint belongs to: named by its path, or that of the tag or sheet in its path; null for data of the
 * whole organisation.
 */
export type Belongs = "in path" | "of tag" | "of sheet" | null;

/** An endpoint: its address, its request and its response. */
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
  /** Error statuses with a problem document. */
  readonly problems?: readonly number[];
}

export const endpoint = <const One extends Endpoint>(endpoint: One): One => endpoint;
