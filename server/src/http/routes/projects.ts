import { once } from "node:events";
import { finished } from "node:stream/promises";
import { createGzip } from "node:zlib";
import { exportProject } from "../../project-file/export.ts";
import { importProject } from "../../project-file/import.ts";
import { NoProject } from "../../project-file/no-project.ts";
import { listProjects, newProject, presentProject, projectNamed, saveProject } from "../../work/projects.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

const fileName = (name: string) => `${name.replace(/[^\w.-]+/g, "_")}.project.jsonl.gz`;

/** The name for the imported project, if one is given. */
function nameAsked(query: Record<string, unknown>): string | undefined {
  const { name } = query;
  if (name === undefined) return undefined;
  if (typeof name === "string" && name.trim() !== "" && name.length <= 120 && !/\p{Cc}/u.test(name))
    return name.trim();
  throw new Problem(422, "bad-input", "name: A name of 1 to 120 characters.", {
    errors: [{ field: "name", message: "A name of 1 to 120 characters." }],
  });
}

const noProject = (fault: string) =>
  new Problem(422, "no-project", `${fault} Nothing was imported.`, {
    errors: [{ field: "file", message: fault }],
  });

/** Every sheet of a project is proved again: thousands take their time. */
const readingMs = 15 * 60_000;

export function mountProjects(mount: Mount): void {
  mount("projects", ({ em, page }) => listProjects(em, page));
  mount("newProject", ({ em, body, user }) => newProject(em, body, user));
  mount("saveProject", ({ em, project, body }) => saveProject(em, project, body));

  mount("takeOutProject", async ({ em, project, user, response, signal }) => {
    const { name } = await projectNamed(em, project);
    const packed = createGzip();
    // If the client leaves, a waiting export is cancelled.
    signal.addEventListener("abort", () => packed.destroy());
    const sent = async (line: string) => {
      if (signal.aborted) throw new Error("nobody is there any more");
      if (!response.headersSent) {
        response
          .type("application/gzip")
          .set("Content-Disposition", `attachment; filename="${fileName(name)}"`)
          .set("Cache-Control", "no-store")
          .flushHeaders();
        packed.pipe(response);
      }
      if (!packed.write(line)) await once(packed, "drain", { signal });
    };
    try {
      await exportProject(em, project, user, sent);
      packed.end();
      await finished(response);
    } catch (error) {
      // Part of it is already sent: breaking off prevents that it is taken for complete.
      if (response.headersSent) response.destroy();
      if (!signal.aborted) throw error;
    }
  });

  mount("bringInProject", async ({ em, body, query, jobs, signal }) => {
    const asked = nameAsked(query);
    const read = await jobs.run("readProject", { bytes: body }, signal, readingMs);
    if ("fault" in read) throw noProject(read.fault);
    try {
      const id = await importProject(em, body, read, asked ?? read.head.project.name);
      return await presentProject(em, await projectNamed(em, id));
    } catch (error) {
      throw error instanceof NoProject ? noProject(error.message) : error;
    }
  });
}
