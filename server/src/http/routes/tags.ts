import { tagRows } from "../../store/tag-rows.ts";
import {
  createTag,
  dutiesOf,
  dutyVersions,
  presentTag,
  removeTag,
  saveTag,
  tagNamed,
} from "../../work/tags.ts";
import type { Mount } from "../mount.ts";

export function mountTags(mount: Mount): void {
  mount("tags", ({ em, project, page }) => tagRows(em, project, page));
  mount("createTag", ({ em, project, body, user }) => createTag(em, project, body, user));
  mount("duties", ({ em, project, body }) => dutiesOf(em, project, body.ids));
  mount("tag", async ({ em, parameters }) => presentTag(await tagNamed(em, parameters.id!)));
  mount("saveTag", ({ em, parameters, body, user }) => saveTag(em, parameters.id!, body, user));
  mount("deleteTag", ({ em, parameters }) => removeTag(em, parameters.id!));
  mount("dutyVersions", ({ em, parameters, page }) => dutyVersions(em, parameters.id!, page));
}
