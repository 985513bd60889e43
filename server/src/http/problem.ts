import type { Problem as ProblemDocument } from "@proven-seat/contract";
import type { ErrorRequestHandler, RequestHandler } from "express";
import type { z } from "zod";
import { NoSuchPage } from "../store/page.ts";
import { Refusal, type RefusalKind } from "../work/refusal.ts";

const titles: Record<number, string> = {
  400: "The request cannot be read",
  404: "Not there",
  405: "Not done this way",
  409: "In conflict with what is stored",
  413: "Too large",
  415: "Not JSON",
  422: "The input needs correcting",
  500: "The server failed",
  503: "The database cannot be reached",
};

type More = Partial<Pick<ProblemDocument, "errors" | "current" | "yours">>;

/** A failure with a sentence a person can act on; answered as RFC 9457. */
export class Problem extends Error {
  readonly status: number;
  readonly kind: string;
  readonly more: More;
  constructor(status: number, kind: string, detail: string, more: More = {}) {
    super(detail);
    this.status = status;
    this.kind = kind;
    this.more = more;
  }

  toDocument(): ProblemDocument {
    return {
      type: `/problems/${this.kind}`,
      title: titles[this.status] ?? "Problem",
      status: this.status,
      detail: this.message,
      ...this.more,
    };
  }
}

/** Which status each refusal of a use case is answered with. */
const statuses: Record<RefusalKind, number> = {
  "not-there": 404,
  stale: 409,
  "stale-catalogue": 409,
  "stale-house-rules": 409,
  "stale-basis": 409,
  "number-taken": 409,
  "has-sheets": 409,
  "invalid-catalogue": 422,
  "same-catalogue": 409,
  "tags-exist": 409,
  "nothing-chosen": 422,
  "choice-gone": 422,
  "override-needs-reason": 422,
};

/** Every fault of an input at its place. */
export function badInput(error: z.ZodError): Problem {
  const errors = error.issues.slice(0, 100).map((issue) => ({
    field: [...issue.path, ...(issue.code === "unrecognized_keys" ? issue.keys : [])].join("."),
    message: issue.message,
  }));
  const first = errors[0]!;
  const more = error.issues.length > 1 ? ` There are ${error.issues.length} faults in all.` : "";
  return new Problem(
    422,
    "bad-input",
    `${first.field ? `${first.field}: ` : ""}${first.message}${more} Nothing was stored.`,
    { errors },
  );
}

function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof NoSuchPage)
    return new Problem(422, "bad-input", error.message, {
      errors: [{ field: "after", message: error.message }],
    });
  if (error instanceof Refusal)
    return new Problem(statuses[error.kind], error.kind, error.message, error.more);
  const { type, code, status } = error as { type?: string; code?: string; status?: number };
  if (type === "entity.too.large")
    return new Problem(
      413,
      "too-large",
      "The request is larger than 25 MB. Split the list and send the parts.",
    );
  if (type === "entity.parse.failed")
    return new Problem(400, "not-json", "The request body is not JSON. Nothing was stored.");
  if (type === "encoding.unsupported" || type === "charset.unsupported")
    return new Problem(415, "not-json", "Send JSON in UTF-8.");
  // A null sign in a text no schema looks into, such as a name in a catalogue.
  if (code === "22P05" || code === "22021")
    return new Problem(
      422,
      "bad-input",
      "A text holds a null sign, which cannot be stored. Nothing was stored.",
    );
  if (status === 400) return new Problem(400, "unreadable", "The request cannot be read.");
  if (
    code === "ECONNREFUSED" ||
    code === "57P01" ||
    code === "57P03" ||
    (error as Error).name === "ConnectionException"
  ) {
    return new Problem(
      503,
      "database-away",
      "The database cannot be reached. Nothing was stored; try again in a moment.",
    );
  }
  return new Problem(
    500,
    "failed",
    "The server failed at this. Nothing was stored half; the failure is in the server's log.",
  );
}

export const unknownAddress: RequestHandler = (request, _response, next) => {
  next(
    new Problem(
      404,
      "no-such-address",
      `There is nothing at ${request.method} ${request.path}. /api/openapi.json lists what there is.`,
    ),
  );
};

export const answerProblems: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) return next(error);
  const problem = problemOf(error);
  if (problem.status >= 500) request.log?.error({ err: error }, "request failed");
  response.status(problem.status).type("application/problem+json").send(JSON.stringify(problem.toDocument()));
};
