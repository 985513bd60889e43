/**
 * The names under which answers of the server are held by this page. Called with nothing, a name stands for every
 * answer of its kind: that is what is invalidated when something of the kind was written.
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
