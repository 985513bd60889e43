import type { AnyField } from "@proven-seat/core/duty";
import { useState } from "react";
import { QuantityField } from "../../parts/quantity-field.tsx";

interface Props {
  field: AnyField;
  value: unknown;
  error: string | undefined;
  onValue: (value: unknown) => void;
}

/** One value that a project's tags start from. */
export function DefaultField({ field, value, error, onValue }: Props) {
  const [unreadable, setUnreadable] = useState<string | undefined>(undefined);
  const { label, holds } = field;
  const id = `default-${field.path}`;
  return (
    <div className="grid grid-cols-[11rem_minmax(0,14rem)_minmax(0,1fr)] items-baseline gap-3 border-b border-rule/60 py-0.5">
      {holds.kind === "quantity" ? (
        <>
          <span>{label}</span>
          <QuantityField
            value={value as number | null}
            quantity={holds.quantity}
            label={label}
            withUnit
            align="left"
            placeholder="none"
            unreadable={unreadable}
            error={error}
            onValue={(next) => {
              setUnreadable(undefined);
              onValue(next);
            }}
            onUnreadable={setUnreadable}
          />
        </>
      ) : (
        <>
          <label htmlFor={id}>{label}</label>
          {holds.kind === "choice" ? (
            <select
              id={id}
              className="field border-b-rule!"
              value={(value as string | null) ?? ""}
              onChange={(e) => onValue(e.target.value === "" ? null : e.target.value)}
            >
              <option value="">none</option>
              {holds.options.map((option) => (
                <option key={option} value={option}>
                  {holds.shown(option)}
                </option>
              ))}
            </select>
          ) : (
            <input
              id={id}
              className="field border-b-rule!"
              placeholder="none"
              maxLength={60}
              value={(value as string | null) ?? ""}
              onChange={(e) => onValue(e.target.value === "" ? null : e.target.value)}
            />
          )}
        </>
      )}
      <span role={error ? "alert" : undefined} className="text-[12px] text-fails">
        {error}
      </span>
    </div>
  );
}
