import type { EntityManager } from "@mikro-orm/postgresql";
import type { ReproofAnswer } from "@proven-seat/contract";
import { reprove } from "@proven-seat/core/proof";
import { sheetPdf } from "../../documents/sheet-pdf.ts";
import { Sheet } from "../../store/entities/sheet.ts";
import { issueSheet, presentSheetRow } from "../../store/issue.ts";
import { tagOrProblem } from "../../store/tags.ts";
import type { Mount } from "../mount.ts";
import { notThere } from "../problem.ts";

async function sheetOrProblem(em: EntityManager, id: string): Promise<Sheet> {
  return (await em.findOne(Sheet, { id })) ?? Promise.reject(notThere("sheet"));
}

const fileName = (sheet: Sheet, ending: string) =>
  `attachment; filename="${sheet.content.tag.number.replace(/[^\w.-]+/g, "_")}-${sheet.revision}.${ending}"`;

export function mountSheets(mount: Mount): void {
  mount("sheets", async ({ em, parameters }) => {
    const tag = await tagOrProblem(em, parameters.id!);
    const sheets = await em.find(
      Sheet,
      { tag: tag.id },
      { orderBy: { issuedAt: "desc" }, populate: ["proof"] },
    );
    return sheets.map(presentSheetRow);
  });

  mount("issueSheet", ({ em, parameters, body, user }) =>
    em.transactional((tx) => issueSheet(tx, parameters.id!, body.version, user)),
  );

  mount("sheet", async ({ em, parameters, response }) => {
    const sheet = await sheetOrProblem(em, parameters.id!);
    response.set("Content-Disposition", fileName(sheet, "json"));
    return sheet.content;
  });

  mount("sheetPdf", async ({ em, parameters, query, response }) => {
    const sheet = await sheetOrProblem(em, parameters.id!);
    const pdf = await sheetPdf(sheet.content, query.units === "US" ? "US" : "metric");
    response.type("application/pdf").set("Content-Disposition", fileName(sheet, "pdf")).send(pdf);
  });

  // Sheets are written by this program, so what comes back is always a reproof.
  mount(
    "reproveSheet",
    async ({ em, parameters }) =>
      reprove((await sheetOrProblem(em, parameters.id!)).content) as ReproofAnswer,
  );
}
