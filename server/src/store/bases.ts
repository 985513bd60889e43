import { engineVersion } from "@proven-seat/core/judgement/proof";
import { type Reader, rowsOf } from "./sql.ts";

/** What something is proved by: a revision of the catalogue, a version of the house rules, an engine. */
export interface Basis {
  readonly id: number;
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
  readonly engine: string;
}

interface Row {
  id: number;
  catalogue_revision: number;
  house_rule_version: number;
  engine: string;
}
const basisOfRow = ({ id, catalogue_revision, house_rule_version, engine }: Row): Basis => ({
  id,
  catalogueRevision: catalogue_revision,
  houseRuleVersion: house_rule_version,
  engine,
});

/** The basis with this engine, made where there is none; undefined where there is no such revision or version. */
export async function basisWith(
  db: Reader,
  catalogueRevision: number,
  houseRuleVersion: number,
): Promise<Basis | undefined> {
  const values = [catalogueRevision, houseRuleVersion, engineVersion];
  const find = () =>
    rowsOf<Row>(
      db,
      "select * from basis where catalogue_revision = ? and house_rule_version = ? and engine = ?",
      values,
    );
  let [row] = await find();
  if (row === undefined) {
    await rowsOf(
      db,
      `insert into basis (catalogue_revision, house_rule_version, engine)
       select c.revision, h.version, ? from catalogue_version c, house_rule_version h
        where c.revision = ? and h.version = ? on conflict do nothing`,
      [engineVersion, catalogueRevision, houseRuleVersion],
    );
    [row] = await find();
  }
  return row && basisOfRow(row);
}

/** A basis by its id. */
export async function basisNamed(db: Reader, id: number): Promise<Basis> {
  const [row] = await rowsOf<Row>(db, "select * from basis where id = ?", [id]);
  return basisOfRow(row!);
}

/** What a project is proved by: what it is pinned to, and this engine. */
export async function basisOfProject(db: Reader, project: string): Promise<Basis> {
  const [pinned] = await rowsOf<{ catalogue_revision: number; house_rule_version: number }>(
    db,
    "select catalogue_revision, house_rule_version from project where id = ?",
    [project],
  );
  return (await basisWith(db, pinned!.catalogue_revision, pinned!.house_rule_version))!;
}
