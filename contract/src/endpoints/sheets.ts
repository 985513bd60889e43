import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { issueSheetSchema, reproofSchema, sheetRowSchema } from "../records.ts";

export const sheetsEndpoints = {
  sheets: endpoint({
    ...addresses.sheets,
    says: "Issued sheets of a tag, newest first",
    project: "of tag",
    role: "engineer",
    answer: z.array(sheetRowSchema),
    problems: [404],
  }),
  issueSheet: endpoint({
    ...addresses.issueSheet,
    says: "Prove again on the server and issue the next revision",
    project: "of tag",
    role: "engineer",
    body: issueSheetSchema,
    answer: sheetRowSchema,
    status: 201,
    problems: [404, 409, 422],
  }),
  sheet: endpoint({
    ...addresses.sheet,
    says: "An issued sheet as JSON, in the format it was issued in",
    project: "of sheet",
    role: "engineer",
    answer: z.looseObject({ format: z.string(), digest: z.string() }),
    problems: [404],
  }),
  sheetPdf: endpoint({
    ...addresses.sheetPdf,
    says: "An issued sheet as PDF",
    project: "of sheet",
    role: "engineer",
    answer: null,
    mediaType: "application/pdf",
    query: { units: "metric or US" },
    problems: [404],
  }),
  reproveSheet: endpoint({
    ...addresses.reproveSheet,
    says: "Prove an issued sheet again from its own inputs",
    project: "of sheet",
    role: "engineer",
    answer: reproofSchema,
    problems: [404, 422],
  }),
};
