import type { EntityManager } from "@mikro-orm/postgresql";
import { digestOf, reprove, type Sheet as SheetDocument } from "@proven-seat/core/judgement/proof";
import { Sheet } from "../store/entities/sheet.ts";
import { DutyVersion, Tag } from "../store/entities/tag.ts";
import { CatalogueVersion, HouseRuleVersion } from "../store/entities/versions.ts";
import { catalogueOf, dutyOf, houseRulesOf } from "../store/stored.ts";

/** The records examined, and every record with a fault. */
export interface Verified {
  readonly tags: number;
  readonly duties: number;
  readonly catalogues: number;
  readonly houseRules: number;
  readonly sheets: number;
  readonly faults: readonly string[];
}

const atOnce = 50;

/** Every record of a kind, a few at a time, so that memory does not grow with the database. */
async function eachOf<Row extends object>(
  em: EntityManager,
  entity: { new (): Row } | unknown,
  orderBy: object,
  nameOf: (row: Row) => string,
  look: (row: Row) => string | null,
): Promise<{ count: number; faults: string[] }> {
  const faults: string[] = [];
  let count = 0;
  for (;;) {
    const rows = (await em
      .fork()
      .find(entity as never, {}, { orderBy: orderBy as never, limit: atOnce, offset: count })) as Row[];
    for (const row of rows) {
      let fault: string | null;
      try {
        fault = look(row);
      } catch (error) {
        fault = `cannot be read: ${(error as Error).message}`;
      }
      if (fault !== null) faults.push(`${nameOf(row)} ${fault}`);
    }
    count += rows.length;
    if (rows.length < atOnce) return { count, faults };
  }
}

/** A record that only has to be readable, in its own format. */
const read =
  <Row>(reading: (row: Row) => unknown) =>
  (row: Row): null => {
    reading(row);
    return null;
  };

const sheetName = ({ id, revision, content }: Sheet) =>
  `sheet ${(content as Partial<SheetDocument>)?.tag?.number ?? id}, revision ${revision}`;

function sheetFault({ content }: Sheet): string | null {
  const again = reprove(content);
  if ("error" in again) return `cannot be read: ${again.error.message}`;
  const { digest } = content as SheetDocument;
  if (again.digest !== digest) return "does not match its digest: its inputs were altered";
  // Another engine may judge otherwise; the same one must not.
  if (!again.same && again.engine.was === again.engine.now)
    return `gives a different proof: ${again.because.join(" ")}`;
  return null;
}

/**
 * Reads every record of a database: duties, catalogues and house rules in their own format, every digest with its
 * content, every sheet proved again.
 */
export async function verifyStored(em: EntityManager): Promise<Verified> {
  const tags = await eachOf<Tag>(em, Tag, { id: "asc" }, ({ number }) => `tag ${number}`, read(dutyOf));
  const duties = await eachOf<{ tagId: string; version: number; duty: unknown }>(
    em,
    DutyVersion,
    { tagId: "asc", version: "asc" },
    ({ tagId, version }) => `duty ${version} of tag ${tagId}`,
    read(dutyOf),
  );
  const catalogues = await eachOf<{ revision: number; digest: string; content: unknown }>(
    em,
    CatalogueVersion,
    { revision: "asc" },
    ({ revision }) => `catalogue revision ${revision}`,
    (revision) => {
      catalogueOf(revision);
      return digestOf(revision.content) === revision.digest ? null : "does not match its digest";
    },
  );
  const houseRules = await eachOf<{ version: number; content: unknown }>(
    em,
    HouseRuleVersion,
    { version: "asc" },
    ({ version }) => `house rules version ${version}`,
    read(houseRulesOf),
  );
  const sheets = await eachOf<Sheet>(em, Sheet, { id: "asc" }, sheetName, sheetFault);
  return {
    tags: tags.count,
    duties: duties.count,
    catalogues: catalogues.count,
    houseRules: houseRules.count,
    sheets: sheets.count,
    faults: [tags, duties, catalogues, houseRules, sheets].flatMap(({ faults }) => faults),
  };
}
