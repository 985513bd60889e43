import type { ReactNode } from "react";

/** A label and its field; the fault is right below. */
export function FieldRow({
  label,
  fault,
  path,
  children,
}: {
  label: string;
  fault?: string | undefined;
  /** Unit of the field here. */
  path?: string;
  children: ReactNode;
}) {
  return (
    <div className="grid grid-cols-[92px_minmax(0,1fr)] items-baseline" data-field={path}>
      <span className="text-dim">{label}</span>
      {children}
      {fault && (
        <p role="alert" className="col-span-2 pb-1 text-[12px] text-fails">
          {fault}
        </p>
      )}
    </div>
  );
}
