import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { catalogueRowSchema, catalogueVersionSchema, newCatalogueSchema } from "../records.ts";

export const catalogueEndpoints = {
  catalogue: endpoint({
    ...addresses.catalogue,
    says: "Current catalogue",
    project: null,
    role: "engineer",
    answer: catalogueVersionSchema,
  }),
  catalogueVersions: endpoint({
    ...addresses.catalogueVersions,
    says: "Every revision of the catalogue, newest first",
    project: null,
    role: "engineer",
    answer: z.array(catalogueRowSchema),
  }),
  catalogueRevision: endpoint({
    ...addresses.catalogueRevision,
    says: "One revision of the catalogue",
    project: null,
    role: "engineer",
    answer: catalogueVersionSchema,
    problems: [404],
  }),
  newCatalogue: endpoint({
    ...addresses.newCatalogue,
    says: "Import a new revision of the catalogue, complete or not at all",
    project: null,
    role: "engineer",
    body: newCatalogueSchema,
    answer: catalogueRowSchema,
    status: 201,
    problems: [409, 413, 422],
  }),
};
