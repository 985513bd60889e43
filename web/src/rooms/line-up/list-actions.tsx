import type { Project } from "@proven-seat/contract";
import { addressOf } from "@proven-seat/contract/addresses";
import { Link } from "react-router";
import { inProject } from "../../app/project.ts";
import { KeyHint } from "../../parts/key-hint.tsx";

interface Props {
  project: Project | undefined;
  onAdd: () => void;
  onSelections: () => void;
}

/** Buttons that add a tag, import a list and export it. */
export function ListActions({ project, onAdd, onSelections }: Props) {
  return (
    <span className="ml-auto flex items-center gap-3">
      <button type="button" className="act" onClick={onAdd}>
        Add tag
        <KeyHint shortcut="n" />
      </button>
      <Link className="act" to={inProject(project, "/import")}>
        Import
        <KeyHint shortcut="i" />
      </Link>
      {project && (
        <>
          <a className="act" href={addressOf("exportTags", { id: project.id })} download>
            Export CSV
          </a>
          <a className="act" href={addressOf("exportWorkbook", { id: project.id })} download>
            Export XLSX
          </a>
          <button
            type="button"
            className="act"
            title="Workbook with the selected valve and its findings for each tag shown"
            onClick={onSelections}
          >
            Selections
          </button>
        </>
      )}
    </span>
  );
}
