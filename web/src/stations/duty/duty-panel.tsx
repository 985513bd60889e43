import { npsLabel, parseNominalSize } from "@proven-seat/core/duty";
import { parseDesignation } from "@proven-seat/core/reference";
import type { Verdict } from "@proven-seat/core/rules";
import { useState } from "react";
import { useReading } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { KeyHint } from "../../parts/key-hint.tsx";
import { QuantityField } from "../../parts/quantity-field.tsx";
import { CasesTable } from "./cases-table.tsx";
import {
  type ChoiceRow,
  endConnection,
  fireSafe,
  flowDirection,
  inLineRepair,
  onSupplyLoss,
  operator,
  phase,
  serviceFamily,
  shutOff,
  valveFunction,
} from "./choices.ts";
import { FieldRow } from "./field-row.tsx";

interface Props {
  faults: Record<string, string>;
  caseVerdicts: Readonly<Record<string, Verdict>>;
  onAddCase: () => void;
}

function Choice({ of, fault }: { of: ChoiceRow; fault: string | undefined }) {
  const duty = useBench((s) => s.content!.duty);
  const editDuty = useBench((s) => s.editDuty);
  return (
    <FieldRow label={of.label} fault={fault}>
      <select
        className={`field ${of.get(duty) === "" ? "text-dim" : ""}`}
        aria-label={of.label}
        value={of.get(duty)}
        onChange={(e) => editDuty(of.set(duty, e.target.value))}
      >
        <option value="">not stated</option>
        {of.options.map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </FieldRow>
  );
}

/** A text that must be read into something; what cannot be read stays as typed with the reason below. */
function ReadText({
  label,
  path,
  shown,
  read,
  says,
  fault,
}: {
  label: string;
  path: string;
  shown: string;
  read: (text: string) => boolean;
  says: string;
  fault: string | undefined;
}) {
  const unreadable = useBench((s) => s.unreadable[path]);
  const { setUnreadable, clearUnreadable } = useBench.getState();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <FieldRow label={label} fault={unreadable === undefined ? fault : says.replace("…", unreadable)}>
      <input
        className="field"
        aria-label={label}
        aria-invalid={unreadable !== undefined || fault !== undefined}
        placeholder="not stated"
        value={typed ?? unreadable ?? shown}
        onChange={(e) => {
          setTyped(e.target.value);
          if (read(e.target.value)) clearUnreadable(path);
          else setUnreadable(path, e.target.value);
        }}
        onBlur={() => setTyped(null)}
      />
    </FieldRow>
  );
}

/** What goes in: cases first, then everything else an order needs. */
export function DutyPanel({ faults, caseVerdicts, onAddCase }: Props) {
  const duty = useBench((s) => s.content!.duty);
  const editDuty = useBench((s) => s.editDuty);
  const unreadable = useBench((s) => s.unreadable);
  const system = useReading((s) => s.system);
  const { setUnreadable, clearUnreadable } = useBench.getState();
  const quantity = (
    label: string,
    path: "airMinimumBarG" | "airMaximumBarG" | "ambientMinimumC" | "ambientMaximumC",
  ) => (
    <QuantityField
      label={label}
      quantity={path.startsWith("air") ? "pressure" : "temperature"}
      value={duty[path]}
      unreadable={unreadable[path]}
      error={faults[path]}
      placeholder="–"
      align="left"
      onValue={(value) => {
        clearUnreadable(path);
        editDuty({ [path]: value });
      }}
      onUnreadable={(text) => setUnreadable(path, text)}
    />
  );
  const count = (label: string, path: "longestShutDays" | "strokesPerYear", unit: string) => (
    <ReadText
      label={label}
      path={path}
      shown={duty[path] === null ? "" : `${duty[path]} ${unit}`}
      says='"…" is not a number.'
      fault={faults[path]}
      read={(text) => {
        const figure = text.replace(unit, "").replace(",", ".").trim();
        if (figure === "") editDuty({ [path]: null });
        else if (Number.isFinite(Number(figure))) editDuty({ [path]: Number(figure) });
        else return false;
        return true;
      }}
    />
  );
  return (
    <section aria-label="Duty" className="flex h-full flex-col overflow-auto py-3 pr-4 pl-6">
      <div className="mb-2 flex items-baseline justify-between">
        <h2>Duty</h2>
        <button type="button" className="quiet" onClick={onAddCase}>
          add case
          <KeyHint>A</KeyHint>
        </button>
      </div>
      <CasesTable faults={faults} verdicts={caseVerdicts} onAddCase={onAddCase} />
      <div className="mt-3 grid gap-[3px]">
        <ReadText
          label="size"
          path="dn"
          shown={duty.dn === null ? "" : system === "US" ? npsLabel(duty.dn) : `DN ${duty.dn}`}
          says='"…" is not a nominal size, for example DN 50 or NPS 2.'
          fault={faults.dn}
          read={(text) => {
            const dn = parseNominalSize(text, system === "US" ? "NPS" : "DN");
            if (text.trim() === "" || dn !== null) editDuty({ dn });
            return text.trim() === "" || dn !== null;
          }}
        />
        <ReadText
          label="line class"
          path="lineDesignation"
          shown={duty.lineDesignation ?? ""}
          says='"…" is not a class or PN, for example class 300 or PN 40.'
          fault={faults.lineDesignation}
          read={(text) => {
            const written = text
              .trim()
              .replace(/^(?:class\s*)?(\d+)\s*#?$/i, "class $1")
              .replace(/^pn\s*/i, "PN ");
            if (written === "") editDuty({ lineDesignation: null });
            else if (parseDesignation(written)) editDuty({ lineDesignation: written });
            else return false;
            return true;
          }}
        />
        <Choice of={endConnection} fault={faults[endConnection.path]} />
        <FieldRow label="fluid" fault={faults["fluid.name"]}>
          <input
            className="field"
            aria-label="fluid"
            placeholder="not stated"
            value={duty.fluid.name}
            onChange={(e) => editDuty({ fluid: { ...duty.fluid, name: e.target.value } })}
          />
        </FieldRow>
        {[
          serviceFamily,
          phase,
          valveFunction,
          flowDirection,
          shutOff,
          fireSafe,
          inLineRepair,
          operator,
          onSupplyLoss,
        ].map((row) => (
          <Choice key={row.path} of={row} fault={faults[row.path]} />
        ))}
        <FieldRow label="air supply" fault={faults.airMinimumBarG ?? faults.airMaximumBarG}>
          <span className="grid grid-cols-[3rem_auto_3rem_1fr] items-baseline gap-1">
            {quantity("lowest air supply", "airMinimumBarG")}
            <span aria-hidden="true">…</span>
            {quantity("highest air supply", "airMaximumBarG")}
          </span>
        </FieldRow>
        {count("longest shut", "longestShutDays", "days")}
        {count("strokes", "strokesPerYear", "a year")}
        <FieldRow label="ambient" fault={faults.ambientMinimumC ?? faults.ambientMaximumC}>
          <span className="grid grid-cols-[3rem_auto_3rem_1fr] items-baseline gap-1">
            {quantity("lowest ambient", "ambientMinimumC")}
            <span aria-hidden="true">…</span>
            {quantity("highest ambient", "ambientMaximumC")}
          </span>
        </FieldRow>
        <FieldRow label="area" fault={faults.area}>
          <input
            className="field"
            aria-label="hazardous area"
            placeholder="not stated"
            value={duty.area ?? ""}
            onChange={(e) => editDuty({ area: e.target.value === "" ? null : e.target.value })}
          />
        </FieldRow>
      </div>
    </section>
  );
}
