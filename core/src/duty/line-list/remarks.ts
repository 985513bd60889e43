const remarkMark = "Remark: ";

/**
 * The heading a remark is written under, which no field's heading is.
 *
 * @param heading heading it came from
 * @returns the heading of the export
 * @example remarkHeading("Insulation") // → "Remark: Insulation"
 */
export const remarkHeading = (heading: string): string => remarkMark + heading;

/**
 * The heading a remark came from.
 *
 * @param heading from a list
 * @returns the heading without the prefix of the export
 * @example headingOfRemark("Remark: Insulation") // → "Insulation"
 */
export const headingOfRemark = (heading: string): string =>
  heading.startsWith(remarkMark) ? heading.slice(remarkMark.length) : heading;
