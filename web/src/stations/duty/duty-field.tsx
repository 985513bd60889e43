import { type AnyField, inSentence, shortName, valueAt, withValueAt } from "@proven-seat/core/duty";
import { memo } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { QuantityField } from "../../parts/quantity-field.tsx";
import { readNumber } from "../../parts/read-number.ts";
import { FieldRow } from "./field-row.tsx";
import type { PanelRow } from "./fields.ts";
import { ReadText } from "./read-text.tsx";

/** An estimate, shown while no value is stated. */
export interface ShownEstimate {
  readonly value: number;
  readonly method: string;
}

interface Entry {
  field: AnyField;
  /** Accessible name, where the row's own name is not enough. */
  label?: string;
  fault: string | undefined;
  estimate?: ShownEstimate | undefined;
}

const useStated = (path: string) => useBench((s) => valueAt(s.content!.duty, path));
const state = (path: string, value: unknown) => {
  const { content, editDuty } = useBench.getState();
  editDuty(withValueAt(content!.duty, path, value));
};

/** The full name where it tells more than the short one. */
const readOut = (field: AnyField) => (field.path === "area" ? inSentence(field.label) : shortName(field));

function Select({
  field,
  options,
}: Entry & { options: readonly (readonly [value: unknown, words: string])[] }) {
  const value = useStated(field.path);
  const index = options.findIndex(([option]) => option === value);
  return (
    <select
      className={`field ${index < 0 ? "text-dim" : ""}`}
      aria-label={readOut(field)}
      value={index < 0 ? "" : options[index]![1]}
      onChange={(e) => state(field.path, options.find(([, words]) => words === e.target.value)?.[0] ?? null)}
    >
      <option value="">not stated</option>
      {options.map(([, words]) => (
        <option key={words} value={words}>
          {words}
        </option>
      ))}
    </select>
  );
}

/** Any of several words at once, each turned on and off; nothing pressed is not stated. */
function Toggles({ field, options }: Entry & { options: readonly string[] }) {
  const stated = useStated(field.path) as readonly string[] | null;
  const turn = (option: string) => {
    const next = options.filter((o) => (o === option ? !stated?.includes(o) : stated?.includes(o)));
    state(field.path, next.length === 0 ? null : next);
  };
  return (
    <fieldset aria-label={readOut(field)} className="flex flex-wrap gap-x-1 gap-y-0.5">
      {options.map((option) => {
        const on = stated?.includes(option) ?? false;
        return (
          <button
            key={option}
            type="button"
            aria-pressed={on}
            className={`border px-1 text-left text-[12px] ${on ? "border-ink bg-second text-ink" : "border-rule text-dim"}`}
            onClick={() => turn(option)}
          >
            {option}
          </button>
        );
      })}
    </fieldset>
  );
}

function Figure({ field, label, fault, estimate }: Entry) {
  const { path, holds } = field;
  const value = useStated(path) as number | null;
  const unreadable = useBench((s) => s.unreadable[path]);
  const { setUnreadable, clearUnreadable } = useBench.getState();
  if (holds.kind !== "quantity") return null;
  return (
    <QuantityField
      label={label ?? readOut(field)}
      field={path}
      quantity={holds.quantity}
      value={value}
      unreadable={unreadable}
      error={fault}
      placeholder="–"
      estimate={estimate}
      withUnit
      align="left"
      onValue={(next) => {
        clearUnreadable(path);
        state(path, next);
      }}
      onUnreadable={(text) => setUnreadable(path, text)}
    />
  );
}

function Count({ field, unit, fault, estimate }: Entry & { unit: string }) {
  const value = useStated(field.path) as number | null;
  const rounded = estimate && Number(estimate.value.toPrecision(3));
  return (
    <ReadText
      label={readOut(field)}
      path={field.path}
      shown={value === null ? "" : `${value}${unit ? ` ${unit}` : ""}`}
      says='"…" is not a number.'
      fault={fault}
      placeholder={rounded === undefined ? "not stated" : `≈ ${rounded}${unit ? ` ${unit}` : ""} est.`}
      title={estimate && `Estimate: ${estimate.method}. Type a value to replace it.`}
      figures={value !== null || estimate !== undefined}
      read={(text) => {
        const number = readNumber(text, unit);
        if (number !== null && !Number.isFinite(number)) return false;
        state(field.path, number);
        return true;
      }}
    />
  );
}

function Text({ field, fault }: Entry) {
  const value = useStated(field.path) as string | null;
  const [example] = (field.holds.kind === "text" && field.holds.examples) || [];
  return (
    <input
      className="field"
      aria-label={readOut(field)}
      aria-invalid={fault !== undefined}
      placeholder={example === undefined ? "not stated" : `as ${example}`}
      value={value ?? ""}
      onChange={(e) => state(field.path, e.target.value === "" ? null : e.target.value)}
    />
  );
}

/** The entry a field's content asks for. */
function EntryOf(entry: Entry) {
  const { holds } = entry.field;
  switch (holds.kind) {
    case "quantity":
      return <Figure {...entry} />;
    case "choice":
      return <Select {...entry} options={holds.options.map((o) => [o, holds.shown(o)] as const)} />;
    case "yes-no":
      return (
        <Select
          {...entry}
          options={[
            [true, "yes"],
            [false, "no"],
          ]}
        />
      );
    case "set":
      return <Toggles {...entry} options={holds.options} />;
    default:
      return <Text {...entry} />;
  }
}

interface Props {
  row: PanelRow;
  fault: (path: string) => string | undefined;
  estimate?: ShownEstimate | undefined;
}

/** Faults at the paths of a row: unreadable text before invalid values. */
function useFault(fields: readonly AnyField[], fault: Props["fault"]): string | undefined {
  const unreadable = useBench((s) => fields.find(({ path }) => s.unreadable[path] !== undefined)?.path);
  const text = useBench((s) => (unreadable === undefined ? undefined : s.unreadable[unreadable]));
  const holds = fields.find(({ path }) => path === unreadable)?.holds;
  if (text !== undefined && holds?.kind === "quantity")
    return `"${text}" is not a number with a unit of ${holds.quantity}.`;
  return fields.map(({ path }) => fault(path)).find((f) => f !== undefined);
}

/** One row of the panel with its label; the fault is right below. */
export const DutyFieldRow = memo(function DutyFieldRow({ row, fault, estimate }: Props) {
  const fields = row.kind === "range" ? [row.low, row.high] : [row.field];
  const wrong = useFault(fields, fault);
  if (row.kind === "range")
    return (
      <FieldRow label={row.name} path={row.low.path} fault={wrong}>
        <span className="grid grid-cols-[3.6rem_auto_3.6rem_1fr] items-baseline gap-1">
          <Figure field={row.low} label={inSentence(row.low.label)} fault={fault(row.low.path)} />
          <span aria-hidden="true">…</span>
          <Figure field={row.high} label={inSentence(row.high.label)} fault={fault(row.high.path)} />
        </span>
      </FieldRow>
    );
  const { field } = row;
  const { holds } = field;
  if (holds.kind === "number")
    return <Count field={field} unit={holds.unit} fault={fault(field.path)} estimate={estimate} />;
  return (
    <FieldRow label={shortName(field)} path={field.path} fault={wrong}>
      <EntryOf field={field} fault={fault(field.path)} estimate={estimate} />
    </FieldRow>
  );
});
