import type { Project } from "@proven-seat/contract";
import { useMatch } from "react-router";
import { useProjects } from "./queries.ts";
import { useReading } from "./reading.ts";

/** The project the address names, else the one that was open last, else the first that is not put away. */
export function useProject(): Project | undefined {
  const { data } = useProjects();
  const named = useMatch("/projects/:project/*")?.params.project;
  const last = useReading((s) => s.project);
  return (
    data?.find(({ id }) => id === (named ?? last)) ?? data?.find(({ archived }) => !archived) ?? data?.[0]
  );
}

/** Its id, which the address tells before the projects are read. */
export function useProjectId(): string | undefined {
  const named = useMatch("/projects/:project/*")?.params.project;
  const open = useProject()?.id;
  return named ?? open;
}

/** An address below a project. */
export const inProject = (project: Pick<Project, "id"> | undefined, path: string): string =>
  project ? `/projects/${project.id}${path}` : path;

/**
 * Makes addresses below the project whose room this is; elsewhere they have none before them and lead to the project
 * they belong to.
 */
export function useAddress(): (path: string) => string {
  const id = useMatch("/projects/:project/*")?.params.project;
  return (path) => (id === undefined ? path : inProject({ id }, path));
}
