import type { Part } from "../../../equipment/catalogue/parts/part.ts";
import { type PartPath, parts, placesOf } from "../../../equipment/catalogue/parts/parts.ts";
import type { Rule } from "../../rules/rule.ts";

/** Rules that depend on the same parts, and below them the rules that depend on fewer. */
export interface RuleNode {
  /** Places of its parts among all parts: those of the valve, and those of the drive train. */
  readonly valveParts: readonly number[];
  readonly trainParts: readonly number[];
  /** Indexes of its own rules in the order of the stations. */
  readonly places: readonly number[];
  readonly below: readonly RuleNode[];
}

interface Gathered {
  readonly paths: readonly string[];
  readonly follows: ReadonlySet<string>;
  readonly places: number[];
  readonly below: Gathered[];
}

const partAt = new Map<string, number>(parts.map((part, index) => [part.path, index]));

/** Everything that is equal wherever these parts are: the parts and what they decide. */
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
 * Groups rules by the parts they depend on, each set below the smallest one that covers it. Candidates that share an
 * upper set share all sets below, so one look-up at each top finds every finding on a candidate.
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
  rules.forEach(({ dependsOn }, index) => {
    const paths = [...new Set<string>(dependsOn)].sort();
    const known = bySet.get(paths.join());
    if (known) known.places.push(index);
    else bySet.set(paths.join(), { paths, follows: follows(paths), places: [index], below: [] });
  });
  const ordered = [...bySet.values()].sort((a, b) => a.follows.size - b.follows.size);
  const tops: Gathered[] = [];
  ordered.forEach((gathered, i) => {
    const over = ordered.slice(i + 1).find((other) => covers(other, gathered));
    (over?.below ?? tops).push(gathered);
  });
  return tops.map(nodeOf);
}

function nodeOf({ paths, places, below }: Gathered): RuleNode {
  const partPlaces = placesOf(paths as readonly PartPath[]);
  return {
    valveParts: partPlaces.filter((i) => parts[i]!.in === "valve"),
    trainParts: partPlaces.filter((i) => parts[i]!.in === "train"),
    places,
    below: below.map(nodeOf),
  };
}
