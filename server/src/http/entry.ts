import { timingSafeEqual } from "node:crypto";
import type { RequestHandler } from "express";
import { Problem } from "./problem.ts";

/** Who the server speaks to. */
export interface Entry {
  /** Names it may be asked for by, besides those of loopback. */
  readonly hosts: readonly string[];
  /** What a proxy in front has to send; null on loopback, where there is none. */
  readonly proxySecret: string | null;
}

/** Whether a host is this machine and nobody else: the one place that says so, also for `./start`. */
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

/** The host an origin names; null where it names none, such as that of a sandboxed frame. */
function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host || null : null;
}

/**
 * Lets in only what is meant for this server. A page of another site may have its own name lead to this machine
 * (DNS rebinding), or send a write without asking (cross-site request): the first names another host, the second
 * another origin.
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
