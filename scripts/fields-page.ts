/** Writes docs/duty-fields.md from the fields themselves. */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { unitsOf } from "@proven-seat/core/basis/units";
import { type AnyField, caseFields, dutyFields, type Holds } from "@proven-seat/core/duty";

function contentOf(holds: Holds): string {
  switch (holds.kind) {
    case "quantity":
      return `${holds.least} … ${holds.most} ${unitsOf(holds.quantity)[0]}`;
    case "number":
      return `${holds.least} … ${holds.most} ${holds.unit}`.trim();
    case "choice":
      return holds.options.length > 16 ? "one of the families" : `one of: ${holds.options.join("; ")}`;
    case "set":
      return `any of: ${holds.options.join("; ")}`;
    case "text":
      return `text, at most ${holds.most} characters`;
    case "substance":
      return "a fluid of the table, by its id";
    case "yes-no":
      return "true or false";
    case "size":
      return "a nominal size, DN";
    default:
      return 'a class or PN, for example "class 300"';
  }
}

const row = ({ path, label, holds, mustBeKnown, why }: AnyField) =>
  `- \`${path}\`: ${label}. ${contentOf(holds)}.${mustBeKnown ? " Must be known." : ""}${why ? ` ${why}` : ""}`;

export function fieldsPage(): string {
  return [
    "# Fields of a duty",
    "",
    "Generated from the fields themselves by `npm run fields:page`. What is not stated is `null` or left out.",
    "",
    "## The duty",
    "",
    ...dutyFields.map(row),
    "",
    "## Each case",
    "",
    ...caseFields.map(row),
    "",
  ].join("\n");
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(new URL("../docs/duty-fields.md", import.meta.url), fieldsPage());
