import type { RequestHandler } from "express";
import { rateLimit } from "express-rate-limit";
import { Problem } from "./problem.ts";

const windowMs = 10_000;

/** Requests of one address in ten seconds, far above what users, scripts and autosave send; 0 sets no limit. */
export function rateOf(maximum: number): RequestHandler {
  if (maximum === 0) return (_request, _response, next) => next();
  return rateLimit({
    windowMs,
    limit: maximum,
    standardHeaders: "draft-8",
    legacyHeaders: false,
    handler: (_request, _response, next) =>
      next(
        new Problem(
          429,
          "too-many-requests",
          `More than ${maximum} requests in ${windowMs / 1000} seconds. Nothing was stored. Send requests more slowly.`,
          {},
          windowMs / 1000,
        ),
      ),
  });
}
