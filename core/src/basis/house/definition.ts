export interface NumberRule {
  readonly kind: "number";
  readonly label: string;
  readonly unit: string;
  readonly default: number;
  readonly minimum: number;
  readonly maximum: number;
  readonly reason: string;
}

export interface ChoiceRule<Option extends string = string> {
  readonly kind: "choice";
  readonly label: string;
  readonly options: readonly Option[];
  readonly default: Option;
  readonly reason: string;
}

/**
 * Declares a number an organisation owns.
 *
 * @param label as people read it
 * @param unit of the value, "" for plain numbers
 * @param value default, inside the range
 * @param range least and most
 * @param reason why it has this value
 * @returns the definition
 * @source house practice
 * @example number("x", "%", 1, [0, 2], "y").default // → 1
 */
export const number = (
  label: string,
  unit: string,
  value: number,
  range: [number, number],
  reason: string,
): NumberRule => ({
  kind: "number",
  label,
  unit,
  default: value,
  minimum: range[0],
  maximum: range[1],
  reason,
});

/**
 * Declares a school an organisation follows.
 *
 * @param label as people read it
 * @param options schools to pick from
 * @param value default, one of them
 * @param reason what each choice means
 * @returns the definition
 * @source house practice
 * @example choice("x", ["a", "b"], "a", "y").default // → "a"
 */
export const choice = <const Option extends string>(
  label: string,
  options: readonly Option[],
  value: NoInfer<Option>,
  reason: string,
): ChoiceRule<Option> => ({ kind: "choice", label, options, default: value, reason });
