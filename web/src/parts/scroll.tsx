import type { ReactNode } from "react";

/** A region that scrolls, also by keyboard where it has no focusable element. */
export function Scroll({
  label,
  busy,
  className = "",
  children,
}: {
  label: string;
  busy?: boolean;
  className?: string;
  children: ReactNode;
}) {
  return (
    <section aria-label={label} aria-busy={busy} tabIndex={0} className={`overflow-auto ${className}`}>
      {children}
    </section>
  );
}
