import type { Part } from "../../../equipment/catalogue/parts/part.ts";
import { type PartPath, parts, placesOf } from "../../../equipment/catalogue/parts/parts.ts";
import type { Rule } from "../../rules/rule.ts";

/** Rules that hang on the same parts, and below them those that hang on less. */
export interface RuleNode {
  /** Places of its parts among all parts: those of the valve, and those of the drive train. */
  readonly valveParts: readonly number[];
  readonly trainParts: readonly number[];
  /** Places of its own rules in the order of the work. */
  readonly places: readonly number[];
  readonly below: readonly RuleNode[];
}

interface Gathered {
  readonly paths: readonly string[];
  readonly follows: ReadonlySet<string>;
  readonly places: number[];
  readonly below: Gathered[];
}

const partAt = new Map<string, number>(parts.map((part, at) => [part.path, at]));

/** What is alike wherever some parts are: they themselves, and what they decide. */
function follows(paths: readonly string[]): ReadonlySet<string> {
  const reached = new Set<string>();
  const reach = (path: string): void => {
    if (reached.has(path)) return;
    reached.add(path);
    for (const next of (parts[partAt.get(path)!] as Part).decides) reach(next);
  };
  for (const path of paths) reach(path);
  return reached;
}

const covers = (whole: Gathered, less: Gathered) => less.paths.every((path) => whole.follows.has(path));

/**
 * Gathers rules by what they hang on, each set below the smallest one that covers it: candidates alike in the
 * upper are alike in all below, so that one look-up at each top finds everything found on a candidate.
 *
 * @param rules in the order of the work
 * @returns the tops: sets of parts that no other covers
 */
export function ruleTree(rules: readonly Rule[]): readonly RuleNode[] {
  const known = trees.get(rules);
  if (known) return known;
  const tree = treeOf(rules);
  trees.set(rules, tree);
  return tree;
}

/** Rules are the same from proof to proof; so is their tree. */
const trees = new WeakMap<readonly Rule[], readonly RuleNode[]>();

function treeOf(rules: readonly Rule[]): RuleNode[] {
  const bySet = new Map<string, Gathered>();
  rules.forEach(({ hangsOn }, at) => {
    const paths = [...new Set<string>(hangsOn)].sort();
    const known = bySet.get(paths.join());
    if (known) known.places.push(at);
    else bySet.set(paths.join(), { paths, follows: follows(paths), places: [at], below: [] });
  });
  const all = [...bySet.values()].sort((a, b) => a.follows.size - b.follows.size);
  const tops: Gathered[] = [];
  all.forEach((one, i) => {
    const over = all.slice(i + 1).find((other) => covers(other, one));
    (over?.below ?? tops).push(one);
  });
  return tops.map(nodeOf);
}

function nodeOf({ paths, places, below }: Gathered): RuleNode {
  const at = placesOf(paths as readonly PartPath[]);
  return {
    valveParts: at.filter((i) => parts[i]!.in === "valve"),
    trainParts: at.filter((i) => parts[i]!.in === "train"),
    places,
    below: below.map(nodeOf),
  };
}
