import { writeCsv } from "@proven-seat/core/line-list";
import { Sheet } from "../../store/entities/sheet.ts";
import { DutyVersion, Tag } from "../../store/entities/tag.ts";
import { dutyOf } from "../../store/stored.ts";
import { tagRows } from "../../store/tag-rows.ts";
import { importTags } from "../../work/import-tags.ts";
import { addTag, presentTag, projectOrProblem, saveTag, tagOrProblem, writing } from "../../work/tags.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

export function mountTags(mount: Mount): void {
  mount("tags", async ({ em, parameters }) => {
    await projectOrProblem(em, parameters.id!);
    return tagRows(em, parameters.id!);
  });

  mount("createTag", async ({ em, parameters, body, user }) => {
    const project = await projectOrProblem(em, parameters.id!);
    return writing(em, body.number, async (tx) => {
      const tag = addTag(tx, project, body, user);
      await tx.flush();
      return presentTag(tag);
    });
  });

  mount("duties", async ({ em, parameters, body }) => {
    const tags = await em.find(
      Tag,
      { project: parameters.id!, id: { $in: body.ids } },
      { fields: ["id", "version", "duty"] },
    );
    return tags.map(({ id, version, duty }) => ({ id, version, duty: dutyOf({ duty }) }));
  });

  mount("importTags", async ({ em, parameters, body, user }) => {
    const project = await projectOrProblem(em, parameters.id!);
    return em.transactional((tx) => importTags(tx, project, body, user));
  });

  mount("exportTags", async ({ em, parameters, response }) => {
    const project = await projectOrProblem(em, parameters.id!);
    const tags = await em.find(Tag, { project: project.id }, { orderBy: { number: "asc" } });
    response
      .type("text/csv; charset=utf-8")
      .set("Content-Disposition", `attachment; filename="line-list.csv"`)
      .send(`\uFEFF${writeCsv(tags.map(presentTag))}`);
  });

  mount("tag", async ({ em, parameters }) => presentTag(await tagOrProblem(em, parameters.id!)));

  mount("saveTag", ({ em, parameters, body, user }) => saveTag(em, parameters.id!, body, user));

  mount("deleteTag", ({ em, parameters }) =>
    em.transactional(async (tx) => {
      const tag = await tagOrProblem(tx, parameters.id!);
      if ((await tx.count(Sheet, { tag: tag.id })) > 0) {
        throw new Problem(409, "has-sheets", `Tag ${tag.number} has issued sheets and is kept with them.`);
      }
      tx.remove(tag);
    }),
  );

  mount("dutyVersions", async ({ em, parameters }) => {
    const tag = await tagOrProblem(em, parameters.id!);
    const versions = await em.find(DutyVersion, { tagId: tag.id }, { orderBy: { version: "desc" } });
    return versions.map(({ version, duty, createdAt, createdBy }) => ({
      version,
      duty: dutyOf({ duty }),
      createdAt: createdAt.toISOString(),
      createdBy,
    }));
  });
}
