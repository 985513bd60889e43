import type { Project } from "@proven-seat/contract";
import { useMatch } from "react-router";
import { useProjects } from "./queries.ts";
import { useReading } from "./reading.ts";

/** The project of the address, else the one opened last, else the first that is not archived. */
export function useProject(): Project | undefined {
  const { data } = useProjects();
  const named = useMatch("/projects/:project/*")?.params.project;
  const last = useReading((s) => s.project);
  return (
    data?.find(({ id }) => id === (named ?? last)) ?? data?.find(({ archived }) => !archived) ?? data?.[0]
  );
}

/** Its id, known from the address before the projects are read. */
export function useProjectId(): string | undefined {
  const named = useMatch("/projects/:project/*")?.params.project;
  const open = useProject()?.id;
  return named ?? open;
}

/** An address below a project. */
export const inProject = (project: Pick<Project, "id"> | undefined, path: string): string =>
  project ? `/projects/${project.id}${path}` : path;

/**
 * Builds addresses below the project of the current room; elsewhere they have no prefix and lead to their own project.
 */
export function useAddress(): (path: string) => string {
  const id = useMatch("/projects/:project/*")?.params.project;
  return (path) => (id === undefined ? path : inProject({ id }, path));
}
