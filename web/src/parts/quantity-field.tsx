import { convertUnit, parseQuantity, type Quantity, shownUnit, unitsOf } from "@proven-seat/core/basis/units";
import { useState } from "react";
import { useReading, useUnits } from "../app/reading.ts";

interface Props {
  value: number | null;
  quantity: Quantity;
  label: string;
  /** Name of the field among those with a unit of their own. */
  field?: string;
  /** An estimate shown while nothing is stated. */
  estimate?: { readonly value: number; readonly method: string } | undefined;
  /** Shows the unit behind the figure, where no heading does. */
  withUnit?: boolean;
  /** Typed text that is not valid, kept so that nothing is lost. */
  unreadable: string | undefined;
  error: string | undefined;
  onValue: (value: number | null) => void;
  onUnreadable: (text: string) => void;
  placeholder?: string;
  align?: "left" | "right";
}

/** While it is being edited a figure shows enough digits to be read back the same. */
const exactFigure = (value: number) => String(Number(value.toPrecision(9))).replace("-", "−");
/** Otherwise rounded for readers. */
const shownFigure = (value: number) =>
  String(Number(value.toFixed(Math.abs(value) >= 10 ? 1 : 2))).replace("-", "−");

/** A number with its unit; a number typed with another unit ("750 psi") is converted. */
export function QuantityField({
  value,
  quantity,
  label,
  unreadable,
  error,
  onValue,
  onUnreadable,
  placeholder,
  align = "right",
  field,
  estimate,
  withUnit = false,
}: Props) {
  const reading = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  const ownUnit = useReading((s) => (field === undefined ? undefined : s.fieldUnits[field]));
  const unit =
    ownUnit !== undefined && unitsOf(quantity).includes(ownUnit) ? ownUnit : shownUnit(quantity, reading);
  const home = unitsOf(quantity)[0]!;
  const inUnit = value === null ? null : convertUnit(value, quantity, home, unit);
  const shown = inUnit === null ? "" : `${shownFigure(inUnit)}${withUnit || ownUnit ? ` ${unit}` : ""}`;
  const guessed =
    estimate && `≈ ${Number(convertUnit(estimate.value, quantity, home, unit).toPrecision(3))} ${unit} est.`;
  const text = typed ?? unreadable ?? shown;
  const say = (next: string) => {
    setTyped(next);
    if (next.trim() === "") onValue(null);
    else {
      const parsed = parseQuantity(next, quantity, unit);
      if (parsed === null) onUnreadable(next);
      else onValue(parsed);
    }
  };
  const fault =
    unreadable !== undefined ? `"${unreadable}" is not a number with a unit of ${quantity}.` : error;
  return (
    <input
      className={`field figures ${align === "right" ? "text-right" : ""}`}
      value={text}
      aria-label={`${label}, ${unit}`}
      aria-invalid={fault !== undefined}
      title={
        fault ??
        (value === null && estimate ? `Estimate: ${estimate.method}. Type a value to replace it.` : unit)
      }
      placeholder={guessed ?? placeholder}
      inputMode="decimal"
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => say(event.target.value)}
      onFocus={() => unreadable === undefined && inUnit !== null && setTyped(exactFigure(inUnit))}
      onBlur={() => setTyped(null)}
    />
  );
}
