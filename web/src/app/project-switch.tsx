import { useNavigate } from "react-router";
import { inProject, useProject } from "./project.ts";
import { useProjects } from "./queries.ts";

const allProjects = "all";

/** The open project, and a menu of the others. */
export function ProjectSwitch() {
  const { data = [] } = useProjects();
  const project = useProject();
  const navigate = useNavigate();
  if (!project) return null;
  return (
    <span className="flex items-center">
      <select
        className="field w-auto! max-w-40 font-semibold"
        aria-label="Project"
        title={project.note || project.name}
        value={project.id}
        onChange={(e) => {
          const to = data.find(({ id }) => id === e.target.value);
          void navigate(to ? inProject(to, "/line-up") : "/projects");
        }}
      >
        {data
          .filter(({ id, archived }) => !archived || id === project.id)
          .map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        <option value={allProjects}>All projects …</option>
      </select>
      <span aria-hidden="true" className="-ml-0.5 text-[10px] text-dim">
        ▾
      </span>
    </span>
  );
}
