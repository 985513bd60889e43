import type { EntityManager } from "@mikro-orm/postgresql";
import type { Sheet as SheetDocument, UnreadableSheet } from "@proven-seat/core/judgement/proof";
import { Sheet } from "../../store/entities/sheet.ts";
import { issueSheet } from "../../work/issue-sheet.ts";
import { notFound } from "../../work/refusal.ts";
import { sheetsOf } from "../../work/sheets.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

async function sheetOrProblem(em: EntityManager, id: string): Promise<Sheet> {
  return (await em.findOne(Sheet, { id })) ?? Promise.reject(notFound("sheet"));
}

const unreadable = ({ code, message, field }: UnreadableSheet["error"]) =>
  new Problem(422, code, `This sheet cannot be read: ${message}${field ? ` (${field})` : ""}`);

const fileName = ({ content, revision }: Sheet, ending: string) => {
  const { number } = (content as SheetDocument).tag;
  return `attachment; filename="${number.replace(/[^\w.-]+/g, "_")}-${revision}.${ending}"`;
};

export function mountSheets(mount: Mount): void {
  mount("sheets", ({ em, parameters, page }) => sheetsOf(em, parameters.id!, page));

  mount("issueSheet", ({ em, parameters, body, user, jobs, signal }) =>
    issueSheet(em, parameters.id!, body, { user, jobs, signal }),
  );

  mount("sheet", async ({ em, parameters, response }) => {
    const sheet = await sheetOrProblem(em, parameters.id!);
    response.set("Content-Disposition", fileName(sheet, "json"));
    // As issued, byte for byte in its canonical form: its digest is of this.
    return sheet.content as { format: string; digest: string };
  });

  mount("sheetPdf", async ({ em, parameters, query, response, jobs, signal }) => {
    const sheet = await sheetOrProblem(em, parameters.id!);
    const system = query.units === "US" ? "US" : "metric";
    const answer = await jobs.run("pdf", { content: sheet.content, system }, signal);
    if (answer.unreadable) throw unreadable(answer.unreadable);
    response
      .type("application/pdf")
      .set("Content-Disposition", fileName(sheet, "pdf"))
      .send(Buffer.from(answer.bytes.buffer));
  });

  mount("reproveSheet", async ({ em, parameters, jobs, signal }) => {
    const { content } = await sheetOrProblem(em, parameters.id!);
    const answer = await jobs.run("reprove", { content }, signal);
    if (answer.unreadable) throw unreadable(answer.unreadable);
    return answer.result;
  });
}
