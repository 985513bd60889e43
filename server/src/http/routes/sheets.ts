import type { EntityManager } from "@mikro-orm/postgresql";
import { sheetDocument } from "@proven-seat/core/documents";
import {
  readSheet,
  reprove,
  type Sheet as SheetDocument,
  type UnreadableSheet,
} from "@proven-seat/core/proof";
import { pdfOf } from "../../documents/pdf.ts";
import { Sheet } from "../../store/entities/sheet.ts";
import { issueSheet } from "../../work/issue-sheet.ts";
import { notThere } from "../../work/refusal.ts";
import { sheetsOf } from "../../work/sheets.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

async function sheetOrProblem(em: EntityManager, id: string): Promise<Sheet> {
  return (await em.findOne(Sheet, { id })) ?? Promise.reject(notThere("sheet"));
}

/** The sheet in the newest format; one that this release cannot read says why. */
function readable(sheet: Sheet) {
  const reading = readSheet(sheet.content);
  if ("error" in reading) throw unreadable(reading.error);
  return reading;
}

const unreadable = ({ code, message, field }: UnreadableSheet["error"]) =>
  new Problem(422, code, `This sheet cannot be read: ${message}${field ? ` (${field})` : ""}`);

const fileName = ({ content, revision }: Sheet, ending: string) => {
  const { number } = (content as SheetDocument).tag;
  return `attachment; filename="${number.replace(/[^\w.-]+/g, "_")}-${revision}.${ending}"`;
};

export function mountSheets(mount: Mount): void {
  mount("sheets", ({ em, parameters, page }) => sheetsOf(em, parameters.id!, page));

  mount("issueSheet", ({ em, parameters, body, user }) => issueSheet(em, parameters.id!, body, user));

  mount("sheet", async ({ em, parameters, response }) => {
    const sheet = await sheetOrProblem(em, parameters.id!);
    response.set("Content-Disposition", fileName(sheet, "json"));
    // As it was issued, byte for byte in its canonical form: the digest is of it.
    return sheet.content as { format: string; digest: string };
  });

  mount("sheetPdf", async ({ em, parameters, query, response }) => {
    const sheet = await sheetOrProblem(em, parameters.id!);
    const reading = readable(sheet);
    const system = query.units === "US" ? "US" : "metric";
    const pdf = await pdfOf(sheetDocument(reading.sheet, reading.house, { system }));
    response.type("application/pdf").set("Content-Disposition", fileName(sheet, "pdf")).send(pdf);
  });

  mount("reproveSheet", async ({ em, parameters }) => {
    const result = reprove((await sheetOrProblem(em, parameters.id!)).content);
    if ("error" in result) throw unreadable(result.error);
    return result;
  });
}
