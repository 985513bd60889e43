import type { Problem as ProblemDocument } from "@proven-seat/contract";
import type { z } from "zod";

const titles: Record<number, string> = {
  400: "The request cannot be read",
  403: "Not allowed",
  404: "Not found",
  405: "Method not allowed",
  409: "Conflict with stored data",
  413: "Too large",
  415: "Not JSON",
  422: "Invalid input",
  429: "Too much at once",
  500: "The server failed",
  503: "The database cannot be reached",
};

const mostSaid = 600;
/** Some messages quote the request; a megabyte of it is cut. */
const short = (text: string) => (text.length > mostSaid ? `${text.slice(0, mostSaid)} …` : text);

type More = Partial<Pick<ProblemDocument, "errors" | "current" | "yours">>;

/** A failure with a sentence a person can act on; answered as RFC 9457. */
export class Problem extends Error {
  readonly status: number;
  readonly kind: string;
  readonly more: More;
  /** Seconds after which trying again makes sense. */
  readonly retryAfter: number | null;
  constructor(
    status: number,
    kind: string,
    detail: string,
    more: More = {},
    retryAfter: number | null = null,
  ) {
    super(detail);
    this.status = status;
    this.kind = kind;
    this.more = more;
    this.retryAfter = retryAfter;
  }

  toDocument(): ProblemDocument {
    const { errors, ...more } = this.more;
    return {
      type: `/problems/${this.kind}`,
      title: titles[this.status] ?? "Problem",
      status: this.status,
      detail: short(this.message),
      ...more,
      ...(errors
        ? { errors: errors.map(({ field, message }) => ({ field: short(field), message: short(message) })) }
        : {}),
    };
  }
}

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
