import type { Finding, Outcome, RuleStation } from "./finding.ts";
import { Found } from "./found.ts";
import type { HangsOn } from "./hangs-on.ts";
import type { Judged } from "./judged.ts";

/** One judgement: its question, its source and how it is examined. */
export interface Rule {
  readonly id: `${RuleStation}/${string}`;
  readonly asks: string;
  readonly source: string;
  /** Inputs it looks at, for the generated page. */
  readonly inputs: readonly string[];
  /** What of the candidate decides: candidates alike in it share the finding. */
  readonly hangsOn: HangsOn;
  readonly examine: (judged: Judged) => Outcome;
}

/**
 * Declares a rule; it only keeps the types together.
 *
 * @param definition id, question, source, inputs, what it hangs on and examination
 * @returns the same definition
 * @throws never
 * @source none: declaration only
 * @example rule({ id: "body/x", asks: "", source: "", inputs: [], hangsOn: "body", examine }).id // → "body/x"
 */
export function rule(definition: Rule): Rule {
  return definition;
}

/** Questions a duty does not raise are the same finding on every candidate. */
const unraised = new WeakMap<Rule, Map<string, Finding>>();

/**
 * Joins a rule's metadata with what examining it gave.
 *
 * @param of the rule
 * @param outcome what `examine` returned
 * @returns the finding as proofs carry it
 * @throws never
 * @source none: a change of shape only
 * @example findingOf(someRule, holdsPlain("fits")).verdict
 */
export function findingOf(of: Rule, outcome: Outcome): Finding {
  if (outcome.verdict !== "not asked" || outcome.byCase.length > 0) return ruled(of, outcome);
  let known = unraised.get(of);
  if (!known) {
    known = new Map();
    unraised.set(of, known);
  }
  let finding = known.get(outcome.says);
  if (!finding) {
    finding = copied(outcome).ruledBy(of);
    known.set(outcome.says, finding);
  }
  return finding;
}

const copied = (outcome: Outcome) => new Found(outcome.verdict, outcome.says, outcome);

/** An outcome nobody else has taken becomes the finding itself; proofs make thousands. */
function ruled(of: Rule, outcome: Outcome): Finding {
  if (outcome instanceof Found && outcome.rule === "") return outcome.ruledBy(of);
  return copied(outcome).ruledBy(of);
}

/**
 * A finding as plain data, with its inputs listed, fit to be stored or handed to another thread.
 *
 * @param finding a finding of a proof
 * @returns the same as a plain object
 * @throws never
 * @source none: a change of shape only
 * @example plainFinding(candidate.findings[0]).uses.length
 */
export function plainFinding(finding: Finding): Finding {
  return { ...finding, uses: finding.uses };
}
