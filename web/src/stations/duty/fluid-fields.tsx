import { hazards as allHazards, type Hazard } from "@proven-seat/core/duty";
import { fluidEstimates } from "@proven-seat/core/fluid";
import { fluidNamed, fluids } from "@proven-seat/core/reference";
import { memo, useMemo } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { DutyFieldRow } from "./duty-field.tsx";
import { FieldRow } from "./field-row.tsx";
import { panelRows } from "./fields.ts";

const byName = [...fluids].sort((a, b) => a.name.localeCompare(b.name));

function Hazards({ fault }: { fault: string | undefined }) {
  const fluid = useBench((s) => s.content!.duty.fluid);
  const { editDuty } = useBench.getState();
  const ofSubstance = (
    fluid.substance === null ? [] : (fluidNamed(fluid.substance)?.hazards ?? [])
  ) as readonly string[];
  const inUse = new Set<string>(fluid.hazards ?? ofSubstance);
  const turn = (hazard: Hazard) => {
    const next = allHazards.filter((h) => (h === hazard ? !inUse.has(h) : inUse.has(h)));
    editDuty({ fluid: { ...fluid, hazards: next } });
  };
  return (
    <FieldRow label="hazards" path="fluid.hazards" fault={fault}>
      <fieldset aria-label="hazards" className="flex flex-wrap gap-x-1 gap-y-0.5">
        {allHazards.map((hazard) => (
          <button
            key={hazard}
            type="button"
            aria-pressed={inUse.has(hazard)}
            className={`border px-1 text-[12px] ${inUse.has(hazard) ? "border-ink bg-second text-ink" : "border-rule text-dim"} ${fluid.hazards === null ? "border-dashed" : ""}`}
            onClick={() => turn(hazard)}
          >
            {hazard}
          </button>
        ))}
        <span className="w-full text-[12px] text-dim">
          {fluid.hazards !== null ? (
            <button
              type="button"
              className="quiet px-0! text-left"
              onClick={() => editDuty({ fluid: { ...fluid, hazards: null } })}
            >
              as entered · take the substance's
            </button>
          ) : fluid.substance === null ? (
            "none stated"
          ) : (
            "those of the substance"
          )}
        </span>
      </fieldset>
    </FieldRow>
  );
}

/** What flows: a name, a substance estimates are made from, its hazards and what it carries. */
export const FluidFields = memo(function FluidFields({
  fault,
}: {
  fault: (path: string) => string | undefined;
}) {
  const fluid = useBench((s) => s.content!.duty.fluid);
  const { editDuty } = useBench.getState();
  const cases = useBench((s) => s.content!.duty.cases);
  const { values, at, phase } = useMemo(
    () => fluidEstimates(fluid.substance, cases),
    [fluid.substance, cases],
  );
  return (
    <>
      <FieldRow label="fluid" path="fluid.name" fault={fault("fluid.name")}>
        <input
          className="field"
          aria-label="fluid"
          placeholder="not stated"
          value={fluid.name}
          onChange={(e) => editDuty({ fluid: { ...fluid, name: e.target.value } })}
        />
      </FieldRow>
      <FieldRow label="substance" path="fluid.substance" fault={fault("fluid.substance")}>
        <select
          className={`field ${fluid.substance === null ? "text-dim" : ""}`}
          aria-label="substance"
          value={fluid.substance ?? ""}
          onChange={(e) => {
            const picked = fluidNamed(e.target.value);
            editDuty({
              fluid: {
                ...fluid,
                substance: picked?.id ?? null,
                // Blank fields only: what somebody wrote stays.
                name: fluid.name === "" ? (picked?.name ?? "") : fluid.name,
                family: fluid.family ?? picked?.family ?? null,
              },
            });
          }}
        >
          <option value="">not in the table</option>
          {byName.map((f) => (
            <option key={f.id} value={f.id}>
              {f.name}
            </option>
          ))}
        </select>
      </FieldRow>
      <Hazards fault={fault("fluid.hazards")} />
      {panelRows("fluid").map((row) => (
        <DutyFieldRow
          key={row.kind === "range" ? row.name : row.field.path}
          of={row}
          fault={fault}
          estimate={row.kind === "field" ? values[row.field.path] : undefined}
        />
      ))}
      {at !== null && (
        <p className="text-[12px] text-dim">
          ≈ estimates at {at}
          {phase ? `, ${phase}` : ""}; a figure you type replaces its estimate.
        </p>
      )}
    </>
  );
});
