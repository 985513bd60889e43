import { type HouseRuleId, houseRuleDefinitions } from "@proven-seat/core/basis/house";

/** Fault in a rule as typed; nothing where it is valid. */
export function ruleFault(id: HouseRuleId, text: string): string | undefined {
  const rule = houseRuleDefinitions[id];
  if (rule.kind === "choice")
    return (rule.options as readonly string[]).includes(text) ? undefined : "Select one of the options.";
  const figure = Number(text.replace(",", "."));
  if (text.trim() === "" || !Number.isFinite(figure)) return `"${text}" is not a number.`;
  if (figure < rule.minimum || figure > rule.maximum)
    return `From ${rule.minimum} to ${rule.maximum}${rule.unit ? ` ${rule.unit}` : ""}.`;
  return undefined;
}
