import type { Request, Response } from "express";

/**
 * Sets the version of an answer, and answers 304 where the client has it (RFC 9110, 13.1.2). True where nothing more is
 * sent.
 */
export function isKnown(request: Request, response: Response, state: string): boolean {
  response.set("Cache-Control", "private, no-cache").set("ETag", `"${state}"`);
  if (!request.fresh) return false;
  response.status(304).end();
  return true;
}
