import { z } from "zod";
import { endpoint } from "../endpoint.ts";
import { projectSchema } from "../records.ts";

export const projectsEndpoints = {
  projects: endpoint({
    method: "get",
    path: "/api/projects",
    says: "Projects",
    project: null,
    role: "engineer",
    paged: true,
    answer: z.array(projectSchema),
  }),
};
