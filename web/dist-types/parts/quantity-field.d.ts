import { type Quantity } from "@proven-seat/core/units";

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
/** A figure with its unit; a figure typed with another unit ("750 psi") is converted. */
export declare function QuantityField({
  value,
  quantity,
  label,
  unreadable,
  error,
  onValue,
  onUnreadable,
  placeholder,
  align,
}: Props): import("react").JSX.Element;
//# sourceMappingURL=quantity-field.d.ts.map
