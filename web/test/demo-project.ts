/** The demo's project as the server hands it out, with as many of its tags as are wanted. */
import type { HouseRuleVersion, Project, TagRow } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { noDefaults } from "@proven-seat/core/duty";
import { marksOf, type TagSummary } from "@proven-seat/core/judgement/proof";
import { demoCatalogue, demoDuty, demoProver } from "./at-the-bench.tsx";

const idOf = (index: number) => `00000000-0000-4000-8000-0000000001${String(index).padStart(2, "0")}`;

export const demoHouse: HouseRuleVersion = {
  version: 1,
  values: defaultHouseRules(),
  reason: "First set",
  broughtIn: false,
  createdAt: "2026-01-01T10:00:00.000Z",
  createdBy: "engineer",
};

const proved = new Map<string, TagSummary>();
let prover: ReturnType<typeof demoProver> | null = null;

/** A tag of the demo with its proved result. */
function summaryOf(number: string): TagSummary {
  prover ??= demoProver();
  const known = proved.get(number) ?? prover.summarise(demoDuty(number), null);
  proved.set(number, known);
  return known;
}

/** Answers for a line-up of these tags, in the order of the request. */
export function demoProject(numbers: readonly string[]) {
  const project: Project = {
    id: "00000000-0000-4000-8000-000000000002",
    name: "Tarn Ness",
    note: "An invented plant.",
    opensOn: null,
    defaults: noDefaults,
    numbering: "NEW-#",
    unitSystem: "metric",
    standards: "",
    archived: false,
    catalogueRevision: 1,
    houseRuleVersion: 1,
    version: 1,
    tags: numbers.length,
  };
  const rows = numbers.map((number, index): TagRow => {
    const duty = demoDuty(number);
    return {
      id: idOf(index),
      number,
      service: `service of ${number}`,
      unit: "Unit",
      dn: duty.dn,
      lineDesignation: duty.lineDesignation,
      version: 1,
      choice: null,
      sheet: null,
      remarks: {},
    };
  });
  const found = numbers.map((number) => summaryOf(number));
  const duties = numbers.map((number, index) => ({ id: idOf(index), version: 1, duty: demoDuty(number) }));
  return {
    project,
    rows,
    answers: {
      "/api/projects": [project],
      "/tags": rows,
      "/duties": duties,
      "/api/catalogue/1": { revision: 1, digest: "demo", catalogue: demoCatalogue },
      "/api/house-rules": demoHouse,
      "/api/house-rules/1": demoHouse,
      "/marks": rows.map(({ id, version }, index) => ({ id, version, marks: marksOf(found[index]!) })),
      "/summaries": rows.map(({ id, version }, index) => ({ id, version, summary: found[index]! })),
      "/api/keeping": { copies: 14, version: 1 },
      "/versions": [demoHouse],
    } as Record<string, unknown>,
  };
}
