import type { Rule } from "./rule.ts";

/** Where the figures come from that a rule goes by. */
export type FigureBasis = "indicative" | "maker's" | "house rules" | "none";

/**
 * Where a rule's figures come from, as a reader is told beside its source.
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
