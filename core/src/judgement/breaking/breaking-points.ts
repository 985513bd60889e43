import type { Duty } from "../../duty/statement/duty.ts";
import { gravityOf, type Verdict } from "../rules/finding.ts";
import { flowRules } from "../rules/flow/flow-rules.ts";
import { rules } from "../rules/rules.ts";
import type { DutyValue } from "./duty-values.ts";
import { type CandidateInHand, verdictsIn } from "./judgement.ts";

/** A finding that turns. */
export interface Turn {
  readonly rule: string;
  readonly asks: string;
  readonly from: Verdict;
  readonly to: Verdict;
}

/** How far a value may move in one direction. */
export interface Reach {
  /** The last value at which every finding keeps its verdict. */
  readonly to: number;
  /** The findings that change just beyond it. */
  readonly turns: readonly Turn[];
}

/** How far one value may move in either direction; null where nothing changes within the range searched. */
export interface BreakingPoint {
  readonly path: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly down: Reach | null;
  readonly up: Reach | null;
  /** The same for the first finding that begins to fail. */
  readonly failsDown: Reach | null;
  readonly failsUp: Reach | null;
}

/**
 * Whether a finding turns. A question that is raised and holds at once, or is no longer raised and held
 * before, turns nothing.
 */
const turned = (from: Verdict, to: Verdict) => weightOf(from) !== weightOf(to);
const weightOf = (verdict: Verdict) => Math.max(1, gravityOf(verdict));

/** Steps of the outward search: finer near the value, because most limits lie there. */
const steps = 40;
/** Bisection ends at this share of the value, or of one unit where the value is smaller. */
const precision = 1e-7;

/** Whether a verdict of the rule at this index of `rules` counts as broken. */
type Broken = (verdict: Verdict, rule: number) => boolean;

/** Verdicts at one value, for rules given by their index in `rules`. */
interface Seen {
  readonly which: readonly number[];
  readonly verdicts: readonly Verdict[];
}

const everything = rules.map((_, i) => i);
const ofFlow = flowRules.map((rule) => rules.indexOf(rule));
const flowing = new Set(ofFlow);

/** One point of the outward search. At narrow points only the flow rules are examined. */
interface Place {
  readonly x: number;
  readonly narrow: boolean;
}

function outward(value: DutyValue, end: number): Place[] {
  const span = end - value.value;
  const between = (x: number) => (span > 0 ? x > value.value && x < end : x < value.value && x > end);
  const points = new Set([end, ...value.knots.filter(between)]);
  for (let i = 1; i < steps; i++) points.add(value.value + span * (i / steps) ** 2);
  const narrow = value.narrow.filter((x) => between(x) && !points.has(x));
  return [...points]
    .map((x) => ({ x, narrow: false }))
    .concat(narrow.map((x) => ({ x, narrow: true })))
    .sort((a, b) => Math.abs(a.x - value.value) - Math.abs(b.x - value.value));
}

/**
 * How far one value of a duty may move before any finding on the selected valve changes, which finding changes, and
 * where the first begins to fail.
 *
 * @param candidate valve, drive and house rules
 * @param duty the duty as it stands: bar g, °C
 * @param value one of `dutyValues`
 * @returns the reach both ways in the value's own unit, exact to a ten-millionth
 * @source search outward over the bends of every limit and a grid between them, of what flows a narrow one, then
 *   bisection
 */
export function breakingPoint(candidate: CandidateInHand, duty: Duty, value: DutyValue): BreakingPoint {
  const now = verdictsIn(candidate, value.at(duty, value.value));
  const differs: Broken = (verdict, i) => turned(now[i]!, verdict);
  const fails: Broken = (verdict, i) => verdict === "fails" && now[i] !== "fails";
  const look = (x: number, which: readonly number[]): Seen => ({
    which,
    verdicts: verdictsIn(candidate, value.at(duty, x), which),
  });
  const brokenIn = ({ which, verdicts }: Seen, broken: Broken): readonly number[] =>
    which.filter((i, k) => broken(verdicts[k]!, i));

  /**
   * Narrows the border between `inside` and the broken point. On the way only the rules broken outside are examined; at
   * the border all of them are.
   */
  const border = (
    inside: number,
    start: number,
    outside: { readonly x: number; readonly which: readonly number[] },
    broken: Broken,
  ): Reach => {
    let [from, to, among] = [start, outside.x, outside.which];
    while (true) {
      while (Math.abs(to - from) > precision * Math.max(1, Math.abs(to))) {
        const middle = (from + to) / 2;
        const still = brokenIn(look(middle, among), broken);
        if (still.length > 0) [to, among] = [middle, still];
        else from = middle;
      }
      // Another finding may turn sooner and back again.
      const sooner = from === inside ? [] : brokenIn(look(from, everything), broken);
      if (sooner.length === 0) break;
      [from, to, among] = [inside, from, sooner];
    }
    const beyond = look(to, everything).verdicts;
    const turns = rules.flatMap(({ id, asks }, i) =>
      turned(now[i]!, beyond[i]!) && broken(beyond[i]!, i)
        ? [{ rule: id, asks, from: now[i]!, to: beyond[i]! }]
        : [],
    );
    return { to: from, turns };
  };

  const towards = (end: number): [first: Reach | null, failing: Reach | null] => {
    if (end === value.value) return [null, null];
    let first: Reach | null = null;
    // The last points at which all rules, and the flow rules, were examined.
    let [inside, flows] = [value.value, value.value];
    for (const { x, narrow } of outward(value, end)) {
      const there = look(x, narrow ? ofFlow : everything);
      const reach = (broken: Broken): Reach | null => {
        const which = brokenIn(there, broken);
        if (which.length === 0) return null;
        const start = which.every((i) => flowing.has(i)) ? flows : inside;
        return border(inside, start, { x, which }, broken);
      };
      first ??= reach(differs);
      const failing = first && reach(fails);
      if (failing) return [first, failing];
      flows = x;
      if (!narrow) inside = x;
    }
    return [first, null];
  };

  const [up, failsUp] = towards(value.most);
  const [down, failsDown] = towards(value.least);
  return {
    path: value.path,
    value: value.value,
    least: value.least,
    most: value.most,
    down,
    up,
    failsDown,
    failsUp,
  };
}
