import { type Endpoint, endpoints } from "@proven-seat/contract";
import type { ErrorRequestHandler, RequestHandler } from "express";
import { JobNotDone, type JobTrouble } from "../jobs/jobs.ts";
import { NoSuchPage } from "../store/page.ts";
import { Refusal, type RefusalKind } from "../work/refusal.ts";
import { databaseProblem } from "./database-problem.ts";
import { Problem } from "./problem.ts";

/** Which status each refusal of a use case is answered with. */
const statuses: Record<RefusalKind, number> = {
  "not-there": 404,
  stale: 409,
  "stale-catalogue": 409,
  "stale-house-rules": 409,
  "stale-basis": 409,
  "number-taken": 409,
  "name-taken": 409,
  "has-sheets": 409,
  "has-jobs": 409,
  "other-work": 409,
  "too-much-work": 422,
  "no-picture": 422,
  unchanged: 409,
  "no-such-basis": 422,
  "invalid-catalogue": 422,
  "same-catalogue": 409,
  "tags-exist": 409,
  "nothing-chosen": 422,
  "choice-gone": 422,
  "override-needs-reason": 422,
};

const troubles: Record<Exclude<JobTrouble, "gone">, () => Problem> = {
  "queue-full": () =>
    new Problem(
      429,
      "busy-server",
      "The server is busy with other proofs and documents. Nothing was stored. Try again in a moment.",
      {},
      5,
    ),
  "too-long": () =>
    new Problem(
      422,
      "too-long",
      "The request exceeded the time limit and was stopped. Ask for fewer candidates, cases or product lines.",
    ),
  "too-large": () =>
    new Problem(
      422,
      "too-large",
      "The request exceeded the memory limit. Ask for fewer candidates, cases or product lines.",
    ),
};

function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof JobNotDone && error.trouble !== "gone") return troubles[error.trouble]();
  if (error instanceof NoSuchPage)
    return new Problem(422, "bad-input", error.message, {
      errors: [{ field: "after", message: error.message }],
    });
  if (error instanceof Refusal)
    return new Problem(statuses[error.kind], error.kind, error.message, error.more);
  const { type, status } = error as { type?: string; status?: number };
  if (type === "entity.too.large")
    return new Problem(413, "too-large", "The request exceeds 25 MB. Split the list and send the parts.");
  if (type === "entity.parse.failed")
    return new Problem(400, "not-json", "The request body is not JSON. Nothing was stored.");
  if (type === "encoding.unsupported" || type === "charset.unsupported")
    return new Problem(415, "not-json", "Send JSON in UTF-8.");
  if (status === 400) return new Problem(400, "unreadable", "The request cannot be read.");
  const database = databaseProblem(error);
  if (database !== null) return database;
  return new Problem(
    500,
    "failed",
    "The server failed. No partial data were stored. See the log of the server.",
  );
}

/** Methods of each address, from the contract. */
const known = Object.values(endpoints as Record<string, Endpoint>).map(({ method, path }) => ({
  method: method.toUpperCase(),
  path: new RegExp(`^${path.replaceAll(".", "\\.").replace(/\{\w+\}/g, "[^/]+")}$`),
}));

/** Long enough for any address there is, and no longer. */
const shown = (text: string) => (text.length > 300 ? `${text.slice(0, 300)} …` : text);

/** A known address asked in a way it does not know. */
export const methodNotAllowed: RequestHandler = (request, response, next) => {
  const [path] = request.originalUrl.split("?") as [string];
  const methods = known.filter((route) => route.path.test(path)).map(({ method }) => method);
  if (methods.length === 0 || methods.includes(request.method)) return next();
  response.set("Allow", methods.flatMap((m) => (m === "GET" ? ["GET", "HEAD"] : [m])).join(", "));
  next(
    new Problem(
      405,
      "not-this-way",
      `${shown(path)} does not support ${request.method}. Use ${methods.join(" or ")}.`,
    ),
  );
};

export const unknownAddress: RequestHandler = (request, _response, next) => {
  next(
    new Problem(
      404,
      "no-such-address",
      `${request.method} ${shown(request.originalUrl)} does not exist. See /api/openapi.json for all endpoints.`,
    ),
  );
};

/** Where it failed, without the data: messages of databases and schemas contain the values themselves. */
function placeOf(error: unknown): { name: string; code: string | null; at: string[] } {
  const { name, code, stack } = error as { name?: string; code?: string; stack?: string };
  const frames = (stack ?? "").split("\n").filter((line) => /^\s+at /.test(line));
  return { name: name ?? "Error", code: code ?? null, at: frames.slice(0, 6).map((line) => line.trim()) };
}

export const answerProblems: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) return next(error);
  if (error instanceof JobNotDone && error.trouble === "gone") return response.destroy();
  const problem = problemOf(error);
  if (problem.status >= 500)
    request.log?.error({ problem: problem.kind, ...placeOf(error) }, "request failed");
  if (problem.retryAfter !== null) response.set("Retry-After", String(problem.retryAfter));
  response.status(problem.status).type("application/problem+json").send(JSON.stringify(problem.toDocument()));
};
