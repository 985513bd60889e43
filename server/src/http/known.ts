import type { Request, Response } from "express";

/**
 * Says which state an answer is of, and answers 304 where whoever asks has it already (RFC 9110, 13.1.2). True where
 * nothing more is to be sent.
 */
export function isKnown(request: Request, response: Response, state: string): boolean {
  response.set("Cache-Control", "private, no-cache").set("ETag", `"${state}"`);
  if (!request.fresh) return false;
  response.status(304).end();
  return true;
}
