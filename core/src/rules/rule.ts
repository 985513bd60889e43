import type { Finding, Outcome, RuleStation, Used } from "./finding.ts";
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

/** A finding whose inputs are listed when somebody reads them. */
class Found implements Finding {
  readonly rule: string;
  readonly station: RuleStation;
  readonly asks: string;
  readonly source: string;
  readonly verdict: Finding["verdict"];
  readonly value: Finding["value"];
  readonly limit: Finding["limit"];
  readonly sense: Finding["sense"];
  readonly unit: Finding["unit"];
  readonly margin: Finding["margin"];
  readonly marginUnit: Finding["marginUnit"];
  readonly marginWanted: boolean;
  readonly caseId: string | null;
  readonly caseName: string | null;
  readonly says: string;
  readonly remedy: string | null;
  readonly missing: string | null;
  readonly byCase: Finding["byCase"];
  #uses: Outcome["uses"];

  constructor(of: Rule, outcome: Outcome) {
    this.rule = of.id;
    this.station = of.id.slice(0, of.id.indexOf("/")) as RuleStation;
    this.asks = of.asks;
    this.source = of.source;
    this.verdict = outcome.verdict;
    this.value = outcome.value;
    this.limit = outcome.limit;
    this.sense = outcome.sense;
    this.unit = outcome.unit;
    this.margin = outcome.margin;
    this.marginUnit = outcome.marginUnit;
    this.marginWanted = outcome.marginWanted;
    this.caseId = outcome.caseId;
    this.caseName = outcome.caseName;
    this.says = outcome.says;
    this.remedy = outcome.remedy;
    this.missing = outcome.missing;
    this.byCase = outcome.byCase;
    this.#uses = outcome.uses;
  }

  get uses(): readonly Used[] {
    if (typeof this.#uses === "function") this.#uses = this.#uses();
    return this.#uses;
  }

  toJSON(): Finding {
    return { ...this, uses: this.uses };
  }
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
  if (outcome.verdict !== "not asked" || outcome.byCase.length > 0) return new Found(of, outcome);
  let known = unraised.get(of);
  if (!known) {
    known = new Map();
    unraised.set(of, known);
  }
  let finding = known.get(outcome.says);
  if (!finding) {
    finding = new Found(of, outcome);
    known.set(outcome.says, finding);
  }
  return finding;
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
