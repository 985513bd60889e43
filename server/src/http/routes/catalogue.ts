import { catalogueContent, catalogueInForce } from "../../store/current.ts";
import { catalogueAt, catalogueRevisions, putCatalogue } from "../../work/catalogue.ts";
import { isKnown } from "../known.ts";
import type { Mount } from "../mount.ts";

export function mountCatalogue(mount: Mount): void {
  mount("catalogue", async ({ em, request, response }) => {
    const head = await catalogueInForce(em);
    const { revision, digest, createdAt, createdBy } = head;
    if (isKnown(request, response, `${revision}-${digest}`)) return undefined as never;
    const catalogue = await catalogueContent(em, head);
    return { revision, digest, createdAt: createdAt.toISOString(), createdBy, catalogue };
  });
  mount("catalogueVersions", ({ em, page }) => catalogueRevisions(em, page));
  mount("catalogueRevision", ({ em, parameters }) => catalogueAt(em, parameters.revision!));
  mount("newCatalogue", ({ em, body, user }) => putCatalogue(em, body, user));
}
