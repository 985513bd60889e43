/** Writes docs/rules.md from the rules' own metadata. */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { figuresOfRule, ruleStations, rules } from "@proven-seat/core/judgement/rules";

export function rulesPage(): string {
  const parts = ruleStations.map((station) => {
    const here = rules.filter((r) => r.id.startsWith(`${station}/`));
    const entries = here.map((r) =>
      [
        `- **${r.asks}** (\`${r.id}\`)`,
        `  - source: ${r.source}`,
        `  - figures: ${figuresOfRule(r)}`,
        `  - looks at: ${r.inputs.join(", ")}`,
        `  - depends on: ${r.dependsOn.join(", ") || "the duty alone"}; its _tight_ is ${r.tight}`,
      ].join("\n"),
    );
    return [`## ${station[0]!.toUpperCase()}${station.slice(1)} (${here.length})`, "", ...entries].join("\n");
  });
  return [
    "# Rules",
    "",
    `All ${rules.length} rules, generated from their metadata by \`npm run rules:page\`; the application shows the`,
    "same under **Rules**. _Hangs on_ is what of a candidate decides: candidates alike in it share the finding.",
    "_Figures_ says whether what it compares with is indicative, for screening and to be checked against the standard",
    "in force, or the maker's, or the house's own.",
    "",
    parts.join("\n\n"),
    "",
  ].join("\n");
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(new URL("../docs/rules.md", import.meta.url), rulesPage());
