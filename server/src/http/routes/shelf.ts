import { UniqueConstraintViolationException } from "@mikro-orm/core";
import { type Catalogue, type CatalogueFault, readCatalogueDocument } from "@proven-seat/core/catalogue";
import type { HouseRules } from "@proven-seat/core/house";
import { digestOf } from "@proven-seat/core/proof";
import { storedHouseRules } from "@proven-seat/core/stored";
import { currentCatalogue, currentHouseRules } from "../../store/current.ts";
import { CatalogueVersion, HouseRuleVersion } from "../../store/entities/versions.ts";
import { catalogueOf, houseRulesOf } from "../../store/stored.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

type Stored = { version: number; values: HouseRules; reason: string; createdAt: Date; createdBy: string };
const presentRules = ({ createdAt, ...rest }: Stored) => ({ ...rest, createdAt: createdAt.toISOString() });

interface Revision {
  revision: number;
  digest: string;
  content: unknown;
  reason: string;
  createdAt: Date;
  createdBy: string;
}
const presentRow = ({ revision, digest, content, reason, createdAt, createdBy }: Revision) => {
  const { name, status } = content as Catalogue;
  return { revision, digest, name, status, reason, createdAt: createdAt.toISOString(), createdBy };
};
const mostFaults = 200;
const broken = (faults: readonly CatalogueFault[]) =>
  new Problem(
    422,
    "invalid-catalogue",
    `The catalogue has ${faults.length} ${faults.length === 1 ? "fault" : "faults"}; nothing was taken over.`,
    {
      errors: faults.slice(0, mostFaults).map((f) => ({
        field: `${f.file}${f.row === null ? "" : `, row ${f.row}`}, ${f.field}`,
        message: f.reason,
      })),
    },
  );

const stale = (version: number) =>
  new Problem(
    409,
    "stale",
    `House rules version ${version} is in force by now. Look at it before you change the rules.`,
  );

export function mountShelf(mount: Mount): void {
  mount("catalogue", async ({ em, response }) => {
    const { revision, digest, createdAt, createdBy, content } = await currentCatalogue(em);
    response.set("Cache-Control", "no-cache").set("ETag", `"${digest}"`);
    return { revision, digest, createdAt: createdAt.toISOString(), createdBy, catalogue: content };
  });

  mount("catalogueVersions", async ({ em }) => {
    const versions = await em.find(CatalogueVersion, {}, { orderBy: { revision: "desc" } });
    return versions.map(presentRow);
  });

  mount("catalogueRevision", async ({ em, parameters }) => {
    const revision = Number(parameters.revision);
    const found = Number.isInteger(revision) && (await em.findOne(CatalogueVersion, { revision }));
    if (!found)
      throw new Problem(404, "not-found", `There is no revision ${parameters.revision} of the catalogue.`);
    const { digest, createdAt, createdBy } = found;
    const catalogue = catalogueOf(found);
    return { revision, digest, createdAt: createdAt.toISOString(), createdBy, catalogue };
  });

  mount("newCatalogue", async ({ em, body, user }) => {
    const reading = readCatalogueDocument(body.catalogue);
    if (!reading.catalogue) throw broken(reading.faults);
    const { catalogue } = reading;
    try {
      return await em.transactional(async (tx) => {
        const { revision, digest } = await currentCatalogue(tx);
        if (revision !== body.basedOn)
          throw new Problem(
            409,
            "stale",
            `Revision ${revision} of the catalogue is on the shelf by now. Look at the difference before you replace it.`,
          );
        // The revision on the shelf is the shelf's own count, whatever the document calls itself.
        const content = { ...catalogue, revision: revision + 1 };
        if (digestOf({ ...catalogue, revision }) === digest)
          throw new Problem(
            409,
            "same-catalogue",
            `It is the same as revision ${revision}; there is nothing to put on the shelf.`,
          );
        const next = tx.create(CatalogueVersion, {
          revision: content.revision,
          digest: digestOf(content),
          content,
          reason: body.reason,
          createdAt: new Date(),
          createdBy: user,
        });
        await tx.flush();
        return presentRow(next);
      });
    } catch (error) {
      if (error instanceof UniqueConstraintViolationException)
        throw new Problem(
          409,
          "stale",
          "Another revision was put on the shelf at the same time. Look at it first.",
        );
      throw error;
    }
  });

  mount("houseRules", async ({ em }) => presentRules(await currentHouseRules(em)));

  mount("houseRuleVersions", async ({ em }) => {
    const versions = await em.find(HouseRuleVersion, {}, { orderBy: { version: "desc" } });
    return versions.map(({ version, content, reason, createdAt, createdBy }) =>
      presentRules({ version, values: houseRulesOf({ content }), reason, createdAt, createdBy }),
    );
  });

  mount("newHouseRules", async ({ em, body, user }) => {
    try {
      return await em.transactional(async (tx) => {
        const { version } = await currentHouseRules(tx);
        if (version !== body.basedOn) throw stale(version);
        const next = { version: version + 1, reason: body.reason, createdAt: new Date(), createdBy: user };
        tx.create(HouseRuleVersion, { ...next, content: storedHouseRules(body.values) });
        await tx.flush();
        return presentRules({ ...next, values: body.values });
      });
    } catch (error) {
      if (error instanceof UniqueConstraintViolationException) throw stale(body.basedOn + 1);
      throw error;
    }
  });
}
