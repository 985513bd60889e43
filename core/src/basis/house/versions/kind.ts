import { z } from "zod";
import { documentKind } from "../../versions/kind.ts";
import { defaultHouseRules, type HouseRules, houseRulesSchema } from "../house-rules.ts";
import { valuesOfTheirOwn } from "./2-values-of-their-own.ts";

/** House rules; a set that names no format is of the first version. */
export const houseRulesKind = documentKind("house-rules", [valuesOfTheirOwn], 1);

export interface StoredHouseRules {
  readonly format: string;
  readonly values: Readonly<Record<string, number | string>>;
}

/** House rules as they are written. */
export const storedHouseRules = (values: HouseRules): StoredHouseRules => ({
  format: houseRulesKind.newest,
  values,
});

/** House rules as they are judged by, and the numbers the set was written without. */
export interface ReadHouseRules {
  readonly values: HouseRules;
  /** Added since: they go by their defaults. */
  readonly byDefault: readonly string[];
}

/**
 * Schema of stored house rules of any version. A rule added since then has its default; an unknown one is refused.
 *
 * @param defaults every rule there is, at its default
 * @param checked schema of a whole set
 * @returns Zod schema: the values, and which of them are defaults
 */
export const storedHouseRulesSchema = (
  defaults: HouseRules = defaultHouseRules(),
  checked: z.ZodType<HouseRules> = houseRulesSchema(),
): z.ZodType<ReadHouseRules> =>
  houseRulesKind.reading(
    z
      .strictObject({
        format: z.literal(houseRulesKind.newest),
        values: z.record(z.string(), z.union([z.number(), z.string()])),
      })
      .transform(({ values }, context): ReadHouseRules => {
        const whole = checked.safeParse({ ...defaults, ...values });
        for (const issue of whole.error?.issues ?? [])
          context.addIssue({ code: "custom", path: ["values", ...issue.path], message: issue.message });
        if (!whole.success) return z.NEVER;
        return { values: whole.data, byDefault: Object.keys(defaults).filter((id) => !(id in values)) };
      }),
  );

/**
 * Reads stored house rules.
 *
 * @param document a set of any version
 * @returns values to judge by
 * @throws ZodError where the document is no set of house rules
 */
export const readHouseRules = (document: unknown): ReadHouseRules => storedHouseRulesSchema().parse(document);
