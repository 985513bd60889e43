import { hazards as allHazards, type Hazard } from "@proven-seat/core/duty";
import { estimateState } from "@proven-seat/core/fluid";
import { fluidNamed, fluids } from "@proven-seat/core/reference";
import { atmosphereBar } from "@proven-seat/core/units";
import { useMemo } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { DutyFieldRow, type ShownEstimate } from "./duty-field.tsx";
import { FieldRow } from "./field-row.tsx";
import { panelRows } from "./fields.ts";

const byName = [...fluids].sort((a, b) => a.name.localeCompare(b.name));

/** Estimates at the first case that says pressure and temperature. */
function useEstimates(): {
  values: Readonly<Record<string, ShownEstimate>>;
  at: string | null;
  phase: string | null;
} {
  const substance = useBench((s) => s.content!.duty.fluid.substance);
  const cases = useBench((s) => s.content!.duty.cases);
  return useMemo(() => {
    const fluid = substance === null ? undefined : fluidNamed(substance);
    const at =
      cases.find((c) => c.kind === "normal" && c.upstreamBarG !== null && c.temperatureC !== null) ??
      cases.find((c) => c.upstreamBarG !== null && c.temperatureC !== null);
    if (!fluid || !at) return { values: {}, at: null, phase: null };
    const state = estimateState(fluid, at.temperatureC!, Math.max(0.01, at.upstreamBarG! + atmosphereBar));
    const values: Record<string, ShownEstimate> = {};
    const keep = (path: string, estimate: ShownEstimate | null) => {
      if (estimate) values[`fluid.${path}`] = estimate;
    };
    keep("densityKgM3", state.densityKgM3);
    keep("viscosityMPaS", state.viscosityMPaS);
    keep("vapourPressureBarA", state.vapourPressureBarA);
    keep("compressibility", state.compressibility);
    if (fluid.isentropicExponent !== null)
      keep("isentropicExponent", { value: fluid.isentropicExponent, method: "table of fluids, ideal gas" });
    return { values, at: at.name, phase: state.phase };
  }, [substance, cases]);
}

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
    <FieldRow label="hazards" fault={fault}>
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
export function FluidFields({ fault }: { fault: (path: string) => string | undefined }) {
  const fluid = useBench((s) => s.content!.duty.fluid);
  const { editDuty } = useBench.getState();
  const { values, at, phase } = useEstimates();
  return (
    <>
      <FieldRow label="fluid" fault={fault("fluid.name")}>
        <input
          className="field"
          aria-label="fluid"
          placeholder="not stated"
          value={fluid.name}
          onChange={(e) => editDuty({ fluid: { ...fluid, name: e.target.value } })}
        />
      </FieldRow>
      <FieldRow label="substance" fault={fault("fluid.substance")}>
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
}
