import type { Problem as ProblemDocument } from "@proven-seat/contract";

/** Kinds of refusal; the HTTP layer maps each to a status. */
export type RefusalKind =
  | "not-there"
  | "stale"
  | "stale-catalogue"
  | "stale-house-rules"
  | "stale-basis"
  | "number-taken"
  | "name-taken"
  | "has-sheets"
  | "has-jobs"
  | "other-work"
  | "too-much-work"
  | "no-picture"
  | "unchanged"
  | "no-such-basis"
  | "invalid-catalogue"
  | "same-catalogue"
  | "tags-exist"
  | "nothing-chosen"
  | "choice-gone"
  | "override-needs-reason";

type More = Partial<Pick<ProblemDocument, "errors" | "current" | "yours">>;

/** A use case refused, with a sentence a person can act on. */
export class Refusal extends Error {
  readonly kind: RefusalKind;
  readonly more: More;
  constructor(kind: RefusalKind, says: string, more: More = {}) {
    super(says);
    this.kind = kind;
    this.more = more;
  }
}

export const notFound = (what: string) =>
  new Refusal("not-there", `The ${what} does not exist. It may have been removed. Go back to the line-up.`);
