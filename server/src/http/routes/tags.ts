import { z } from "zod";
import { tagRows } from "../../store/tag-rows.ts";
import {
  createTag,
  dutiesOf,
  dutyVersions,
  presentState,
  removeTag,
  saveTag,
  tagNamed,
} from "../../work/tags.ts";
import { isKnown } from "../known.ts";
import type { Mount } from "../mount.ts";
import { badInput } from "../problem.ts";

const versionQuery = z.object({
  version: z.coerce.number({ error: "State the version you see, for example ?version=3" }).int(),
});

function versionAsked(query: Record<string, unknown>): number {
  const parsed = versionQuery.safeParse(query);
  if (!parsed.success) throw badInput(parsed.error);
  return parsed.data.version;
}

export function mountTags(mount: Mount): void {
  mount("tags", ({ db, project, page }) => tagRows(db, project, page));
  mount("createTag", ({ em, project, body, user }) => createTag(em, project, body, user));
  mount("duties", ({ em, project, body }) => dutiesOf(em, project, body.ids));
  mount("tag", async ({ db, parameters, request, response }) => {
    const tag = await tagNamed(db, parameters.id!);
    return isKnown(request, response, `${tag.id}-${tag.version}`) ? (undefined as never) : presentState(tag);
  });
  mount("saveTag", ({ db, parameters, body, user }) => saveTag(db, parameters.id!, body, user));
  mount("deleteTag", ({ em, parameters, query }) => removeTag(em, parameters.id!, versionAsked(query)));
  mount("dutyVersions", ({ em, parameters, page }) => dutyVersions(em, parameters.id!, page));
}
