import { useState } from "react";
import { Link, useLocation } from "react-router";
import { inProject, useProject } from "../../app/project.ts";
import { useProjects } from "../../app/queries.ts";

/** The first visit opens on a demonstration tag: explains it, and how to start a project. */
export function Welcome() {
  const { state } = useLocation() as { state: { readonly first?: true } | null };
  const { data = [] } = useProjects();
  const open = useProject();
  const [shut, setShut] = useState(false);
  if (shut || !state?.first) return null;
  const own = data.find(({ id, archived }) => id !== open?.id && !archived);
  return (
    <aside
      aria-label="Getting started"
      className="flex items-center gap-4 border-b border-rule bg-second px-6 py-2"
    >
      <p className="min-w-0 flex-1">
        This is <strong>{open?.name}</strong>, an invented plant. The open tag has a problem worth looking at.{" "}
        {own ? (
          <>
            Your own project is empty:{" "}
            <Link className="underline" to={inProject(own, "/import")}>
              import your line list into {own.name}
            </Link>
            ,{" "}
            <Link className="underline" to={inProject(own, "/line-up")}>
              add a tag by hand
            </Link>
            , or{" "}
          </>
        ) : (
          "To work on your own tags, "
        )}
        <Link className="underline" to="/projects">
          create a project
        </Link>
        .
      </p>
      <button type="button" className="quiet" onClick={() => setShut(true)}>
        close
      </button>
    </aside>
  );
}
