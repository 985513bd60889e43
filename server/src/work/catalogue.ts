import { UniqueConstraintViolationException } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { CatalogueRow, NewCatalogue, CatalogueVersion as Whole } from "@proven-seat/contract";
import {
  type Catalogue,
  type CatalogueFault,
  readCatalogueDocument,
} from "@proven-seat/core/equipment/catalogue";
import { digestOf } from "@proven-seat/core/judgement/proof";
import { catalogueContent, catalogueInForce } from "../store/current.ts";
import { CatalogueVersion } from "../store/entities/versions.ts";
import { takeTurn } from "../store/locks.ts";
import { below, limitPlusOne, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { Refusal } from "./refusal.ts";

interface Revision {
  revision: number;
  digest: string;
  content: unknown;
  reason: string;
  broughtIn: boolean;
  createdAt: Date;
  createdBy: string;
}

const presentRow = ({ content, createdAt, ...row }: Revision): CatalogueRow => {
  const { revision, digest, reason, broughtIn, createdBy } = row;
  const { name, status } = content as Catalogue;
  return {
    revision,
    digest,
    name,
    status,
    reason,
    broughtIn,
    createdAt: createdAt.toISOString(),
    createdBy,
  };
};

/** Every revision without its content, newest first. */
export async function catalogueRevisions(em: EntityManager, page: PageAsked): Promise<Page<CatalogueRow>> {
  const found = await em.find(
    CatalogueVersion,
    { revision: { $lt: below(page) } },
    { orderBy: { revision: "desc" }, limit: limitPlusOne(page) },
  );
  return pageOf(found, page, ({ revision }) => revision, presentRow);
}

/** One revision with its content, in the newest format. */
export async function catalogueAt(em: EntityManager, number: string): Promise<Whole> {
  const revision = Number(number);
  const known = Number.isInteger(revision) && Math.abs(revision) < 2 ** 31;
  if (!known || (await em.count(CatalogueVersion, { revision })) === 0)
    throw new Refusal("not-there", `Catalogue revision ${number} does not exist.`);
  const head = await catalogueInForce(em, revision);
  const { digest, createdAt, createdBy } = head;
  const catalogue = await catalogueContent(em, head);
  return { revision, digest, createdAt: createdAt.toISOString(), createdBy, catalogue };
}

const mostFaults = 200;
const broken = (faults: readonly CatalogueFault[]) =>
  new Refusal(
    "invalid-catalogue",
    `The catalogue has ${faults.length} ${faults.length === 1 ? "fault" : "faults"}. Nothing was imported.`,
    {
      errors: faults.slice(0, mostFaults).map((f) => ({
        field: `${f.file}${f.row === null ? "" : `, row ${f.row}`}, ${f.field}`,
        message: f.reason,
      })),
    },
  );

/** Adds a new revision to the shelf, all of it or nothing. */
export async function putCatalogue(
  em: EntityManager,
  asked: NewCatalogue,
  user: string,
): Promise<CatalogueRow> {
  const reading = readCatalogueDocument(asked.catalogue);
  if (!reading.catalogue) throw broken(reading.faults);
  const { catalogue } = reading;
  try {
    return await em.transactional(async (tx) => {
      // One by one: the revision in force must not change while the next is numbered.
      await takeTurn(tx, "the catalogue's next revision");
      const { revision, digest } = await catalogueInForce(tx);
      if (revision !== asked.basedOn)
        throw new Refusal(
          "stale",
          `Revision ${revision} of the catalogue was imported in the meantime. Check the differences before you replace it.`,
        );
      // Revisions are numbered by the shelf, whatever number the document has.
      const [last] = await tx.find(
        CatalogueVersion,
        {},
        { orderBy: { revision: "desc" }, limit: 1, fields: ["revision"] },
      );
      const content = { ...catalogue, revision: last!.revision + 1 };
      if (digestOf({ ...catalogue, revision }) === digest)
        throw new Refusal(
          "same-catalogue",
          `The catalogue is identical to revision ${revision}. Nothing was imported.`,
        );
      const next = tx.create(CatalogueVersion, {
        revision: content.revision,
        digest: digestOf(content),
        content,
        reason: asked.reason,
        broughtIn: false,
        createdAt: new Date(),
        createdBy: user,
      });
      await tx.flush();
      return presentRow(next);
    });
  } catch (error) {
    if (error instanceof UniqueConstraintViolationException)
      throw new Refusal("stale", "Another revision was imported at the same time. Check it first.");
    throw error;
  }
}
