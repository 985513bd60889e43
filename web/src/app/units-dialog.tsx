import { type Quantity, quantities, shownUnit, unitsOf } from "@proven-seat/core/basis/units";
import { useId } from "react";
import { SheetDialog } from "../parts/sheet-dialog.tsx";
import { useReading, useUnits } from "./reading.ts";

/** Fields of the duty with a unit of their own. */
const fields: readonly (readonly [field: string, label: string, quantity: Quantity])[] = [
  ["cases.upstreamBarG", "upstream of a case", "pressure"],
  ["cases.downstreamBarG", "downstream of a case", "pressure"],
  ["cases.temperatureC", "temperature of a case", "temperature"],
  ["airMinimumBarG", "lowest air supply", "pressure"],
  ["airMaximumBarG", "highest air supply", "pressure"],
  ["ambientMinimumC", "lowest ambient", "temperature"],
  ["ambientMaximumC", "highest ambient", "temperature"],
  ["jacketBarG", "jacket", "pressure"],
  ["jacketC", "jacket steam", "temperature"],
  ["lineTestBarG", "line test", "pressure"],
  ["pipeBoreMm", "pipe bore", "length"],
  ["fluid.densityKgM3", "density", "density"],
  ["fluid.viscosityMPaS", "viscosity", "viscosity"],
  ["fluid.h2sKPa", "H₂S partial pressure", "partial pressure"],
];

function Pick({
  label,
  value,
  system,
  options,
  onPick,
}: {
  label: string;
  value: string;
  system: string;
  options: readonly string[];
  onPick: (unit: string | null) => void;
}) {
  const id = useId();
  return (
    <div className="grid grid-cols-[11rem_1fr] items-baseline border-b border-rule/60 py-[3px]">
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        className="field"
        value={value}
        onChange={(e) => onPick(e.target.value === "" ? null : e.target.value)}
      >
        <option value="">{system}</option>
        {options.map((u) => (
          <option key={u}>{u}</option>
        ))}
      </select>
    </div>
  );
}

/** How this reader reads: a system, and single quantities or fields that differ from it. Kept on this device. */
export default function UnitsDialog({ onClose }: { onClose: () => void }) {
  const { system, absolute, units, fieldUnits, set } = useReading();
  const reading = useUnits();
  const ofSystem = (q: Quantity) => shownUnit(q, { system, absolute });
  const pickQuantity = (quantity: Quantity) => (unit: string | null) => {
    const { [quantity]: _, ...rest }: Partial<Record<Quantity, string>> = units;
    const next: Partial<Record<Quantity, string>> = unit === null ? rest : { ...rest, [quantity]: unit };
    // A difference uses the scale of its quantity.
    if (quantity === "temperature") {
      const { "temperature difference": __, ...others } = next;
      set({
        units: unit === null ? others : { ...others, "temperature difference": unit === "°F" ? "°F" : "K" },
      });
    } else set({ units: next });
  };
  const pickField = (field: string) => (unit: string | null) => {
    const { [field]: _, ...rest } = fieldUnits;
    set({ fieldUnits: unit === null ? rest : { ...rest, [field]: unit } });
  };
  return (
    <SheetDialog
      open
      onClose={onClose}
      title="Units"
      says='You can type any unit in any field, for example "750 psi" or "400 F". Select the units shown here.'
      wide
    >
      <fieldset className="mb-3 flex gap-4">
        <legend className="sr-only">System</legend>
        {(["metric", "US"] as const).map((s) => (
          <label key={s} className="flex items-center gap-1.5">
            <input type="radio" name="system" checked={system === s} onChange={() => set({ system: s })} />
            {s === "metric" ? "Metric" : "US customary"}
          </label>
        ))}
        <label className="flex items-center gap-1.5">
          <input type="checkbox" checked={absolute} onChange={(e) => set({ absolute: e.target.checked })} />
          absolute pressures
        </label>
        <button type="button" className="quiet ml-auto" onClick={() => set({ units: {}, fieldUnits: {} })}>
          all by the unit system
        </button>
      </fieldset>
      <div className="grid grid-cols-2 gap-x-8">
        <section>
          <h3 className="mb-1">By quantity</h3>
          {quantities
            .filter((q) => q !== "temperature difference")
            .map((q) => (
              <Pick
                key={q}
                label={q}
                value={units[q] ?? ""}
                system={`${ofSystem(q)}, by the unit system`}
                options={unitsOf(q).filter((u) => q !== "pressure" || !/ a$/.test(u))}
                onPick={pickQuantity(q)}
              />
            ))}
        </section>
        <section>
          <h3 className="mb-1">By field</h3>
          {fields.map(([field, label, quantity]) => (
            <Pick
              key={field}
              label={label}
              value={fieldUnits[field] ?? ""}
              system={`${shownUnit(quantity, reading)}, like every ${quantity}`}
              options={unitsOf(quantity)}
              onPick={pickField(field)}
            />
          ))}
        </section>
      </div>
    </SheetDialog>
  );
}
