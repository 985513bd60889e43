import { memo } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { QuantityField } from "../../parts/quantity-field.tsx";
import { FieldRow } from "./field-row.tsx";
import { changeAt, type DutyField, valueAt } from "./fields.ts";
import { ReadText } from "./read-text.tsx";

/** An estimate shown while nobody has stated the figure. */
export interface ShownEstimate {
  readonly value: number;
  readonly method: string;
}

interface Props {
  of: DutyField;
  fault: (path: string) => string | undefined;
  estimate?: ShownEstimate | undefined;
}

function Select({
  of,
  options,
}: {
  of: { label: string; path: string };
  options: readonly (readonly [string, string])[];
}) {
  const value = useBench((s) => valueAt(s.content!.duty, of.path));
  const { editDuty } = useBench.getState();
  const shown = value === null ? "" : value === true ? "yes" : value === false ? "no" : String(value);
  return (
    <select
      className={`field ${shown === "" ? "text-dim" : ""}`}
      aria-label={of.label}
      value={shown}
      onChange={(e) => {
        const { value: picked } = e.target;
        const read =
          picked === ""
            ? null
            : typeof value === "boolean" || options[0]![0] === "yes"
              ? picked === "yes"
              : picked;
        editDuty(changeAt(useBench.getState().content!.duty, of.path, read));
      }}
    >
      <option value="">not stated</option>
      {options.map(([v, label]) => (
        <option key={v} value={v}>
          {label}
        </option>
      ))}
    </select>
  );
}

function Figure({
  path,
  label,
  quantity,
  fault,
  estimate,
}: {
  path: string;
  label: string;
  quantity: Parameters<typeof QuantityField>[0]["quantity"];
  fault: string | undefined;
  estimate?: ShownEstimate | undefined;
}) {
  const value = useBench((s) => valueAt(s.content!.duty, path) as number | null);
  const unreadable = useBench((s) => s.unreadable[path]);
  const { editDuty, setUnreadable, clearUnreadable } = useBench.getState();
  return (
    <QuantityField
      label={label}
      field={path}
      quantity={quantity}
      value={value}
      unreadable={unreadable}
      error={fault}
      placeholder="–"
      estimate={estimate}
      withUnit
      align="left"
      onValue={(next) => {
        clearUnreadable(path);
        editDuty(changeAt(useBench.getState().content!.duty, path, next));
      }}
      onUnreadable={(text) => setUnreadable(path, text)}
    />
  );
}

function Count({
  of,
  fault,
  estimate,
}: {
  of: Extract<DutyField, { kind: "number" }>;
  fault: string | undefined;
  estimate?: ShownEstimate | undefined;
}) {
  const value = useBench((s) => valueAt(s.content!.duty, of.path) as number | null);
  const { editDuty } = useBench.getState();
  const rounded = estimate && Number(estimate.value.toPrecision(3));
  return (
    <ReadText
      label={of.label}
      path={of.path}
      shown={value === null ? "" : `${value}${of.unit ? ` ${of.unit}` : ""}`}
      says='"…" is not a number.'
      fault={fault}
      placeholder={rounded === undefined ? "not stated" : `≈ ${rounded}${of.unit ? ` ${of.unit}` : ""} est.`}
      title={estimate && `Estimate: ${estimate.method}. Type a figure to replace it.`}
      figures={value !== null || estimate !== undefined}
      read={(text) => {
        const figure = text.replace(of.unit, "").replace(",", ".").trim();
        const number = figure === "" ? null : Number(figure);
        if (number !== null && !Number.isFinite(number)) return false;
        editDuty(changeAt(useBench.getState().content!.duty, of.path, number));
        return true;
      }}
    />
  );
}

function Text({ of }: { of: { label: string; path: string } }) {
  const value = useBench((s) => valueAt(s.content!.duty, of.path) as string | null);
  const { editDuty } = useBench.getState();
  return (
    <input
      className="field"
      aria-label={of.label === "area" ? "hazardous area" : of.label}
      placeholder="not stated"
      value={value ?? ""}
      onChange={(e) =>
        editDuty(
          changeAt(useBench.getState().content!.duty, of.path, e.target.value === "" ? null : e.target.value),
        )
      }
    />
  );
}

/** What is wrong at any of a field's paths: what could not be read comes before what may not be. */
function useFault(of: DutyField, fault: Props["fault"]): string | undefined {
  const paths = of.kind === "range" ? of.paths : [of.path];
  const unreadable = useBench((s) => paths.map((p) => s.unreadable[p]).find((text) => text !== undefined));
  if (unreadable !== undefined && "quantity" in of)
    return `"${unreadable}" is not a figure in a unit of ${of.quantity}.`;
  return paths.map(fault).find((f) => f !== undefined);
}

/** One field of the duty with its label; what is wrong stands right below. */
export const DutyFieldRow = memo(function DutyFieldRow({ of, fault, estimate }: Props) {
  const wrong = useFault(of, fault);
  if (of.kind === "number") return <Count of={of} fault={fault(of.path)} estimate={estimate} />;
  if (of.kind === "range") {
    const [low, high] = of.paths;
    return (
      <FieldRow label={of.label} fault={wrong}>
        <span className="grid grid-cols-[3.6rem_auto_3.6rem_1fr] items-baseline gap-1">
          <Figure path={low} label={of.names[0]} quantity={of.quantity} fault={fault(low)} />
          <span aria-hidden="true">…</span>
          <Figure path={high} label={of.names[1]} quantity={of.quantity} fault={fault(high)} />
        </span>
      </FieldRow>
    );
  }
  return (
    <FieldRow label={of.label} fault={wrong}>
      {of.kind === "choice" ? (
        <Select of={of} options={of.options} />
      ) : of.kind === "yes or no" ? (
        <Select
          of={of}
          options={[
            ["yes", "yes"],
            ["no", "no"],
          ]}
        />
      ) : of.kind === "text" ? (
        <Text of={of} />
      ) : (
        <Figure
          path={of.path}
          label={of.label}
          quantity={of.quantity}
          fault={fault(of.path)}
          estimate={estimate}
        />
      )}
    </FieldRow>
  );
});
