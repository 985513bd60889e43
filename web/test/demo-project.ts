/** The demo's project as the server hands it out, with as many of its tags as are wanted. */
import type { HouseRuleVersion, Project, TagRow } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/house";
import { demoDuty } from "./at-the-bench.tsx";

const idOf = (at: number) => `00000000-0000-4000-8000-0000000001${String(at).padStart(2, "0")}`;

export const demoHouse: HouseRuleVersion = {
  version: 1,
  values: defaultHouseRules(),
  reason: "First set",
  createdAt: "2026-01-01T10:00:00.000Z",
  createdBy: "engineer",
};

/** Answers for a line-up of these tags; their duties stand in whatever order they were asked for. */
export function demoProject(numbers: readonly string[]) {
  const project: Project = {
    id: "00000000-0000-4000-8000-000000000002",
    name: "Tarn Ness",
    note: "An invented plant.",
    opensOn: null,
    tags: numbers.length,
  };
  const rows = numbers.map((number, at): TagRow => {
    const duty = demoDuty(number);
    return {
      id: idOf(at),
      number,
      service: `service of ${number}`,
      unit: "Unit",
      dn: duty.dn,
      lineDesignation: duty.lineDesignation,
      version: 1,
      choice: null,
      sheet: null,
    };
  });
  const duties = numbers.map((number, at) => ({ id: idOf(at), version: 1, duty: demoDuty(number) }));
  return {
    project,
    rows,
    answers: {
      "/api/projects": [project],
      "/tags": rows,
      "/duties": duties,
      "/api/house-rules": demoHouse,
      "/versions": [demoHouse],
    } as Record<string, unknown>,
  };
}
