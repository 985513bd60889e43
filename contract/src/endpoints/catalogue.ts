import { z } from "zod";
import { endpoint } from "../endpoint.ts";
import { catalogueRowSchema, catalogueVersionSchema, newCatalogueSchema } from "../records.ts";

export const catalogueEndpoints = {
  catalogue: endpoint({
    method: "get",
    path: "/api/catalogue",
    says: "Current catalogue",
    project: null,
    role: "engineer",
    answer: catalogueVersionSchema,
  }),
  catalogueVersions: endpoint({
    method: "get",
    path: "/api/catalogue/versions",
    says: "Every revision of the catalogue, newest first",
    project: null,
    role: "engineer",
    paged: true,
    answer: z.array(catalogueRowSchema),
  }),
  catalogueRevision: endpoint({
    method: "get",
    path: "/api/catalogue/{revision}",
    says: "One revision of the catalogue",
    project: null,
    role: "engineer",
    answer: catalogueVersionSchema,
    problems: [404],
  }),
  newCatalogue: endpoint({
    method: "post",
    path: "/api/catalogue",
    says: "Put a new revision of the catalogue on the shelf: all of it or nothing",
    project: null,
    role: "engineer",
    body: newCatalogueSchema,
    answer: catalogueRowSchema,
    status: 201,
    problems: [409, 413, 422],
  }),
};
