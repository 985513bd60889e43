import type { ReactNode } from "react";

/** An empty, loading or failed place, with what to do. */
export function Notice({ title, children, act }: { title: string; children?: ReactNode; act?: ReactNode }) {
  return (
    <div className="m-auto max-w-md p-8 text-center" role="status">
      <h2 className="text-[15px]">{title}</h2>
      {children && <p className="mt-1 text-dim">{children}</p>}
      {act && <div className="mt-4 flex justify-center gap-2">{act}</div>}
    </div>
  );
}
