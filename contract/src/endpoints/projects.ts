import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { newProjectSchema, projectSchema, saveProjectSchema } from "../project-records.ts";

export const projectsEndpoints = {
  projects: endpoint({
    ...addresses.projects,
    says: "Projects",
    project: null,
    role: "engineer",
    answer: z.array(projectSchema),
  }),
  newProject: endpoint({
    ...addresses.newProject,
    says: "Create a project, empty or with the tags and settings of another",
    project: null,
    role: "engineer",
    body: newProjectSchema,
    answer: projectSchema,
    status: 201,
    problems: [404, 409, 422],
  }),
  saveProject: endpoint({
    ...addresses.saveProject,
    says: "Change a project's name, settings or whether it is archived; a stale version answers 409",
    project: "in path",
    role: "engineer",
    body: saveProjectSchema,
    answer: projectSchema,
    problems: [404, 409, 422],
  }),
  takeOutProject: endpoint({
    ...addresses.takeOutProject,
    says: "A project as one file with history and digests, as lines of JSON (gzip)",
    project: "in path",
    role: "engineer",
    answer: null,
    mediaType: "application/gzip",
    problems: [404],
  }),
  bringInProject: endpoint({
    ...addresses.bringInProject,
    says: "Import a project file with every digest checked, complete or not at all",
    project: null,
    role: "engineer",
    query: { name: "name of the project; the name in the file if omitted" },
    bodyAsSent: true,
    answer: projectSchema,
    status: 201,
    problems: [409, 413, 422],
  }),
};
