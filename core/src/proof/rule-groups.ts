import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { type CandidatePart, candidateParts, dependences, type HangsOn } from "../rules/hangs-on.ts";
import { rules } from "../rules/index.ts";
import type { Judged } from "../rules/judged.ts";
import { type Rule, ruled, unraisedFinding } from "../rules/rule.ts";
import { type Block, blockOf, joined } from "./block.ts";

/** Rules that hang on the same, with their places in the order of the work. */
interface RuleGroup {
  readonly hangsOn: HangsOn;
  readonly rules: readonly Rule[];
  readonly places: readonly number[];
  readonly blocks: Map<number | string, Block>;
}

/** The rules a duty raises, gathered by the part of a candidate they hang on. */
export interface RaisedRules {
  /** Findings of the rules that this duty raises of no valve. */
  readonly unraised: Block;
  /** A part's findings: those of each group are made once for all candidates alike in what it hangs on. */
  readonly examine: (part: CandidatePart, judged: Judged) => Block;
}

const kinds = Object.keys(dependences) as HangsOn[];
const placesOf = new Map<HangsOn, readonly number[]>(
  kinds.map((kind) => [kind, rules.flatMap((rule, at) => (rule.hangsOn === kind ? [at] : []))]),
);

/**
 * Sorts the rules by whether a duty raises them, once for all its candidates.
 *
 * @param duty settled duty
 * @param house house rules
 * @returns what the duty raises of no valve, and how a part of a candidate is examined by the rest
 * @throws never
 * @source rules/hangs-on.ts; each rule's own `unraised`
 * @example raisedRules(settled, house).unraised.fails // → 0
 */
export function raisedRules(duty: SettledDuty, house: HouseRules): RaisedRules {
  const reasons = rules.map((rule) => rule.unraised?.(duty, house) ?? null);
  const silent = rules.flatMap((_, at) => (reasons[at] === null ? [] : [at]));
  const groups = Object.fromEntries(candidateParts.map((part) => [part, [] as RuleGroup[]])) as Record<
    CandidatePart,
    RuleGroup[]
  >;
  for (const [hangsOn, all] of placesOf) {
    const places = all.filter((at) => reasons[at] === null);
    if (places.length > 0)
      groups[dependences[hangsOn].part].push({
        hangsOn,
        places,
        rules: places.map((at) => rules[at]!),
        blocks: new Map(),
      });
  }
  const examineGroup = (group: RuleGroup, judged: Judged): Block => {
    const key = dependences[group.hangsOn].key(judged);
    let block = group.blocks.get(key);
    if (!block) {
      block = blockOf(
        group.rules.map((rule) => ruled(rule, judged)),
        group.places,
      );
      group.blocks.set(key, block);
    }
    return block;
  };
  return {
    unraised: blockOf(
      silent.map((at) => unraisedFinding(rules[at]!, reasons[at]!)),
      silent,
    ),
    examine: (part, judged) => joined(groups[part].map((group) => examineGroup(group, judged))),
  };
}
