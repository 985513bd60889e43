import { shownUnit } from "@proven-seat/core/basis/units";
import type { OperatingCase } from "@proven-seat/core/duty";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { QuantityField } from "../../parts/quantity-field.tsx";
import { useAddCase } from "./adding-case.ts";
import { CaseDetail } from "./case-detail.tsx";

interface Props {
  faults: Record<string, string>;
  verdicts: Readonly<Record<string, Verdict>>;
}

const row = "grid items-baseline gap-x-1";
/** Pressures in bar have four figures at most beside their point, in psi and kPa five. */
const columns = {
  narrow: "grid-cols-[16px_minmax(0,1fr)_43px_43px_42px]",
  wide: "grid-cols-[16px_minmax(0,1fr)_52px_52px_42px]",
};

function CaseFigure({
  operatingCase,
  index,
  part,
  label,
  faults,
}: {
  operatingCase: OperatingCase;
  index: number;
  part: "upstreamBarG" | "downstreamBarG" | "temperatureC";
  label: string;
  faults: Record<string, string>;
}) {
  const { editCase, setUnreadable, clearUnreadable } = useBench.getState();
  const path = `cases.${operatingCase.id}.${part}`;
  const unreadable = useBench((s) => s.unreadable[path]);
  return (
    <QuantityField
      label={`${label}, ${operatingCase.name}`}
      field={`cases.${part}`}
      quantity={part === "temperatureC" ? "temperature" : "pressure"}
      value={operatingCase[part]}
      unreadable={unreadable}
      error={faults[`cases.${index}.${part}`]}
      placeholder={part === "downstreamBarG" ? "vent" : "–"}
      onValue={(value) => {
        clearUnreadable(path);
        editCase(operatingCase.id, { [part]: value });
      }}
      onUnreadable={(text) => setUnreadable(path, text)}
    />
  );
}

/** Operating cases, edited in place; the selected one shows its other values. */
export function CasesTable({ faults, verdicts }: Props) {
  const cases = useBench((s) => s.content!.duty.cases);
  const { editCase } = useBench.getState();
  const unreadable = useBench((s) => s.unreadable);
  const units = useUnits();
  const [open, setOpen] = useState<string | null>(null);
  const grid = `${row} ${columns[shownUnit("pressure", units).startsWith("bar") ? "narrow" : "wide"]}`;
  if (cases.length === 0) {
    return (
      <p className="border-y border-rule py-3 text-dim" data-field="cases">
        No operating case yet. Add the conditions the valve must withstand.{" "}
        <button type="button" className="act" onClick={() => useAddCase.getState().set(true)}>
          Add the first case
        </button>
      </p>
    );
  }
  return (
    <div role="table" aria-label="Operating cases">
      <div role="row" className={`${grid} border-b border-rule pb-1 text-[12px] text-dim`}>
        <span role="columnheader" className="col-span-2">
          case
        </span>
        <span role="columnheader" className="figures text-right text-[11px]!">
          {shownUnit("pressure", units)}
        </span>
        <span role="columnheader" className="text-right">
          down
        </span>
        <span role="columnheader" className="figures text-right text-[11px]!">
          {shownUnit("temperature", units)}
        </span>
      </div>
      {cases.map((c, index) => {
        const fault = ["name", "upstreamBarG", "downstreamBarG", "temperatureC", "id"]
          .map((part) => {
            const text = unreadable[`cases.${c.id}.${part}`];
            return text === undefined
              ? faults[`cases.${index}.${part}`]
              : `"${text}" is not a number with a unit of ${part === "temperatureC" ? "temperature" : "pressure"}.`;
          })
          .find((f) => f !== undefined);
        return (
          <div
            key={c.id}
            role="rowgroup"
            className={`border-b border-rule/60 ${open === c.id ? "bg-second" : ""}`}
          >
            <div role="row" className={`${grid} py-[3px]`}>
              <span role="cell" className="self-center">
                <button
                  type="button"
                  className="flex"
                  aria-expanded={open === c.id}
                  aria-label={`${c.name}: ${verdicts[c.id] ?? "not examined"}; details of this case`}
                  onClick={() => setOpen(open === c.id ? null : c.id)}
                >
                  <BoreMark verdict={verdicts[c.id] ?? "not asked"} label={false} />
                </button>
              </span>
              <span role="cell">
                <input
                  className="field"
                  aria-label={`name of case ${index + 1}`}
                  value={c.name}
                  title={c.name}
                  onFocus={() => setOpen(c.id)}
                  onChange={(e) => editCase(c.id, { name: e.target.value })}
                  aria-invalid={faults[`cases.${index}.name`] !== undefined}
                />
              </span>
              <span role="cell" data-field={`cases.${index}.upstreamBarG`}>
                <CaseFigure
                  operatingCase={c}
                  index={index}
                  part="upstreamBarG"
                  label="upstream"
                  faults={faults}
                />
              </span>
              <span role="cell" data-field={`cases.${index}.downstreamBarG`}>
                <CaseFigure
                  operatingCase={c}
                  index={index}
                  part="downstreamBarG"
                  label="downstream"
                  faults={faults}
                />
              </span>
              <span role="cell" data-field={`cases.${index}.temperatureC`}>
                <CaseFigure
                  operatingCase={c}
                  index={index}
                  part="temperatureC"
                  label="temperature"
                  faults={faults}
                />
              </span>
            </div>
            {fault && (
              <div role="row">
                <p role="cell" className="pb-1 text-[12px] text-fails" aria-live="polite">
                  {fault}
                </p>
              </div>
            )}
            {open === c.id && (
              <div role="row">
                <div role="cell" className="pb-2 pl-5 text-[12px]">
                  <CaseDetail operatingCase={c} index={index} faults={faults} />
                </div>
              </div>
            )}
          </div>
        );
      })}
    </div>
  );
}
