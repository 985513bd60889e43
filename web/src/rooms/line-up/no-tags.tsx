import type { Project } from "@proven-seat/contract";
import { Link } from "react-router";
import { inProject } from "../../app/project.ts";
import { Notice } from "../../parts/notice.tsx";

/** Shown in an empty project: add a tag, or import a line list. */
export function NoTags({ project, onAdd }: { project: Project | undefined; onAdd: () => void }) {
  return (
    <Notice
      title="No tags yet"
      act={
        <>
          <button type="button" className="act-first" onClick={onAdd}>
            Add a tag
          </button>
          <Link className="act" to={inProject(project, "/import")}>
            Import a line list
          </Link>
        </>
      }
    >
      Import your line list, or add the first tag by hand.
    </Notice>
  );
}
