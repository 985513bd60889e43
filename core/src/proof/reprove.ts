import microdiff from "microdiff";
import { digestOf } from "./digest.ts";
import { engineVersion } from "./engine.ts";
import { proveInputs, type Sheet, sheetSchema } from "./sheet.ts";

export interface Difference {
  readonly path: string;
  readonly was: unknown;
  readonly now: unknown;
}

/** What proving an issued sheet again gave. */
export interface Reproof {
  readonly same: boolean;
  readonly engine: { readonly was: string; readonly now: string };
  readonly digest: string;
  readonly differences: readonly Difference[];
}

/** A sheet that cannot be proved again, and why. */
export interface UnreadableSheet {
  readonly error: { readonly code: string; readonly message: string; readonly field?: string };
}

/** Findings are compared by rule id, so that a new rule in between does not shift every path. */
function byRule(proof: { findings?: readonly { rule: string }[] }) {
  const { findings, ...rest } = proof;
  return { ...rest, findings: Object.fromEntries((findings ?? []).map((f) => [f.rule, f])) };
}

/**
 * Proves an issued sheet again from the inputs it carries and compares every figure.
 *
 * @param document anything; a sheet in the published format
 * @returns *same*, or the differences as path, was and now; an altered input shows as a digest difference
 * @throws never
 * @source reproducible proof: engine version and digest of all inputs
 * @example reprove({}).error.code // → "not-a-sheet"
 */
export function reprove(document: unknown): Reproof | UnreadableSheet {
  const parsed = sheetSchema().safeParse(document);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return { error: { code: "not-a-sheet", message: issue.message, field: issue.path.join(".") } };
  }
  const sheet = document as Sheet;
  const digest = digestOf(sheet.inputs);
  const engine = { was: sheet.engine, now: engineVersion };
  const differences: Difference[] =
    digest === sheet.digest ? [] : [{ path: "digest", was: sheet.digest, now: digest }];
  const now = proveInputs(parsed.data.inputs as Sheet["inputs"]);
  if (!now) differences.push({ path: "proof", was: sheet.proof.key ?? null, now: null });
  else {
    // Through JSON, as the sheet itself went, so that absent and undefined compare equal.
    const asIssued = byRule(sheet.proof);
    const asProved = byRule(JSON.parse(JSON.stringify(now)));
    for (const d of microdiff(asIssued as object, asProved as object)) {
      differences.push({
        path: `proof.${d.path.join(".")}`,
        was: d.type === "CREATE" ? null : d.oldValue,
        now: d.type === "REMOVE" ? null : d.value,
      });
    }
  }
  return { same: differences.length === 0, engine, digest, differences };
}
