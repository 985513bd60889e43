import type { CatalogueVersion } from "@proven-seat/contract";
import { useMemo, useState } from "react";
import { useCatalogueRevision, useCatalogueVersions } from "../../app/queries.ts";
import { day } from "../../parts/dates.ts";
import { useAnswerTo } from "../../parts/use-answer-to.ts";
import type { CatalogueWork } from "../../workers/catalogue-work.ts";
import { Changes } from "./changes.tsx";

/** Every revision of the shelf, and the differences of an earlier one from the present. */
export function Revisions({
  current,
  work,
}: {
  current: CatalogueVersion;
  work: () => CatalogueWork["api"];
}) {
  const versions = useCatalogueVersions();
  const [open, setOpen] = useState<number | null>(null);
  const earlier = useCatalogueRevision(open);
  const was = earlier.data?.catalogue;
  const comparing = useAnswerTo(
    useMemo(() => (was ? async () => work().difference(was, current.catalogue) : null), [was, work, current]),
  );
  const failure = earlier.error ?? comparing.failure;
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
                {failure && <p className="text-fails">{failure.message}</p>}
                {comparing.answer && <Changes changes={comparing.answer} />}
                {!comparing.answer && !failure && <p className="text-dim">Comparing …</p>}
              </div>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
