import microdiff from "microdiff";
import type { storedHouseRulesSchema } from "../../basis/house/versions/kind.ts";
import type { Rule } from "../rules/rule.ts";
import { rules } from "../rules/rules.ts";
import { digestOf } from "./digest.ts";
import { engineVersion } from "./engine.ts";
import { readSheet, type UnreadableSheet } from "./read-sheet.ts";
import { proveInputs } from "./sheet.ts";

export interface Difference {
  readonly path: string;
  readonly was: unknown;
  readonly now: unknown;
}

/** Result of proving an issued sheet again. */
export interface Reproof {
  readonly same: boolean;
  readonly engine: { readonly was: string; readonly now: string };
  readonly digest: string;
  readonly format: { readonly was: string; readonly now: string };
  /** Changes made to the document before it was proved, as sentences. */
  readonly broughtUp: readonly string[];
  /** Why the result differs, as sentences; none where it is the same. */
  readonly because: readonly string[];
  readonly differences: readonly Difference[];
}

/** Findings are compared by rule id, so that a new rule in between does not shift every path. */
function byRule(proof: object): object {
  const { findings, ...rest } = proof as { findings?: readonly { rule: string }[] };
  return { ...rest, findings: Object.fromEntries((findings ?? []).map((f) => [f.rule, f])) };
}

function reasons(
  differences: readonly Difference[],
  engine: Reproof["engine"],
  known: readonly Rule[],
): string[] {
  const altered = differences.some((d) => d.path === "digest");
  const ruleOf = (d: Difference) => /^proof\.findings\.([^.]+)/.exec(d.path)?.[1];
  const ids = new Set<string>(known.map(({ id }) => id));
  const added = differences.filter((d) => d.was === null && ids.has(d.path.replace("proof.findings.", "")));
  const gone = differences.filter((d) => d.now === null && ruleOf(d) !== undefined && !ids.has(ruleOf(d)!));
  const touched = new Set([...added, ...gone].map(ruleOf));
  const moved = new Set(differences.map(ruleOf).filter((id) => id !== undefined && !touched.has(id)));
  const listed = (names: Iterable<string | undefined>) => [...new Set(names)].join(", ");
  return [
    ...(altered ? ["The inputs of the sheet do not match its digest: the sheet was altered."] : []),
    ...(added.length > 0 ? [`New since engine ${engine.was}: ${listed(added.map(ruleOf))}.`] : []),
    ...(gone.length > 0 ? [`No longer examined by engine ${engine.now}: ${listed(gone.map(ruleOf))}.`] : []),
    ...(moved.size > 0 && !altered
      ? [
          engine.was === engine.now
            ? `The proof in the sheet differs from the proof of engine ${engine.now}: ${listed(moved)}.`
            : `Engine ${engine.now} differs from engine ${engine.was}: ${listed(moved)}.`,
        ]
      : []),
  ];
}

/** Fields of a finding that hold words. A value or a limit holds words where it is no number. */
const wording: ReadonlySet<string> = new Set(
  "asks source says remedy missing decides what value limit".split(" "),
);

/**
 * Another engine may word the same result differently. Verdict, governing case, unit and origin are compared all the
 * same.
 */
const isWording = ({ path, was, now }: Difference): boolean =>
  path.startsWith("proof.findings.") &&
  wording.has(path.slice(path.lastIndexOf(".") + 1)) &&
  typeof was === "string" &&
  typeof now === "string";

/** What is used for the proof instead of this release. */
interface By {
  readonly rules?: readonly Rule[];
  readonly house?: ReturnType<typeof storedHouseRulesSchema>;
}

/**
 * Proves an issued sheet again from its own inputs and compares every figure and verdict, and every word where the same
 * engine issued it. The digest is of the inputs as written; the proof is of the same inputs in the newest format.
 *
 * @param document anything; a sheet in any format ever published
 * @param by rules and house rules, those of this release where not given
 * @returns *same*, or the differences as path, was and now, and why; an altered input shows as a digest difference
 * @source reproducible proof: engine version and digest of all inputs
 * @example reprove({}).error.code // → "not-a-sheet"
 */
export function reprove(document: unknown, by: By = {}): Reproof | UnreadableSheet {
  const reading = readSheet(document, by.house);
  if ("error" in reading) return reading;
  const { sheet, house, format, broughtUp, adds } = reading;
  const digest = digestOf((document as { inputs: unknown }).inputs);
  const engine = { was: sheet.engine, now: engineVersion };
  const differences: Difference[] =
    digest === sheet.digest ? [] : [{ path: "digest", was: sheet.digest, now: digest }];
  const now = proveInputs(sheet.inputs, house, by.rules);
  if (!now) differences.push({ path: "proof", was: sheet.proof.key ?? null, now: null });
  else {
    // Through JSON, as the sheet itself went, so that absent and undefined compare equal.
    const asProved = byRule(JSON.parse(JSON.stringify(now)));
    for (const d of microdiff(byRule(sheet.proof), asProved)) {
      if (d.type === "CREATE" && adds.has(String(d.path.at(-1)))) continue;
      const difference = {
        path: `proof.${d.path.join(".")}`,
        was: d.type === "CREATE" ? null : d.oldValue,
        now: d.type === "REMOVE" ? null : d.value,
      };
      if (engine.was === engine.now || !isWording(difference)) differences.push(difference);
    }
  }
  const because = reasons(differences, engine, by.rules ?? rules);
  if (!now) because.push("The candidate of the sheet does not exist in the catalogue of the sheet.");
  return { same: differences.length === 0, engine, digest, format, broughtUp, because, differences };
}
