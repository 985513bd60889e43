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
 * @param heading as it stands in a list
 * @returns the heading without what the export sets before it
 * @example headingOfRemark("Remark: Insulation") // → "Insulation"
 */
export const headingOfRemark = (heading: string): string =>
  heading.startsWith(remarkMark) ? heading.slice(remarkMark.length) : heading;
