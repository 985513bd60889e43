import { Problem } from "./problem.ts";

const away = () =>
  new Problem(
    503,
    "database-away",
    "The database cannot be reached. Nothing was stored. Try again in a moment.",
    {},
    2,
  );
const meanwhile = () =>
  new Problem(
    409,
    "changed-meanwhile",
    "Another user changed or removed the same data at the same time. Nothing was stored. Reload and try again.",
  );
const busy = () =>
  new Problem(
    409,
    "busy",
    "Another user is changing the same data. Nothing was stored. Try again in a moment.",
    {},
    2,
  );
const unfit = () =>
  new Problem(422, "bad-input", "A text contains a character that cannot be stored. Nothing was stored.");

/** Answers to the states of PostgreSQL that a request can meet (PostgreSQL, appendix A). */
const byState: Readonly<Record<string, () => Problem>> = {
  // Ended by an administrator, crashed, starting or stopping.
  "57P01": away,
  "57P02": away,
  "57P03": away,
  "57P05": away,
  "25P03": away,
  "53300": away,
  "23503": meanwhile,
  "23505": meanwhile,
  "40001": meanwhile,
  "40P01": meanwhile,
  "55P03": busy,
  "57014": () =>
    new Problem(
      503,
      "too-slow",
      "The database exceeded its time limit. Nothing was stored. Try again, or ask for less at once.",
      {},
      10,
    ),
  "53100": () =>
    new Problem(
      503,
      "disk-full",
      "The disk of the database is full. Nothing was stored. Free disk space on the server.",
      {},
      60,
    ),
  // A text without a schema: a NUL ends a statement, which the protocol reports as a violation.
  "08P01": unfit,
  "22P05": unfit,
  "22021": unfit,
};

const lost = new Set(["ECONNREFUSED", "ECONNRESET", "EPIPE", "ETIMEDOUT", "ENOTFOUND"]);
/** The driver's message for a lost connection: it has no code. */
const lostSays =
  /Connection terminated|Connection ended unexpectedly|Transaction query already complete|Client has encountered a connection error|timeout exceeded when trying to connect|Unable to acquire a connection|Timeout acquiring a connection|client was closed|not queryable/i;

/** The problem a failure of the database is; null where the database did not fail. */
export function databaseProblem(error: unknown): Problem | null {
  const { code, name, message } = error as { code?: unknown; name?: string; message?: string };
  if (typeof code === "string") {
    if (Object.hasOwn(byState, code)) return byState[code]!();
    if (lost.has(code) || code.startsWith("08")) return away();
  }
  return name === "ConnectionException" || lostSays.test(message ?? "") ? away() : null;
}
