import type { Project } from "@proven-seat/contract";
import { addressOf } from "@proven-seat/contract/addresses";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { ApiProblem, call } from "../../app/api.ts";
import { inProject } from "../../app/project.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";

/** Imports an exported project: checked on the server, all of it or nothing. */
export function ImportProject() {
  const navigate = useNavigate();
  const picker = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [name, setName] = useState("");
  const [state, setState] = useState<"idle" | "busy" | { readonly failure: string; readonly named: boolean }>(
    "idle",
  );
  const bring = async (from: File, as: string) => {
    setState("busy");
    try {
      const query: Record<string, string> = as === "" ? {} : { name: as };
      const made: Project = await call("bringInProject", { file: from, query });
      await Promise.all(
        [queryKeys.projects(), queryKeys.catalogueVersions(), queryKeys.houseRuleVersions()].map((queryKey) =>
          queryClient.invalidateQueries({ queryKey }),
        ),
      );
      void navigate(inProject(made, "/line-up"));
    } catch (error) {
      const named = error instanceof ApiProblem && error.problem.type.endsWith("/name-taken");
      setState({ failure: (error as Error).message, named });
    }
  };
  const failure = typeof state === "object" ? state : null;
  return (
    <form
      aria-label="Import a project"
      className="flex flex-wrap items-center gap-3 border-b border-rule py-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (file) void bring(file, name.trim());
      }}
    >
      <button
        type="button"
        className="act"
        disabled={state === "busy"}
        onClick={() => picker.current?.click()}
      >
        Import project …
      </button>
      <input
        ref={picker}
        type="file"
        accept=".gz"
        className="sr-only"
        aria-label="project file"
        tabIndex={-1}
        onChange={(e) => {
          const [picked] = e.target.files ?? [];
          e.target.value = "";
          if (!picked) return;
          setFile(picked);
          setName("");
          void bring(picked, "");
        }}
      />
      {state === "busy" ? (
        <span className="text-dim" role="status">
          checking every digest and proving every sheet of {file?.name} …
        </span>
      ) : failure ? (
        <span role="alert" className="text-fails">
          {failure.failure}
        </span>
      ) : (
        <span className="text-dim">A project file exported here or elsewhere, with its history.</span>
      )}
      {failure?.named && (
        <span className="flex items-center gap-3">
          <label className="flex items-center gap-2">
            import as
            <input
              className="field w-56! border-b-rule!"
              value={name}
              maxLength={120}
              onChange={(e) => setName(e.target.value)}
            />
          </label>
          <button type="submit" className="act-first" disabled={name.trim() === ""}>
            Import
          </button>
        </span>
      )}
    </form>
  );
}

/** Address of a project's file. */
export const fileOf = (project: Pick<Project, "id">): string =>
  addressOf("takeOutProject", { id: project.id });
