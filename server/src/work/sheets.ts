import type { EntityManager } from "@mikro-orm/postgresql";
import type { SheetRow } from "@proven-seat/contract";
import { Sheet } from "../store/entities/sheet.ts";
import { lastOf, limitPlusOne, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { presentSheetRow } from "./issue-sheet.ts";

/** Issued sheets of a tag, newest first. */
export async function sheetsOf(em: EntityManager, tagId: string, page: PageAsked): Promise<Page<SheetRow>> {
  const last = await lastOf(page, (id) => em.findOne(Sheet, { id, tag: tagId }));
  const found = await em.find(
    Sheet,
    last
      ? {
          tag: tagId,
          $or: [{ issuedAt: { $lt: last.issuedAt } }, { issuedAt: last.issuedAt, id: { $lt: last.id } }],
        }
      : { tag: tagId },
    { orderBy: { issuedAt: "desc", id: "desc" }, populate: ["proof"], limit: limitPlusOne(page) },
  );
  return pageOf(found, page, ({ id }) => id, presentSheetRow);
}
