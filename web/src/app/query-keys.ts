/**
 * Query keys of the answers of the server that this page holds. A key without arguments covers all answers of its kind, so
 * use it to invalidate them.
 */
const kind =
  <Parts extends readonly unknown[] = []>(name: string) =>
  (...parts: Parts | []): readonly unknown[] => [name, ...parts];

type Id = string | undefined;

export const queryKeys = {
  projects: kind("projects"),
  tags: kind<[project: Id]>("tags"),
  tag: kind<[id: string]>("tag"),
  marks: kind<[project: Id, basis: string]>("marks"),
  summaries: kind<[project: Id, basis: string]>("summaries"),
  drafts: kind<[project: string]>("drafts"),
  sheets: kind<[tag: string]>("sheets"),
  drift: kind<[project: string, basis: unknown]>("drift"),
  sheetDrift: kind<[sheet: string, basis: unknown]>("sheet-drift"),
  jobs: kind<[project: Id]>("jobs"),
  catalogue: kind("catalogue"),
  catalogueRevision: kind<[revision: number | null]>("catalogue-revision"),
  catalogueVersions: kind("catalogue-versions"),
  houseRules: kind("house-rules"),
  houseRulesAt: kind<[version: number | null]>("house-rules-version"),
  houseRuleVersions: kind("house-rule-versions"),
  keeping: kind("keeping"),
} as const;
