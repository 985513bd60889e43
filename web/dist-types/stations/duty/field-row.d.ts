import type { ReactNode } from "react";
/** A label and its field; what is wrong stands right below. */
export declare function FieldRow({
  label,
  fault,
  children,
}: {
  label: string;
  fault?: string | undefined;
  children: ReactNode;
}): import("react").JSX.Element;
//# sourceMappingURL=field-row.d.ts.map
