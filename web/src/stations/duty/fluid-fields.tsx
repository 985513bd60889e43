import { fluidNamed, fluids } from "@proven-seat/core/basis/reference";
import { fluidEstimates } from "@proven-seat/core/duty/stream";
import { memo, useMemo } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { DutyFieldRow } from "./duty-field.tsx";
import { FieldRow } from "./field-row.tsx";
import { panelRows } from "./fields.ts";
import { Hazards } from "./hazards.tsx";

const byName = [...fluids].sort((a, b) => a.name.localeCompare(b.name));

/** The fluid: name, substance for estimates, hazards and contents. */
export const FluidFields = memo(function FluidFields({
  fault,
}: {
  fault: (path: string) => string | undefined;
}) {
  const fluid = useBench((s) => s.content!.duty.fluid);
  const { editDuty } = useBench.getState();
  const cases = useBench((s) => s.content!.duty.cases);
  const { values, at, phase } = useMemo(
    () => fluidEstimates({ substance: fluid.substance, composition: fluid.composition }, cases),
    [fluid.substance, fluid.composition, cases],
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
                // Blank fields only: entered values stay.
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
      <Hazards fault={fault} />
      {panelRows("fluid").map((row) => (
        <DutyFieldRow
          key={row.kind === "range" ? row.name : row.field.path}
          row={row}
          fault={fault}
          estimate={row.kind === "field" ? values[row.field.path] : undefined}
        />
      ))}
      {at !== null && (
        <p className="text-[12px] text-dim">
          ≈ estimates at {at}
          {phase ? `, ${phase}` : ""}; a value you type replaces the estimate.
        </p>
      )}
    </>
  );
});
