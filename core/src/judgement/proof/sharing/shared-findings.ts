import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Identity, Numbering } from "../../../equipment/catalogue/identity.ts";
import type { Picking } from "../../../equipment/catalogue/parts/part.ts";
import { parts } from "../../../equipment/catalogue/parts/parts.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Judged } from "../../rules/judged.ts";
import { notAsked } from "../../rules/outcome.ts";
import type { Outcome, UnaskedOutcome } from "../../rules/outcome-kinds.ts";
import { type Rule, whyUnraised } from "../../rules/rule.ts";
import type { Pairing } from "../pairing.ts";
import { type Block, blockOf, joined, withoutCandidates } from "./block.ts";
import { type RuleNode, ruleTree } from "./tree.ts";

/** Findings of one duty: the tops of the tree of rules, each with a block for every candidate. */
export interface Found {
  readonly tops: readonly Shared[];
  readonly rules: readonly Rule[];
}

/** Inputs of the findings, for one duty. */
interface Examining {
  readonly rules: readonly Rule[];
  readonly raised: readonly boolean[];
  readonly duty: SettledDuty;
  readonly house: HouseRules;
  readonly valves: Numbering;
  readonly trains: Numbering;
}

const keyIn = (identity: Identity, column: number): number =>
  identity.keys[column] ?? identity.by.key(identity, column);

/**
 * The blocks of one node of the tree, made once for all candidates that share what its rules depend on. Plain loops: a
 * proof reads tens of thousands of blocks.
 */
class Shared {
  /** The picks of a candidate that settle it. */
  readonly pickedWith: ReadonlySet<Picking>;
  readonly below: readonly Shared[];
  readonly #by: Examining;
  readonly #places: readonly number[];
  /** Found on every candidate, whatever its parts. */
  readonly #besides: Block | null;
  readonly #valveColumn: number;
  /** Null where the drive train does not matter. */
  readonly #trainColumn: number | null;
  readonly #blocks = new Map<number, Block>();
  readonly #byTrain: Map<number, Block>[] = [];

  constructor(node: RuleNode, by: Examining, below: readonly Shared[], besides: Block | null) {
    this.#by = by;
    this.#places = node.places.filter((index) => by.raised[index]);
    this.below = below;
    this.pickedWith = new Set(
      [...node.valveParts, ...node.trainParts].map((index) => parts[index]!.pickedWith),
    );
    this.#besides = besides;
    this.#valveColumn = by.valves.column(node.valveParts);
    this.#trainColumn = node.trainParts.length === 0 ? null : by.trains.column(node.trainParts);
  }

  get isEmpty(): boolean {
    return this.#places.length === 0 && this.below.length === 0 && this.#besides === null;
  }

  /** The block of a candidate; without its operator where no rule of it depends on that. */
  of(valve: Valve, pairing: Pairing | null): Block {
    const blocks = this.#trainColumn === null ? this.#blocks : this.#blocksOf(pairing!.identity);
    const key = keyIn(valve.identity, this.#valveColumn);
    let block = blocks.get(key);
    if (block === undefined) {
      block = this.#make(valve, pairing);
      blocks.set(key, block);
    }
    return block;
  }

  #blocksOf(train: Identity): Map<number, Block> {
    const key = keyIn(train, this.#trainColumn!);
    let blocks = this.#byTrain[key];
    if (blocks === undefined) {
      blocks = new Map();
      this.#byTrain[key] = blocks;
    }
    return blocks;
  }

  #make(valve: Valve, pairing: Pairing | null): Block {
    const below = this.below;
    const parts: Block[] = [];
    for (let i = 0; i < below.length; i++) parts.push(below[i]!.of(valve, pairing));
    if (this.#besides !== null) parts.push(this.#besides);
    if (this.#places.length > 0) parts.push(this.#own(valve, pairing));
    return parts.length === 1 ? parts[0]! : joined(parts);
  }

  #own(valve: Valve, pairing: Pairing | null): Block {
    const { rules, duty, house } = this.#by;
    const judged = (
      pairing === null
        ? { valve, duty, house }
        : {
            valve,
            drive: pairing.train.drive,
            supplied: pairing.train.supplied,
            fittings: pairing.train.fittings,
            demand: pairing.demand,
            duty,
            house,
          }
    ) as Judged;
    const places = this.#places;
    const outcomes: Outcome[] = new Array(places.length);
    for (let i = 0; i < places.length; i++) outcomes[i] = rules[places[i]!]!.examine(judged);
    return blockOf(outcomes, places, rules);
  }
}

export type { Shared };

function sharedAt(node: RuleNode, by: Examining, besides: Block | null = null): Shared {
  const below = node.below.map((ruleNode) => sharedAt(ruleNode, by)).filter((shared) => !shared.isEmpty);
  return new Shared(node, by, below, besides);
}

/** Findings of the rules that this duty raises for no valve, each reason written once. */
function unraisedBlock(reasons: readonly (string | null)[]): Block {
  const words = new Map<string, UnaskedOutcome>();
  const unasked = (why: string) => {
    const known = words.get(why) ?? notAsked(why);
    words.set(why, known);
    return known;
  };
  const silent = reasons.flatMap((why, index) => (why === null ? [] : [index]));
  return blockOf(
    silent.map((index) => unasked(reasons[index]!)),
    silent,
  );
}

/** Findings of the rules that the duty alone decides, examined once. */
function dutyBlock(
  rules: readonly Rule[],
  reasons: readonly (string | null)[],
  judged: Pick<Judged, "duty" | "house">,
): Block {
  const asked = rules.flatMap(({ dependsOn }, index) =>
    dependsOn.length === 0 && reasons[index] === null ? [index] : [],
  );
  // A rule without dependencies looks at no candidate.
  const outcomes = asked.map((index) => rules[index]!.examine(judged as Judged));
  return withoutCandidates(blockOf(outcomes, asked, rules));
}

/**
 * Sets up the findings of one duty. Rules that apply to no valve are settled once; the rest is shared.
 *
 * @param rules in the order of the work
 * @param duty settled duty
 * @param house house rules
 * @param valves numbering of the valves that will be judged
 * @param trains numbering of the drive trains that will be judged
 * @returns the tops of the tree of rules: their blocks together are everything found on a candidate
 */
export function sharedFindings(
  rules: readonly Rule[],
  duty: SettledDuty,
  house: HouseRules,
  valves: Numbering,
  trains: Numbering,
): Found {
  const reasons = rules.map((rule) => whyUnraised(rule, duty, house));
  const ofDuty = rules.map(({ dependsOn }) => dependsOn.length === 0);
  const raised = reasons.map((why, index) => why === null && !ofDuty[index]);
  const once = joined([unraisedBlock(reasons), dutyBlock(rules, reasons, { duty, house })]);
  const by: Examining = { rules, raised, duty, house, valves, trains };
  // Findings that the duty alone decides join the first block of every candidate.
  const tops = ruleTree(rules)
    .map((top, i) => sharedAt(top, by, i === 0 ? once : null))
    .filter((top) => !top.isEmpty);
  return { tops, rules };
}
