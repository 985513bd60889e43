import type { Rule } from "./rule.ts";

/** Source of the figures that a rule uses. */
export type FigureBasis = "indicative" | "maker's" | "house rules" | "none";

/**
 * Source of a rule's figures, as printed beside the rule's source.
 *
 * @param rule the rule's source and inputs
 * @returns *indicative* where any are screening figures of the tables or of practice; else whose they are
 * @source the words of the rule itself
 */
export function figuresOfRule({ source, inputs }: Pick<Rule, "source" | "inputs">): FigureBasis {
  if (
    /indicative|practice|[Ss]uitability tables|table of fluids|ASME|API|ISO \d|NORSOK|EN \d|derivation/.test(
      source,
    )
  )
    return "indicative";
  if (inputs.some((input) => /house rule/.test(input)) || /house/i.test(source)) return "house rules";
  return inputs.some((input) => /product line|maker|drive|rating|pad|stem/.test(input)) ? "maker's" : "none";
}
