import type { Assembly } from "../../../construction/bodies/assembly/model.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Cause, LeakPlace } from "./causes.ts";
import type { Check } from "./check.ts";
import { checks } from "./checks.ts";

/** A check and its answer. */
export interface Observation {
  readonly check: string;
  readonly answer: string;
}

/** A cause with its present probability. */
export interface Ranked extends Cause {
  readonly probability: number;
}

/** One answer with its effect on every cause. */
export interface Reasoned extends Observation {
  readonly asks: string;
  readonly before: Readonly<Record<string, number>>;
  readonly after: Readonly<Record<string, number>>;
  /** Probability of the answer before it was given: if it is small, something else is wrong. */
  readonly chance: number;
}

/** An open check, with the information it is expected to give. */
export interface Proposed {
  readonly check: Check;
  /** Expected information, bits. */
  readonly expectedBits: number;
  /** Bits per effort and risk, by which checks are ranked. */
  readonly worth: number;
}

export interface Trace {
  readonly ranked: readonly Ranked[];
  readonly reasoning: readonly Reasoned[];
  readonly proposed: readonly Proposed[];
  /** Answers that fit nothing that is thought of, as sentences. */
  readonly contradictions: readonly string[];
}

/** An answer less probable than this under every cause fits none of them. */
const fitsNothing = 0.04;
/** Minutes that risk is worth, by its step. */
const riskMin = [0, 10, 30, 90] as const;
/** Least effort of a check, even of a glance. */
const leastMin = 5;

const chanceOf = ({ chances, otherwise }: Check, { kind }: Cause, answer: number): number =>
  (chances[kind] ?? otherwise)[answer]!;

const bits = (probabilities: readonly number[]): number =>
  probabilities.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);

/** Probabilities after an answer, and the probability of the answer itself. */
function updated(causes: readonly Cause[], thought: readonly number[], check: Check, answer: number) {
  const joint = causes.map((cause, i) => thought[i]! * chanceOf(check, cause, answer));
  const chance = joint.reduce((sum, p) => sum + p, 0);
  // Where no cause lets it be seen, nothing is learnt from it.
  return { chance, after: chance > 0 ? joint.map((p) => p / chance) : thought };
}

/**
 * Expected information of a check.
 *
 * @param causes possible causes
 * @param thought probability of each, summing to one
 * @param check the check
 * @returns bits: present uncertainty less the expected remaining one
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
 * Traces a leak: present probabilities, and the next check.
 *
 * @param causes possible causes, with weights that sum to one
 * @param subject valve and assembly, which decide the suitable checks
 * @param place where it shows
 * @param seen observations in order
 * @returns causes by probability, the reasoning answer by answer, open checks by information for effort and risk, and
 *   answers that fit no cause
 * @throws RangeError for a check or an answer there is not
 * @source Bayes; chances of `checks`, indicative
 */
export function traceLeak(
  causes: readonly Cause[],
  subject: { readonly valve: Valve; readonly assembly: Assembly },
  place: LeakPlace,
  seen: readonly Observation[],
): Trace {
  let thought: readonly number[] = causes.map(({ weight }) => weight);
  const byId = (values: readonly number[]) => Object.fromEntries(causes.map(({ id }, i) => [id, values[i]!]));
  const reasoning: Reasoned[] = [];
  const contradictions: string[] = [];
  for (const { check: id, answer } of seen) {
    const check = checks.find((check) => check.id === id && check.place === place);
    if (!check) throw new RangeError(`Check "${id}" does not exist for a leak ${place}.`);
    const index = check.answers.indexOf(answer);
    if (index < 0) throw new RangeError(`"${answer}" is not an answer to "${check.asks}"`);
    const { chance, after } = updated(causes, thought, check, index);
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
    .filter((check) => check.place === place && !done.has(check.id) && check.made(subject))
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
