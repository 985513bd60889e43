import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { Unit } from "../../../basis/units/unit.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { FlowOfCase } from "../../../mechanics/flow/assess.ts";
import { flowOf, type ValveFlow } from "../../../mechanics/flow/picked.ts";
import type { Comparison } from "../compare.ts";
import { inMargin } from "../compare.ts";
import { type CaseResult, gravityOf, type Used } from "../finding.ts";
import { used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { type Rule, rule, type TightWeight } from "../rule.ts";
import { boilsUnknown } from "./boils.ts";

/** What a rule measures in a case with the selected trim. */
export interface Measured extends Comparison {
  readonly uses?: readonly Used[];
  /** Decides where value and limit alone do not. */
  readonly decides?: string;
}

interface FlowRuleDefinition {
  readonly id: `flow/${string}`;
  readonly asks: string;
  readonly source: string;
  readonly inputs: readonly string[];
  readonly tight?: TightWeight;
  /** Parts of the candidate it depends on besides the size. */
  readonly dependsOn?: Rule["dependsOn"];
  readonly sense?: "≤" | "≥";
  readonly unit: Unit;
  /** Applies to throttling valves, to open ones, or to both. */
  readonly appliesTo: "throttling" | "open" | "both";
  /** A further reason why this duty does not raise it. */
  readonly notApplicableBecause?: (duty: SettledDuty, house: HouseRules) => string | null;
  /** Null where the case does not raise it. */
  readonly measure: (
    c: FlowOfCase,
    flow: ValveFlow,
    judged: Judged,
  ) => Measured | { readonly missing: string } | null;
  /** For liquids or gases only; a case of the other phase is skipped. */
  readonly fluid?: "liquid" | "gas" | "two-phase";
  /**
   * Needs the boiling point: if it is not stated the rule waits, or does not apply to a valve with almost no pressure
   * drop.
   */
  readonly ofBoiling?: true;
  /** The finding where no case raises the question. */
  readonly otherwise: string;
  readonly says: Readonly<Record<"holds" | "tight" | "fails", string>>;
  readonly remedy: string;
}

/** No case states a flow. */
const nothingFlows = ({ stated }: SettledDuty): boolean => stated.cases.every(({ rate }) => !rate);

/**
 * Why flow is not asked of a duty.
 *
 * @param duty settled duty
 * @param appliesTo valves the rule applies to
 * @returns the reason; null where it applies. A throttling valve is asked whether or not a flow is stated
 */
export function noFlow(duty: SettledDuty, appliesTo: FlowRuleDefinition["appliesTo"]): string | null {
  const throttles = duty.function.has("throttling");
  if (appliesTo === "throttling" && !throttles) return "The valve does not throttle.";
  if (appliesTo === "open" && throttles) return "The valve throttles. See the finding on travel.";
  return !throttles && nothingFlows(duty) ? "No case states a flow." : null;
}

/**
 * The trim used for the flow, as inputs of a finding.
 *
 * @param flow trim and cases
 * @param c the case
 * @returns trim, opening and figures of the stream, with their origin
 */
function flowUses({ trim }: Pick<ValveFlow, "trim">, c: FlowOfCase): Used[] {
  return [
    used("trim", trim.trim.name, trim.typical ? "estimate" : "catalogue"),
    used("rated Kv", trim.kv, trim.typical ? "estimate" : "catalogue", "Kv"),
    used("opening", c.figures.openingPercent, "computed", "%"),
    ...c.stream.figures.map(({ what, value, unit, origin }) => used(what, value, origin, unit)),
  ];
}

/** Whether a margin tells the same as the verdict: the share of an upper limit that decides alone. */
const comparisonText = ({ margin, verdict, value, limit, sense }: Measured, usual: "≤" | "≥"): boolean =>
  margin !== null && limit !== null && (sense ?? usual) === "≤" && (verdict === "fails") === value > limit;

const gases: ReadonlySet<string> = new Set(["gas", "steam"]);
/** A case without a stated phase may be either. */
const concerns = (fluid: FlowRuleDefinition["fluid"], phase: string | null): boolean => {
  if (fluid === undefined || phase === null) return true;
  if (fluid === "two-phase" || phase === "two-phase") return fluid === phase;
  return gases.has(phase) === (fluid === "gas");
};

/** Distance of a case from its limit: its margin, or the plain difference where a share means nothing. */
const leftOf = ({ margin, value, limit, sense }: Measured, usual: "≤" | "≥"): number => {
  if (margin !== null) return margin;
  if (limit === null) return Number.POSITIVE_INFINITY;
  return (sense ?? usual) === "≤" ? limit - value : value - limit;
};

const worseOf =
  (usual: "≤" | "≥") =>
  <T extends { readonly measured: Measured }>(a: T, b: T): T => {
    const [x, y] = [a.measured, b.measured];
    if (x.verdict !== y.verdict) return gravityOf(y.verdict) > gravityOf(x.verdict) ? b : a;
    return leftOf(y, usual) < leftOf(x, usual) ? b : a;
  };

/**
 * Declares a rule that measures every flowing case with the selected trim and takes the worst.
 *
 * @param definition id, question, the measure of a case, sentences
 * @returns the rule; *cannot tell* where a case flows of which something is missing, unless another fails already
 */
export function flowRule(definition: FlowRuleDefinition): Rule {
  const { id, asks, source, inputs, tight, unit, sense = "≤", measure, says } = definition;
  const examine = (judged: Judged): Outcome => {
    const flow = flowOf(judged.valve, judged.duty, judged.house);
    const waiting: CaseResult[] = [];
    const gaps: { readonly missing: string; readonly caseName: string }[] = flow.streams.flatMap((s) =>
      s.missing === null || !concerns(definition.fluid, s.phase)
        ? []
        : [{ missing: s.missing, caseName: s.caseName }],
    );
    const tried = flow.cases.flatMap((c) => {
      if (definition.fluid !== undefined && c.stream.kind !== definition.fluid) return [];
      const unknown = definition.ofBoiling ? boilsUnknown(c, flow, judged.house) : undefined;
      const measured = unknown === undefined ? measure(c, flow, judged) : unknown;
      if (measured === null) return [];
      if (!("missing" in measured)) return [{ c, measured }];
      gaps.push({ missing: measured.missing, caseName: c.caseName });
      waiting.push({ caseId: c.caseId, value: null, limit: null, margin: null, verdict: "cannot tell" });
      return [];
    });
    const [waits] = gaps;
    const worst = tried.length === 0 ? null : tried.reduce(worseOf(sense));
    const byCase = [
      ...tried.map(
        ({ c, measured: m }): CaseResult => ({
          caseId: c.caseId,
          value: m.value,
          limit: m.limit,
          margin: m.margin,
          verdict: m.verdict,
        }),
      ),
      ...waiting,
    ];
    if (waits && worst?.measured.verdict !== "fails")
      return cannotTell(`${waits.missing}, ${waits.caseName}`, { byCase });
    if (flow.throttles && flow.cases.length === 0) return cannotTell("flow of a case");
    if (worst === null) return notAsked(definition.otherwise, byCase);
    const { c, measured: m } = worst;
    const { verdict } = m;
    return plain(
      verdict,
      says[verdict],
      {
        value: m.value,
        limit: m.limit,
        sense: m.sense ?? sense,
        unit,
        caseId: c.caseId,
        caseName: c.caseName,
        remedy: verdict === "holds" ? null : definition.remedy,
        decides: m.decides ?? null,
        byCase,
        uses: () => [...(m.uses ?? []), ...flowUses(flow, c)],
      },
      comparisonText(m, sense) ? inMargin(m, "%", (m.wants ?? 0) > 0) : null,
    );
  };
  return rule({
    id,
    asks,
    source,
    inputs,
    dependsOn: ["size", "flow", ...(definition.dependsOn ?? [])],
    ...(tight && { tight }),
    notApplicableBecause: (duty, house) =>
      noFlow(duty, definition.appliesTo) ?? definition.notApplicableBecause?.(duty, house) ?? null,
    examine,
  });
}
