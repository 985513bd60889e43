import { z } from "zod";
import { caseFields } from "../fields/duty-fields.ts";
import { schemasOf } from "./shape.ts";

/** Pressures of a case agree with its direction. */
function checkSides(
  c: { flow: string; upstreamBarG: number | null; downstreamBarG: number | null },
  report: (path: "upstreamBarG" | "downstreamBarG", message: string) => void,
): void {
  if (c.upstreamBarG === null || c.downstreamBarG === null) return;
  if (c.flow === "forward" && c.downstreamBarG > c.upstreamBarG)
    report(
      "downstreamBarG",
      "Downstream pressure exceeds upstream pressure. Swap the two values, or mark the case as reverse.",
    );
  if (c.flow === "reverse" && c.upstreamBarG > c.downstreamBarG)
    report(
      "upstreamBarG",
      "In a reverse case the downstream pressure must be higher, but the upstream pressure is higher. Mark the case as forward.",
    );
}

type CaseFields = (typeof caseFields)[number];

/** One operating case: a state the valve must survive. */
export type OperatingCase = {
  [F in CaseFields as F["path"] extends `cases.${infer Key}` ? Key : never]: z.output<F["schema"]>;
};

export const operatingCaseSchema = caseSchemaOf(caseFields) as unknown as z.ZodType<OperatingCase>;

/**
 * Schema of an operating case with given fields.
 *
 * @param fields fields of a case
 * @returns Zod schema: nothing but these fields, pressures in the order the direction says
 */
export function caseSchemaOf(fields: Parameters<typeof schemasOf>[0]) {
  return z.strictObject(schemasOf(fields, "cases.")).superRefine((c, context) => {
    checkSides(c as OperatingCase, (path, message) =>
      context.addIssue({ code: "custom", path: [path], message }),
    );
  });
}
