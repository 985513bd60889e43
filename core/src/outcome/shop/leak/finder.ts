import type { Assembly } from "../../../construction/bodies/assembly/model.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Cause, LeakPlace } from "./causes.ts";
import type { Check } from "./check.ts";
import { checks } from "./checks.ts";

/** What was looked at, and what was seen. */
export interface Observation {
  readonly check: string;
  readonly answer: string;
}

/** A cause with what is thought of it now. */
export interface Ranked extends Cause {
  readonly probability: number;
}

/** One answer with what it did to every cause. */
export interface Reasoned extends Observation {
  readonly asks: string;
  readonly before: Readonly<Record<string, number>>;
  readonly after: Readonly<Record<string, number>>;
  /** How likely the answer was, with what was known: little, and something else is wrong. */
  readonly chance: number;
}

/** A check that is still open, with what it is expected to tell. */
export interface Proposed {
  readonly check: Check;
  /** Bits of what is not known that it is expected to settle. */
  readonly expectedBits: number;
  /** Bits for what it takes: by it the checks are ranked. */
  readonly worth: number;
}

export interface Trace {
  readonly ranked: readonly Ranked[];
  readonly reasoning: readonly Reasoned[];
  readonly proposed: readonly Proposed[];
  /** Answers that fit nothing that is thought of, as sentences. */
  readonly contradictions: readonly string[];
}

/** An answer less likely than this, whatever is wrong, fits nothing. */
const fitsNothing = 0.04;
/** Minutes that risk is worth, by its step. */
const riskMin = [0, 10, 30, 90] as const;
/** What every check takes, be it a glance. */
const leastMin = 5;

const chanceOf = ({ chances, otherwise }: Check, { kind }: Cause, answer: number): number =>
  (chances[kind] ?? otherwise)[answer]!;

const bits = (probabilities: readonly number[]): number =>
  probabilities.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);

/** What is thought after an answer; the chance of the answer itself beside it. */
function updated(causes: readonly Cause[], thought: readonly number[], check: Check, answer: number) {
  const joint = causes.map((cause, i) => thought[i]! * chanceOf(check, cause, answer));
  const chance = joint.reduce((sum, p) => sum + p, 0);
  // Where no cause lets it be seen, nothing is learnt from it.
  return { chance, after: chance > 0 ? joint.map((p) => p / chance) : thought };
}

/**
 * What a check is expected to tell.
 *
 * @param causes what may be wrong
 * @param thought of each, summing to one
 * @param check the check
 * @returns bits: what is not known now less what is expected to be left
 * @source expected information of an observation (Shannon)
 */
export function expectedBits(causes: readonly Cause[], thought: readonly number[], check: Check): number {
  const now = bits(thought);
  const left = check.answers.reduce((sum, _, answer) => {
    const { chance, after } = updated(causes, thought, check, answer);
    return sum + chance * bits(after);
  }, 0);
  return Math.max(0, now - left);
}

/**
 * Traces a leak: what is likely now, and what to look at next.
 *
 * @param causes what may be wrong, with weights that sum to one
 * @param of valve and assembly, which say what checks it is made for
 * @param place where it shows
 * @param seen observations in the order they were made
 * @returns causes by likelihood, the reasoning answer by answer, open checks by what they tell for effort and risk, and
 *   answers that fit nothing
 * @throws RangeError for a check or an answer there is not
 * @source Bayes; chances of `checks`, indicative
 */
export function traceLeak(
  causes: readonly Cause[],
  of: { readonly valve: Valve; readonly assembly: Assembly },
  place: LeakPlace,
  seen: readonly Observation[],
): Trace {
  let thought: readonly number[] = causes.map(({ weight }) => weight);
  const byId = (values: readonly number[]) => Object.fromEntries(causes.map(({ id }, i) => [id, values[i]!]));
  const reasoning: Reasoned[] = [];
  const contradictions: string[] = [];
  for (const { check: id, answer } of seen) {
    const check = checks.find((one) => one.id === id && one.place === place);
    if (!check) throw new RangeError(`Check "${id}" does not exist for a leak ${place}.`);
    const at = check.answers.indexOf(answer);
    if (at < 0) throw new RangeError(`"${answer}" is not an answer to "${check.asks}"`);
    const { chance, after } = updated(causes, thought, check, at);
    if (chance < fitsNothing)
      contradictions.push(
        `"${answer}" does not fit any cause considered so far. Repeat the check, or consider two causes at once.`,
      );
    reasoning.push({
      check: id,
      answer,
      asks: check.asks,
      before: byId(thought),
      after: byId(after),
      chance,
    });
    thought = after;
  }
  const done = new Set(seen.map(({ check }) => check));
  const proposed = checks
    .filter((check) => check.place === place && !done.has(check.id) && check.made(of))
    .map((check) => {
      const expected = expectedBits(causes, thought, check);
      return {
        check,
        expectedBits: expected,
        worth: expected / (leastMin + check.effortMin + riskMin[check.risk]),
      };
    })
    .sort((a, b) => b.worth - a.worth);
  return {
    ranked: causes
      .map((cause, i) => ({ ...cause, probability: thought[i]! }))
      .sort((a, b) => b.probability - a.probability),
    reasoning,
    proposed,
    contradictions,
  };
}
