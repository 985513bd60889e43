import { convertUnit, parseQuantity, type Quantity, shownUnit, unitsOf } from "@proven-seat/core/units";
import { useState } from "react";
import { useUnits } from "../app/reading.ts";

interface Props {
  value: number | null;
  quantity: Quantity;
  label: string;
  /** What was typed and could not be read, kept so that nothing typed is lost. */
  unreadable: string | undefined;
  error: string | undefined;
  onValue: (value: number | null) => void;
  onUnreadable: (text: string) => void;
  placeholder?: string;
  align?: "left" | "right";
}

/** While it is being edited a figure shows enough digits to be read back the same. */
const exactFigure = (value: number) => String(Number(value.toPrecision(9))).replace("-", "−");
/** Otherwise no more than people need. */
const shownFigure = (value: number) =>
  String(Number(value.toFixed(Math.abs(value) >= 10 ? 1 : 2))).replace("-", "−");

/** A figure with its unit; a figure typed with another unit ("750 psi") is converted. */
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
}: Props) {
  const reading = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  const unit = shownUnit(quantity, reading);
  const home = unitsOf(quantity)[0]!;
  const inUnit = value === null ? null : convertUnit(value, quantity, home, unit);
  const shown = inUnit === null ? "" : shownFigure(inUnit);
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
    unreadable !== undefined ? `"${unreadable}" is not a figure in a unit of ${quantity}.` : error;
  return (
    <input
      className={`field figures ${align === "right" ? "text-right" : ""}`}
      value={text}
      aria-label={`${label}, ${unit}`}
      aria-invalid={fault !== undefined}
      title={fault ?? unit}
      placeholder={placeholder}
      inputMode="decimal"
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => say(event.target.value)}
      onFocus={() => unreadable === undefined && inUnit !== null && setTyped(exactFigure(inUnit))}
      onBlur={() => setTyped(null)}
    />
  );
}
