/** Writes docs/rules.md from the rules' own metadata. */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { ruleStations, rules } from "@proven-seat/core/rules";

const cell = (text: string) => text.replaceAll("|", "\\|");

export function rulesPage(): string {
  const parts = ruleStations.map((station) => {
    const here = rules.filter((r) => r.id.startsWith(`${station}/`));
    const rows = here.map(
      (r) =>
        `| ${cell(r.asks)} | \`${r.id}\` | ${cell(r.source)} | ${cell(r.inputs.join(", "))} | ${r.hangsOn} |`,
    );
    return [
      `## ${station[0]!.toUpperCase()}${station.slice(1)} (${here.length})`,
      "",
      "| asks | id | source | looks at | hangs on |",
      "| --- | --- | --- | --- | --- |",
      ...rows,
    ].join("\n");
  });
  return [
    "# Rules",
    "",
    `All ${rules.length} rules, generated from their metadata by \`npm run rules:page\`; the application shows the same under **Rules**.`,
    "_Hangs on_ is the part of a candidate that decides: candidates alike in it share the finding.",
    "",
    parts.join("\n\n"),
    "",
  ].join("\n");
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(new URL("../docs/rules.md", import.meta.url), rulesPage());
