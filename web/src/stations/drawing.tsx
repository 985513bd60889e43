import type { ReactNode } from "react";

/** A picture with its heading and key, taking its share of the centre. */
export function Drawing({
  name,
  says,
  legend,
  low,
  children,
}: {
  name: string;
  says?: string;
  legend?: ReactNode;
  /** The space below is needed when no candidate is suitable. */
  low: boolean;
  children: ReactNode;
}) {
  return (
    <section
      aria-label={name}
      className={`flex min-h-56 shrink-0 flex-col px-4 pt-3 ${low ? "h-[40%]" : "h-[52%]"}`}
    >
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="whitespace-nowrap">{name}</h2>
        <span className="truncate text-dim" title={says}>
          {says}
        </span>
      </div>
      {legend}
      <div className="min-h-0 flex-1">{children}</div>
    </section>
  );
}
