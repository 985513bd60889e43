import { once } from "node:events";
import { importTags, listedTags } from "../../work/line-lists.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

export function mountLineLists(mount: Mount): void {
  mount("importTags", async ({ em, project, body, user, jobs, signal }) => {
    const list = await jobs.run("readList", { bytes: body }, signal);
    if ("problem" in list) {
      const { status, kind, says, more } = list.problem;
      throw new Problem(status, kind, says, more);
    }
    return importTags(em, project, list, user);
  });

  mount("exportTags", async ({ em, project, response, jobs, signal }) => {
    let first = true;
    for await (const tags of listedTags(em, project)) {
      const { bytes } = await jobs.run("tagRows", { tags, first }, signal);
      // Headers go out with the first rows, so that what fails before is still a problem document.
      if (first)
        response
          .type("text/csv; charset=utf-8")
          .set("Content-Disposition", `attachment; filename="line-list.csv"`);
      first = false;
      if (!response.write(Buffer.from(bytes.buffer)))
        await once(response, "drain", { signal }).catch(() => undefined);
      if (signal.aborted) return;
    }
    response.end();
  });
}
