import { currentCatalogue } from "../../store/current.ts";
import { catalogueAt, catalogueRevisions, putCatalogue } from "../../work/catalogue.ts";
import type { Mount } from "../mount.ts";

export function mountCatalogue(mount: Mount): void {
  mount("catalogue", async ({ em, response }) => {
    const { revision, digest, createdAt, createdBy, content } = await currentCatalogue(em);
    response.set("Cache-Control", "no-cache").set("ETag", `"${digest}"`);
    return { revision, digest, createdAt: createdAt.toISOString(), createdBy, catalogue: content };
  });
  mount("catalogueVersions", ({ em, page }) => catalogueRevisions(em, page));
  mount("catalogueRevision", ({ em, parameters }) => catalogueAt(em, parameters.revision!));
  mount("newCatalogue", ({ em, body, user }) => putCatalogue(em, body, user));
}
