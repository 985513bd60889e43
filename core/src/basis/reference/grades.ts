import { records } from "./table.ts";
import { bodyGrades } from "./tables/body-grades.ts";

/** A pressure-containing material grade with its own limits, besides its group's rating. */
export interface BodyGrade {
  readonly grade: string;
  readonly form: string;
  readonly group: string;
  readonly minimumC: number;
  readonly maximumC: number;
  readonly note: string;
  /** Column of the metal suitability table this grade is judged by; null when the table has none. */
  readonly metal: string | null;
}

interface GradeRow {
  grade: string;
  form: string;
  material_group: string;
  minimum_c: number;
  maximum_c: number;
  note: string | null;
}

/** Suitability column of a grade. */
const metalOfGrade: Record<string, string> = {
  "A217 WC6": "1¼Cr–½Mo steel",
  "A182 F11 cl.2": "1¼Cr–½Mo steel",
  "A351 CF8": "austenitic 304",
  "A351 CF3": "austenitic 304",
  "A182 F304": "austenitic 304",
  "A182 F304L": "austenitic 304",
  "Alloy 825": "alloy 825",
  A105: "carbon steel",
  "A216 WCB": "carbon steel",
  "A216 WCC": "carbon steel",
  "1.0619 (GP240GH)": "carbon steel",
  "1.0460": "carbon steel",
  "A350 LF2": "low-temperature carbon steel",
  "A350 LF3": "low-temperature carbon steel",
  "A352 LCC": "low-temperature carbon steel",
  "A352 LC2": "low-temperature carbon steel",
  "A352 LC3": "low-temperature carbon steel",
  "A352 LCB": "low-temperature carbon steel",
  "A351 CF8M": "austenitic 316",
  "A351 CF3M": "austenitic 316",
  "A182 F316": "austenitic 316",
  "A182 F316L": "austenitic 316",
  "1.4408": "austenitic 316",
  "A182 F51": "22Cr duplex",
  "A995 4A": "22Cr duplex",
  "A182 F53": "25Cr super duplex",
  "A182 F55": "25Cr super duplex",
  "A995 6A": "25Cr super duplex",
  "A182 F44": "6Mo austenitic",
  "A351 CK3MCuN": "6Mo austenitic",
  "Alloy 400 (M35-1)": "alloy 400",
  "Alloy 625": "alloy 625 or C-276",
  "Alloy C-276": "alloy 625 or C-276",
};

const grades = new Map<string, BodyGrade>(
  records<GradeRow>(bodyGrades).map((row) => [
    row.grade,
    {
      grade: row.grade,
      form: row.form,
      group: row.material_group,
      minimumC: row.minimum_c,
      maximumC: row.maximum_c,
      note: row.note ?? "",
      metal: metalOfGrade[row.grade] ?? null,
    },
  ]),
);

/**
 * A body grade by its designation.
 *
 * @param grade for example "A216 WCB"
 * @returns the grade, or undefined when the table has none
 * @source reference/body-grades.csv (indicative)
 * @example bodyGrade("A216 WCB").minimumC // → -29
 */
export function bodyGrade(grade: string): BodyGrade | undefined {
  return grades.get(grade);
}
