import { pageLimits } from "@proven-seat/contract";
import type { Request, Response } from "express";
import { z } from "zod";
import type { Page, PageAsked } from "../store/page.ts";
import { badInput } from "./problem.ts";

const asked = z.object({
  limit: z.coerce
    .number()
    .int()
    .min(1, "A page needs at least one item.")
    .max(pageLimits.most, `A page can have at most ${pageLimits.most} items. Follow its Link header.`)
    .default(pageLimits.usual),
  after: z
    .string()
    .min(1)
    .max(200)
    .regex(/^[^\0]*$/, "Take the cursor from the Link header of the previous page.")
    .nullable()
    .default(null),
});

/** The page a request asks for. */
export function pageAsked(query: Record<string, unknown>): PageAsked {
  const parsed = asked.safeParse({ limit: query.limit, after: query.after });
  if (!parsed.success) throw badInput(parsed.error);
  return parsed.data;
}

/** Adds the link to the next page (RFC 8288), and returns the items of this one. */
export function sendPage<Item>(
  request: Request,
  response: Response,
  { limit }: PageAsked,
  { items, next }: Page<Item>,
): readonly Item[] {
  if (next !== null) {
    const query = new URLSearchParams({ limit: String(limit), after: next });
    response.set("Link", `<${request.path}?${query}>; rel="next"`);
  }
  return items;
}
