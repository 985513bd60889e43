import { parseDesignation } from "@proven-seat/core/basis/reference";
import { parseNominalSize, readsInches, sizeText } from "@proven-seat/core/basis/units";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { type KeyboardEvent, memo, useCallback } from "react";
import { useUnits } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { enterField, nextToKnow, pathOf } from "../../parts/field-place.ts";
import { AddCase } from "./add-case.tsx";
import { CasesTable } from "./cases-table.tsx";
import { DutyFieldRow } from "./duty-field.tsx";
import { hiddenPaths, type PanelGroup, panelGroups, panelRows } from "./fields.ts";
import { FluidFields } from "./fluid-fields.tsx";
import { ReadText } from "./read-text.tsx";
import { Remarks } from "./remarks.tsx";

interface Props {
  faults: Record<string, string>;
  caseVerdicts: Readonly<Record<string, Verdict>>;
  /** Paths of mandatory values that are missing. */
  toKnow: readonly string[];
}

/** Enter leads from one mandatory value to the next. */
function leadOn(event: KeyboardEvent<HTMLElement>, toKnow: readonly string[]): void {
  const { target } = event;
  const entering = target instanceof HTMLInputElement || target instanceof HTMLSelectElement;
  if (event.key !== "Enter" || event.nativeEvent.isComposing || event.ctrlKey || event.metaKey || !entering)
    return;
  const next = nextToKnow(toKnow, pathOf(target));
  if (next === null) return;
  event.preventDefault();
  enterField(next);
}

const heading = "mt-3 mb-1 border-b border-rule text-[12px] font-normal! text-dim";

function SizeAndClass({ fault }: { fault: (path: string) => string | undefined }) {
  const dn = useBench((s) => s.content!.duty.dn);
  const designation = useBench((s) => s.content!.duty.lineDesignation);
  const { editDuty } = useBench.getState();
  const units = useUnits();
  return (
    <>
      <ReadText
        label="size"
        path="dn"
        shown={dn === null ? "" : sizeText(dn, units)}
        says='"…" is not a nominal size, for example DN 50 or NPS 2.'
        fault={fault("dn")}
        read={(text) => {
          const read = parseNominalSize(text, readsInches(units) ? "NPS" : "DN");
          if (text.trim() === "" || read !== null) editDuty({ dn: read });
          return text.trim() === "" || read !== null;
        }}
      />
      <ReadText
        label="line class"
        path="lineDesignation"
        shown={designation ?? ""}
        says='"…" is not a class or PN, for example class 300 or PN 40.'
        fault={fault("lineDesignation")}
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
    </>
  );
}

/** Fields of a group, without those the rest of the duty makes irrelevant. */
function Group({ id, fault }: { id: PanelGroup; fault: (path: string) => string | undefined }) {
  const hidden = useBench((s) => hiddenPaths(s.content!.duty));
  return (
    <div className="grid gap-[3px]">
      {panelRows(id)
        .filter((row) => row.kind === "range" || !hidden.split(" ").includes(row.field.path))
        .map((row) => (
          <DutyFieldRow key={row.kind === "range" ? row.name : row.field.path} row={row} fault={fault} />
        ))}
    </div>
  );
}

/** The inputs: cases first, then everything else an order needs. */
export const DutyPanel = memo(function DutyPanel({ faults, caseVerdicts, toKnow }: Props) {
  const fault = useCallback((path: string) => faults[path], [faults]);
  return (
    <section
      aria-label="Duty"
      className="flex h-full flex-col overflow-auto py-3 pr-4 pl-6"
      onKeyDown={(event) => leadOn(event, toKnow)}
    >
      <div className="mb-2 flex items-baseline justify-between">
        <h2>Duty</h2>
        <AddCase />
      </div>
      <CasesTable faults={faults} verdicts={caseVerdicts} />
      <div className="mt-3 grid gap-[3px]">
        <SizeAndClass fault={fault} />
      </div>
      <h3 className={heading}>Fluid</h3>
      <div className="grid gap-[3px]">
        <FluidFields fault={fault} />
      </div>
      {panelGroups.map(({ id, name }) => (
        <div key={id}>
          <h3 className={heading}>{name}</h3>
          <Group id={id} fault={fault} />
        </div>
      ))}
      <Remarks heading={heading} />
    </section>
  );
});
