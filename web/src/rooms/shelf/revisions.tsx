import type { CatalogueVersion } from "@proven-seat/contract";
import type { CatalogueChange } from "@proven-seat/core/equipment/catalogue";
import { useEffect, useState } from "react";
import { useCatalogueRevision, useCatalogueVersions } from "../../app/queries.ts";
import { day } from "../../parts/dates.ts";
import { catalogueWork } from "./catalogue-work.ts";
import { Changes } from "./changes.tsx";

/** Every revision that stood on the shelf, and how an earlier one differs from the one there now. */
export function Revisions({ current }: { current: CatalogueVersion }) {
  const versions = useCatalogueVersions();
  const [open, setOpen] = useState<number | null>(null);
  const earlier = useCatalogueRevision(open);
  const [changes, setChanges] = useState<readonly CatalogueChange[] | null>(null);
  useEffect(() => {
    let here = true;
    setChanges(null);
    if (earlier.data)
      void catalogueWork()
        .difference(earlier.data.catalogue, current.catalogue)
        .then((found) => here && setChanges(found));
    return () => {
      here = false;
    };
  }, [earlier.data, current]);
  return (
    <section aria-label="Revisions">
      <h2 className="mb-1">Revisions</h2>
      {versions.error && <p className="text-fails">{versions.error.message}</p>}
      <ol>
        {(versions.data ?? []).map((v) => (
          <li key={v.revision} className="border-b border-rule/60 py-1">
            <button
              type="button"
              className="grid w-full grid-cols-[2rem_minmax(0,1fr)_auto] text-left"
              aria-expanded={open === v.revision}
              disabled={v.revision === current.revision}
              onClick={() => setOpen(open === v.revision ? null : v.revision)}
            >
              <span className="figures">r{v.revision}</span>
              <span className="truncate" title={`${v.name}, ${v.status}. ${v.reason}`}>
                {v.reason || v.name}
              </span>
              <span className="text-[12px] text-dim">
                {v.revision === current.revision ? "on the shelf" : day(v.createdAt)}
              </span>
            </button>
            {open === v.revision && (
              <div className="mt-1 pl-8">
                <p className="text-[12px] text-dim">since then, by {v.createdBy}:</p>
                {earlier.error && <p className="text-fails">{earlier.error.message}</p>}
                {changes === null && !earlier.error ? (
                  <p className="text-dim">Comparing …</p>
                ) : (
                  <Changes changes={changes ?? []} />
                )}
              </div>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
