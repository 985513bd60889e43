import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { Unit } from "../../../basis/units/unit.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { FlowOfCase } from "../../../mechanics/flow/assess.ts";
import { flowOf, type ValveFlow } from "../../../mechanics/flow/picked.ts";
import type { Comparison } from "../compare.ts";
import { inHand } from "../compare.ts";
import { type CaseResult, gravityOf, type Used } from "../finding.ts";
import { used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { type Rule, rule, type TightWeight } from "../rule.ts";
import { boilsUnknown } from "./boils.ts";

/** What a rule measures of a case in the trim taken. */
export interface Measured extends Comparison {
  readonly uses?: readonly Used[];
  /** Where value and limit alone do not decide. */
  readonly decides?: string;
}

interface FlowRuleDefinition {
  readonly id: `flow/${string}`;
  readonly asks: string;
  readonly source: string;
  readonly inputs: readonly string[];
  readonly tight?: TightWeight;
  /** What of the candidate decides besides its size. */
  readonly hangsOn?: Rule["hangsOn"];
  readonly sense?: "≤" | "≥";
  readonly unit: Unit;
  /** Asked of valves that throttle, of those that stand open, or of both. */
  readonly of: "throttling" | "open" | "both";
  /** Why this duty does not raise it besides. */
  readonly unraised?: (duty: SettledDuty, house: HouseRules) => string | null;
  /** Null where the case does not raise it. */
  readonly measure: (
    c: FlowOfCase,
    flow: ValveFlow,
    judged: Judged,
  ) => Measured | { readonly missing: string } | null;
  /** Of liquids or gases alone; a case of the other is not waited for. */
  readonly fluid?: "liquid" | "gas" | "two-phase";
  /** Asks when the liquid boils: where nobody says, it waits, or is not asked of a valve that takes next to nothing. */
  readonly ofBoiling?: true;
  /** What is said where no case raises it. */
  readonly otherwise: string;
  readonly says: Readonly<Record<"holds" | "tight" | "fails", string>>;
  readonly remedy: string;
}

/** No case says what flows. */
const nothingFlows = ({ stated }: SettledDuty): boolean => stated.cases.every(({ rate }) => !rate);

/**
 * Why flow is not asked of a duty.
 *
 * @param duty settled duty
 * @param of what the rule is asked of
 * @returns the reason; null where it is asked. A valve that throttles is asked whether or not somebody states a flow
 */
export function noFlow(duty: SettledDuty, of: FlowRuleDefinition["of"]): string | null {
  const throttles = duty.function.has("throttling");
  if (of === "throttling" && !throttles) return "The valve does not throttle.";
  if (of === "open" && throttles) return "The valve throttles. See the finding on travel.";
  return !throttles && nothingFlows(duty) ? "No case states a flow." : null;
}

/**
 * The trim a flow is reckoned with, as inputs of a finding.
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

/** Whether a margin says what the verdict says: a share of an upper limit that alone decides. */
const told = ({ margin, verdict, value, limit, sense }: Measured, usual: "≤" | "≥"): boolean =>
  margin !== null && limit !== null && (sense ?? usual) === "≤" && (verdict === "fails") === value > limit;

const gases: ReadonlySet<string> = new Set(["gas", "steam"]);
/** A case nobody says the phase of may be either. */
const concerns = (fluid: FlowRuleDefinition["fluid"], phase: string | null): boolean => {
  if (fluid === undefined || phase === null) return true;
  if (fluid === "two-phase" || phase === "two-phase") return fluid === phase;
  return gases.has(phase) === (fluid === "gas");
};

/** How far a case is from its limit: its margin, or where a share says nothing the distance itself. */
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
 * Declares a rule that measures every case that flows in the trim the valve takes, and goes by the worst.
 *
 * @param of id, question, what is measured of a case, sentences
 * @returns the rule; *cannot tell* where a case flows of which something is missing, unless another fails already
 */
export function flowRule(of: FlowRuleDefinition): Rule {
  const { id, asks, source, inputs, tight, unit, sense = "≤", measure, says } = of;
  const examine = (judged: Judged): Outcome => {
    const flow = flowOf(judged.valve, judged.duty, judged.house);
    const waiting: CaseResult[] = [];
    const gaps: { readonly missing: string; readonly caseName: string }[] = flow.streams.flatMap((s) =>
      s.missing === null || !concerns(of.fluid, s.phase)
        ? []
        : [{ missing: s.missing, caseName: s.caseName }],
    );
    const tried = flow.cases.flatMap((c) => {
      if (of.fluid !== undefined && c.stream.kind !== of.fluid) return [];
      const unknown = of.ofBoiling ? boilsUnknown(c, flow, judged.house) : undefined;
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
    if (worst === null) return notAsked(of.otherwise, byCase);
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
        remedy: verdict === "holds" ? null : of.remedy,
        decides: m.decides ?? null,
        byCase,
        uses: () => [...(m.uses ?? []), ...flowUses(flow, c)],
      },
      told(m, sense) ? inHand(m, "%", (m.wants ?? 0) > 0) : null,
    );
  };
  return rule({
    id,
    asks,
    source,
    inputs,
    hangsOn: ["size", ...(of.hangsOn ?? [])],
    ...(tight && { tight }),
    unraised: (duty, house) => noFlow(duty, of.of) ?? of.unraised?.(duty, house) ?? null,
    examine,
  });
}
