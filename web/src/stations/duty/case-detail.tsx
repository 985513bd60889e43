import type { Quantity } from "@proven-seat/core/basis/units";
import {
  caseKindDescriptions,
  flowBases,
  isPassing,
  type OperatingCase,
  phases,
} from "@proven-seat/core/duty";
import { useBench } from "../../bench/bench-store.ts";
import { QuantityField } from "../../parts/quantity-field.tsx";
import { readNumber } from "../../parts/read-number.ts";
import { ReadText } from "./read-text.tsx";

const flowQuantity: Record<(typeof flowBases)[number], Quantity> = {
  "m³/h": "volume flow",
  "Nm³/h": "gas flow",
  "kg/h": "mass flow",
};
const flowName: Record<(typeof flowBases)[number], string> = {
  "m³/h": "at flowing conditions",
  "Nm³/h": "gas at normal conditions",
  "kg/h": "mass",
};

/** How much of a case of two phases is vapour. */
function VapourShare({ operatingCase, fault }: { operatingCase: OperatingCase; fault: string | undefined }) {
  const value = operatingCase.vapourPercent;
  return (
    <ReadText
      label="vapour, mass %"
      path={`cases.${operatingCase.id}.vapourPercent`}
      shown={value === null ? "" : `${value} %`}
      says='"…" is not a number.'
      fault={fault}
      figures={value !== null}
      read={(text) => {
        const number = readNumber(text, "%");
        if (number !== null && !Number.isFinite(number)) return false;
        useBench.getState().editCase(operatingCase.id, { vapourPercent: number });
        return true;
      }}
    />
  );
}

/** Other values of a case: kind, phase and flow, whether it may be shut, and the driving side. */
export function CaseDetail({
  operatingCase,
  index,
  faults,
}: {
  operatingCase: OperatingCase;
  index: number;
  faults: Record<string, string>;
}) {
  const { editCase, copyCase, removeCase, setUnreadable, clearUnreadable } = useBench.getState();
  const path = `cases.${operatingCase.id}.rate`;
  const unreadable = useBench((s) => s.unreadable[path]);
  const kind = caseKindDescriptions.find((k) => k.kind === operatingCase.kind)!;
  return (
    <div className="grid gap-1">
      <label className="flex gap-2">
        <span className="w-9 shrink-0 text-dim">kind</span>
        <select
          className="field"
          value={operatingCase.kind}
          onChange={(e) => editCase(operatingCase.id, { kind: e.target.value as OperatingCase["kind"] })}
        >
          {caseKindDescriptions.map((k) => (
            <option key={k.kind}>{k.kind}</option>
          ))}
        </select>
      </label>
      <p className="text-dim">
        {kind.means}
        {isPassing(operatingCase.kind) && operatingCase.kind !== "fire"
          ? " Flow only: the seat may reach its excursion maximum."
          : ""}
      </p>
      <label className="flex gap-2">
        <span className="w-9 shrink-0 text-dim">phase</span>
        <select
          className="field"
          value={operatingCase.phase ?? ""}
          onChange={(e) =>
            editCase(operatingCase.id, {
              phase: e.target.value === "" ? null : (e.target.value as OperatingCase["phase"]),
            })
          }
        >
          <option value="">as the fluid</option>
          {phases.map((p) => (
            <option key={p}>{p}</option>
          ))}
        </select>
      </label>
      <div className="flex gap-2">
        <span className="w-9 shrink-0 text-dim">flow</span>
        <QuantityField
          label={`flow, ${operatingCase.name}`}
          field="cases.rate"
          quantity={flowQuantity[operatingCase.rateBasis]}
          value={operatingCase.rate}
          unreadable={unreadable}
          error={faults[`cases.${index}.rate`]}
          placeholder="none"
          withUnit
          align="left"
          onValue={(rate) => {
            clearUnreadable(path);
            editCase(operatingCase.id, { rate });
          }}
          onUnreadable={(text) => setUnreadable(path, text)}
        />
        <select
          className="field"
          aria-label={`flow counted, ${operatingCase.name}`}
          value={operatingCase.rateBasis}
          onChange={(e) =>
            editCase(operatingCase.id, { rateBasis: e.target.value as OperatingCase["rateBasis"] })
          }
        >
          {flowBases.map((b) => (
            <option key={b} value={b}>
              {flowName[b]}
            </option>
          ))}
        </select>
      </div>
      {operatingCase.phase === "two-phase" && (
        <VapourShare operatingCase={operatingCase} fault={faults[`cases.${index}.vapourPercent`]} />
      )}
      {unreadable !== undefined && (
        <p role="alert" className="text-fails">
          "{unreadable}" is not a figure in a unit of {flowQuantity[operatingCase.rateBasis]}.
        </p>
      )}
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={operatingCase.mayBeShut}
          onChange={(e) => editCase(operatingCase.id, { mayBeShut: e.target.checked })}
        />
        may be closed in this case
      </label>
      <label className="flex gap-2">
        <span className="shrink-0 text-dim">valve is moved</span>
        <select
          className="field"
          value={operatingCase.moved === null ? "" : operatingCase.moved ? "yes" : "no"}
          onChange={(e) =>
            editCase(operatingCase.id, { moved: e.target.value === "" ? null : e.target.value === "yes" })
          }
        >
          <option value="">not stated: counts as moved</option>
          <option>yes</option>
          <option>no</option>
        </select>
      </label>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={operatingCase.flow === "reverse"}
          onChange={(e) => editCase(operatingCase.id, { flow: e.target.checked ? "reverse" : "forward" })}
        />
        reverse: pressure from downstream
      </label>
      <span className="flex gap-3">
        <button type="button" className="quiet" onClick={() => copyCase(operatingCase.id)}>
          copy
        </button>
        <button type="button" className="quiet" onClick={() => removeCase(operatingCase.id)}>
          remove
        </button>
      </span>
    </div>
  );
}
