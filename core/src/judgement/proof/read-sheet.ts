import type { HouseRules } from "../../basis/house/house-rules.ts";
import {
  houseRulesKind,
  type ReadHouseRules,
  storedHouseRulesSchema,
} from "../../basis/house/versions/kind.ts";
import type { Unreadable } from "../../basis/versions/kind.ts";
import { dutyKind } from "../../duty/versions/kind.ts";
import { catalogueKind } from "../../equipment/catalogue/versions/kind.ts";
import { type Sheet, sheetSchema } from "./sheet.ts";
import { sheetKind } from "./versions/kind.ts";

/** A sheet of any version in the newest format, with the changes made to it. */
export interface ReadSheet {
  /** In the newest format, duty, catalogue and findings included. */
  readonly sheet: Sheet;
  readonly house: HouseRules;
  readonly format: { readonly was: string; readonly now: string };
  /** Changes made while updating, as sentences. */
  readonly broughtUp: readonly string[];
  /** Names of values that the document did not have yet. */
  readonly adds: ReadonlySet<string>;
}

export interface UnreadableSheet {
  readonly error: {
    readonly code: "not-a-sheet" | Unreadable["code"];
    readonly message: string;
    readonly field?: string;
  };
}

const sentencesOf = (kind: typeof dutyKind, document: unknown): string[] => {
  const brought = kind.upcast(document);
  return "code" in brought ? [] : brought.steps.map(({ says }) => says);
};

/**
 * Reads an issued sheet of any version.
 *
 * @param document anything
 * @param rules schema of house rules; those of this release where not given
 * @returns the sheet in the newest format with the changes made, or why it cannot be read
 * @example readSheet({}).error.code // → "not-a-sheet"
 */
export function readSheet(document: unknown, rules = storedHouseRulesSchema()): ReadSheet | UnreadableSheet {
  const brought = sheetKind.upcast(document);
  if ("code" in brought) {
    const code = brought.code === "from-a-newer-release" ? brought.code : "not-a-sheet";
    return { error: { code, message: brought.message } };
  }
  const parsed = sheetSchema().safeParse(brought.document);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return { error: { code: "not-a-sheet", message: issue.message, field: issue.path.join(".") } };
  }
  const sheet = parsed.data as unknown as Sheet;
  const house = rules.safeParse(sheet.inputs.houseRules.rules);
  if (!house.success) {
    const issue = house.error.issues[0]!;
    return {
      error: {
        code: "not-a-sheet",
        message: issue.message,
        field: ["inputs", "houseRules", "rules", ...issue.path].join("."),
      },
    };
  }
  const inputs = brought.document.inputs as Record<string, unknown>;
  return {
    sheet,
    house: house.data.values,
    adds: new Set(brought.steps.flatMap(({ adds }) => adds ?? [])),
    format: { was: String((document as { format?: unknown }).format), now: sheetKind.newest },
    broughtUp: [
      ...brought.steps.map(({ says }) => says),
      ...sentencesOf(dutyKind, inputs.duty),
      ...sentencesOf(catalogueKind, inputs.catalogue),
      ...sentencesOf(houseRulesKind, sheet.inputs.houseRules.rules),
      ...defaults(house.data),
    ],
  };
}

const defaults = ({ byDefault }: ReadHouseRules): string[] =>
  byDefault.length === 0 ? [] : [`House rules added since then use their defaults: ${byDefault.join(", ")}.`];
