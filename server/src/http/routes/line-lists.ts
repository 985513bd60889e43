import { pipeline } from "node:stream/promises";
import { endpoints } from "@proven-seat/contract";
import type { ListedTag } from "@proven-seat/core/duty/line-list";
import { listedTags, remarksIn } from "../../store/read-list.ts";
import { draftNamed, draftsOf, memoryOf, remember, removeDraft } from "../../work/drafts.ts";
import { importTags } from "../../work/line-lists.ts";
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
    const remarks = await remarksIn(em, project);
    async function* rows() {
      let first = true;
      for await (const tags of listedTags(em, project)) {
        const { bytes } = await jobs.run("tagRows", { tags, remarks, first }, signal);
        first = false;
        yield Buffer.from(bytes.buffer);
      }
    }
    const exported = rows();
    // Headings are sent with the first rows, so that an earlier failure is still a problem document.
    const { value: head } = await exported.next();
    response
      .type("text/csv; charset=utf-8")
      .set("Content-Disposition", `attachment; filename="line-list.csv"`)
      .write(head);
    try {
      await pipeline(exported, response);
    } catch (error) {
      // The client has left.
      if (!signal.aborted) throw error;
    }
  });

  mount("exportWorkbook", async ({ em, project, response, jobs, signal }) => {
    const remarks = await remarksIn(em, project);
    const tags: ListedTag[] = [];
    for await (const some of listedTags(em, project)) tags.push(...some);
    const { bytes } = await jobs.run("tagWorkbook", { tags, remarks }, signal);
    response
      .type(endpoints.exportWorkbook.mediaType)
      .set("Content-Disposition", `attachment; filename="line-list.xlsx"`)
      .send(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
  });

  mount("drafts", ({ em, project, page }) => draftsOf(em, project, page));
  mount("draft", ({ em, project, parameters }) => draftNamed(em, project, parameters.draft!));
  mount("deleteDraft", ({ em, project, parameters }) => removeDraft(em, project, parameters.draft!));
  mount("listMemory", ({ em, project, parameters }) => memoryOf(em, project, parameters.shape!));
  mount("remember", ({ em, project, parameters, body, user }) =>
    remember(em, project, parameters.shape!, body, user),
  );
}
