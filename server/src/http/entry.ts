import { timingSafeEqual } from "node:crypto";
import type { RequestHandler } from "express";
import { Problem } from "./problem.ts";

/** Hosts and callers that the server accepts. */
export interface Entry {
  /** Host names besides those of loopback. */
  readonly hosts: readonly string[];
  /** Secret that a proxy must send; null on loopback, without a proxy. */
  readonly proxySecret: string | null;
}

/** Whether a host is this machine only: the one place that decides it, also for `./start`. */
export const isLoopback = (host: string): boolean =>
  host === "localhost" || host === "::1" || host === "[::1]" || /^127(\.\d{1,3}){3}$/.test(host);

const secretHeader = "x-proven-seat-proxy";

/** The name of a host without its port, as browsers write it. */
const nameOf = (host: string) => host.replace(/:\d+$/, "").toLowerCase();

const same = (supplied: string, wanted: string) => {
  const [a, b] = [Buffer.from(supplied), Buffer.from(wanted)];
  return a.length === b.length && timingSafeEqual(a, b);
};

const refused = (kind: string, says: string) => new Problem(403, kind, says);

/** The host of an origin; null where it has none, such as that of a sandboxed frame. */
function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host || null : null;
}

/**
 * Accepts only requests meant for this server. Another site's page may point its own name at this machine (DNS
 * rebinding), or send a write without asking (cross-site request): the first has another host, the second another
 * origin.
 */
export function entry({ hosts, proxySecret }: Entry): RequestHandler {
  const known = new Set(hosts.map((host) => host.toLowerCase()));
  return (request, _response, next) => {
    const host = request.headers.host ?? "";
    if (proxySecret !== null && !same(String(request.headers[secretHeader] ?? ""), proxySecret))
      return next(refused("not-from-the-proxy", "This server accepts requests through its proxy only."));
    if (!isLoopback(nameOf(host)) && !known.has(nameOf(host)))
      return next(
        refused(
          "wrong-host",
          "This server does not accept this host name. Use its own address. Behind a proxy, list other names in ALLOWED_HOSTS.",
        ),
      );
    if (request.method === "GET" || request.method === "HEAD" || request.method === "OPTIONS") return next();
    const site = request.headers["sec-fetch-site"];
    const { origin } = request.headers;
    const elsewhere =
      (site !== undefined && site !== "same-origin" && site !== "none") ||
      (origin !== undefined && hostOf(origin) !== host.toLowerCase());
    if (elsewhere)
      return next(
        refused("from-another-site", "Requests from other sites cannot change data. Nothing was stored."),
      );
    next();
  };
}

/** Names of a comma-separated list. */
export const hostsIn = (list: string | undefined): string[] =>
  (list ?? "")
    .split(",")
    .map((host) => host.trim())
    .filter((host) => host !== "");
