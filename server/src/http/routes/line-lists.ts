import { exportTags, importTags } from "../../work/line-lists.ts";
import type { Mount } from "../mount.ts";

export function mountLineLists(mount: Mount): void {
  mount("importTags", ({ em, project, body, user }) => importTags(em, project, body, user));

  mount("exportTags", async ({ em, project, response }) => {
    response
      .type("text/csv; charset=utf-8")
      .set("Content-Disposition", `attachment; filename="line-list.csv"`)
      .send(`\uFEFF${await exportTags(em, project)}`);
  });
}
