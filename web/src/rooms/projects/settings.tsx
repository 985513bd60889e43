import { type Project, saveProjectSchema } from "@proven-seat/contract";
import { unitSystems } from "@proven-seat/core/basis/units";
import { defaultFields, valueAt, withValueAt } from "@proven-seat/core/duty";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { useReading } from "../../app/reading.ts";
import { DefaultField } from "./default-field.tsx";

type Draft = Pick<
  Project,
  "name" | "note" | "defaults" | "numbering" | "unitSystem" | "standards" | "archived"
>;

const draftOf = ({ name, note, defaults, numbering, unitSystem, standards, archived }: Project): Draft => ({
  name,
  note,
  defaults,
  numbering,
  unitSystem,
  standards,
  archived,
});

/** A project's name, defaults of its tags, and numbering. */
export function Settings({ project }: { project: Project }) {
  const [draft, setDraft] = useState<Draft>(draftOf(project));
  const [failure, setFailure] = useState<string | null>(null);
  const parsed = saveProjectSchema.safeParse({ ...draft, version: project.version });
  const faults = new Map(parsed.error?.issues.map(({ path, message }) => [path.join("."), message]));
  const changed = JSON.stringify(draft) !== JSON.stringify(draftOf(project));
  const set = (change: Partial<Draft>) => setDraft({ ...draft, ...change });
  const save = async (next: Draft) => {
    try {
      await call("saveProject", {
        parameters: { id: project.id },
        body: { ...next, version: project.version },
      });
      if (useReading.getState().project === project.id && next.unitSystem !== project.unitSystem)
        useReading.getState().set({ system: next.unitSystem });
      setFailure(null);
    } catch (error) {
      setFailure((error as Error).message);
    }
    await queryClient.invalidateQueries({ queryKey: queryKeys.projects() });
  };
  const text = (key: "name" | "note" | "numbering" | "standards", label: string, hint: string) => (
    <div className="grid grid-cols-[11rem_minmax(0,24rem)_minmax(0,1fr)] items-baseline gap-3 border-b border-rule/60 py-0.5">
      <label htmlFor={`project-${key}`}>{label}</label>
      <input
        id={`project-${key}`}
        className="field border-b-rule!"
        value={draft[key]}
        aria-invalid={faults.has(key)}
        aria-describedby={`about-${key}`}
        onChange={(e) => set({ [key]: e.target.value })}
      />
      <span id={`about-${key}`} className={`text-[12px] ${faults.has(key) ? "text-fails" : "text-dim"}`}>
        {faults.get(key) ?? hint}
      </span>
    </div>
  );
  return (
    <form
      aria-label={`Settings of ${project.name}`}
      onSubmit={(e) => {
        e.preventDefault();
        if (parsed.success && changed) void save(draft);
      }}
    >
      {text("name", "Name", "Printed on every sheet.")}
      {text("note", "Note", "Shown in the footer of the line-up.")}
      {text(
        "numbering",
        "Numbering",
        "Pattern for a new tag. The # characters become the next number, as in XV-####.",
      )}
      {text("standards", "Standards", "Codes and editions of the project.")}
      <div className="grid grid-cols-[11rem_minmax(0,14rem)] items-baseline gap-3 border-b border-rule/60 py-0.5">
        <label htmlFor="project-units">Units</label>
        <select
          id="project-units"
          className="field border-b-rule!"
          value={draft.unitSystem}
          onChange={(e) => set({ unitSystem: e.target.value as Draft["unitSystem"] })}
        >
          {unitSystems.map((system) => (
            <option key={system}>{system}</option>
          ))}
        </select>
      </div>
      <h3 className="mt-3">
        Defaults for tags{" "}
        <span className="font-normal text-dim">for new tags, and for imported tags if the list is blank</span>
      </h3>
      {defaultFields.map((field) => (
        <DefaultField
          key={field.path}
          field={field}
          value={valueAt(draft.defaults, field.path)}
          error={faults.get(`defaults.${field.path}`)}
          onValue={(value) => set({ defaults: withValueAt(draft.defaults, field.path, value) })}
        />
      ))}
      {failure && (
        <p role="alert" className="mt-2 text-fails">
          {failure}
        </p>
      )}
      <p className="mt-3 flex flex-wrap gap-3">
        <button type="submit" className="act-first" disabled={!changed || !parsed.success}>
          Save
        </button>
        <button type="button" className="act" disabled={!changed} onClick={() => setDraft(draftOf(project))}>
          Discard changes
        </button>
        <button
          type="button"
          className="act ml-auto"
          onClick={() => void save({ ...draftOf(project), archived: !project.archived })}
        >
          {project.archived ? "Restore from archive" : "Archive"}
        </button>
      </p>
    </form>
  );
}
