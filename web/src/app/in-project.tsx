import { useEffect } from "react";
import { Link, Navigate, Outlet, useLocation, useParams } from "react-router";
import { Notice } from "../parts/notice.tsx";
import { inProject, useProject } from "./project.ts";
import { useProjects, useTag } from "./queries.ts";
import { useReading } from "./reading.ts";
import { TagUnread } from "./tag-unread.tsx";

/** Everything below a project's address: checks that the project exists, and remembers it. */
export function InProject() {
  const { project: id = "" } = useParams();
  const { data } = useProjects();
  const project = data?.find((project) => project.id === id);
  const system = project?.unitSystem;
  const { set } = useReading.getState();
  useEffect(() => {
    if (system === undefined) return;
    // On entry the project's units apply; a reader who then changes them keeps the change.
    if (useReading.getState().project !== id) set({ project: id, system });
  }, [system, id, set]);
  if (data && !project)
    return (
      <Notice
        title="Project not found"
        act={
          <Link className="act" to="/projects">
            Projects
          </Link>
        }
      >
        It may have been removed, or the address is incomplete.
      </Notice>
    );
  return <Outlet />;
}

/** An address without its project leads to the project that is open. */
export function ToProject() {
  const project = useProject();
  const { pathname, state } = useLocation();
  const { error } = useProjects();
  if (error) return <Notice title="The projects could not be loaded">{error.message}</Notice>;
  if (!project) return <Notice title="Opening …" />;
  return <Navigate replace to={inProject(project, pathname)} state={state} />;
}

/** A tag's address without its project leads to the project it belongs to. */
export function ToTag() {
  const { tagId = "" } = useParams();
  const { pathname, state } = useLocation();
  const tag = useTag(tagId);
  if (tag.error) return <TagUnread error={tag.error} onAgain={() => void tag.refetch()} />;
  if (!tag.data) return <Notice title="Opening …" />;
  return <Navigate replace to={inProject({ id: tag.data.projectId }, pathname)} state={state} />;
}
