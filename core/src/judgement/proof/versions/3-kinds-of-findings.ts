import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/** Findings are of four kinds, each with its own fields; the house rules are a document with a head. */
export const kindsOfFindings: VersionStep = {
  to: 3,
  says: "Findings name their kind instead of leaving fields blank. The house rules are a document of their own.",
  adds: ["decides"],
  upcast: (sheet) => {
    const inputs = (sheet.inputs ?? {}) as Document;
    const { version, values } = (inputs.houseRules ?? {}) as Document;
    const proof = (sheet.proof ?? {}) as Document;
    const findings = (proof.findings ?? []) as Document[];
    return {
      ...sheet,
      inputs: { ...inputs, houseRules: { version, rules: values } },
      proof: { ...proof, findings: findings.map(findingOf) },
    };
  },
};

function findingOf(finding: Document): Document {
  const { verdict, value, limit, sense, unit, margin, marginUnit, marginWanted } = finding;
  const { caseId, caseName, remedy, missing, ...said } = finding;
  const {
    value: _v,
    limit: _l,
    sense: _s,
    unit: _u,
    margin: _m,
    marginUnit: _n,
    marginWanted: _w,
    ...described
  } = said;
  if (verdict === "not asked") return { ...described, kind: "not asked" };
  if (verdict === "cannot tell")
    return { ...described, kind: "waits for", missing, value, limit, unit, caseId, caseName };
  const compared = { ...described, value, limit, sense, unit, caseId, caseName, remedy };
  return marginUnit === null
    ? { ...compared, kind: "worded" }
    : { ...compared, kind: "measured", margin, marginUnit, marginWanted };
}
