import type { Project } from "@proven-seat/contract";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { call } from "../../app/api.ts";
import { inProject, useProject } from "../../app/project.ts";
import { queryClient, useProjects } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { Notice } from "../../parts/notice.tsx";
import { fileOf, ImportProject } from "./import-project.tsx";
import { Settings } from "./settings.tsx";

/** Creates a project: empty, or with the tags and settings of another. */
function CreateProject({ projects }: { projects: readonly Project[] }) {
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const [from, setFrom] = useState("");
  const [failure, setFailure] = useState<string | null>(null);
  const begin = async () => {
    const other = projects.find(({ id }) => id === from);
    try {
      const { defaults, numbering, unitSystem, standards } = other ?? {};
      const made = await call("newProject", {
        body: {
          name: name.trim(),
          ...(other ? { defaults, numbering, unitSystem, standards, copyOf: other.id } : {}),
        } as never,
      });
      await queryClient.invalidateQueries({ queryKey: queryKeys.projects() });
      void navigate(inProject(made, "/line-up"));
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <form
      aria-label="Create a project"
      className="flex flex-wrap items-center gap-3 border-y border-rule py-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim() !== "") void begin();
      }}
    >
      <label className="flex items-center gap-2">
        New project
        <input
          className="field w-64! border-b-rule!"
          value={name}
          maxLength={120}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <label className="flex items-center gap-2">
        content
        <select
          className="field w-auto! border-b-rule!"
          value={from}
          onChange={(e) => setFrom(e.target.value)}
        >
          <option value="">empty</option>
          {projects.map((project) => (
            <option key={project.id} value={project.id}>
              as a copy of {project.name}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="act-first" disabled={name.trim() === ""}>
        Create
      </button>
      {from !== "" && (
        <span className="text-dim">Tags, duties and selections are copied. Issued sheets are not.</span>
      )}
      {failure && (
        <span role="alert" className="text-fails">
          {failure}
        </span>
      )}
    </form>
  );
}

/** Every project with its defaults, and the form for a new one. */
export function ProjectsRoom() {
  const projects = useProjects();
  const open = useProject();
  const [picked, setPicked] = useState<string | null>(null);
  if (projects.error)
    return <Notice title="The projects could not be loaded">{projects.error.message}</Notice>;
  if (!projects.data) return <Notice title="Loading the projects …" />;
  const list = [...projects.data].sort((a, b) => Number(a.archived) - Number(b.archived));
  const shown = list.find(({ id }) => id === (picked ?? open?.id)) ?? list[0];
  return (
    <div className="grid h-full grid-cols-[minmax(16rem,22rem)_minmax(0,1fr)]">
      <InHeader>
        <h1 className="text-[13px] font-semibold">Projects</h1>
      </InHeader>
      <InStatus>
        {list.length} {list.length === 1 ? "project" : "projects"}
      </InStatus>
      <nav aria-label="Projects" className="overflow-auto border-r border-rule px-6 py-3">
        <ul>
          {list.map((project) => (
            <li key={project.id} className="flex items-baseline gap-3 border-b border-rule/60 py-1">
              <button
                type="button"
                className={`min-w-0 flex-1 truncate text-left ${project.id === shown?.id ? "font-semibold" : ""} ${project.archived ? "text-dim" : ""}`}
                aria-current={project.id === shown?.id}
                title={project.name}
                onClick={() => setPicked(project.id)}
              >
                {project.name}
                {project.archived && " (archived)"}
              </button>
              <span className="figures text-dim">{project.tags}</span>
              <Link className="quiet underline" to={inProject(project, "/line-up")}>
                open
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <section aria-label="Project" className="overflow-auto px-6 py-3">
        <CreateProject projects={list} />
        <ImportProject />
        {shown && (
          <>
            <h2 className="mt-4 mb-1 flex items-baseline gap-4">
              {shown.name}
              <span className="font-normal text-dim">
                uses catalogue r{shown.catalogueRevision}, house rules v{shown.houseRuleVersion}{" "}
                <Link className="underline" to={inProject(shown, "/drift")}>
                  update
                </Link>
              </span>
              <a className="act ml-auto font-normal" href={fileOf(shown)} download>
                Export project
              </a>
            </h2>
            <Settings key={`${shown.id} ${shown.version}`} project={shown} />
          </>
        )}
      </section>
    </div>
  );
}
