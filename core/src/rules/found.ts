import type { Finding, Outcome, RuleStation, Used } from "./finding.ts";

const none: readonly never[] = [];

/** What a finding takes over of the rule that made it. */
interface Ruling {
  readonly id: string;
  readonly asks: string;
  readonly source: string;
}

/**
 * An outcome, and once a rule has put its name to it, a finding. One object for both, for proofs make
 * thousands; its inputs are listed when somebody reads them.
 */
export class Found implements Finding {
  rule = "";
  station: RuleStation = "body";
  asks = "";
  source = "";
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

  constructor(verdict: Finding["verdict"], says: string, more: Partial<Outcome>) {
    this.verdict = verdict;
    this.value = more.value ?? null;
    this.limit = more.limit ?? null;
    this.sense = more.sense ?? "is";
    this.unit = more.unit ?? "";
    this.margin = more.margin ?? null;
    this.marginUnit = more.marginUnit ?? null;
    this.marginWanted = more.marginWanted ?? true;
    this.caseId = more.caseId ?? null;
    this.caseName = more.caseName ?? null;
    this.says = says;
    this.remedy = more.remedy ?? null;
    this.missing = more.missing ?? null;
    this.byCase = more.byCase ?? none;
    // What lists the inputs is handed on unread.
    this.#uses = more instanceof Found ? more.#uses : (more.uses ?? none);
  }

  get uses(): readonly Used[] {
    if (typeof this.#uses === "function") this.#uses = this.#uses();
    return this.#uses;
  }

  /** Puts the rule's name to it. */
  ruledBy({ id, asks, source }: Ruling): this {
    this.rule = id;
    this.station = id.slice(0, id.indexOf("/")) as RuleStation;
    this.asks = asks;
    this.source = source;
    return this;
  }

  toJSON(): Finding {
    return { ...this, uses: this.uses };
  }
}
