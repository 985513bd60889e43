import type { CatalogueChange } from "@proven-seat/core/equipment/catalogue";
import { useState } from "react";

const shownValues = 40;
const text = (value: unknown) =>
  value === null || value === undefined
    ? "–"
    : typeof value === "object"
      ? JSON.stringify(value).slice(0, 60)
      : String(value);

/** Differences of two revisions, line by line. */
export function Changes({ changes }: { changes: readonly CatalogueChange[] }) {
  const [open, setOpen] = useState<string | null>(null);
  if (changes.length === 0) return <p className="text-dim">No product line and no actuator differs.</p>;
  return (
    <ul>
      {changes.map((c) => (
        <li key={`${c.of} ${c.id}`} className="border-b border-rule/60 py-[3px]">
          <button
            type="button"
            className="grid w-full grid-cols-[5rem_minmax(0,1fr)_auto] gap-x-2 text-left"
            aria-expanded={open === c.id}
            disabled={c.values.length === 0}
            onClick={() => setOpen(open === c.id ? null : c.id)}
          >
            <span className={c.kind === "removed" ? "text-fails" : c.kind === "added" ? "text-holds" : ""}>
              {c.kind}
            </span>
            <span className="truncate">
              {c.maker} {c.name} <span className="text-dim">{c.of === "drives" ? "drives" : ""}</span>
            </span>
            {c.values.length > 0 && (
              <span className="text-[12px] text-dim">
                {c.values.length} {c.values.length === 1 ? "value" : "values"}
              </span>
            )}
          </button>
          {open === c.id && (
            <dl className="mt-1 grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 pl-4 text-[12px]">
              {c.values.slice(0, shownValues).map((v) => (
                <div key={v.place} className="contents">
                  <dt className="text-dim">{v.place}</dt>
                  <dd className="figures">
                    {text(v.was)} → {text(v.now)}
                  </dd>
                </div>
              ))}
              {c.values.length > shownValues && (
                <dt className="text-dim">and {c.values.length - shownValues} more</dt>
              )}
            </dl>
          )}
        </li>
      ))}
    </ul>
  );
}
